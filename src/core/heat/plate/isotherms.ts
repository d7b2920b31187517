import { contours } from 'd3-contour';

/** Outlines of where a grid stands over each of some temperatures, as paths in the grid's own cells. */
export function isotherms(
  grid: Float32Array,
  columns: number,
  rows: number,
  levels_C: readonly number[],
): string[] {
  const values = [...grid];
  const outline = contours().size([columns, rows]).smooth(true);
  return levels_C.map((level) =>
    outline
      .contour(values, level)
      .coordinates.flatMap((polygon) => polygon.map(ringPath))
      .join(''),
  );
}

const ringPath = (ring: readonly number[][]): string =>
  `M${ring.map(([x = 0, y = 0]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
