import type { Coating } from '../data/rods';
import {
  ALUMINIUM_FLOOR,
  DIGGING,
  FLOOR_COATING,
  FLOOR_DOUBT,
  FUSED_WIDTH_CORES,
  NEGATIVE_DEPTH,
  PENETRATION_DOUBT,
  SHEET_DEPTH,
} from '../data/fusion';
import { ampsForHeat_A, arcHeat_W } from './arcEnergy';
import { meltRatioAtPace, type MeltProperties } from './burnThrough';
import { alongRows } from '../units/rows';
import { mapRange, within, type Range } from '../units/range';

/** Whether the arc melts what it should: the floor under the amps on a thick side, and the depth into it. */

/** Steel: W/mm K, and degrees to its melting point. */
const CONDUCTIVITY_W_mmK = 0.041;
const RISE_K = 1480;
/** From this thickness on plate is as good as endless to a hand's bead, mm. */
const ENDLESS_mm = 6.35;

/** Arc power that keeps a pool of a radius melted on thick steel, W: the standing field of a point source, 2 pi k r dT. */
const powerFor_W = (radius_mm: number): number => 2 * Math.PI * CONDUCTIVITY_W_mmK * radius_mm * RISE_K;

/**
 * Amps under which slag is caught because the thick side is wetted and not fused.
 * @param core_mm core wire, @param thick_mm thick side, @param thickShare share of the arc's heat it takes, half where the angle is split
 */
export function fusionFloor_A(
  coating: Coating,
  core_mm: number,
  thick_mm: number,
  thickShare: number,
): Range {
  const spread = Math.min(1, Math.sqrt(thick_mm / ENDLESS_mm));
  const needed_W =
    powerFor_W((FUSED_WIDTH_CORES.value / 2) * core_mm) * spread * (FLOOR_COATING[coating] ?? 1);
  return within(ampsForHeat_A(needed_W / (2 * thickShare)), FLOOR_DOUBT.value);
}

/**
 * Amps under which aluminium is only wetted, by its thick side and how warm it is begun.
 * @param thick_mm thick side, mm; @param start_C metal where the first bead begins, °C
 */
export function aluminiumFloor_A(thick_mm: number, start_C: number): Range {
  const { rows, warm } = ALUMINIUM_FLOOR;
  const share = start_C >= warm.from_C ? warm.share : 1;
  return within(share * alongRows(rows, thick_mm), FLOOR_DOUBT.value);
}

/** Depth an arc melts into steel, mm: a share of the pool it could keep, by how the covering digs. */
export function penetration_mm(coating: Coating, current_A: number, negative: boolean): Range {
  const pool_mm = arcHeat_W(current_A) / powerFor_W(1);
  const digs = (DIGGING[coating] ?? 0) * (negative ? NEGATIVE_DEPTH.value : 1);
  return within(digs * pool_mm, PENETRATION_DOUBT.value);
}

/**
 * Depth melted of a sheet, mm: heat does not spread under the pool but is stopped by the other face, so that a pool melted right through
 * as wide as the sheet is thick has fused it. Nothing is said of plate: from the end of sheet on it counts less and less.
 * @param current_A amps, @param travel_mm_s pace, @param thickness_mm thin side, @param share share of the heat it takes
 * @returns mm, never more than the sheet; null where it is plate
 */
export function sheetDepth_mm(
  current_A: number,
  travel_mm_s: number,
  thickness_mm: number,
  share: number,
  metal: MeltProperties,
): Range | null {
  const taper = (SHEET_DEPTH.none_mm - thickness_mm) / (SHEET_DEPTH.none_mm - SHEET_DEPTH.full_mm);
  if (taper <= 0) return null;
  const counts = Math.min(1, taper);
  const ratio = meltRatioAtPace(current_A, travel_mm_s, thickness_mm, share, metal);
  const through = within(ratio * counts, PENETRATION_DOUBT.value);
  return mapRange(through, (part) => thickness_mm * Math.min(1, part));
}
