import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import type { Range } from './range';

/** Chance with a fixed seed, and what is told of values that were drawn by it: the same input always gives the same answer. */

const SEED = 20_261;
const STEPS = 0xffffff;

/** Numbers between 0 and 1 of a fixed seed, one after the other. */
export function fixedChance(seed = SEED): () => number {
  const generator = xoroshiro128plus(seed);
  return () => unsafeUniformIntDistribution(0, STEPS, generator) / STEPS;
}

/** A value out of a range by a chance between 0 and 1: triangular, its peak at the nominal value. */
export function triangular({ low, nominal, high }: Range, chance: number): number {
  const width = high - low;
  if (width <= 0) return nominal;
  const below = (nominal - low) / width;
  return chance < below
    ? low + Math.sqrt(chance * width * (nominal - low))
    : high - Math.sqrt((1 - chance) * width * (high - nominal));
}

/** Between these shares of the draws a range is told: one in twenty lies past either end. */
export const QUANTILES = { low: 0.05, high: 0.95 } as const;

/** The value under which a share of sorted values lies. */
export const percentile = (sorted: ArrayLike<number>, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.max(0, Math.round(share * (sorted.length - 1))))] ?? NaN;

/** A range from values drawn, its middle given. */
export function quantileRange(values: readonly number[], nominal: number): Range {
  const sorted = Float64Array.from(values).sort();
  const low = Math.min(percentile(sorted, QUANTILES.low), nominal);
  return { low, nominal, high: Math.max(percentile(sorted, QUANTILES.high), nominal) };
}
