import { jointTraits } from '../data/joints';
import { FRAME_PATTERNS, PATTERNS, type PatternId, type PieceKind } from '../data/orderIds';
import { type JointKind } from '../data/joints';
import { idsOf } from '../data/words';
import { judgeOrder, type OrderJudged } from './judgeOrder';
import { fromKept, patternOf, type Laid } from '../joint/segments';
import { orderQuestion, termsOf, type OrderContext, type OrderQuestion } from './orderQuestion';
import { pieceTraits } from '../data/pieces';

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

/** Round a square tube a pattern goes by its sides: straight on, or back-stepped; on a frame from corner to corner. */
const patternFits = (id: PatternId, joined: boolean, joint: JointKind | null): boolean =>
  jointTraits(joint)?.run === 'sides'
    ? id === 'straight' || id === 'backstep'
    : joined || id in FRAME_PATTERNS;

/** Answers "in what order?" with the named patterns; the search for a better one is run beside the page. */
export function resolveOrder(context: OrderContext): OrderPlan | null {
  const question = orderQuestion(context);
  if (!question) return null;
  const terms = termsOf(question);
  const { count } = terms.heat;
  const named = idsOf(PATTERNS)
    .filter((id) => patternFits(id, question.joined, context.job.joint.kind))
    .map((id): NamedOrder => ({
      id,
      judged: judgeOrder(patternOf(id, count, question.travel), terms),
    }))
    .sort((a, b) => a.judged.score - b.judged.score);
  const { pattern } = context.job.order;
  const own = Array.isArray(pattern) ? fromKept(pattern, count) : null;
  const asked = own
    ? { id: 'own' as const, judged: judgeOrder(own, terms) }
    : named.find(({ id }) => id === pattern);
  // Round a tube and a pipe no order is looked for where nobody says.
  const usual = jointTraits(context.job.joint.kind)?.usualOrder;
  const taken = asked ?? named.find(({ id }) => id === usual) ?? named[0];
  if (!taken) return null;
  const outgrown = Array.isArray(pattern) && !own ? pattern.length : null;
  return { question, named, taken, by: asked ? 'you' : 'app', outgrown };
}

/** What an order is called. */
export const orderName = (id: OrderPlan['taken']['id'], kind: PieceKind = 'plate'): string =>
  id === 'own' ? 'The order found' : (pieceTraits(kind).cornered && FRAME_PATTERNS[id]) || PATTERNS[id];

/** An order as it is said: "3, 1, 2, each to the right", or "3→, 1←, 2←" where the runs go both ways. */
export function orderInWords(order: readonly Laid[], kind: PieceKind = 'plate'): string {
  const [first] = order;
  const oneWay = order.every(({ travel }) => travel === first?.travel);
  const [to, fro] = pieceTraits(kind).cornered ? ['out', 'in'] : ['→', '←'];
  const said = order.map(({ index, travel }) =>
    oneWay
      ? `${index + 1}`
      : `${index + 1}${pieceTraits(kind).cornered ? ' ' : ''}${travel === 1 ? to : fro}`,
  );
  if (!oneWay || !first) return said.join(', ');
  const way = pieceTraits(kind).cornered
    ? `each from the ${first.travel === 1 ? 'inside out' : 'outside in'}`
    : `each run to the ${first.travel === 1 ? 'right' : 'left'}`;
  return `${said.join(', ')}, ${way}`;
}

/** What segments are, and how they are counted. */
export const countedFrom = (kind: PieceKind): string =>
  pieceTraits(kind).cornered
    ? 'corners counted from the lower left, to the right'
    : 'segments counted from the left';
