/** A number that is known only between two ends. All three share one unit, named where the range is used. */
export interface Range {
  low: number;
  nominal: number;
  high: number;
}

/** A range with no width: something counted or chosen. */
export const exactly = (value: number): Range => ({ low: value, nominal: value, high: value });

/** A range a share either side of its nominal value; `share` 0.05 is plus or minus five percent. */
export const within = (nominal: number, share: number): Range => {
  const half = Math.abs(nominal) * share;
  return { low: nominal - half, nominal, high: nominal + half };
};

/** Applies a rising or falling function to all three and puts the ends back in order. */
export function mapRange(range: Range, f: (value: number) => number): Range {
  const ends = [f(range.low), f(range.high)];
  return { low: Math.min(...ends), nominal: f(range.nominal), high: Math.max(...ends) };
}

/** a - b, each end taken at its worst. */
export const minus = (a: Range, b: Range): Range => ({
  low: a.low - b.high,
  nominal: a.nominal - b.nominal,
  high: a.high - b.low,
});

/** Half the distance between the ends. */
export const halfWidth = (range: Range): number => (range.high - range.low) / 2;
