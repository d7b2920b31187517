/**
 * Solves a small dense set of equations by elimination with pivoting (Gauss).
 * @param rows one row an equation, its right side last; used up
 * @returns the unknowns, or null where the equations do not settle them
 */
export function solveDense(rows: Float64Array[]): Float64Array | null {
  const n = rows.length;
  for (let step = 0; step < n; step++) {
    let pivot = step;
    for (let row = step + 1; row < n; row++)
      if (Math.abs(at(rows, row, step)) > Math.abs(at(rows, pivot, step))) pivot = row;
    if (Math.abs(at(rows, pivot, step)) < 1e-12) return null;
    [rows[step], rows[pivot]] = [rows[pivot] as Float64Array, rows[step] as Float64Array];
    const top = rows[step] as Float64Array;
    for (let row = step + 1; row < n; row++) {
      const here = rows[row] as Float64Array;
      const factor = (here[step] ?? 0) / (top[step] ?? 1);
      if (factor === 0) continue;
      for (let k = step; k <= n; k++) here[k] = (here[k] ?? 0) - factor * (top[k] ?? 0);
    }
  }
  const found = new Float64Array(n);
  for (let row = n - 1; row >= 0; row--) {
    let left = at(rows, row, n);
    for (let k = row + 1; k < n; k++) left -= at(rows, row, k) * (found[k] ?? 0);
    found[row] = left / at(rows, row, row);
  }
  return found;
}

const at = (rows: readonly Float64Array[], row: number, column: number): number => rows[row]?.[column] ?? 0;
