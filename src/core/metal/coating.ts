import { COATING_IDS, COATING_LOOKS, COATINGS, type CoatingId } from '../data/coatings';
import { NEVER_SHARE, PLAN_SHARE } from '../data/losses';
import type { Side } from '../formats/job';

/** How often metal carries each coating before it is looked at, by weight. Our judgement. */
const BEFORE: Readonly<Record<CoatingId, number>> = {
  none: 78,
  zinc: 14,
  chrome: 2,
  'lead-paint': 5,
  terne: 0.5,
  cadmium: 0.5,
};
/** Made before 1980: lead paint was usual. Our judgement. */
const OLD_LEAD = 5;
/** Since 1980: hardly any. */
const NEW_LEAD = 0.1;

/** What may lie on a piece of metal, biggest share first; judged by itself, whatever the metal is. Null while nobody has looked. */
export function coatingBelief({
  coating,
  coatingLook,
  age,
}: Side): { id: CoatingId; share: number }[] | null {
  if (coating !== null) return [{ id: coating, share: 1 }];
  if (coatingLook === null) return null;
  const lead = age === null ? 1 : age === 'since' ? NEW_LEAD : OLD_LEAD;
  const weights = COATING_IDS.map((id) => {
    const start = BEFORE[id] * (id === 'lead-paint' ? lead : 1);
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
