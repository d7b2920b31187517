import { GOALS, STEP_s, type OrderWeights } from '../data/orderGoals';
import type { HeatTable } from './heatBetween';
import { oneSided } from './oneSided';
import { bareStarts, startOf, type Laid } from '../joint/segments';
import { memoize } from '../units/memoize';

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

/** Answers "how good is this order?" for somebody who wants most what the weights say. */
export function judgeOrder(
  order: readonly Laid[],
  terms: OrderTerms,
  weights: OrderWeights = GOALS.even.weights,
): OrderJudged {
  const { heat, joined, holesAt_C } = terms;
  const starts_C: number[] = [];
  const waits_s: number[] = [];
  const onSeam_C: number[] = [];
  for (let place = 0; place < order.length; place++) {
    const start = besideAt_C(order, place, 0, terms);
    starts_C.push(start);
    waits_s.push(waitAt_s(order, place, start, terms));
    onSeam_C.push(holesAt_C === null ? start : onSeamAt_C(order, place, terms));
  }
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

/** Metal beside the place where a run of the order begins, so many turns later than it would, °C. */
function besideAt_C(
  order: readonly Laid[],
  place: number,
  later: number,
  { heat, joined }: OrderTerms,
): number {
  const { known, places, turns, rise_K } = heat;
  const at = startOf(order[place] as Laid, joined);
  let sum = heat.start_C;
  for (let before = 0; before < place; before++) {
    const by = (order[before] as Laid).index;
    const ago = place - before + later;
    const kept = ago < turns ? (known[(by * places + at) * turns + ago] ?? NaN) : NaN;
    sum += Number.isNaN(kept) ? rise_K(by, at, ago) : kept;
  }
  return sum;
}

/** The same on the seam itself. */
function onSeamAt_C(order: readonly Laid[], place: number, { heat, joined }: OrderTerms): number {
  const at = startOf(order[place] as Laid, joined);
  let sum = heat.start_C;
  for (let before = 0; before < place; before++)
    sum += heat.onSeam_K((order[before] as Laid).index, at, place - before);
  return sum;
}

/** Wait until a start is under the ceiling, s: turn by turn, and between two of them in proportion. */
function waitAt_s(order: readonly Laid[], place: number, start_C: number, terms: OrderTerms): number {
  const { ceiling_C, heat } = terms;
  if (ceiling_C === null || start_C <= ceiling_C || heat.start_C > ceiling_C) return 0;
  let hot = start_C;
  for (let later = 1; later <= 2 * heat.count; later++) {
    const then = besideAt_C(order, place, later, terms);
    if (then <= ceiling_C) return (later - 1 + (hot - ceiling_C) / (hot - then)) * heat.turn_s;
    hot = then;
  }
  return 2 * heat.count * heat.turn_s;
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

/** Shortest distance between two segments, mm. */
const stepOf = memoize((middles: OrderTerms['middles']): number => {
  let shortest = Infinity;
  for (const [n, a] of middles.entries())
    for (const b of middles.slice(n + 1)) shortest = Math.min(shortest, Math.hypot(a.x - b.x, a.y - b.y));
  return Number.isFinite(shortest) && shortest > 0 ? shortest : 1;
});
