import { BURN_THROUGH_RATIO } from '../data/limits';
import { mapRange, type Range } from '../units/range';
import { ampsForHeat_A, arcHeat_W } from './arcEnergy';

/** What a metal takes to melt through: heat per volume and degree, and degrees to its melting point. */
export interface MeltProperties {
  heatCapacity_J_mm3K: number;
  rise_K: number;
}

/** Plain steel, the metal the model was fitted on. */
export const STEEL_MELT: MeltProperties = { heatCapacity_J_mm3K: 4.6e-3, rise_K: 1480 };

/** The fit counts its degrees from here, °C. */
export const MELT_FROM_C = 20;

/** Thin-plate width of full melting: 1 / sqrt(2 pi e) twice over. */
const WIDTH_CONSTANT = 0.484;
/** Deposit the fit was made with, mm3 per second and ampere: travel speed is this times amps over bead area. */
export const FITTED_DEPOSIT_mm3_As = 0.265;

/**
 * Width melted right through the thin side, over its thickness. Holes when it passes about 3.
 * @param current_A amps, @param beadArea_mm2 section of the bead, @param thickness_mm thin side
 * @param thinShare share of the arc's heat the thin side takes
 */
export function meltWidthRatio(
  current_A: number,
  beadArea_mm2: number,
  thickness_mm: number,
  thinShare: number,
  metal = STEEL_MELT,
): number {
  const travel_mm_s = (FITTED_DEPOSIT_mm3_As * current_A) / beadArea_mm2;
  return meltRatioAtPace(current_A, travel_mm_s, thickness_mm, thinShare, metal);
}

/**
 * The same at the pace of a hand.
 * @param travel_mm_s pace, mm/s
 */
export function meltRatioAtPace(
  current_A: number,
  travel_mm_s: number,
  thickness_mm: number,
  thinShare: number,
  metal: MeltProperties,
): number {
  const width_mm =
    (WIDTH_CONSTANT * thinShare * arcHeat_W(current_A)) /
    (travel_mm_s * thickness_mm * metal.heatCapacity_J_mm3K * metal.rise_K);
  return width_mm / thickness_mm;
}

/**
 * Amps at which the thin side holes, at the pace of hand the plan has: more amps at that pace is more heat a millimetre.
 * @param deposit_mm3_As what the rod lays: aluminium rods lay three times as much, and are run as much faster
 * @returns amps, pessimistic to optimistic
 */
export function holesAt_A(
  current_A: number,
  beadArea_mm2: number,
  thickness_mm: number,
  thinShare: number,
  metal = STEEL_MELT,
  ratio: Range = BURN_THROUGH_RATIO,
  deposit_mm3_As = FITTED_DEPOSIT_mm3_As,
): Range {
  const travel_mm_s = (deposit_mm3_As * current_A) / beadArea_mm2;
  const perWatt =
    meltRatioAtPace(current_A, travel_mm_s, thickness_mm, thinShare, metal) / arcHeat_W(current_A);
  return mapRange(ratio, (limit) => ampsForHeat_A(limit / perWatt));
}
