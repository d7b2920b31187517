import type { FamilyId } from '../data/families';
import { COPPER_PREHEAT, HEAT_RULES, HOT_IRON, HOT_IRON_FROM_C, type HeatRule } from '../data/heatRules';

/**
 * Answers "what does this family ask of temperature?": the one place the rest of the app asks.
 * @param thick_mm thicker side, where it is known: copper asks by thickness
 * @param planned_C preheat the welder has set: gray iron is welded cold or hot
 */
export function familyHeatRule(
  family: FamilyId,
  thick_mm: number | null = null,
  planned_C: number | null = null,
): HeatRule {
  if (family === 'gray-iron' && planned_C !== null && planned_C >= HOT_IRON_FROM_C) return HOT_IRON;
  const rule = HEAT_RULES[family];
  if (family !== 'copper' || thick_mm === null) return rule;
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
