import { jointTraits } from '@core/data/joints';
import { GOALS_SOURCE } from '@core/data/orderGoals';
import { sourceWords } from '@core/units/sources';
import { asKept } from '@core/joint';
import { countedFrom, orderInWords, orderName, type OrderPlan } from '@core/order';
import { pieceKindOf } from '@core/field';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openField } from '@/ui/goTo';
import { JobField } from '@/ui/JobField';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { Choices, inFigures } from './Choices';
import { Player } from './Player';
import { Starts } from './Starts';
import { pieceTraits } from '@core/data/pieces';

interface Props {
  open: OpenJob;
  plan: OrderPlan;
  done: number | null;
  onDone: (done: number | null) => void;
}

/** Segments in their order: the named ones side by side, better ones looked for, and the one taken played through. */
export function Sequence({ open, plan, done, onDone }: Props) {
  const { set, job } = open;
  const say = inWords(open.system);
  const kind = pieceKindOf(job);
  const { segments } = plan.question.heat;
  const frame = pieceTraits(kind).cornered;
  const each = segments[0] ? segments[0].to_mm - segments[0].from_mm : 0;
  const count = segments.length;
  const what = frame ? 'corners' : count === 1 ? 'segment' : 'segments';
  return (
    <Card testID="sequence">
      <Words as="head">{frame ? '4 corners' : `${count} ${what} of ${say.size(Math.round(each))}`}</Words>
      {!frame && (
        <JobField
          open={open}
          path="order.segment_mm"
          title="Segment"
          proposed="blank: as far as one rod goes"
        />
      )}
      {count > 1 && (
        <>
          <Pick
            label="Order"
            testID="pattern"
            stacked
            options={[...(plan.taken.id === 'own' ? [plan.taken] : []), ...plan.named].map(
              ({ id, judged }) => ({ id, name: orderName(id, kind), note: inFigures(judged, say, !frame) }),
            )}
            value={plan.by === 'you' ? plan.taken.id : null}
            proposed={plan.by === 'app' ? plan.taken.id : null}
            onPick={(id) => set('order.pattern', id === 'own' ? null : id, 'Order')}
          />
          {plan.outgrown !== null && (
            <Words testID="outgrown" tone="quiet">
              {`The order you took was for ${plan.outgrown} segments and is not gone by now that there are ${count}. Look for one again, or pick one above.`}
            </Words>
          )}
          <Words testID="sequence-says">
            {`${orderName(plan.taken.id, kind)}, ${countedFrom(kind)}: ${orderInWords(plan.taken.judged.order, kind)}.`}
          </Words>
          <Starts plan={plan} done={done ?? count} system={open.system} />
          <Player count={count} done={done} onDone={onDone} />
          <Act title="See the piece heat in this order" testID="to-field" onPress={() => openField(job.id)} />
          {jointTraits(job.joint.kind)?.run !== 'sides' && (
            <Choices
              plan={plan}
              kind={kind}
              say={say}
              onTake={(order) => set('order.pattern', asKept(order), 'Order found')}
            />
          )}
        </>
      )}
      <Words as="label" tone="quiet" metric>
        {`Temperatures 10 mm beside each start, first pass, by heat spreading in the piece; pull: 0 laid evenly about the middle, 100 all from one end. For comparing orders. What counts how much: ${sourceWords(GOALS_SOURCE)}.`}
      </Words>
    </Card>
  );
}
