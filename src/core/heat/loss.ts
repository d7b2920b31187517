import { AIR_LOSS, type HeatProperties } from '../data/heatProperties';

/** Stefan and Boltzmann, W/m2K4. */
const SIGMA = 5.670374e-8;
const KELVIN = 273.15;

/** Heat that a surface gives to the air and the walls round it, W/m2K: by wind and by radiation at its temperature. */
export function surfaceLoss_W_m2K(
  metal_C: number,
  air_C: number,
  wind_m_s: number,
  emissivity: number,
): number {
  const [hot, cold] = [metal_C + KELVIN, air_C + KELVIN];
  const radiated = emissivity * SIGMA * (hot * hot + cold * cold) * (hot + cold);
  return AIR_LOSS.still_W_m2K + AIR_LOSS.per_m_s * wind_m_s + radiated;
}

/** Share of its heat over the air that a plate loses in a second from both faces: 2h / (rho c d). */
export const lossRate_per_s = (
  surface_W_m2K: number,
  thickness_mm: number,
  metal: Pick<HeatProperties, 'heatCapacity_J_mm3K'>,
): number => (2 * surface_W_m2K * 1e-6) / (metal.heatCapacity_J_mm3K * thickness_mm);

/** Thermal diffusivity, mm2/s. */
export const diffusivity_mm2_s = ({
  conductivity_W_mmK,
  heatCapacity_J_mm3K,
}: Pick<HeatProperties, 'conductivity_W_mmK' | 'heatCapacity_J_mm3K'>): number =>
  conductivity_W_mmK / heatCapacity_J_mm3K;
