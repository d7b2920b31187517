import FFT from 'fft.js';
import type { Spot } from './piece';

/**
 * Current in the sheet on a grid, cell by cell, by a direct solver: a point that is fed is a product of cosines, so only the way back
 * from the cosines is transformed. The same laws as `flow`, reckoned another way: the field is then summed over every face (Biot and
 * Savart), averaged over the length of the arc.
 */

export interface SheetGrid {
  columns: number;
  rows: number;
  length_mm: number;
  width_mm: number;
}

/** Potential of every cell, row by row, and what the grid is. */
export interface Potential {
  grid: SheetGrid;
  values: Float64Array;
}

/** The cell that a place lies in. */
export function cellOf(
  { columns, rows, length_mm, width_mm }: SheetGrid,
  { x, y }: Spot,
): { column: number; row: number } {
  const clamp = (value: number, most: number) => Math.min(most - 1, Math.max(0, Math.floor(value)));
  return {
    column: clamp((x / length_mm) * columns, columns),
    row: clamp((y / width_mm) * rows, rows),
  };
}

/** The middle of the cell that a place lies in. */
export function snapped(grid: SheetGrid, spot: Spot): Spot {
  const { column, row } = cellOf(grid, spot);
  return {
    x: ((column + 0.5) * grid.length_mm) / grid.columns,
    y: ((row + 0.5) * grid.width_mm) / grid.rows,
  };
}

/** Conductance from cell to cell, along and across, for a sheet of one. */
const conductances = ({ columns, rows, length_mm, width_mm }: SheetGrid) => {
  const [hx, hy] = [length_mm / columns, width_mm / rows];
  return { gx: hy / hx, gy: hx / hy };
};

/** Cosine transforms of one grid, made once and used for every arc. */
export class SheetSolver {
  private readonly across: Cosines;
  private readonly up: Cosines;
  private readonly inverse: Float64Array;
  private readonly cosX: Float64Array;
  private readonly cosY: Float64Array;

  constructor(readonly grid: SheetGrid) {
    const { columns, rows } = grid;
    this.across = new Cosines(columns);
    this.up = new Cosines(rows);
    const { gx, gy } = conductances(grid);
    this.inverse = new Float64Array(columns * rows);
    for (let n = 0; n < rows; n++)
      for (let m = 0; m < columns; m++) {
        const lambda =
          2 * gx * (1 - Math.cos((Math.PI * m) / columns)) + 2 * gy * (1 - Math.cos((Math.PI * n) / rows));
        const norm = (m === 0 ? 1 : 2) * (n === 0 ? 1 : 2);
        this.inverse[n * columns + m] = lambda === 0 ? 0 : norm / (columns * rows * lambda);
      }
    this.cosX = table(columns);
    this.cosY = table(rows);
  }

  /** Potential for amps fed in at cells; what is fed and what is drawn has to add up to nothing. */
  solve(fed: readonly { at: Spot; current_A: number }[]): Potential {
    const { columns, rows } = this.grid;
    const modes = new Float64Array(columns * rows);
    for (const { at, current_A } of fed) {
      const { column, row } = cellOf(this.grid, at);
      const along = Float64Array.from({ length: columns }, (_, m) => this.cosX[m * columns + column] ?? 0);
      for (let n = 0; n < rows; n++) {
        const cy = current_A * (this.cosY[n * rows + row] ?? 0);
        for (let m = 0; m < columns; m++)
          modes[n * columns + m] = (modes[n * columns + m] as number) + cy * (along[m] as number);
      }
    }
    for (let at = 0; at < modes.length; at++)
      modes[at] = (modes[at] as number) * (this.inverse[at] as number);
    return { grid: this.grid, values: this.back(modes) };
  }

  /** From cosines to cells, first along every row and then up every column. */
  private back(modes: Float64Array): Float64Array {
    const { columns, rows } = this.grid;
    for (let n = 0; n < rows; n += 2)
      this.across.back(modes, n * columns, Math.min(n + 1, rows - 1) * columns, 1);
    for (let m = 0; m < columns; m += 2) this.up.back(modes, m, Math.min(m + 1, columns - 1), columns);
    return modes;
  }
}

/** cos(pi k (j + 1/2) / n) for every k and j. */
function table(n: number): Float64Array {
  const cosines = new Float64Array(n * n);
  for (let k = 0; k < n; k++)
    for (let j = 0; j < n; j++) cosines[k * n + j] = Math.cos((Math.PI * k * (j + 0.5)) / n);
  return cosines;
}

/** Sums of n cosines, two at a time, by one transform of as many (Makhoul 1980, from memory). */
class Cosines {
  private readonly fft: FFT;
  private readonly data: number[];
  private readonly out: number[];
  private readonly cos: Float64Array;
  private readonly sin: Float64Array;

  constructor(private readonly n: number) {
    this.fft = new FFT(n);
    this.data = this.fft.createComplexArray();
    this.out = this.fft.createComplexArray();
    const half = (of: (angle: number) => number) =>
      Float64Array.from({ length: n }, (_, k) => (n / 2) * of((Math.PI * k) / (2 * n)));
    this.cos = half(Math.cos);
    this.sin = half(Math.sin);
  }

