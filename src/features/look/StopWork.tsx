import { midSentence, sentence } from '../../core/units/format';
import { useState } from 'react';
import { View } from 'react-native';
import { STOP_WORK_GROUP_IDS, stopWorkGroup, type StopWorkGroupId } from '@core/data/stopWork';
import type { JobEdit } from '@core/formats/paths';
import type { StopWorkAnswer } from '@core/formats/job';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** What is told of them while they are shut, where all are answered and none of them stops it. */
const ANSWERED = 'All answered, nothing stops it. What was promised stands on the sheet to be ticked.';

/** The stop-work questions: a group to a breath, so that an ordinary repair is one press a group and nothing is skipped. */
export function StopWork({ open }: { open: OpenJob }) {
  const goAhead = open.assessment.rooms.find(({ id }) => id === 'go-ahead');
  return (
    <Fold
      id="stop-work"
      title="May it be welded at all?"
      says={goAhead?.state === 'roomy' ? ANSWERED : `${sentence(goAhead?.gap ?? '')}.`}
      open={goAhead?.state !== 'roomy'}
    >
      {STOP_WORK_GROUP_IDS.map((id) => (
        <Group key={id} id={id} open={open} />
      ))}
    </Fold>
  );
}

function Group({ id, open }: { id: StopWorkGroupId; open: OpenJob }) {
  const group = stopWorkGroup(id);
  const asked = Object.entries(group.questions);
  const answers = open.job.look.stopWork;
  const [opened, setOpened] = useState(false);
  const answer = (edits: JobEdit[]) => open.edit(edits, `Stop work: ${midSentence(group.title)}`);
  const pathOf = (question: string) => `look.stopWork.${question}` as const;
  const all = (value: StopWorkAnswer | undefined) =>
    answer(asked.map(([question]) => ({ path: pathOf(question), value })));
  const conditions = asked.every(([, question]) => question.kind === 'condition');
  const given = asked.map(([question]) => (Object.hasOwn(answers, question) ? answers[question] : undefined));

  if (conditions) {
    return (
      <>
        {asked.map(([question, { ask, instead }]) => (
          <Card
            key={question}
            tone={answers[question] === 'cannot-meet' ? 'danger' : 'plain'}
            testID={`ask-${question}`}
          >
            <Pick
              label={sentence(ask)}
              testID={`answer-${question}`}
              options={[
                { id: 'will-meet', name: 'Will be so' },
                { id: 'cannot-meet', name: 'Cannot be' },
              ]}
              value={
                answers[question] === 'will-meet' || answers[question] === 'cannot-meet'
                  ? answers[question]
                  : null
              }
              onPick={(picked: 'will-meet' | 'cannot-meet' | null) =>
                answer([{ path: pathOf(question), value: picked ?? undefined }])
              }
            />
            {answers[question] === 'cannot-meet' && <Words tone="danger">{`Stop. ${instead}`}</Words>}
          </Card>
        ))}
      </>
    );
  }

  const none = given.every((value) => value === 'no');
  const some = given.some((value) => value === 'yes' || value === 'prepared');
  const showItems = opened || some;
  return (
    <Card tone={some ? 'danger' : 'plain'} testID={`ask-${id}`}>
      <Words as="bold">{group.title}</Words>
      <Words as="small" tone="quiet">
        {group.breath}
      </Words>
      <View style={{ flexDirection: 'row', gap: SPACE.s }}>
        <Act
          grow
          kind={none ? 'main' : 'plain'}
          title={none ? 'None of these ✓' : 'None of these'}
          testID={`none-${id}`}
          onPress={() => {
            setOpened(false);
            all(none ? undefined : 'no');
          }}
        />
        <Act
          grow
          title="Yes, it is…"
          kind={some ? 'danger' : 'plain'}
          testID={`some-${id}`}
          onPress={() => setOpened(!showItems)}
        />
      </View>
      {showItems &&
        asked.map(([question, row]) => (
          <View key={question} style={{ gap: SPACE.xs }}>
            <Pick
              label={sentence(row.ask)}
              testID={`answer-${question}`}
              stacked={row.middle !== undefined}
              options={[
                { id: 'no', name: 'No' },
                { id: 'yes', name: 'Yes' },
                ...(row.middle ? [{ id: 'prepared', name: row.middle.answer } as const] : []),
              ]}
              value={isGiven(answers[question]) ? answers[question] : null}
              onPick={(picked: 'yes' | 'no' | 'prepared' | null) =>
                answer([{ path: pathOf(question), value: picked ?? undefined }])
              }
            />
            {answers[question] === 'yes' && (
              <Words tone="danger">
                {row.kind === 'refuse'
                  ? `Stop. ${row.because} ${row.instead} Decides: ${row.decides}.${row.safe === undefined ? '' : ` Until then: ${row.safe}`}`
                  : row.because}
              </Words>
            )}
            {answers[question] === 'prepared' && row.middle && (
              <Words testID={`middle-${question}`}>
                {row.middle.kind === 'hold'
                  ? `Hold point: ${row.middle.because}`
                  : `Technique only, never released by this app: ${row.middle.because} Decides: ${row.decides}.`}
              </Words>
            )}
          </View>
        ))}
    </Card>
  );
}

const isGiven = (answer: StopWorkAnswer | undefined): answer is 'yes' | 'no' | 'prepared' =>
  answer === 'yes' || answer === 'no' || answer === 'prepared';
