import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { PATTERNS, type PatternId } from '@core/data/orderIds';
import type { OrderJudged } from '@core/order/judgeOrder';
import { orderInWords, type OrderPlan } from '@core/plan/order/orderPlan';
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
  const { job, set } = open;
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
            options={plan.named.map(({ id, judged }) => ({
              id,
              name: PATTERNS[id],
              note: inFigures(judged, say),
            }))}
            value={job.order.pattern}
            proposed={plan.by === 'app' ? plan.taken.id : null}
            onPick={(id: PatternId | null) => set('order.pattern', id, 'Order')}
          />
          <Words testID="sequence-says">
            {`${PATTERNS[plan.taken.id]}: ${orderInWords(plan.taken.judged.order)}, counted from the left.`}
          </Words>
          <Player count={segments.length} done={done} onDone={onDone} />
          <Search search={search} plan={plan} say={say} />
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
}: {
  search: ReturnType<typeof useOrderSearch>;
  plan: OrderPlan;
  say: ReturnType<typeof inWords>;
}) {
  const { state, found, start, stop } = search;
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
      {found && state !== 'running' && (
        <Words testID="search-found" live>
          {`${state === 'stopped' ? 'Called off; best so far' : found.proven ? 'Every order tried; best' : 'Best found'}: ${orderInWords(found.best.order)}. ${inFigures(found.best, say)}. ${better > 0.5 ? 'Better than the one taken.' : 'No better than the one taken.'}`}
        </Words>
      )}
      {state === 'failed' && <Words tone="danger">It could not be worked out. Try again.</Words>}
    </View>
  );
}
