import { ARCS, FRAME_TRAVELS, LEADS, TRAVELS } from '../data/orderIds';
import { counted, inWords, midSentence, sentence, trimmed } from '../units/format';
import { step, type Step } from '../judge/step';
import type { Situation } from '../judge/situation';
import type { BlowPlan } from '../field/blowPlan';
import { countedFrom, orderInWords, orderName, type OrderPlan } from './orderPlan';
import { pieceTraits } from '../data/pieces';

/** Where the clamp goes, which way, and in what order: on the sheet before the machine is set. */
export function orderStep(situation: Situation): Step | null {
  const { blow, job, system, pull, order: plan } = situation;
  if (!blow || !plan) return null;
  const say = inWords(system);
  const several = plan.question.heat.segments.length > 1;
  const { judged, id } = plan.taken;
  const frame = pieceTraits(blow.piece.kind).cornered;
  return step('Clamp and order', {
    settings: [
      { label: 'Way', value: midSentence((frame ? FRAME_TRAVELS : TRAVELS)[blow.travel]) },
      ...(several
        ? [
            { label: 'Order', value: midSentence(orderName(id, blow.piece.kind)) },
            {
              label: frame ? 'Corners' : 'Segments',
              value: frame
                ? '4'
                : `${plan.question.heat.segments.length} of ${say.size(Math.round(job.order.segment_mm ?? plan.question.heat.segments[0]?.to_mm ?? 0))}`,
            },
          ]
        : []),
      ...(job.order.arc === null ? [] : [{ label: 'Arc', value: midSentence(ARCS[job.order.arc].name) }]),
      ...(job.order.lead === null ? [] : [{ label: 'Work lead', value: midSentence(LEADS[job.order.lead]) }]),
    ],
    actions: [
      clampInWords(blow, say.size),
      ...(frame
        ? [
            'Tack every corner and check both diagonals before the first weld; check them again after every corner.',
          ]
        : []),
      ...(several
        ? [
            `${sentence(countedFrom(blow.piece.kind))}: ${orderInWords(judged.order, blow.piece.kind)}. ${startsInWords(plan)}${frame ? '' : `Hottest start about ${say.temperature(judged.hottest_C)}.`}`,
          ]
        : []),
      ...(frame ? ['Turn it over and go the same way round on the other faces.'] : []),
      ...waitsInWords(plan, say.time),
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

function clampInWords({ piece, seam, clampAssumed }: BlowPlan, size: (mm: number) => string): string {
  const [clamp] = piece.clamps;
  if (!clamp || clampAssumed)
    return pieceTraits(piece.kind).cornered
      ? 'Clamp on clean metal in the middle of the lower tube.'
      : 'Clamp near the beginning of the weld, on clean metal of the piece itself, not right at the weld.';
  const along = size(Math.round(clamp.x));
  if (pieceTraits(piece.kind).cornered)
    return `Clamp ${along} from the left side and ${size(Math.round(clamp.y))} up from the lower one, on clean metal of the tube.`;
  return `Clamp ${along} from the left end, ${size(Math.round(Math.abs(clamp.y - seam.from.y)))} from the seam${clamp.upright ? ' up the upright' : ''}, on clean metal of the piece itself.`;
}

function startsInWords({ taken: { judged }, question: { joined } }: OrderPlan): string {
  if (!joined) return '';
  return judged.bareStarts <= 1
    ? 'Each run ends on the start before it. '
    : `${counted(judged.bareStarts, 'start')} ${judged.bareStarts === 1 ? 'stays' : 'stay'} bare: grind ${judged.bareStarts === 1 ? 'it' : 'them'}. `;
}

function waitsInWords({ taken: { judged } }: OrderPlan, time: (s: number) => string): string[] {
  const waits = judged.waits_s.flatMap((wait, n) => (wait > 0 ? [`${time(wait)} before run ${n + 1}`] : []));
  return waits.length > 0 ? [`Let it cool between runs, by thermometer: about ${waits.join(', ')}.`] : [];
}
