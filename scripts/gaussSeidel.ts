import type { SheetGrid } from '../src/core/field/sheet';
import { cellOf } from '../src/core/field/sheet';
import type { Spot } from '../src/core/field/piece';

/** It is given up after so many. */
const MOST_SWEEPS = 30_000;

/**
 * The plain way to the potential of a sheet, cell by cell until it settles: what the direct solver is timed against. Not part of the app.
 * @returns how many sweeps it took, and the residual it stopped at, A
 */
export function gaussSeidel(
  { columns, rows, length_mm, width_mm }: SheetGrid,
  fed: readonly { at: Spot; current_A: number }[],
  residual_A: number,
): { sweeps: number; residual_A: number; values: Float64Array } {
  const [hx, hy] = [length_mm / columns, width_mm / rows];
  const [gx, gy] = [hy / hx, hx / hy];
  const values = new Float64Array(columns * rows);
  const source = new Float64Array(columns * rows);
  for (const { at, current_A } of fed) {
    const { column, row } = cellOf({ columns, rows, length_mm, width_mm }, at);
    source[row * columns + column] = (source[row * columns + column] ?? 0) + current_A;
  }
  for (let sweeps = 1; ; sweeps++) {
    let most = 0;
    for (let n = 0; n < rows; n++)
      for (let m = 0; m < columns; m++) {
        const at = n * columns + m;
        const [left, right] = [m > 0 ? gx : 0, m < columns - 1 ? gx : 0];
        const [down, up] = [n > 0 ? gy : 0, n < rows - 1 ? gy : 0];
        const weight = left + right + down + up;
        const sum =
          (source[at] ?? 0) +
          left * (values[at - 1] ?? 0) +
          right * (values[at + 1] ?? 0) +
          down * (values[at - columns] ?? 0) +
          up * (values[at + columns] ?? 0);
        const next = sum / weight;
        most = Math.max(most, weight * Math.abs(next - (values[at] ?? 0)));
        values[at] = next;
      }
    if (most <= residual_A || sweeps >= MOST_SWEEPS) return { sweeps, residual_A: most, values };
  }
}
