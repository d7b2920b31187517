import { memoryOf, OUR_JUDGEMENT } from '../units/sources';

/** What a repair lives in, and what unlike metals do to one another there. */

/** How wet it is in service. */
export const WETS = {
  dry: 'Dry',
  weather: 'Weather, splashes',
  sea: 'Salt water',
} as const;
export type WetId = keyof typeof WETS;

/** What the covering of a stainless rod is made for, by the two digits behind the dash. */
export const STAINLESS_COVERINGS = {
  '15': { name: '-15, lime', words: 'convex, quick to freeze, for position; direct current' },
  '16': { name: '-16, titania', words: 'slightly convex, easy slag' },
  '17': { name: '-17, silica', words: 'flat to hollow, spray-like; flat and horizontal' },
} as const;
export type StainlessCoveringId = keyof typeof STAINLESS_COVERINGS;
/** Printed on most tins. */
export const USUAL_COVERING: StainlessCoveringId = '16';

/** Strain at which plain steel yields: about 250 MPa over 205 GPa, %. */
export const YIELD_STRAIN_pct = {
  value: 0.12,
  source: memoryOf('handbook yield and modulus of plain steel'),
} as const;
/** Metals that grow so much alike are not spoken of, millionths per K. */
export const SAME_GROWTH_um_mK = { value: 1.5, source: OUR_JUDGEMENT } as const;
/** Put in where nobody said how hot it gets in service, °C. */
export const ASSUMED_SERVICE_C = { value: 60, source: OUR_JUDGEMENT } as const;
export const WELDED_AT_C = 20;
/** Steel beside stainless loses carbon to it over this in service, °C. */
export const CARBON_MOVES_FROM_C = {
  value: 315,
  source: memoryOf('handbooks, carbon migration in unlike joints'),
} as const;
