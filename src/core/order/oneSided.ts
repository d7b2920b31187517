import type { Laid } from '../joint/segments';
import { memoize } from '../units/memoize';

/**
 * How one-sided an order pulls, from 0 to 1, for comparing orders; ours. Half of it: how far what is laid lies from the middle of all, on
 * average while it is laid. Half: the longest stretch that is welded on and on the same way, which closes the gap ahead of it.
 */
export function oneSided(
  order: readonly Laid[],
  middles: readonly { x: number; y: number }[],
  joined: boolean,
): number {
  const n = order.length;
  if (n < 2) return 0;
  const { centre, far } = spreadOf(middles);
  let [x, y, off] = [0, 0, 0];
  for (let laid = 0; laid < n; laid++) {
    const at = middles[(order[laid] as Laid).index] ?? centre;
    x += at.x - centre.x;
    y += at.y - centre.y;
    off += Math.hypot(x, y) / (laid + 1) / far;
  }
  let [run, longest] = [1, 1];
  for (let k = 1; k < n; k++) {
    const [before, here] = [order[k - 1] as Laid, order[k] as Laid];
    const onward = joined && here.travel === before.travel && here.index === before.index + here.travel;
    run = onward ? run + 1 : 1;
    longest = Math.max(longest, run);
  }
  return 0.5 * (off / n) + 0.5 * ((longest - 1) / (n - 1));
}

type Middles = readonly { x: number; y: number }[];

/** The middle of all, and how far from it the farthest lies; reckoned once for a seam. */
const spreadOf = memoize((middles: Middles) => {
  const centre = {
    x: middles.reduce((sum, { x }) => sum + x, 0) / middles.length,
    y: middles.reduce((sum, { y }) => sum + y, 0) / middles.length,
  };
  const far = Math.max(...middles.map(({ x, y }) => Math.hypot(x - centre.x, y - centre.y))) || 1;
  return { centre, far };
});
