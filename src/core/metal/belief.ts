import { FAMILY_IDS, type FamilyId } from '../data/families';

/** What one side may be: a share of belief for every family still possible. Shares sum to one. */
export interface MetalBelief {
  shares: readonly { family: FamilyId; share: number }[];
  /** False until something says what the metal is: then every family is still plausible. */
  tested: boolean;
}

/** Element in weight percent, each known only between two ends. Filled from families until chemistry is measured. */
export type CompositionRange = Partial<Record<string, { low: number; high: number }>>;

/** A named family is believed whole; an unnamed one may be anything. */
export function beliefOf(family: FamilyId | null): MetalBelief {
  if (family !== null) return { shares: [{ family, share: 1 }], tested: true };
  return { shares: FAMILY_IDS.map((id) => ({ family: id, share: 1 / FAMILY_IDS.length })), tested: false };
}

/** Families a plan has to be safe for. */
export const plausibleFamilies = (belief: MetalBelief): FamilyId[] =>
  belief.shares.map(({ family }) => family);

/** The one family believed, or null while there is doubt. */
export const settledFamily = (belief: MetalBelief): FamilyId | null =>
  belief.tested && belief.shares.length === 1 ? (belief.shares[0]?.family ?? null) : null;
