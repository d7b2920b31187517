import type { FamilyId } from '../data/families';
import {
  ALUMINIUM_WARM,
  BRAZE_IRON,
  COPPER_PREHEAT,
  HEAT_RULES,
  HOT_IRON,
  type HeatRule,
} from '../data/heatRules';
import type { IronWay } from '../data/ironIds';
import { metalFamily } from '../data/metals';

/**
 * Answers "what does this family ask of temperature?": the one place the rest of the app asks.
 * @param thick_mm thicker side, where it is known: copper and aluminium ask by thickness
 * @param ironWay how a casting is mended: cold where nobody says
 */
export function familyHeatRule(
  family: FamilyId,
  thick_mm: number | null = null,
  ironWay: IronWay | null = null,
): HeatRule {
  if (ironWay !== null && metalFamily(family).group === 'cast-iron') {
    if (ironWay === 'hot') return HOT_IRON;
    if (ironWay === 'braze') return BRAZE_IRON;
  }
  const rule = HEAT_RULES[family];
  if (thick_mm === null) return rule;
  if (ALUMINIUM_WARM.families.includes(family) && thick_mm >= ALUMINIUM_WARM.from_mm)
    return { ...rule, preheatMin_C: ALUMINIUM_WARM.least_C, source: ALUMINIUM_WARM.source };
  if (family !== 'copper') return rule;
  const row = COPPER_PREHEAT.rows.find(({ upTo_mm }) => thick_mm <= upTo_mm);
  const least_C = row?.least_C ?? 0;
  return { ...rule, preheatMin_C: least_C === 0 ? null : least_C, source: COPPER_PREHEAT.source };
}

/** Temperature that several rules allow together, °C; null where nothing is asked; turned round where none does. */
export function commonWarmth(rules: readonly HeatRule[]): { min_C: number | null; max_C: number | null } {
  const mins = rules.flatMap(({ preheatMin_C }) => (preheatMin_C === null ? [] : [preheatMin_C]));
  const maxs = rules.flatMap((rule) => [rule.preheatMax_C, rule.interpassMax_C].filter((t) => t !== null));
  return {
    min_C: mins.length > 0 ? Math.max(...mins) : null,
    max_C: maxs.length > 0 ? Math.min(...maxs) : null,
  };
}
