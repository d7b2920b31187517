import type { Plate, Spot } from './plate';

/** A plate's upper face read off its modes: at a spot, or all over. */

/** Modes as the upper face sees them: those through the thickness added up. */
function onFace({ modes, along, across, down }: Plate): Float64Array {
  const flat = along.length * across.length;
  if (down.length === 1) return modes;
  const face = new Float64Array(flat);
  // Both lie inside their arrays: nothing is checked.
  for (let p = 0; p < down.length; p++)
    for (let n = 0; n < flat; n++) face[n] = (face[n] as number) + (modes[p * flat + n] as number);
  return face;
}

/** Temperature of the upper face at a spot, °C. */
export const temperatureAt = (plate: Plate, spot: Spot): number => temperaturesAt(plate, [spot])[0] ?? NaN;

/** The same at several, °C. */
export function temperaturesAt(plate: Plate, spots: readonly Spot[]): number[] {
  const face = onFace(plate);
  const { along, across, question } = plate;
  return spots.map(({ x_mm, y_mm }) => {
    const ys = across.map((k) => Math.cos(k * y_mm));
    let sum = 0;
    for (let m = 0; m < along.length; m++)
      sum += Math.cos((along[m] ?? 0) * x_mm) * dot(ys, 0, face, m * ys.length, ys.length);
    return question.air_C + sum;
  });
}

/**
 * Temperature of the upper face on a grid of cell middles, °C: added up along the length first, and only over the waves across it that
 * somebody has stirred (an arc along the middle leaves every second one still).
 * @returns rows across, each from the beginning of the length to its end
 */
export function faceGrid(plate: Plate, columns: number, rows: number): Float32Array {
  const { question, along, across } = plate;
  const face = onFace(plate);
  const stirredAcross = [...across.keys()].filter((n) =>
    along.some((_, m) => isStirred(face[m * across.length + n])),
  );
  const xs = cosines(along, columns, question.length_mm);
  const ys = cosines(
    across.filter((_, n) => stirredAcross.includes(n)),
    rows,
    question.width_mm,
  );
  const stirredCount = stirredAcross.length;
  const column = new Float64Array(along.length);
  /** Strength of every wave across, at every column. */
  const strengths = new Float64Array(columns * stirredCount);
  stirredAcross.forEach((n, at) => {
    for (let m = 0; m < along.length; m++) column[m] = face[m * across.length + n] ?? 0;
    for (let i = 0; i < columns; i++)
      strengths[i * stirredCount + at] = dot(column, 0, xs, i * along.length, along.length);
  });
  const grid = new Float32Array(columns * rows);
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++)
      grid[j * columns + i] =
        question.air_C + dot(ys, j * stirredCount, strengths, i * stirredCount, stirredCount);
  return grid;
}

/** Waves weaker than this do not show, K. */
const STILL_K = 1e-4;
const isStirred = (strength: number | undefined): boolean => Math.abs(strength ?? 0) > STILL_K;

/** Cosine of every wave at the middle of every cell, cell by cell. */
function cosines(numbers: Float64Array, cells: number, side_mm: number): Float64Array {
  const table = new Float64Array(cells * numbers.length);
  for (let i = 0; i < cells; i++)
    numbers.forEach((k, m) => {
      table[i * numbers.length + m] = Math.cos((k * (i + 0.5) * side_mm) / cells);
    });
  return table;
}

/** Sum of products of two stretches. Both lie inside their arrays: the innermost loop of a frame, so nothing is checked. */
function dot(a: Float64Array, fromA: number, b: Float64Array, fromB: number, count: number): number {
  let sum = 0;
  for (let n = 0; n < count; n++) sum += (a[fromA + n] as number) * (b[fromB + n] as number);
  return sum;
}
