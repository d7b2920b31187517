import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { OrderJudged } from '@core/order/judgeOrder';
import { asKept } from '@core/order/segments';
import { orderInWords, orderName, type OrderPlan } from '@core/plan/order/orderPlan';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { JobField } from '@/ui/JobField';
import { useOrderSearch } from './useOrderSearch';

const SPEEDS_ms = { slow: 1200, quick: 450 } as const;

/** Segments in their order: the named ones side by side, a better one looked for, and the one taken played through. */
export function Sequence({
  open,
  plan,
  done,
  onDone,
}: {
  open: OpenJob;
  plan: OrderPlan;
  done: number | null;
  onDone: (done: number | null) => void;
}) {
  const { set } = open;
  const say = inWords(open.system);
  const search = useOrderSearch();
  const { segments } = plan.question.heat;
  const each = segments[0] ? segments[0].to_mm - segments[0].from_mm : 0;
  return (
    <Card testID="sequence">
      <Words as="head">{`${segments.length} ${segments.length === 1 ? 'segment' : 'segments'} of ${say.size(Math.round(each))}`}</Words>
      <JobField
        open={open}
        path="order.segment_mm"
        title="Segment"
        proposed="blank: as far as one rod goes"
      />
      {segments.length > 1 && (
        <>
          <Pick
            label="Order"
            testID="pattern"
            stacked
            options={[...(plan.taken.id === 'own' ? [plan.taken] : []), ...plan.named].map(
              ({ id, judged }) => ({ id, name: orderName(id), note: inFigures(judged, say) }),
            )}
            value={plan.by === 'you' ? plan.taken.id : null}
            proposed={plan.by === 'app' ? plan.taken.id : null}
            onPick={(id) => set('order.pattern', id === 'own' ? null : id, 'Order')}
          />
          {plan.outgrown !== null && (
            <Words testID="outgrown" tone="quiet">
              {`The order you took was for ${plan.outgrown} segments and is not gone by now that there are ${segments.length}. Look for one again, or pick one above.`}
            </Words>
          )}
          <Words testID="sequence-says">
            {`${orderName(plan.taken.id)}, counted from the left: ${orderInWords(plan.taken.judged.order)}.`}
          </Words>
          <Player count={segments.length} done={done} onDone={onDone} />
          <Search
            search={search}
            plan={plan}
            say={say}
            onTake={(order) => set('order.pattern', asKept(order), 'Order found')}
          />
        </>
      )}
      <Words as="label" tone="quiet">
        Temperatures 10 mm beside each start, first pass, by heat spreading in the piece as typed at Heat. For
        comparing orders.
      </Words>
    </Card>
  );
}

const inFigures = (judged: OrderJudged, say: ReturnType<typeof inWords>): string =>
  `hottest start ${say.temperature(judged.hottest_C)}, ${say.degrees(judged.spread_K)} apart; ${judged.bareStarts} bare ${judged.bareStarts === 1 ? 'start' : 'starts'}${judged.blow > 1 ? '; the arc is lost on it' : ''}`;

/** Steps through the order, by thumb or by itself. */
function Player({
  count,
  done,
  onDone,
}: {
  count: number;
  done: number | null;
  onDone: (done: number | null) => void;
}) {
  const [speed, setSpeed] = useState<keyof typeof SPEEDS_ms | null>(null);
  const at = done ?? count;
  useEffect(() => {
    if (speed === null) return;
    const timer = setInterval(() => onDone(at >= count ? 0 : at + 1), SPEEDS_ms[speed]);
    return () => clearInterval(timer);
  }, [speed, at, count, onDone]);
  return (
    <View style={{ gap: SPACE.s }}>
      <FieldRow>
        <Act grow title="Before" testID="step-before" disabled={at <= 0} onPress={() => onDone(at - 1)} />
        <Act grow title="After" testID="step-after" onPress={() => onDone(at >= count ? 1 : at + 1)} />
        <Act
          grow
          title={speed === null ? 'Play' : speed === 'slow' ? 'Quicker' : 'Stop'}
          testID="play"
          onPress={() => setSpeed(speed === null ? 'slow' : speed === 'slow' ? 'quick' : null)}
        />
      </FieldRow>
      <Words as="small" testID="step-says" live>
        {`${at} of ${count} laid`}
      </Words>
    </View>
  );
}

function Search({
  search,
  plan,
  say,
  onTake,
}: {
  search: ReturnType<typeof useOrderSearch>;
  plan: OrderPlan;
  say: ReturnType<typeof inWords>;
  onTake: (order: OrderJudged['order']) => void;
}) {
  const { state, found, start, stop } = search;
  // What was found before the segments were changed is of no use now.
  const fits = found?.best.order.length === plan.question.heat.segments.length;
  const better = found ? plan.taken.judged.score - found.best.score : 0;
  return (
    <View style={{ gap: SPACE.s }} testID="order-search">
      {state === 'running' ? (
        <>
          <Words live testID="search-says">{`Looking: ${found?.done ?? 0} of ${found?.of ?? '?'}`}</Words>
          <Act title="Call it off" testID="search-stop" onPress={stop} />
        </>
      ) : (
        <Act title="Look for a better order" testID="search-start" onPress={() => start(plan.question)} />
      )}
      {!found && state === 'stopped' && <Words testID="search-found">Called off before any was found.</Words>}
      {found && fits && state !== 'running' && (
        <Words testID="search-found" live>
          {`${state === 'stopped' ? 'Called off; best so far' : found.proven ? 'Every order tried; best' : 'Best found'}: ${orderInWords(found.best.order)}; ${inFigures(found.best, say)}. ${better > 0.5 ? 'Better than the one taken.' : 'No better than the one taken.'}`}
        </Words>
      )}
      {found && fits && better > 0.5 && state !== 'running' && (
        <Act title="Go by this order" testID="take-order" onPress={() => onTake(found.best.order)} />
      )}
      {state === 'failed' && <Words tone="danger">It could not be worked out. Try again.</Words>}
    </View>
  );
}
