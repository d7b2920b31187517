import { FAMILY_IDS, type FamilyId } from '../data/families';
import { partKind } from '../data/partKinds';
import { ageFactors, BACKGROUND, BACKGROUND_SHARE, settingFactors } from '../data/priors';
import { PLAN_SHARE } from '../data/losses';
import type { Side } from '../formats/job';
import { perFamily, type ByFamily } from './likelihood';
import { unclearedHazards } from './clearing';
import { looksLike } from './lookAlike';
import { coatedFactor } from './coating';
import { whyItWaits } from './waits';
import { weigh, type Weighed } from './weigh';

/** What one piece of metal may be: a share of belief for every family, biggest first. Shares sum to one. */
export interface MetalBelief {
  shares: readonly { family: FamilyId; share: number }[];
  /** False until something says what the metal is: then every family is still plausible. */
  tested: boolean;
  /** Known from papers or a stamp. */
  named: FamilyId | null;
  /** Tests that no family explains together, or that speak against the name. */
  conflict: Conflict | null;
  /** Metals that burn or poison and that no test of their own has cleared. */
  uncleared: readonly FamilyId[];
  /** Why it waits for one more test, though all that is likely could be welded alike; null where it need not. */
  waits: string | null;
}

/** Evidence that does not go together, and the test that is likeliest to be wrong. */
export interface Conflict {
  /** Id of the likeliest wrong test; null where it is the name or the kind of part. */
  suspect: string | null;
  /** Probability of that test's answer by everything else known. */
  surprise: number;
}

/** What starts a belief: the kind of part, its age and where it works. */
export type Start = Pick<Side, 'part' | 'age' | 'setting'> & Partial<Pick<Side, 'coatingLook'>>;

const scaledToOne = (values: readonly number[]): number[] => {
  const sum = values.reduce((a, b) => a + b, 0);
  return sum > 0 ? values.map((v) => v / sum) : values.map(() => 1 / values.length);
};

/** Belief before any test, by family. Nothing is ever ruled out by a name. */
export function priorOf({ part, age, setting, coatingLook = null }: Start): ByFamily {
  const under = coatedFactor(coatingLook);
  const factor = (id: FamilyId) =>
    (ageFactors(age)[id] ?? 1) * (settingFactors(setting)[id] ?? 1) * under(id);
  const background = scaledToOne(perFamily((id) => BACKGROUND[id] * factor(id)));
  const kind = partKind(part);
  if (!kind) return background;
  const made = scaledToOne(perFamily((id) => (kind.made[id] ?? 0) * factor(id)));
  return background.map((b, n) => BACKGROUND_SHARE * b + (1 - BACKGROUND_SHARE) * (made[n] ?? 0));
}

/** Bayes' rule over families. */
export const posterior = (prior: ByFamily, weighed: readonly Pick<Weighed, 'says'>[]): ByFamily =>
  scaledToOne(weighed.reduce<ByFamily>((at, { says }) => at.map((p, n) => p * (says[n] ?? 1)), prior));

/** A posterior as a belief, biggest share first; shares under `least` are left out. */
export function sorted(shares: ByFamily, least = 0): MetalBelief['shares'] {
  const kept: { family: FamilyId; share: number }[] = [];
  FAMILY_IDS.forEach((family, n) => {
    const share = shares[n] ?? 0;
    if (share >= least) kept.push({ family, share });
  });
  return kept.sort((a, b) => b.share - a.share);
}

/** A family known for sure. */
export const beliefIn = (family: FamilyId): MetalBelief => ({
  shares: [{ family, share: 1 }],
  tested: true,
  named: family,
  conflict: null,
  uncleared: [],
  waits: null,
});

/** What a side may be, from its kind of part and its tests; or its name, held against them. */
export function beliefOf(side: Side): MetalBelief {
  const weighed = weigh(side);
  const prior = priorOf(side);
  const shares = posterior(prior, weighed);
  if (side.family !== null)
    return {
      ...beliefIn(side.family),
      conflict: againstName(side.family, prior, shares, weighed),
      uncleared: unclearedHazards(side).filter(
        (hazard) =>
          looksLike(hazard, side.family ?? hazard) ||
          (weighed.length > 0 && (shares[FAMILY_IDS.indexOf(hazard)] ?? 0) >= PLAN_SHARE.value),
      ),
    };
  return {
    shares: sorted(shares),
    tested: weighed.length > 0,
    named: null,
    conflict: findConflict(prior, shares, weighed),
    uncleared: unclearedHazards(side),
    waits: whyItWaits(side),
  };
}

/** A test that a family finds this improbable, against the family that likes it best, does not go with it. */
const IMPROBABLE = 0.08;

/** A name is contradicted where the tests have brought its belief down by this factor, and under this share. */
const NAME_FACTOR = 0.02;
const NAME_SHARE = 0.02;

function againstName(
  family: FamilyId,
  prior: ByFamily,
  shares: ByFamily,
  weighed: readonly Weighed[],
): Conflict | null {
  const at = FAMILY_IDS.indexOf(family);
  const now = shares[at] ?? 0;
  if (weighed.length === 0) return null;
  // One test that the name hardly ever shows, and another metal that it fits better: the name does not stand beside it.
  const isOdd = weighed.some(({ says }) => (says[at] ?? 0) / Math.max(...says) < IMPROBABLE);
  const isLikelierOther = shares.some((share, n) => n !== at && share > now);
  if (isOdd && isLikelierOther) return { suspect: null, surprise: now };
  if (now >= NAME_SHARE || now >= NAME_FACTOR * (prior[at] ?? 1)) return null;
  return { suspect: null, surprise: now };
}

/** Families whose own fit is looked at: those holding at least this share. */
const HEARD = 0.05;

/** Conflict: every family still believed finds one of the tests improbable. Named: the test that the rest expects least. */
function findConflict(prior: ByFamily, shares: ByFamily, weighed: readonly Weighed[]): Conflict | null {
  const fits = (says: ByFamily, n: number) => (says[n] ?? 0) / Math.max(...says) >= IMPROBABLE;
  const explained = shares.some((share, n) => share >= HEARD && weighed.every(({ says }) => fits(says, n)));
  if (weighed.length < 2 || explained) return null;
  const surprises = weighed.map(({ id, says }) => {
    const without = posterior(
      prior,
      weighed.filter((other) => other.id !== id),
    );
    const best = Math.max(...says);
    return { suspect: id, surprise: without.reduce((sum, p, n) => sum + (p * (says[n] ?? 0)) / best, 0) };
  });
  return surprises.reduce((a, b) => (b.surprise < a.surprise ? b : a));
}

/** What every test did to one family: its share with the test over its share without it. */
export function effectsOn(side: Side, family: FamilyId): { id: string; times: number }[] {
  const at = FAMILY_IDS.indexOf(family);
  const prior = priorOf(side);
  const all = posterior(prior, weigh(side))[at] ?? 0;
  return Object.keys(side.evidence).flatMap((id) => {
    const rest = Object.fromEntries(Object.entries(side.evidence).filter(([other]) => other !== id));
    const without = posterior(prior, weigh({ ...side, evidence: rest }))[at] ?? 0;
    return without > 0 ? [{ id, times: all / without }] : [];
  });
}
