import { GOALS, STEP_s, type OrderWeights } from '../data/orderGoals';
import type { HeatTable } from './heatBetween';
import { oneSided } from './oneSided';
import { bareStarts, startOf, type Laid } from './segments';

/** Worst share of the field's limit for a segment run one way. */
export type BlowOf = (index: number, travel: 1 | -1) => number;

/** What an order is judged by: where its segments lie, how they warm one another, and what must not be passed. */
export interface OrderTerms {
  heat: HeatTable;
  blowOf: BlowOf;
  /** Middles of the segments, mm, seen from above. */
  middles: readonly { x: number; y: number }[];
  /** Neighbours touch: a run can end on the start of the next. */
  joined: boolean;
  /** Most that the metal may have where a run begins, °C; null where nothing limits it. */
  ceiling_C: number | null;
  /** Metal on which a restart holes, °C; null where it does not. */
  holesAt_C: number | null;
  /** Rods that a segment takes: every one more than the first is a tie-in inside it. */
  rodsEach: number;
}

/** What an order comes to. */
export interface OrderJudged {
  order: readonly Laid[];
  /** Metal where each segment begins, in the order laid and without a wait, °C: beside the seam, and on it. */
  starts_C: readonly number[];
  onSeam_C: readonly number[];
  /** Waits before each until it is under the ceiling, s: reckoned one by one. */
  waits_s: readonly number[];
  hottest_C: number;
  /** Hottest start less the coolest, K. */
  spread_K: number;
  /** Starts that nothing runs over, and tie-ins inside segments longer than a rod. */
  bareStarts: number;
  tieInsInside: number;
  /** Steps of the hand from one segment to the next, over the fewest there can be. */
  moves: number;
  /** How one-sided it is laid, 0 to 1. */
  pull: number;
  /** All of it: arc, changes, walks and waits, s. */
  time_s: number;
  /** Worst field over its limit of any segment; 0 where nobody asks. */
  blow: number;
  /** Starts on which the sheet holes. */
  holes: number;
  /** What it is weighed by: lower is better. */
  score: number;
}

/** Steps in which a wait is looked for, as a share of a turn. */
const WAIT_STEP = 0.25;

/** Answers "how good is this order?" for somebody who wants most what the weights say. */
export function judgeOrder(
  order: readonly Laid[],
  terms: OrderTerms,
  weights: OrderWeights = GOALS.even.weights,
): OrderJudged {
  const { heat, joined, ceiling_C, holesAt_C } = terms;
  const warmed = (place: number, later: number, of: HeatTable['rise_K']): number => {
    const here = order[place] as Laid;
    const at = startOf(here, joined);
    let sum = heat.start_C;
    for (let before = 0; before < place; before++)
      sum += of((order[before] as Laid).index, at, place - before + later);
    return sum;
  };
  const starts_C = order.map((_, place) => warmed(place, 0, heat.rise_K));
  const waits_s = starts_C.map((start, place) => {
    if (ceiling_C === null || start <= ceiling_C || heat.start_C > ceiling_C) return 0;
    let later = 0;
    while (later < 2 * heat.count && warmed(place, later, heat.rise_K) > ceiling_C) later += WAIT_STEP;
    return later * heat.turn_s;
  });
  const onSeam_C = holesAt_C === null ? starts_C : order.map((_, place) => warmed(place, 0, heat.onSeam_K));
  const hottest_C = Math.max(...starts_C);
  const spread_K = hottest_C - Math.min(...starts_C);
  const bare = bareStarts(order, joined);
  const moves = walked(order, terms.middles);
  const blow = order.reduce((worst, { index, travel }) => Math.max(worst, terms.blowOf(index, travel)), 0);
  const holes = holesAt_C === null ? 0 : onSeam_C.filter((C) => C >= holesAt_C).length;
  const pull = oneSided(order, terms.middles, joined);
  const time_s =
    order.length * heat.turn_s + moves * STEP_s.value + waits_s.reduce((sum, wait) => sum + wait, 0);
  return {
    order,
    starts_C,
    onSeam_C,
    waits_s,
    hottest_C,
    spread_K,
    bareStarts: bare,
    tieInsInside: order.length * Math.max(0, terms.rodsEach - 1),
    moves,
    pull,
    time_s,
    blow,
    holes,
    score:
      weights.hottest * (hottest_C - heat.start_C) +
      weights.spread * spread_K +
      weights.bareStart * bare +
      weights.move * moves +
      weights.pull * pull +
      (weights.minute * time_s) / 60 +
      weights.blowOver * Math.max(0, blow - 1) +
      weights.hole * holes,
  };
}

/** Steps beyond those to the nearest place, counted in the shortest distance between two segments. */
function walked(order: readonly Laid[], middles: OrderTerms['middles']): number {
  const shortest = stepOf(middles);
  let moves = 0;
  for (let n = 1; n < order.length; n++) {
    const [a, b] = [middles[order[n - 1]?.index ?? 0], middles[order[n]?.index ?? 0]];
    if (a && b) moves += Math.max(0, Math.hypot(a.x - b.x, a.y - b.y) / shortest - 1);
  }
  return moves;
}

const known = new WeakMap<OrderTerms['middles'], number>();

/** Shortest distance between two segments, mm. */
function stepOf(middles: OrderTerms['middles']): number {
  const kept = known.get(middles);
  if (kept !== undefined) return kept;
  let shortest = Infinity;
  for (const [n, a] of middles.entries())
    for (const b of middles.slice(n + 1)) shortest = Math.min(shortest, Math.hypot(a.x - b.x, a.y - b.y));
  const step = Number.isFinite(shortest) && shortest > 0 ? shortest : 1;
  known.set(middles, step);
  return step;
}
