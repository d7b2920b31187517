import {
  CONTROL_FROM_CARBON_pct,
  CONTROL_PREHEAT_C,
  CONTROL_THICKNESS_mm,
  GROUP_TABLE,
  GROUPS,
  HYDROGEN_CONTROL,
  HYDROGEN_LEVELS_ml,
  PCM_COLUMNS,
  type SusceptibilityGroup,
} from '../../data/hydrogenControl';
import type { RestraintId } from '../../data/heatIds';
import { asks, CARBON_END_pct, outside, OVER_CARBON, type PreheatMethod } from './method';

/** Index of the first row whose upper end lies above a value; -1 past them all. */
const rowOf = (ends: readonly number[], value: number): number => ends.findIndex((end) => value < end);

/** Susceptibility group of a steel and a rod; null past the table's last column or hydrogen level. */
export function susceptibility(pcm: number, hydrogen_ml: number): SusceptibilityGroup | null {
  const level = HYDROGEN_LEVELS_ml.findIndex((most) => hydrogen_ml <= most);
  return GROUP_TABLE[level]?.[rowOf(PCM_COLUMNS, pcm)] ?? null;
}

/** Preheat by restraint, thickness and group, °C. */
export function controlPreheat_C(
  restraint: RestraintId,
  thick_mm: number,
  group: SusceptibilityGroup,
): number {
  const row = CONTROL_PREHEAT_C[restraint][rowOf(CONTROL_THICKNESS_mm, thick_mm)];
  return row?.[GROUPS.indexOf(group)] ?? 0;
}

export const HYDROGEN_CONTROL_METHOD: PreheatMethod = {
  id: 'hydrogen-control',
  name: 'Hydrogen control',
  looksAt: 'Chemistry, hydrogen, thickness and how fast the joint is held.',
  source: HYDROGEN_CONTROL,
  judge(steel, { thick_mm, hydrogen_ml, restraint }) {
    if (steel.carbon > CARBON_END_pct) return outside(OVER_CARBON);
    if (steel.carbon < CONTROL_FROM_CARBON_pct) return outside('Carbon under 0.11 %: it hardly hardens.');
    // Past 30 ml the table has no level; what is not controlled counts as 30.
    const group = susceptibility(steel.pcm, Math.min(hydrogen_ml, 30));
    if (group === null) return outside('Pcm over 0.38 %: past its last column.');
    return asks(controlPreheat_C(restraint, thick_mm, group));
  },
};
