import { PATTERNS, type PatternId } from '../data/orderIds';
import { idsOf } from '../data/words';
import { fixedChance } from '../heat/samples';
import type { HeatTable } from './heatBetween';
import { judgeOrder, type BlowOf, type OrderJudged } from './judgeOrder';
import { patternOf, type Laid } from './segments';

/** Up to so many segments every order is tried. */
export const EXHAUSTIVE_TO = 6;
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
export function namedOrders(heat: HeatTable, travel: 1 | -1, blowOf: BlowOf): Record<PatternId, OrderJudged> {
  const judged = idsOf(PATTERNS).map((id) => [
    id,
    judgeOrder(patternOf(id, heat.count, travel), heat, blowOf),
  ]);
  return Object.fromEntries(judged) as Record<PatternId, OrderJudged>;
}

/**
 * Looks for the best order: all of them where they are few, else by moving and swapping segments and turning them round, from the named
 * orders and from shuffled ones of a fixed seed. Never worse than a named order.
 */
export function* searchOrder(heat: HeatTable, travel: 1 | -1, blowOf: BlowOf): Generator<SearchState> {
  const named = Object.values(namedOrders(heat, travel, blowOf));
  let best = named.reduce((a, b) => (b.score < a.score ? b : a));
  if (heat.count <= EXHAUSTIVE_TO) {
    const all = permutations(heat.count);
    let done = 0;
    for (const indices of all) {
      best = bestTurned(indices, heat, blowOf, best);
      done += 1;
      if (done % 60 === 0) yield { best, done, of: all.length, proven: false };
    }
    yield { best, done: all.length, of: all.length, proven: true };
    return;
  }
  const chance = fixedChance();
  const seeds: Laid[][] = [
    ...named.map(({ order }) => [...order]),
    ...Array.from({ length: RESTARTS }, () => shuffled(heat.count, travel, chance)),
  ];
  for (const [n, seed] of seeds.entries()) {
    let here = judgeOrder(seed, heat, blowOf);
    for (;;) {
      const next = bestNeighbour(here, heat, blowOf);
      if (next.score >= here.score - 1e-9) break;
      here = next;
      if (here.score < best.score) best = here;
      yield { best, done: n, of: seeds.length, proven: false };
    }
    if (here.score < best.score) best = here;
    yield { best, done: n + 1, of: seeds.length, proven: false };
  }
}

/** One order of places, with every way of turning its segments round. */
function bestTurned(
  indices: readonly number[],
  heat: HeatTable,
  blowOf: BlowOf,
  best: OrderJudged,
): OrderJudged {
  let found = best;
  for (let turns = 0; turns < 1 << indices.length; turns++) {
    const order = indices.map((index, n): Laid => ({ index, travel: (turns >> n) & 1 ? 1 : -1 }));
    const judged = judgeOrder(order, heat, blowOf);
    if (judged.score < found.score) found = judged;
  }
  return found;
}

/** The best order one move away: a segment turned round, two swapped, or one put elsewhere. */
function bestNeighbour({ order, score }: OrderJudged, heat: HeatTable, blowOf: BlowOf): OrderJudged {
  let best: OrderJudged | null = null;
  const offer = (next: Laid[]) => {
    const judged = judgeOrder(next, heat, blowOf);
    if (judged.score < (best?.score ?? score)) best = judged;
  };
  for (let a = 0; a < order.length; a++) {
    const here = order[a];
    if (!here) continue;
    offer(order.map((one, n) => (n === a ? { ...one, travel: -one.travel as 1 | -1 } : one)));
    for (let b = a + 1; b < order.length; b++) {
      const there = order[b];
      if (!there) continue;
      offer(order.map((one, n) => (n === a ? there : n === b ? here : one)));
      const moved = order.filter((_, n) => n !== a);
      offer([...moved.slice(0, b), here, ...moved.slice(b)]);
    }
  }
  return best ?? judgeOrder(order, heat, blowOf);
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
