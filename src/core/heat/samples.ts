import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import type { Range } from '../units/range';
import {
  carbonEquivalent,
  cet,
  chemicalCarbon,
  crackingParameter,
  STEEL_ELEMENTS,
  type Percent,
} from './carbon';
import { likeliest, type Composition } from './composition';

/** Monte Carlo over a composition: a fixed seed, so that the same steel always gives the same answer. */

/** What the preheat methods want to know of a steel, in weight percent. */
export interface SteelNumbers {
  percent: Percent;
  carbon: number;
  ce: number;
  cet: number;
  pcm: number;
  chemicalCarbon: number;
}

/** The steel's numbers from its composition. */
export const steelNumbers = (percent: Percent): SteelNumbers => ({
  percent,
  carbon: percent.C ?? 0,
  ce: carbonEquivalent(percent),
  cet: cet(percent),
  pcm: crackingParameter(percent),
  chemicalCarbon: chemicalCarbon(percent),
});

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

/** One way that the steel may be, with a chance left over for what else is not known: hydrogen and heat input. */
export interface SteelSample extends SteelNumbers {
  chances: readonly [number, number];
}

/** Draws so many ways the steel may be, elements independent of one another. */
export function drawSteels({ elements }: Composition, count: number): SteelSample[] {
  const chance = fixedChance();
  const ranges = STEEL_ELEMENTS.flatMap((element) => {
    const range = elements[element];
    return range ? [{ element, range }] : [];
  });
  return Array.from({ length: count }, () => {
    const percent: Record<string, number> = {};
    for (const { element, range } of ranges) percent[element] = triangular(range, chance());
    return { ...steelNumbers(percent), chances: [chance(), chance()] };
  });
}

/** Draws kept for as long as the composition: a lever that changes something else finds them made. */
const known = new WeakMap<Composition, Map<number, SteelSample[]>>();

/** The draws of a composition, made once. */
export function steelSamples(composition: Composition, count: number): readonly SteelSample[] {
  const made = known.get(composition) ?? new Map<number, SteelSample[]>();
  known.set(composition, made);
  const before = made.get(count);
  if (before) return before;
  const drawn = drawSteels(composition, count);
  made.set(count, drawn);
  return drawn;
}

/** The likeliest numbers of a composition. */
export const likeliestNumbers = (composition: Composition): SteelNumbers =>
  steelNumbers(likeliest(composition));

/** Between these shares of the draws a range is told: one in twenty lies past either end. */
export const TOLD = { low: 0.05, high: 0.95 } as const;

/** The value under which a share of sorted values lies. */
export const percentile = (sorted: ArrayLike<number>, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.max(0, Math.round(share * (sorted.length - 1))))] ?? NaN;

/** A range from values drawn, its middle given. */
export function toldRange(values: readonly number[], nominal: number): Range {
  const sorted = Float64Array.from(values).sort();
  const low = Math.min(percentile(sorted, TOLD.low), nominal);
  return { low, nominal, high: Math.max(percentile(sorted, TOLD.high), nominal) };
}
