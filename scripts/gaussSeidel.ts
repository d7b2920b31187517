import type { SheetGrid } from '../src/core/field/sheet';
import { cellOf } from '../src/core/field/sheet';
import type { Spot } from '../src/core/field/piece';

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
        let sum = source[at] ?? 0;
        let weight = 0;
        const from = (there: number, conductance: number) => {
          sum += conductance * (values[there] ?? 0);
          weight += conductance;
        };
        if (m > 0) from(at - 1, gx);
        if (m < columns - 1) from(at + 1, gx);
        if (n > 0) from(at - columns, gy);
        if (n < rows - 1) from(at + columns, gy);
        const next = sum / weight;
        most = Math.max(most, weight * Math.abs(next - (values[at] ?? 0)));
        values[at] = next;
      }
    if (most <= residual_A || sweeps >= 200_000) return { sweeps, residual_A: most, values };
  }
}
