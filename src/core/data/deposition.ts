import type { RodClassId } from './rods';
import { FILLER_HANDBOOK, HANDBOOK, OUR_JUDGEMENT, type Source } from '../units/sources';

/**
 * Share of a rod's whole weight that ends up in the weld, percent, stub of 50 mm included. For buying weight only: what one rod lays is
 * reckoned from its core and recovery.
 */
export const DEPOSITION_EFFICIENCY_pct: Readonly<Partial<Record<RodClassId, number>>> = {
  E6010: 63.8,
  E6011: 68.5,
  E6012: 66.9,
  E6013: 66.8,
  E7014: 64.6,
  E7016: 62.8,
  E7018: 69.5,
  E7024: 66.8,
};
export const DEPOSITION_SOURCE: Source = FILLER_HANDBOOK;
/** For classes the handbook table does not list. */
export const USUAL_EFFICIENCY_pct = { value: 60, source: OUR_JUDGEMENT };

/** Density of the weld metal by kind, g/cm3. */
export const WELD_DENSITY_g_cm3 = {
  steel: 7.85,
  aluminium: 2.68,
  bronze: 8.3,
  nickel: 8.4,
  source: HANDBOOK,
} as const;
