import { TORCH } from '../data/heatProperties';
import { TORCH_PATIENCE_s } from '../data/heatLimits';
import { diffusivity_mm2_s, surfaceLoss_W_m2K } from './loss';
import { warmedPart, type Piece } from './piece';
import { trimmed } from '../units/format';
import type { Range } from '../units/range';

/** Warming the joint with a torch: how long, how much gas, and whether it gets there at all. */
export interface TorchWork {
  /** Minutes of flame; null where it does not get there in two hours. Low: much of the heat goes in. */
  time_s: Range | null;
  propane_kg: number | null;
  /** What it comes to at the most, °C. */
  reaches_C: number;
}

/** Gas as it is weighed. */
export const gasInWords = (kg: number): string =>
  kg < 0.1 ? `${trimmed(Math.max(1, 1000 * kg), 0)} g` : `${trimmed(kg, 2)} kg`;

const STEP_s = 5;

/**
 * Seconds to warm the joint's zone to a temperature, or null. The zone loses to the air from both faces and to the cold metal round it,
 * which warms up: k d U (T - Ta) / sqrt(pi a t).
 */
function timeTo(piece: Piece, to_C: number, power_W: number): { time_s: number | null; reaches_C: number } {
  const { metal, thickness_mm, air_C, wind_m_s, length_mm, width_mm } = piece;
  const part = warmedPart(piece);
  const area_mm2 = part.length_mm * part.width_mm;
  const capacity_J_K = metal.heatCapacity_J_mm3K * area_mm2 * thickness_mm;
  const open_mm =
    (part.width_mm < width_mm ? 2 * part.length_mm : 0) +
    (part.length_mm < length_mm ? 2 * part.width_mm : 0);
  const a = diffusivity_mm2_s(metal);
  let at_C = air_C;
  for (let time_s = STEP_s; time_s <= TORCH_PATIENCE_s.value; time_s += STEP_s) {
    const h = surfaceLoss_W_m2K(at_C, air_C, wind_m_s, metal.emissivity);
    const toAir_W_K = 2 * h * 1e-6 * area_mm2;
    const toRest_W_K = (metal.conductivity_W_mmK * thickness_mm * open_mm) / Math.sqrt(Math.PI * a * time_s);
    // Losses at the end of the step: it never overshoots, however small the zone.
    const before_C = at_C;
    at_C =
      air_C +
      (capacity_J_K * (at_C - air_C) + power_W * STEP_s) / (capacity_J_K + (toAir_W_K + toRest_W_K) * STEP_s);
    if (at_C >= to_C) {
      const part_s = (STEP_s * (to_C - before_C)) / Math.max(at_C - before_C, 1e-9);
      return { time_s: time_s - STEP_s + Math.max(0, part_s), reaches_C: at_C };
    }
  }
  return { time_s: null, reaches_C: at_C };
}

/** Answers "how long on the torch, and how much gas?" */
export function torchWork(piece: Piece, to_C: number, torch_kW: number): TorchWork {
  const by = (share: number) => timeTo(piece, to_C, torch_kW * 1000 * share);
  const [slow, usual, fast] = [by(TORCH.share.low), by(TORCH.share.nominal), by(TORCH.share.high)];
  if (usual.time_s === null) return { time_s: null, propane_kg: null, reaches_C: usual.reaches_C };
  return {
    time_s: {
      low: fast.time_s ?? usual.time_s,
      nominal: usual.time_s,
      high: slow.time_s ?? TORCH_PATIENCE_s.value,
    },
    propane_kg: (torch_kW * usual.time_s) / 1000 / TORCH.propane_MJ_kg,
    reaches_C: usual.reaches_C,
  };
}
