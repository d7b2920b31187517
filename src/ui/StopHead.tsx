import { View } from 'react-native';
import type { StopId } from '@core/judge';
import type { Worth } from '@core/planner';
import { midSentence } from '@core/units/format';
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
}

/** Two lines of small text are kept for what is worth finding out: nothing moves when it comes. */
const KEPT = 40;

/** A stop begins with its answer, and with what of it could still change the plan. */
export function StopHead({ stop, title, answer, testID, worth }: Props) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="title">{title}</Words>
      <Words tone="quiet" testID={testID} metric>
        {answer}
      </Words>
      {worth !== undefined && (
        <View style={{ minHeight: KEPT, justifyContent: 'center' }}>
          <WorthHere worth={worth?.filter((one) => one.stop === stop && one.grade > 0) ?? null} />
        </View>
      )}
    </View>
  );
}

function WorthHere({ worth }: { worth: readonly Worth[] | null }) {
  const [first, ...more] = worth ?? [];
  const names = [first, ...more].flatMap((one) => (one ? [midSentence(one.name)] : []));
  return (
    <Words as="small" tone={first ? 'ink' : 'quiet'} testID="worth-here" most={2}>
      {worth === null
        ? ' '
        : first
          ? `Could change this plan: ${names.join(', ')}. ${first.changes[0] ?? ''}`
          : 'Nothing that is left open here would change this plan.'}
    </Words>
  );
}
