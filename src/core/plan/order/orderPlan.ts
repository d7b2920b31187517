import { MOST_SEGMENTS, PATTERNS, type PatternId } from '../../data/orderIds';
import { ROD_CHANGE_s } from '../../data/limits';
import { idsOf } from '../../data/words';
import { blown } from '../../field/sweep';
import { arcHeat_W } from '../../heat/arcEnergy';
import { heatTable, type HeatTableQuestion } from '../../order/heatBetween';
import { judgeOrder, type BlowOf, type OrderJudged } from '../../order/judgeOrder';
import { fromKept, patternOf, segmentsOf, type Laid } from '../../order/segments';
import type { Situation } from '../situation';

/** Everything a search for an order is asked with; plain data, so that it can be handed to a worker. */
export interface OrderQuestion {
  heat: HeatTableQuestion;
  travel: 1 | -1;
  /** Worst field over its limit by segment: run to the left, and to the right. */
  blow: readonly (readonly [left: number, right: number])[];
}

/** The field's share of a segment run one way. */
export const blowOfQuestion =
  ({ blow }: OrderQuestion): BlowOf =>
  (index, travel) =>
    blow[index]?.[travel === 1 ? 1 : 0] ?? 0;

/** What the first pass of a job asks of its order; null while nothing is laid out. */
export function orderQuestion({ beads, heat, job, length_mm, blow }: Situation): OrderQuestion | null {
  const pass = beads?.passes[0];
  if (!pass) return null;
  const asked = job.order.segment_mm ?? pass.beadPerRod_mm;
  const longest = Math.max(asked, length_mm / MOST_SEGMENTS);
  const segments = segmentsOf(length_mm, longest);
  const each_mm = length_mm / segments.length;
  const arc_s = each_mm / pass.travel_mm_s;
  return {
    heat: {
      piece: heat.piece,
      segments,
      start_C: heat.start_C,
      energy_J: arcHeat_W(pass.rod.current_A) * arc_s,
      arc_s,
      between_s: ROD_CHANGE_s + (job.rod.rest_s ?? 0),
    },
    travel: blow?.first ?? 1,
    blow: segments.map(({ from_mm, to_mm }) => {
      const here = blow?.places.filter(({ along_mm }) => along_mm >= from_mm && along_mm <= to_mm) ?? [];
      const worst = (travel: 1 | -1) =>
        blow ? Math.max(0, ...here.map((place) => blown(place, travel, blow.hold).share)) : 0;
      return [worst(-1), worst(1)] as const;
    }),
  };
}

/** A named order with what it comes to. */
export interface NamedOrder {
  id: PatternId;
  judged: OrderJudged;
}

/** The orders of a job side by side, best first, and the one it goes by. */
export interface OrderPlan {
  question: OrderQuestion;
  named: readonly NamedOrder[];
  taken: NamedOrder | { id: 'own'; judged: OrderJudged };
  by: 'you' | 'app';
  /** Segments that the welder's own order was for, where it no longer fits. */
  outgrown: number | null;
}

/** Answers "in what order?" with the named patterns; the search for a better one is run beside the page. */
export function orderPlan(situation: Situation): OrderPlan | null {
  const question = orderQuestion(situation);
  if (!question) return null;
  const heat = heatTable(question.heat);
  const named = idsOf(PATTERNS)
    .map((id): NamedOrder => ({
      id,
      judged: judgeOrder(patternOf(id, heat.count, question.travel), heat, blowOfQuestion(question)),
    }))
    .sort((a, b) => a.judged.score - b.judged.score);
  const { pattern } = situation.job.order;
  const own = Array.isArray(pattern) ? fromKept(pattern, heat.count) : null;
  const asked = own
    ? { id: 'own' as const, judged: judgeOrder(own, heat, blowOfQuestion(question)) }
    : named.find(({ id }) => id === pattern);
  const taken = asked ?? named[0];
  if (!taken) return null;
  const outgrown = Array.isArray(pattern) && !own ? pattern.length : null;
  return { question, named, taken, by: asked ? 'you' : 'app', outgrown };
}

/** What an order is called. */
export const orderName = (id: OrderPlan['taken']['id']): string =>
  id === 'own' ? 'The order found' : PATTERNS[id];

/** An order as it is said: "3, 1, 2, each to the right", or "3→, 1←, 2←" where the runs go both ways. */
export function orderInWords(order: readonly Laid[]): string {
  const [first] = order;
  const oneWay = order.every(({ travel }) => travel === first?.travel);
  const said = order.map(({ index, travel }) => `${index + 1}${oneWay ? '' : travel === 1 ? '→' : '←'}`);
  return oneWay && first
    ? `${said.join(', ')}, each run to the ${first.travel === 1 ? 'right' : 'left'}`
    : said.join(', ');
}
