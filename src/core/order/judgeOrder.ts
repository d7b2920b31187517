import type { HeatTable } from './heatBetween';
import { bareStarts, type Laid } from './segments';

/** What an order comes to. */
export interface OrderJudged {
  order: readonly Laid[];
  /** Metal where each segment begins, in the order laid, °C. */
  starts_C: readonly number[];
  hottest_C: number;
  /** Hottest start less the coolest, K. */
  spread_K: number;
  bareStarts: number;
  /** Steps of the hand from one segment to the next, over the fewest there can be. */
  moves: number;
  /** Worst field over its limit of any segment; 0 where nobody asks. */
  blow: number;
  /** What it is weighed by: lower is better. */
  score: number;
}

/** How an order is weighed: K of hottest start count one for one. Ours. */
export const WEIGHTS = { spread: 0.5, bareStart: 0.6, move: 0.15, blowOver: 200 } as const;

/** Worst share of the field's limit for a segment run one way. */
export type BlowOf = (index: number, travel: 1 | -1) => number;

/** Answers "how good is this order?" */
export function judgeOrder(order: readonly Laid[], heat: HeatTable, blowOf: BlowOf): OrderJudged {
  const starts_C = order.map(({ index, travel }, place) => {
    const edge = travel === 1 ? index : index + 1;
    let at = heat.start_C;
    for (let before = 0; before < place; before++)
      at += heat.rise_K(order[before]?.index ?? 0, edge, place - before);
    return at;
  });
  const hottest_C = Math.max(...starts_C);
  const spread_K = hottest_C - Math.min(...starts_C);
  const bare = bareStarts(order);
  let moves = 0;
  for (let n = 1; n < order.length; n++)
    moves += Math.abs((order[n]?.index ?? 0) - (order[n - 1]?.index ?? 0)) - 1;
  const blow = order.reduce((worst, { index, travel }) => Math.max(worst, blowOf(index, travel)), 0);
  return {
    order,
    starts_C,
    hottest_C,
    spread_K,
    bareStarts: bare,
    moves,
    blow,
    score:
      hottest_C +
      WEIGHTS.spread * spread_K +
      WEIGHTS.bareStart * bare +
      WEIGHTS.move * moves +
      WEIGHTS.blowOver * Math.max(0, blow - 1),
  };
}
