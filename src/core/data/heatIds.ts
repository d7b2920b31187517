/** The choices of the heat stop by id: what a record may hold. */

/** How hard the parts round the joint hold it while it shrinks. */
export const RESTRAINTS = {
  low: 'Free to pull in',
  medium: 'Held, as in most repairs',
  high: 'Held fast: boxed in, thick all round',
} as const;
export type RestraintId = keyof typeof RESTRAINTS;

/** Ways of reckoning a preheat. */
export const METHOD_IDS = [
  'cet',
  'cracking-parameter',
  'hydrogen-control',
  'square-root',
  'prescriptive',
] as const;
export type MethodId = (typeof METHOD_IDS)[number];
