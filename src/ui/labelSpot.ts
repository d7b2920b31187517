import type { Point } from '@core/joint';

/** Where a line straight up and down crosses an outline, lowest and highest; null where it misses it. */
function crossed(outline: readonly Point[], x: number): readonly [number, number] | null {
  const ys = outline.flatMap(([x1, y1], n) => {
    const [x2, y2] = outline[(n + 1) % outline.length] ?? [x1, y1];
    return x1 !== x2 && Math.min(x1, x2) <= x && x <= Math.max(x1, x2)
      ? [y1 + ((x - x1) / (x2 - x1)) * (y2 - y1)]
      : [];
  });
  return ys.length < 2 ? null : [Math.min(...ys), Math.max(...ys)];
}

/**
 * Where the number of a shape stands so that it lies on what is seen of it: straight above or below its middle, in the middle of the longest
 * stretch that no shape over it covers.
 * @param at the middle of the shape, @param over what lies over it
 */
export function labelSpot(outline: readonly Point[], at: Point, over: readonly (readonly Point[])[]): Point {
  const [x] = at;
  const own = crossed(outline, x);
  if (!own) return at;
  const covers = over.flatMap((other) => {
    const span = crossed(other, x);
    return span ? [span] : [];
  });
  const [low, high] = own;
  const edges = [low, high, ...covers.flat().filter((y) => y > low && y < high)].sort((a, b) => a - b);
  let [best, middle] = [0, at[1]];
  edges.slice(1).forEach((to, n) => {
    const from = edges[n] ?? to;
    const mid = (from + to) / 2;
    if (to - from > best && !covers.some(([a, b]) => mid > a && mid < b)) [best, middle] = [to - from, mid];
  });
  return [x, middle];
}
