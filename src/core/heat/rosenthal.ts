import { besselk } from 'bessel';
import { diffusivity_mm2_s } from './loss';
import type { HeatProperties } from '../data/heatProperties';

/** The field that travels along with an arc once it has settled (Rosenthal 1941, from memory). */

export interface MovingArc {
  /** Heat into the metal, W. */
  power_W: number;
  travel_mm_s: number;
  start_C: number;
  metal: Pick<HeatProperties, 'conductivity_W_mmK' | 'heatCapacity_J_mm3K'>;
}

/**
 * Temperature round an arc on thick plate, °C: T0 + q / (2 pi k R) exp(-v (x + R) / 2a).
 * @param ahead_mm in front of the arc; behind it negative. Infinite at the arc itself.
 */
export function onThickPlate_C(
  { power_W, travel_mm_s, start_C, metal }: MovingArc,
  ahead_mm: number,
  aside_mm: number,
  down_mm: number,
): number {
  const far = Math.hypot(ahead_mm, aside_mm, down_mm);
  const a = diffusivity_mm2_s(metal);
  const fading = Math.exp((-travel_mm_s * (ahead_mm + far)) / (2 * a));
  return start_C + (power_W / (2 * Math.PI * metal.conductivity_W_mmK * far)) * fading;
}

/** Temperature round an arc that melts through thin plate, °C: T0 + q / (2 pi k d) exp(-v x / 2a) K0(v r / 2a). */
export function onThinPlate_C(
  { power_W, travel_mm_s, start_C, metal }: MovingArc,
  thickness_mm: number,
  ahead_mm: number,
  aside_mm: number,
): number {
  const half = travel_mm_s / (2 * diffusivity_mm2_s(metal));
  const strength = power_W / (2 * Math.PI * metal.conductivity_W_mmK * thickness_mm);
  const far = half * Math.hypot(ahead_mm, aside_mm);
  return start_C + strength * fadedK0(far, half * ahead_mm);
}

/** From here K0 alone is too small to write down, and its first terms are exact enough. */
const FAR = 200;

/** exp(-ahead) K0(far), without overflow far behind a fast arc. */
const fadedK0 = (far: number, ahead: number): number =>
  far < FAR
    ? Math.exp(-ahead) * besselk(far, 0)
    : Math.exp(-ahead - far) * Math.sqrt(Math.PI / (2 * far)) * (1 - 1 / (8 * far));

/**
 * Highest temperature that metal beside a weld in thin plate reaches, over what it had, K: q / (v d rho c) sqrt(2 / pi e) / 2y.
 */
export const peakBeside_K = (
  heat_J_mm: number,
  thickness_mm: number,
  aside_mm: number,
  heatCapacity_J_mm3K: number,
): number =>
  ((heat_J_mm / (thickness_mm * heatCapacity_J_mm3K)) * Math.sqrt(2 / (Math.PI * Math.E))) / (2 * aside_mm);
