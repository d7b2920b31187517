import { GOOD_CLAMP_ohm } from '../data/limits';
import { exactly, mapRange, type Range } from '../units/range';

/** Volts lost where the clamp bites: as measured, else those of a good one. */
export const clampDrop_V = (measured_V: number | null, welding_A: number): Range =>
  measured_V === null ? mapRange(GOOD_CLAMP_ohm.range, (ohm) => ohm * welding_A) : exactly(measured_V);
