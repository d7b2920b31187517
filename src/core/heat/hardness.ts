import { FERRITE_HV } from '../data/heatLimits';
import { bainiteEquivalent, type Percent } from './carbon';

/** Carbon over which the formula has no data behind it, %: there the zone is martensite whatever is done. */
export const HARDNESS_TO_CARBON_pct = 0.32;

/**
 * Hardness of the hardened zone beside the weld, HV10 (published 1981, from memory), capped by martensite 802 C + 305, and never under ferrite.
 * @param t85_s cooling time from 800 to 500 °C
 * @returns null over the carbon the formula was made for
 */
export function hardenedZone_HV(percent: Percent, t85_s: number): number | null {
  const carbon = percent.C ?? 0;
  if (carbon > HARDNESS_TO_CARBON_pct || !(t85_s > 0)) return null;
  const t = Math.log10(t85_s);
  const bainite =
    2019 * ((1 - 0.5 * t) * carbon + 0.3 * (bainiteEquivalent(percent) - carbon)) + 66 * (1 - 0.8 * t);
  // Cooled for minutes the formula runs out below what iron itself has.
  return Math.max(FERRITE_HV.value, Math.min(bainite, martensite_HV(carbon)));
}

/** Hardness of martensite, HV: the most that steel of a carbon gets (published 1981, from memory). */
export const martensite_HV = (carbon_pct: number): number =>
  MARTENSITE.perCarbon * carbon_pct + MARTENSITE.plain;
/** Carbon of martensite by its hardness, %: the other way round. */
export const martensiteCarbon_pct = (hardness_HV: number): number =>
  Math.max(0, hardness_HV - MARTENSITE.plain) / MARTENSITE.perCarbon;
const MARTENSITE = { perCarbon: 802, plain: 305 } as const;
