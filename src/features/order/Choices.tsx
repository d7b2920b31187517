import { View } from 'react-native';
import { GOALS } from '@core/data/orderGoals';
import { orderInWords, type OrderJudged, type OrderPlan } from '@core/order';
import { asKept } from '@core/joint';
import type { PieceKind } from '@core/data/orderIds';
import type { inWords } from '@core/units/format';
import { Act } from '@/ui/Act';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { useOrderSearch } from './useOrderSearch';
import { pieceTraits } from '@core/data/pieces';

interface Props {
  plan: OrderPlan;
  kind: PieceKind;
  say: ReturnType<typeof inWords>;
  onTake: (order: OrderJudged['order']) => void;
}

/** The best order for each thing that may be wanted of one, looked for beside the page: few, with names, to be taken as they are. */
export function Choices({ plan, kind, say, onTake }: Props) {
  const { state, found, start, stop } = useOrderSearch();
  const count = plan.question.heat.segments.length;
  // What was found before the segments were changed is of no use now.
  const choices = (found?.choices ?? []).filter(({ judged }) => judged.order.length === count);
  const taken = asKept(plan.taken.judged.order).join();
  return (
    <View style={{ gap: SPACE.s }} testID="order-search">
      {state === 'running' ? (
        <>
          <Words live testID="search-says">
            {`Looking: ${Math.round((100 * (found?.done ?? 0)) / (found?.of ?? 1))} %`}
          </Words>
          <Act title="Call it off" testID="search-stop" onPress={stop} />
        </>
      ) : (
        <Act title="Look for better orders" testID="search-start" onPress={() => start(plan.question)} />
      )}
      {state === 'stopped' && choices.length === 0 && (
        <Words testID="search-found">Called off before any was found.</Words>
      )}
      {choices.length > 0 && state !== 'running' && (
        <Words testID="search-found" live>
          {state === 'stopped'
            ? 'Called off; found so far:'
            : howSure(found?.proven ?? false, found?.gap ?? null)}
        </Words>
      )}
      {state !== 'running' &&
        choices.map(({ goals, judged }) => {
          const own = asKept(judged.order).join() === taken;
          const [first] = goals;
          return (
            <View
              key={goals.join()}
              testID={`choice-${first}`}
              style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'center' }}
            >
              <View style={{ flex: 1 }}>
                <Words as="bold">{goals.map((goal) => GOALS[goal].name).join(' · ')}</Words>
                <Words as="small">{`${orderInWords(judged.order, kind)}; ${inFigures(judged, say, !pieceTraits(kind).cornered)}`}</Words>
              </View>
              {own ? (
                <Words as="small" tone="quiet">
                  taken
                </Words>
              ) : (
                <Act
                  title="Take it"
                  label={`Take the order: ${goals.map((goal) => GOALS[goal].name).join(', ')}`}
                  testID={`take-${first}`}
                  onPress={() => onTake(judged.order)}
                />
              )}
            </View>
          );
        })}
      {state === 'failed' && <Words tone="danger">It could not be worked out. Try again.</Words>}
    </View>
  );
}

/** Whether every order was tried, and if not, how far from the best such a search ends where the best is known. */
function howSure(proven: boolean, gap: number | null): string {
  if (proven) return 'Every order was tried; these are the best:';
  if (gap === null) return 'Best found:';
  return gap < 0.0005
    ? 'Best found. On the first six of these segments, where every order could be tried, this search found the best one.'
    : `Best found. On the first six of these segments, where every order could be tried, this search ended ${(100 * gap).toFixed(1)} % behind the best one.`;
}

/** An order in its figures. */
export const inFigures = (judged: OrderJudged, say: Props['say'], joined: boolean): string =>
  [
    `hottest start ${say.temperature(judged.hottest_C)}`,
    ...(joined ? [`${judged.bareStarts} bare ${judged.bareStarts === 1 ? 'start' : 'starts'}`] : []),
    say.time(judged.time_s),
    `pull ${Math.round(100 * judged.pull)} of 100`,
    ...(judged.holes > 0 ? ['the sheet holes'] : []),
    ...(judged.blow > 1 ? ['the arc is lost on it'] : []),
  ].join(', ');
