import {
  COATING_IDS,
  COATING_LOOKS,
  COATINGS,
  COATINGS_MET,
  LEAD_PAINT_BY_AGE,
  type CoatingId,
  type CoatingLookId,
} from '../data/coatings';
import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import { partKind } from '../data/partKinds';
import { HURTS_SHARE, PLAN_SHARE } from '../data/losses';
import type { Side } from '../formats/job';

/** What may lie on a piece of metal, biggest share first; judged by itself, whatever the metal is. Null while nobody has looked. */
export function coatingBelief({
  coating,
  coatingLook,
  age,
  part,
}: Side): { id: CoatingId; share: number }[] | null {
  if (coating !== null) return [{ id: coating, share: 1 }];
  if (coatingLook === null) return null;
  const lead = age === null ? 1 : age === 'since' ? LEAD_PAINT_BY_AGE.since : LEAD_PAINT_BY_AGE.before1980;
  const galvanised = partKind(part)?.zinc;
  // As often as the kind of part is galvanised, beside all else that may lie on it.
  const others = COATING_IDS.reduce((sum, id) => sum + (id === 'zinc' ? 0 : COATINGS_MET[id]), 0);
  const zinc = galvanised === undefined ? null : (others * galvanised) / (1 - galvanised);
  const weights = COATING_IDS.map((id) => {
    const met = id === 'zinc' && zinc !== null ? zinc : COATINGS_MET[id];
    const start = met * (id === 'lead-paint' ? lead : 1);
    return { id, share: start * COATING_LOOKS[coatingLook].weights[id] };
  });
  const sum = weights.reduce((total, { share }) => total + share, 0);
  return weights.map(({ id, share }) => ({ id, share: share / sum })).sort((a, b) => b.share - a.share);
}

/** Metals that are galvanised by dipping: the frosted pattern and the dull skin stand on them. */
const DIPPED: readonly string[] = ['carbon', 'hardenable', 'cast-iron'];
/** What is left of a metal that nobody dips, where the surface looks dipped. Our judgement. */
const NOT_DIPPED: Readonly<Record<string, number>> = { spangle: 0.01, 'dull-zinc': 0.15 };

/** What the look of a coating says of the metal below it, as a factor by family. */
export const coatedFactor = (look: CoatingLookId | null): ((family: FamilyId) => number) => {
  const rest = look === null ? undefined : NOT_DIPPED[look];
  return (family) => (rest === undefined || DIPPED.includes(metalFamily(family).group) ? 1 : rest);
};

/** Coatings a plan has to allow for: those over the plan's share, and one that kills over a trace. Null while nobody has looked. */
export function plausibleCoatings(side: Side): CoatingId[] | null {
  const belief = coatingBelief(side);
  return (
    belief
      ?.filter(
        ({ id, share }) => share >= (COATINGS[id].verdict === 'never' ? HURTS_SHARE.value : PLAN_SHARE.value),
      )
      .map(({ id }) => id) ?? null
  );
}