  /** In place, for both stretches: sum over k of c_k cos(pi k (j + 1/2) / n). They may be the same. */
  back(values: Float64Array, one: number, two: number, stride: number): void {
    const { n, fft, data, out, cos, sin } = this;
    // Everything lies inside its array: nothing is checked.
    data[0] = n * (values[one] as number);
    data[1] = n * (values[two] as number);
    for (let k = 1; k < n; k++) {
      const [c, s] = [cos[k] as number, sin[k] as number];
      const [a, aBack] = [values[one + k * stride] as number, values[one + (n - k) * stride] as number];
      const [b, bBack] = [values[two + k * stride] as number, values[two + (n - k) * stride] as number];
      data[2 * k] = c * a + s * aBack - (s * b - c * bBack);
      data[2 * k + 1] = s * a - c * aBack + (c * b + s * bBack);
    }
    fft.inverseTransform(out, data);
    // Even places come from the beginning on, odd ones from the end back.
    for (let j = 0; j < n; j++) {
      const at = j % 2 === 0 ? j / 2 : n - 1 - (j - 1) / 2;
      values[one + j * stride] = out[2 * at] as number;
      values[two + j * stride] = out[2 * at + 1] as number;
    }
  }
}

/** Largest error of the balance of any cell, A: what flows out of it less what is fed in. */
export function residual_A(
  { grid, values }: Potential,
  fed: readonly { at: Spot; current_A: number }[],
): number {
  const { columns, rows } = grid;
  const { gx, gy } = conductances(grid);
  const source = new Float64Array(columns * rows);
  for (const { at, current_A } of fed) {
    const { column, row } = cellOf(grid, at);
    source[row * columns + column] = (source[row * columns + column] ?? 0) + current_A;
  }
  let most = 0;
  for (let n = 0; n < rows; n++)
    for (let m = 0; m < columns; m++) {
      const here = values[n * columns + m] ?? 0;
      const out =
        (m > 0 ? gx * (here - (values[n * columns + m - 1] ?? 0)) : 0) +
        (m < columns - 1 ? gx * (here - (values[n * columns + m + 1] ?? 0)) : 0) +
        (n > 0 ? gy * (here - (values[(n - 1) * columns + m] ?? 0)) : 0) +
        (n < rows - 1 ? gy * (here - (values[(n + 1) * columns + m] ?? 0)) : 0);
      most = Math.max(most, Math.abs(out - (source[n * columns + m] ?? 0)));
    }
  return most;
}

/** Amps that flow to the right through a cut between two columns. */
export function throughCut_A({ grid, values }: Potential, column: number): number {
  const { columns, rows } = grid;
  const { gx } = conductances(grid);
  let sum = 0;
  for (let n = 0; n < rows; n++)
    sum += gx * ((values[n * columns + column] ?? 0) - (values[n * columns + column + 1] ?? 0));
  return sum;
}

/** Heights at which the arc is looked at, as shares of its length, and what each counts: Gauss, two points. */
const HEIGHTS = [
  { share: 0.5 - Math.sqrt(3) / 6, weight: 0.5 },
  { share: 0.5 + Math.sqrt(3) / 6, weight: 0.5 },
] as const;

/**
 * How the current in the sheet pushes the arc, G for the amps that were fed, averaged over the arc; without the gain of steel.
 * @param at the middle of the cell that is fed
 */
export function pushOfSheet_G({ grid, values }: Potential, at: Spot, arc_mm: number): Spot {
  const { columns, rows, length_mm, width_mm } = grid;
  const { gx, gy } = conductances(grid);
  const [hx, hy] = [length_mm / columns, width_mm / rows];
  let [px, py] = [0, 0];
  for (const { share, weight } of HEIGHTS) {
    const z = share * arc_mm;
    const z2 = z * z;
    let [bx, by] = [0, 0];
    for (let n = 0; n < rows; n++) {
      const yc = (n + 0.5) * hy - at.y;
      const base = n * columns;
      for (let m = 0; m < columns; m++) {
        const here = values[base + m] ?? 0;
        const xc = (m + 0.5) * hx - at.x;
        if (m < columns - 1) {
          // A face fed along x: its current times the way it goes.
          const moment = gx * (here - (values[base + m + 1] ?? 0)) * hx;
          const x = xc + hx / 2;
          const r2 = x * x + yc * yc + z2;
          by -= (moment * z) / (r2 * Math.sqrt(r2));
        }
        if (n < rows - 1) {
          const moment = gy * (here - (values[base + columns + m] ?? 0)) * hy;
          const y = yc + hy / 2;
          const r2 = xc * xc + y * y + z2;
          bx += (moment * z) / (r2 * Math.sqrt(r2));
        }
      }
    }
    px += weight * by;
    py -= weight * bx;
  }
  return { x: px, y: py };
}
