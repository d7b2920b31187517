/** A table of pairs, the first of each rising. */
export type Rows = readonly (readonly [at: number, value: number])[];

/** The value at a place between two rows, on the straight line from one to the other; past either end that end's own. */
export function alongRows(rows: Rows, at: number): number {
  const above = rows.findIndex(([x]) => x >= at);
  const [first, last] = [rows[0], rows.at(-1)];
  if (!first || !last) return NaN;
  if (above === 0) return first[1];
  const [low, high] = [rows[above - 1], rows[above]];
  if (!low || !high) return last[1];
  return low[1] + ((at - low[0]) / (high[0] - low[0])) * (high[1] - low[1]);
}
