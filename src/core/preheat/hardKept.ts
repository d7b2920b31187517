import { HAND_HEAT, HARD_CEILING, HOTTEST_UNDER_C, QUENCHED_COOLING_s } from '../data/heatLimits';
import type { FamilyId } from '../data/families';
import type { CoolingTime } from '../heat/cooling85';
import type { Ceiling, HeatInput } from './heatPlan';

/** Cooling of a bead of so much heat, kJ/mm, from a temperature, °C. */
type Cools = (heat_kJ_mm: number, from_C: number) => CoolingTime;

/**
 * The ceiling of hardened plate, brought down to where its hottest bead still cools fast enough to stay hard: thin plate is let cool further
 * between beads. Never so low that no window is left over what is asked.
 */
export function hardKept(
  ceiling: Ceiling | null,
  {
    families,
    input,
    aim_C,
    cools,
  }: { families: readonly FamilyId[]; input: HeatInput | null; aim_C: number; cools: Cools },
): Ceiling | null {
  if (!ceiling || !input || !families.includes('quenched-tempered-wear-plate')) return ceiling;
  const { least_C, over_C, step_C, source } = HARD_CEILING;
  const floor_C = Math.max(least_C, aim_C + over_C);
  const hottest_kJ_mm = input.most_kJ_mm * (1 + HAND_HEAT.share);
  const stays = (value_C: number) =>
    cools(hottest_kJ_mm, value_C - HOTTEST_UNDER_C.value).governing_s <= QUENCHED_COOLING_s.high;
  let value_C = ceiling.value_C;
  while (!stays(value_C) && value_C - step_C >= floor_C) value_C -= step_C;
  return value_C === ceiling.value_C
    ? ceiling
    : {
        value_C,
        words: 'Let cool so far, its hottest bead still cools fast enough to leave the plate hard.',
        source,
      };
}
