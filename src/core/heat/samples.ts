import {
  carbonEquivalent,
  cet,
  chemicalCarbon,
  crackingParameter,
  STEEL_ELEMENTS,
  type Percent,
} from './carbon';
import { likeliest, type Composition } from './composition';
import { fixedChance, triangular } from '../units/chance';
import { memoizeWith } from '../units/memoize';

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

/** The draws of a composition, made once: a lever that changes something else finds them. */
export const steelSamples: (composition: Composition, count: number) => readonly SteelSample[] =
  memoizeWith(drawSteels);

/** The likeliest numbers of a composition. */
export const likeliestNumbers = (composition: Composition): SteelNumbers =>
  steelNumbers(likeliest(composition));
