import {
  COATING_IDS,
  COATING_LOOKS,
  COATINGS,
  COATINGS_MET,
  LEAD_PAINT_BY_AGE,
  type CoatingId,
} from '../data/coatings';
import { NEVER_SHARE, PLAN_SHARE } from '../data/losses';
import type { Side } from '../formats/job';

/** What may lie on a piece of metal, biggest share first; judged by itself, whatever the metal is. Null while nobody has looked. */
export function coatingBelief({
  coating,
  coatingLook,
  age,
}: Side): { id: CoatingId; share: number }[] | null {
  if (coating !== null) return [{ id: coating, share: 1 }];
  if (coatingLook === null) return null;
  const lead = age === null ? 1 : age === 'since' ? LEAD_PAINT_BY_AGE.since : LEAD_PAINT_BY_AGE.before1980;
  const weights = COATING_IDS.map((id) => {
    const start = COATINGS_MET[id] * (id === 'lead-paint' ? lead : 1);
    return { id, share: start * COATING_LOOKS[coatingLook].weights[id] };
  });
  const sum = weights.reduce((total, { share }) => total + share, 0);
  return weights.map(({ id, share }) => ({ id, share: share / sum })).sort((a, b) => b.share - a.share);
}

/** Coatings a plan has to allow for: those over the plan's share, and one that kills over a trace. Null while nobody has looked. */
export function plausibleCoatings(side: Side): CoatingId[] | null {
  const belief = coatingBelief(side);
  return (
    belief
      ?.filter(
        ({ id, share }) => share >= (COATINGS[id].verdict === 'never' ? NEVER_SHARE.value : PLAN_SHARE.value),
      )
      .map(({ id }) => id) ?? null
  );
}
