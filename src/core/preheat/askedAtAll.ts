import type { FamilyId } from '../data/families';
import { isReckoned } from '../heat/softFiller';
import type { Reads } from '../judge/situation';

/** The metal that must stay colder than the preheat that is set; undefined where there is none. */
export const mustStayCold = ({ wants, heat }: Reads<'wants' | 'heat'>) =>
  wants.heat.find(({ rule }) => (rule.coldTo_C ?? Infinity) < (heat.preheat?.value ?? 0));

/** The steel whose own chart has to be looked up first; null where there is none, or where the welder has typed what it asks. */
export const waitsForChart = ({ wants, heat }: Reads<'wants' | 'heat'>): FamilyId | null =>
  heat.preheat?.by === 'you' ? null : (wants.heat.find(({ rule }) => rule.byChart)?.family ?? null);

/** True where the metal may be welded as it lies: nothing asked, and nobody set a preheat. */
export function needsNoPreheat({ wants, joint, heat }: Reads<'wants' | 'joint' | 'heat'>): boolean {
  if (wants.families.length === 0 || wants.verdict === 'unknown') return false;
  // Steel of a thickness nobody has typed is not said to need none.
  const unread = joint.thick_mm === null && wants.families.some(isReckoned);
  return (
    !unread && waitsForChart({ wants, heat }) === null && heat.preheat === null && heat.aim_C <= heat.metal_C
  );
}
