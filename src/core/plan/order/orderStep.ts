import { ARCS, LEADS, TRAVELS } from '../../data/orderIds';
import { inWords, trimmed } from '../../units/format';
import { step, type Step } from '../step';
import type { Situation } from '../situation';
import { orderInWords, orderName, orderPlan } from './orderPlan';

/** Where the clamp goes, which way, and in what order: on the sheet before the machine is set. */
export function orderStep(situation: Situation): Step | null {
  const { blow, job, system, pull } = situation;
  const plan = orderPlan(situation);
  if (!blow || !plan) return null;
  const say = inWords(system);
  const [clamp] = blow.piece.clamps;
  const several = plan.question.heat.segments.length > 1;
  const { judged, id } = plan.taken;
  return step('Clamp and order', {
    settings: [
      { label: 'Way', value: TRAVELS[blow.travel].toLowerCase() },
      ...(several
        ? [
            { label: 'Order', value: orderName(id).toLowerCase() },
            {
              label: 'Segments',
              value: `${plan.question.heat.segments.length} of ${say.size(Math.round(job.order.segment_mm ?? plan.question.heat.segments[0]?.to_mm ?? 0))}`,
            },
          ]
        : []),
      ...(job.order.arc === null ? [] : [{ label: 'Arc', value: ARCS[job.order.arc].name.toLowerCase() }]),
      ...(job.order.lead === null
        ? []
        : [{ label: 'Work lead', value: LEADS[job.order.lead].toLowerCase() }]),
    ],
    actions: [
      clamp && !blow.clampAssumed
        ? `Clamp ${say.size(Math.round(clamp.x))} from the left end, ${say.size(Math.round(Math.abs(clamp.y - blow.seam.from.y)))} from the seam, on clean metal of the piece itself.`
        : 'Clamp near the beginning of the weld, on clean metal of the piece itself, not right at the weld.',
      ...(several
        ? [
            `Segments counted from the left: ${orderInWords(judged.order)}. ${judged.bareStarts <= 1 ? 'Each run ends on the start before it.' : `${judged.bareStarts} starts stay bare: grind them.`} Hottest start about ${say.temperature(judged.hottest_C)}.`,
          ]
        : []),
      ...(blow.piece.tabs ? ['Run-off tabs at both ends, cut off afterwards.'] : []),
      ...(pull.angular_mm
        ? [
            `It lifts about ${trimmed(pull.angular_mm.low, 1)} to ${trimmed(pull.angular_mm.high, 1)} mm at the flange’s edge: set it that much the other way, or clamp it down until it is cold.`,
          ]
        : []),
      ...(pull.transverse_mm
        ? [
            `It pulls in about ${trimmed(pull.transverse_mm.low, 1)} to ${trimmed(pull.transverse_mm.high, 1)} mm: leave that much.`,
          ]
        : []),
    ],
  });
}
