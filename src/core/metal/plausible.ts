import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import { isHazard } from '../data/hazards';
import type { MetalBelief } from './belief';
import { USUAL_SHARES, type Shares } from './doubt';

/** No weld holds on it, whatever is done; it hurts nobody. */
export const failsWhatever = (family: FamilyId): boolean =>
  metalFamily(family).arc === 'never' && !isHazard(family);

/** Families kept in mind further down than others: able to hurt somebody, or never to be arc welded. */
export const isGrave = (family: FamilyId): boolean => isHazard(family) || failsWhatever(family);

/**
 * Families a plan has to be safe for, biggest share first: those over the plan's share, those no weld holds on over theirs, and every
 * one that burns or poisons until a test of its own has cleared it: that stands at its trace at least, whatever else was found.
 */
export function plausible(
  { shares, uncleared }: MetalBelief,
  { plan, hurts, fails }: Shares = USUAL_SHARES,
): MetalBelief['shares'] {
  const least = (family: FamilyId): number =>
    isHazard(family) ? plan : failsWhatever(family) ? fails : plan;
  const kept = shares.filter(({ family, share }) => share >= least(family) || uncleared.includes(family));
  const unseen = uncleared
    .filter((family) => shares.every((entry) => entry.family !== family))
    .map((family) => ({ family, share: hurts }));
  const all = [...kept, ...unseen].map(({ family, share }) => ({
    family,
    share: uncleared.includes(family) ? Math.max(share, hurts) : share,
  }));
  return all.length > 0 ? all.sort((a, b) => b.share - a.share) : shares.slice(0, 1);
}

/** Belief in families for which a test holds, in all. */
export const shareOf = (
  { shares }: Pick<MetalBelief, 'shares'>,
  holds: (family: FamilyId) => boolean,
): number => shares.reduce((sum, { family, share }) => sum + (holds(family) ? share : 0), 0);

/** Not to be arc welded, for whatever reason. */
export const isForbidden = (family: FamilyId): boolean => {
  const { arc } = metalFamily(family);
  return arc === 'never' || arc === 'no-rod';
};

/** From this share on a side is taken to be what it mostly seems, when that may not be welded. */
const MOSTLY = 0.5;

/** The likeliest family that may not be welded, where a side is mostly such; else null. */
export function mostlyForbidden(side: MetalBelief): FamilyId | null {
  if (shareOf(side, isForbidden) < MOSTLY) return null;
  return side.shares.find(({ family }) => isForbidden(family))?.family ?? null;
}
