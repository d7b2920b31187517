import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { LONGEST } from '@core/formats/limits';
import type { JobEdit } from '@core/formats/paths';
import { editsOf, readSentence } from '@core/say';
import { counted } from '@core/units/format';
import { editWithUndo } from '@/state/store';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { openStop } from '@/ui/goTo';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** Say it: what broke in one sentence, typed or dictated; what was understood is shown, corrected and filled in at one press. */
export function SayPage({ open }: { open: OpenJob }) {
  const { job, system } = open;
  const text = job.look.broke;
  const shown = useDeferredValue(text);
  const said = useMemo(() => readSentence(shown, system), [shown, system]);
  const [left, setLeft] = useState<readonly string[]>([]);
  const [answers, setAnswers] = useState<Readonly<Record<string, number>>>({});
  const chips = said.chips.filter(({ id }) => !left.includes(id));
  const answered = said.asks.flatMap(({ id, answers: all }) => {
    const picked = answers[id];
    return picked === undefined ? [] : [...(all[picked]?.edits ?? [])];
  });
  const edits: JobEdit[] = [...editsOf(chips), ...answered];
  const fill = () => {
    const name: JobEdit[] = job.title === '' ? [{ path: 'title', value: titleOf(text) }] : [];
    const typed = edits
      .map(({ path }) => path)
      .filter((path) => path in job.typed)
      .map((path) => ({ path: `typed.${path}`, value: undefined }) as JobEdit);
    editWithUndo(
      job.id,
      [...name, ...edits, ...typed],
      'Said it',
      `Filled in: ${counted(edits.length, 'field')}`,
    );
    openStop(job.id, 'look');
  };
  const toggle = (id: string) =>
    setLeft(left.includes(id) ? left.filter((other) => other !== id) : [...left, id]);
  return (
    <View style={{ gap: SPACE.l }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Say what broke</Words>
        <Words tone="quiet">
          What it is, how thick, how it lies, where, what rods there are. Typed, or by the phone’s own
          dictation.
        </Words>
      </View>
      <Entry
        prose
        label="What broke, in a sentence"
        testID="say-text"
        value={text}
        most={LONGEST.broke}
        placeholder="10 mm bracket torn off, vertical, outside, 3/32 7018"
        onChange={(value) => open.set('look.broke', value, 'What broke')}
      />
      {said.chips.length > 0 && (
        <View style={{ gap: SPACE.s }} testID="say-chips">
          <Words as="head">Understood</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            {said.chips.map(({ id, means, said: from }) => {
              const isOut = left.includes(id);
              return (
                <Act
                  key={id}
                  title={isOut ? `left out: ${means}` : means}
                  label={`${means}, from “${from}”. Press to ${isOut ? 'take it in again' : 'leave it out'}.`}
                  testID={`chip-${id}`}
                  onPress={() => toggle(id)}
                />
              );
            })}
          </View>
          <Words as="label" tone="quiet">
            Press what is wrong to leave it out.
          </Words>
        </View>
      )}
      {said.asks.map(({ id, question, answers: all }) => (
        <View key={id} style={{ gap: SPACE.s }} testID={`ask-${id}`}>
          <Words as="head">{question}</Words>
          {all.map(({ words }, n) => (
            <Act
              key={words}
              align="left"
              kind={answers[id] === n ? 'main' : 'plain'}
              title={words}
              testID={`answer-${id}-${n}`}
              onPress={() => setAnswers({ ...answers, [id]: n })}
            />
          ))}
        </View>
      ))}
      {said.raised.length > 0 && (
        <Card tone="danger" testID="say-raised">
          <Words as="bold">Asked at Look before anything is welded</Words>
          {said.raised.map(({ id, said: from, ask }) => (
            <Words key={id} as="small">{`“${from}”: is it ${ask}?`}</Words>
          ))}
        </Card>
      )}
      {said.unknown.length > 0 && (
        <Words as="small" tone="quiet" testID="say-unknown">
          {`Not understood: ${said.unknown.join(', ')}. The sentence stays with the job as you said it.`}
        </Words>
      )}
      <Act
        kind="main"
        title={edits.length === 0 ? 'Go on without' : `Fill in: ${counted(edits.length, 'field')}`}
        testID="say-fill"
        onPress={edits.length === 0 ? () => openStop(job.id, 'look') : fill}
      />
    </View>
  );
}

/** What a job is called that was said: its first words. */
const titleOf = (text: string): string => {
  const [first = ''] = text.split(/[,.;\n]/);
  return first.trim().slice(0, MOST_TITLE);
};
const MOST_TITLE = 60;
