import { View } from 'react-native';
import type { StopId } from '@core/judge';
import type { Worth } from '@core/planner';
import type { Room } from '@core/plan';
import { midSentence, sentence } from '@core/units/format';
import { SPACE } from './theme/tokens';
import { Words } from './Words';

interface Props {
  stop: StopId;
  title: string;
  /** What this stop comes to. */
  answer: string;
  testID?: string;
  /** What is worth finding out of the whole job; null while it is reckoned, undefined where nothing is told. */
  worth: readonly Worth[] | null | undefined;
  /** All limits: one of this stop that is passed is no matter of finding out. */
  rooms: readonly Room[];
}

/** Lines of small text that are kept for what is worth finding out: nothing moves when it comes. */
const LINES = 3;
const KEPT = 20 * LINES;

/** A stop begins with its answer, and with what of it could still change the plan. */
export function StopHead({ stop, title, answer, testID, worth, rooms }: Props) {
  const shut = rooms.some((room) => room.stop === stop && room.state === 'none');
  const asked = rooms.some((room) => room.stop === stop && room.state === 'unknown');
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="title">{title}</Words>
      <Words tone="quiet" testID={testID} metric>
        {answer}
      </Words>
      {worth !== undefined && (
        <View style={{ minHeight: KEPT, justifyContent: 'center' }}>
          <WorthHere
            worth={worth?.filter((one) => one.stop === stop && one.grade > 0) ?? null}
            shut={shut}
            asked={asked}
          />
        </View>
      )}
    </View>
  );
}

function WorthHere({
  worth,
  shut,
  asked,
}: {
  worth: readonly Worth[] | null;
  shut: boolean;
  /** A limit of this stop waits for an answer. */
  asked: boolean;
}) {
  const [first, ...more] = worth ?? [];
  const names = [first, ...more].flatMap((one) => (one ? [midSentence(one.name)] : []));
  return (
    <Words as="small" tone={first ? 'ink' : 'quiet'} testID="worth-here" most={LINES}>
      {worth === null
        ? ' '
        : first
          ? `Could change this plan: ${names.join(', ')}. ${sentence(first.changes[0] ?? '')}`
          : shut
            ? 'What is shut here is opened by a change, not by an answer: press its limit.'
            : asked
              ? 'Answer what is asked here: till then it is a draft.'
              : 'Nothing that is left open here would change this plan.'}
    </Words>
  );
}
