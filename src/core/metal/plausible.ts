import type { FamilyId } from '../data/families';
import { NEVER_SHARE, PLAN_SHARE } from '../data/losses';
import { metalFamily } from '../data/metals';
import { isHazard } from '../data/hazards';
import type { MetalBelief } from './belief';

/** Families kept in mind down to a trace: never to be arc welded, or able to hurt somebody. */
export const isGrave = (family: FamilyId): boolean => metalFamily(family).arc === 'never' || isHazard(family);

/**
 * Families a plan has to be safe for, biggest share first: those over the plan's share, and grave ones over a trace.
 * @param share share of belief from which an ordinary family is planned for
 * @param trace the same for a grave one
 */
export const plausible = (
  { shares }: MetalBelief,
  share: number = PLAN_SHARE.value,
  trace: number = NEVER_SHARE.value,
): MetalBelief['shares'] => {
  const kept = shares.filter((entry) => entry.share >= (isGrave(entry.family) ? trace : share));
  return kept.length > 0 ? kept : shares.slice(0, 1);
};

/** Belief in families for which a test holds, in all. */
export const shareOf = ({ shares }: MetalBelief, holds: (family: FamilyId) => boolean): number =>
  shares.reduce((sum, { family, share }) => sum + (holds(family) ? share : 0), 0);

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
