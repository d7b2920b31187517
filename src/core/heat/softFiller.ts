import type { FamilyId } from '../data/families';
import { HAND_WARM_C, SOFT_FILLER } from '../data/heatLimits';
import type { HeatRule } from '../data/heatRules';
import { HOLDS_HYDROGEN } from '../data/keeping';
import { metalFamily } from '../data/metals';
import { rodClass, type RodClassId } from '../data/rods';
import { familyHeatRule } from './familyRule';

/** Groups whose preheat is reckoned by chemistry. */
const BY_CHEMISTRY: readonly string[] = ['carbon', 'hardenable'];
/** Families for which no reckoning helps: the weld cracks hot, or only the maker's chart counts. */
const NOT_BY_CHEMISTRY: readonly FamilyId[] = ['tool-steel', 'free-machining-steel'];

/** True for ferritic steel that hardens by its chemistry. */
export const hardens = (family: FamilyId): boolean => BY_CHEMISTRY.includes(metalFamily(family).group);

/** True for steel whose preheat is reckoned by chemistry, and so by thickness. */
export const isReckoned = (family: FamilyId): boolean =>
  hardens(family) && !NOT_BY_CHEMISTRY.includes(family);

/** Its weld metal keeps the hydrogen: austenitic or nickel. */
export const isSoftFiller = (id: RodClassId): boolean => HOLDS_HYDROGEN.includes(rodClass(id).coating);

/** Preheat that steel asks under soft filler, °C, from what it asks under dry basic rods. Source: with the table. */
export const softFillerAsks_C = (ordinary_C: number): number =>
  Math.min(SOFT_FILLER.most_C, Math.max(HAND_WARM_C.value, SOFT_FILLER.share * ordinary_C));

/** What a family asks of temperature when it is welded with soft filler: less before it, and beads that are kept cooler. */
export function softFillerRule(family: FamilyId): HeatRule {
  const rule = familyHeatRule(family);
  if (!hardens(family)) return rule;
  const { preheatMin_C, interpassMax_C } = rule;
  return {
    ...rule,
    preheatMin_C: preheatMin_C !== null && isReckoned(family) ? softFillerAsks_C(preheatMin_C) : preheatMin_C,
    interpassMax_C: Math.min(interpassMax_C ?? Infinity, SOFT_FILLER.beads_C),
  };
}
