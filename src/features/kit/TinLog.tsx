import { useState } from 'react';
import { View } from 'react-native';
import { sourceWords } from '@core/units/sources';
import { TIN_EVENT_IDS, TIN_EVENTS, type TinEventId } from '@core/data/tinEvents';
import type { Tin } from '@core/formats/kit';
import { MOST_TIN_EVENTS } from '@core/formats/limits';
import { tinVerdict, type TinState } from '@core/rods/keeping';
import { parseWhen, sayWhen } from '@core/units/when';
import { useClock } from '@/state/useClock';
import { thisMoment, wallAt } from '@/state/clock';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { FieldRow } from '@/ui/FieldRow';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import type { Change } from './parts';

/** What may be done with the rods, in a word. */
const STATE_WORDS: Record<TinState, string> = {
  'no-clock': 'Keep dry',
  sealed: 'Dry',
  oven: 'Dry',
  dry: 'Dry, clock running',
  over: 'Take for damp',
  unknown: 'Not known',
  scrap: 'Do not use',
};

/** Words that bode ill. */
const BAD: readonly TinState[] = ['over', 'scrap', 'unknown'];

/** What a tin has been through, what that makes of it now, and how to keep it. */
export function TinLog({ tin, change }: { tin: Tin; change: Change }) {
  const now_ms = useClock();
  const wall = wallAt(now_ms);
  const verdict = tinVerdict(tin, now_ms);
  const [typed, setTyped] = useState('');
  const read = typed.trim() === '' ? null : parseWhen(typed, wall);
  const wrong =
    tin.events.length >= MOST_TIN_EVENTS
      ? `${MOST_TIN_EVENTS} entries are the most a tin holds. Take out old ones below.`
      : whenProblem(read, now_ms);
  const happened = (kind: TinEventId) => {
    if (wrong !== '' || tin.events.length >= MOST_TIN_EVENTS) return;
    const at_ms = read?.ok ? read.value : thisMoment();
    change([{ path: 'events', value: [...tin.events, { at: new Date(at_ms).toISOString(), kind }] }]);
    setTyped('');
  };
  const told = tin.events
    .map((event, index) => ({ ...event, index }))
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">Kept dry?</Words>
      <Card testID="tin-verdict" tone={BAD.includes(verdict.state) ? 'danger' : 'plain'}>
        <Words as="bold">{STATE_WORDS[verdict.state]}</Words>
        <Words metric>{verdict.words}</Words>
        <Words metric>{verdict.act}</Words>
        {verdict.limit_h !== null && (
          <Words as="label" tone="quiet">
            {`${verdict.limit_h} h out of oven or sealed tin at most. ${sourceWords(verdict.source)}. The packet decides.`}
          </Words>
        )}
      </Card>
      <Words as="label" tone="quiet">
        What happened, and when
      </Words>
      <Entry
        label="When it happened"
        testID="tin-when"
        value={typed}
        onChange={setTyped}
        placeholder="7:30, yesterday 16:00; blank: now"
        invalid={wrong !== ''}
      />
      {wrong !== '' && (
        <Words as="label" tone="danger" testID="tin-when-says">
          {wrong}
        </Words>
      )}
      <FieldRow>
        {TIN_EVENT_IDS.map((kind) => (
          <View key={kind} style={{ flexGrow: 1, flexBasis: 150 }}>
            <Act
              title={TIN_EVENTS[kind].name}
              label={`${TIN_EVENTS[kind].name}. ${TIN_EVENTS[kind].words}`}
              testID={`tin-${kind}`}
              onPress={() => happened(kind)}
            />
          </View>
        ))}
      </FieldRow>
      {told.length > 0 && (
        <Card testID="tin-events">
          {told.map(({ at, kind, index }) => (
            <View key={`${at} ${index}`} style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
              <Words
                style={{ flex: 1 }}
              >{`${TIN_EVENTS[kind].name}, ${sayWhen(Date.parse(at), wall)}`}</Words>
              <Act
                title="Take out"
                label={`Take out: ${TIN_EVENTS[kind].name}, ${sayWhen(Date.parse(at), wall)}`}
                testID={`tin-undo-${index}`}
                onPress={() => change([{ path: 'events', value: tin.events.filter((_, n) => n !== index) }])}
              />
            </View>
          ))}
        </Card>
      )}
    </View>
  );
}

/** What is wrong with a time typed for something that happened; empty where it may stand. */
function whenProblem(read: ReturnType<typeof parseWhen> | null, now_ms: number): string {
  if (read === null) return '';
  if (!read.ok) return read.message;
  return read.value > now_ms ? 'That is still to come. Type when it happened.' : '';
}
