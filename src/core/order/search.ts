import { GOALS, type GoalId } from '../data/orderGoals';
import { PATTERNS, type PatternId } from '../data/orderIds';
import { idsOf } from '../data/words';
import { fixedChance } from '../units/chance';
import { judgeOrder, type OrderJudged, type OrderTerms } from './judgeOrder';
import { patternOf, type Laid } from '../joint/segments';

/** Up to so many segments every order is tried. */
export const EXHAUSTIVE_TO = 6;
/** Scores nearer than this are the same: the order that was there first stays. */
const SAME = 1e-6;
/** Times the search begins afresh, beside once from every named order. */
const RESTARTS = 6;

/** The best order found so far, and how far the search is. */
export interface SearchState {
  best: OrderJudged;
  done: number;
  of: number;
  /** Every order was tried: nothing is better. */
  proven: boolean;
}

/** The named orders, judged. */
export function namedOrders(terms: OrderTerms, travel: 1 | -1, goal: GoalId = 'even') {
  const judged = idsOf(PATTERNS).map((id) => [
    id,
    judgeOrder(patternOf(id, terms.heat.count, travel), terms, GOALS[goal].weights),
  ]);
  return Object.fromEntries(judged) as Record<PatternId, OrderJudged>;
}

/**
 * Looks for the best order: all of them where they are few, else by moving and swapping segments and turning them round, from the named
 * orders and from shuffled ones of a fixed seed. Never worse than a named order.
 * @param goal what is wanted most of it
 * @param exhaustiveTo up to so many segments every order is tried
 */
export function* searchOrder(
  terms: OrderTerms,
  travel: 1 | -1,
  goal: GoalId = 'even',
  exhaustiveTo = EXHAUSTIVE_TO,
): Generator<SearchState> {
  const judge = (order: readonly Laid[]) => judgeOrder(order, terms, GOALS[goal].weights);
  const { count } = terms.heat;
  const named = Object.values(namedOrders(terms, travel, goal));
  let best = named.reduce((a, b) => (b.score < a.score ? b : a));
  if (count <= exhaustiveTo) {
    const all = permutations(count);
    let done = 0;
    for (const indices of all) {
      best = bestTurned(indices, judge, best);
      done += 1;
      if (done % 60 === 0 && done < all.length) yield { best, done, of: all.length, proven: false };
    }
    yield { best, done: all.length, of: all.length, proven: true };
    return;
  }
  const chance = fixedChance();
  const seeds: Laid[][] = [
    ...named.map(({ order }) => [...order]),
    ...Array.from({ length: RESTARTS }, () => shuffled(count, travel, chance)),
  ];
  for (const [n, seed] of seeds.entries()) {
    let here = judge(seed);
    for (;;) {
      const next = improved(here, judge);
      if (next === here) break;
      here = next;
      if (here.score < best.score - SAME) best = here;
      yield { best, done: n, of: seeds.length, proven: false };
    }
    if (here.score < best.score - SAME) best = here;
    yield { best, done: n + 1, of: seeds.length, proven: false };
  }
}

/**
 * How much worse than the best the search may end, measured where the best is known: on the first few segments of the same seam.
 * @returns the search's score over the best one's, less one; 0 where it found the best
 */
export function gapOnFew(few: OrderTerms, travel: 1 | -1, goal: GoalId = 'even'): number {
  const end = (exhaustiveTo: number) => {
    let score = Infinity;
    for (const { best } of searchOrder(few, travel, goal, exhaustiveTo)) score = best.score;
    return score;
  };
  const [best, found] = [end(EXHAUSTIVE_TO), end(0)];
  return best > 0 ? found / best - 1 : 0;
}

type Judge = (order: readonly Laid[]) => OrderJudged;

/** One order of places, with every way of turning its segments round. */
function bestTurned(indices: readonly number[], judge: Judge, best: OrderJudged): OrderJudged {
  let found = best;
  for (let turns = 0; turns < 1 << indices.length; turns++) {
    const order = indices.map((index, n): Laid => ({ index, travel: (turns >> n) & 1 ? 1 : -1 }));
    const judged = judge(order);
    if (judged.score < found.score - SAME) found = judged;
  }
  return found;
}

/** Goes once through all moves (a segment turned round, two swapped, one put elsewhere) and keeps each that helps; the same order where none does. */
function improved(from: OrderJudged, judge: Judge): OrderJudged {
  let best = from;
  const offer = (next: Laid[]) => {
    const judged = judge(next);
    if (judged.score < best.score - SAME) best = judged;
  };
  const count = from.order.length;
  for (let a = 0; a < count; a++) {
    offer(best.order.map((one, n) => (n === a ? { ...one, travel: -one.travel as 1 | -1 } : one)));
    for (let b = 0; b < count; b++) {
      if (b === a) continue;
      if (b > a) offer(swapped(best.order, a, b));
      const moved = [...best.order];
      const [taken] = moved.splice(a, 1);
      if (taken) moved.splice(b, 0, taken);
      offer(moved);
    }
  }
  return best;
}

function swapped(order: readonly Laid[], a: number, b: number): Laid[] {
  const next = [...order];
  [next[a], next[b]] = [order[b] as Laid, order[a] as Laid];
  return next;
}

function permutations(count: number): number[][] {
  if (count <= 1) return [[0].slice(0, count)];
  return permutations(count - 1).flatMap((rest) =>
    Array.from({ length: count }, (_, at) => [...rest.slice(0, at), count - 1, ...rest.slice(at)]),
  );
}

function shuffled(count: number, travel: 1 | -1, chance: () => number): Laid[] {
  const order = Array.from({ length: count }, (_, index): Laid => ({ index, travel: -travel as 1 | -1 }));
  for (let n = count - 1; n > 0; n--) {
    const other = Math.floor(chance() * (n + 1)) % (n + 1);
    [order[n], order[other]] = [order[other] as Laid, order[n] as Laid];
  }
  return order;
}
