import { TEST_DOUBTS } from '../data/testDoubts';
import { ok, refuse, type Result } from '../units/result';
import type { Range } from '../units/range';

/** Water at 20 °C, g/cm3. */
export const WATER_g_cm3: number = TEST_DOUBTS.water_g_cm3.value;

/** Two readings of one piece on one scale. */
export interface Weighings {
  air_g: number;
  water_g: number;
  /** Smallest step the scale shows: each reading is off by up to half of it. */
  scale_g: number;
}

/**
 * Answers "how heavy is it for its size?" from a weighing in air and one hung in water, by Archimedes:
 * air x water density / (air - water). The ends are the worst that half a step of the scale on each reading can do.
 * @returns density, g/cm3; refused where the readings cannot be so, or the scale is too coarse to tell
 */
export function densityOf({ air_g, water_g, scale_g }: Weighings): Result<Range> {
  if (water_g >= air_g)
    return refuse('It must weigh less in water than in air. Type the reading in air first, then in water.');
  const half = scale_g / 2;
  if (air_g - water_g <= 2 * scale_g)
    return refuse('The scale is too coarse for this piece: take a bigger piece or a finer scale.');
  const at = (air: number, water: number) => (air * WATER_g_cm3) / (air - water);
  const corners = [-half, half].flatMap((a) => [-half, half].map((w) => at(air_g + a, water_g + w)));
  return ok({ low: Math.min(...corners), nominal: at(air_g, water_g), high: Math.max(...corners) });
}
