import { midSentence, sentence } from '../units/format';
import type { FamilyId } from '../data/families';
import type { HeatRule } from '../data/heatRules';
import { metalFamily, type ArcVerdict, type MetalGroup } from '../data/metals';
import type { RodClassId } from '../data/rods';
import { otherWay, WAYS_BETWEEN_UNLIKE } from '../data/otherWays';
import { PRACTICE, type Source } from '../units/sources';
import { commonWarmth, familyHeatRule } from '../heat/familyRule';
import { hardens, isSoftFiller, softFillerRule } from '../heat/softFiller';
import type { MetalBelief } from './belief';
import { USUAL_SHARES, type Shares } from './doubt';
import { isForbidden, isGrave, mostlyForbidden, plausible } from './plausible';
import { isRodClass, rodsBetween } from './rodsBetween';

/** What a family asks of the plan. The one place where advice depends on the metal. */
export interface FamilyWants {
  arc: ArcVerdict;
  why: string;
  instead: string;
  rods: readonly RodClassId[];
  heat: HeatRule;
  cautions: readonly string[];
  group: MetalGroup;
}

/** Answers "what does this family want?": rods best first, heat, cautions, and whether to weld it at all. */
export function whatFamilyWants(family: FamilyId): FamilyWants {
  const { arc, why, instead, rods, cautions, group } = metalFamily(family);
  const heat = familyHeatRule(family);
  return { arc, why, instead, rods: rods.filter(isRodClass), heat, cautions, group };
}

/** Families that no one plan serves together, and why. */
export interface Apart {
  families: readonly FamilyId[];
  why: string;
}

/** Metal temperature before a bead, °C; null where nothing is asked. */
export interface Warmth {
  min_C: number | null;
  max_C: number | null;
}

/** What the joint of two sides asks, safe for everything either may be. */
export interface JointWants {
  /** 'unknown' while no one plan is safe for all that is plausible. */
  verdict: 'yes' | 'last-resort' | 'never' | 'unknown';
  /** Why it is not a plain yes, and what to do instead. */
  why: string;
  instead: string;
  /** Acceptable rods, best first. */
  rods: readonly RodClassId[];
  rodWhy: string;
  rodSource: Source;
  /** Heat rules of all that is plausible, each with the family that sets it. */
  heat: readonly { family: FamilyId; name: string; rule: HeatRule }[];
  /** Metal temperature that suits all of them before a bead, °C; null where nothing is asked. */
  warm: readonly Warmth[];
  cautions: readonly string[];
  /** All that is plausible on either side; empty while a side has not been looked at. */
  families: readonly FamilyId[];
  /** What each side may still be. */
  sides: readonly MetalBelief['shares'][];
  apart: Apart | null;
  /** What no arc may touch, or the two that no arc joins; empty while nothing is refused. */
  refused: readonly FamilyId[];
  /** True where no arc joins the two metals, though each may be welded to itself. */
  unjoinable: boolean;
}

/**
 * Rods that are the least bad on a steel nobody has identified: high-alloy first, low hydrogen behind it.
 * Common practice; a plan on it stays a draft.
 */
const CAREFUL: readonly RodClassId[] = ['E312-16', 'E309L-16', 'E7018', 'E7016', 'E7015'];

/** Groups that the careful rods are meant for. */
const IRON_BASED: readonly MetalGroup[] = [
  'carbon',
  'hardenable',
  'manganese',
  'cast-iron',
  'austenitic',
  'ferritic',
  'duplex',
];

/** Rods for a draft: careful ones where it may be iron or steel, else those of the likeliest that can be welded. */
function carefulRods(families: readonly FamilyId[]): Pick<JointWants, 'rods' | 'rodWhy'> {
  const weldable = families.filter((id) => !isForbidden(id));
  const [likeliest] = weldable;
  if (likeliest === undefined || weldable.some((id) => IRON_BASED.includes(metalFamily(id).group)))
    return { rods: CAREFUL, rodWhy: 'Unknown metal: high-alloy rods crack least, then low hydrogen.' };
  return { rods: rodsBetween(likeliest, likeliest).rods, rodWhy: `If it is ${names([likeliest])}.` };
}

/** So many are named; the rest is counted. */
const NAMED = 3;
const aFew = (families: readonly FamilyId[]): string =>
  families.length <= NAMED + 1
    ? names(families)
    : `${names(families.slice(0, NAMED))} or ${families.length - NAMED} others that burn, poison or break`;

const names = (families: readonly FamilyId[]): string =>
  families.map((id) => midSentence(metalFamily(id).name)).join(', ');

/**
 * Answers "what does this joint want?" for two sides, each a belief; the same belief twice is one metal on both sides.
 * The plan holds for every family over the share, and for grave ones over the trace; never for the likeliest alone.
 */
export function whatJointWants(a: MetalBelief, b: MetalBelief, shares: Shares = USUAL_SHARES): JointWants {
  const looked = [a, b].filter(({ tested }) => tested);
  const sides = [a, b].map((side) => (side.tested ? plausible(side, shares) : []));
  const families = [...new Set(sides.flatMap((side) => side.map(({ family }) => family)))];
  const each = families.map((family) => ({ family, wants: whatFamilyWants(family) }));
  const pieces = a === b ? sides.slice(0, 1) : sides;
  const base = {
    heat: each.map(({ family, wants }) => ({ family, name: metalFamily(family).name, rule: wants.heat })),
    warm: pieces.map((side) => warmth(side, familyHeatRule)),
    cautions: [...new Set(each.flatMap(({ wants }) => wants.cautions))],
    families,
    sides,
    rodSource: PRACTICE,
    apart: null,
    refused: [],
    unjoinable: false,
  };
  // Where the tests disagree, what it mostly seems is not to be built on; a name from papers is.
  const mostly = looked
    .filter(({ conflict, named }) => conflict === null || named !== null)
    .map((side) => mostlyForbidden(side))
    .find((family) => family !== null);
  if (mostly) {
    const { why, instead } = metalFamily(mostly);
    return {
      ...base,
      verdict: 'never',
      why: `${metalFamily(mostly).name}: ${why}`,
      instead,
      rods: [],
      rodWhy: '',
      refused: [mostly],
    };
  }
  const careful = {
    ...base,
    verdict: 'unknown' as const,
    ...carefulRods(families),
  };
  if (looked.length < 2) {
    return {
      ...careful,
      why: 'Nobody has said what the metal is, and no plan suits all it could be.',
      instead: 'Find out what both sides are, or name the family if you know it.',
    };
  }
  if (looked.some(({ conflict }) => conflict !== null)) {
    return {
      ...careful,
      why: 'What was found does not go together.',
      instead: 'Do the doubtful test again, or take it out.',
    };
  }
  const pairs = pairsOf(sides, a === b);
  if (pairs.every((pair) => !rodsBetween(pair.a, pair.b).byArc)) {
    const [pair] = pairs;
    return {
      ...base,
      verdict: 'never',
      why: pair
        ? `${metalFamily(pair.a).name} to ${names([pair.b])}: ${rodsBetween(pair.a, pair.b).why}`
        : '',
      instead: WAYS_BETWEEN_UNLIKE.slice(0, 3)
        .map((id) => otherWay(id).name)
        .join(', ')
        .concat('.'),
      rods: [],
      rodWhy: '',
      refused: pair ? [pair.a, pair.b] : [],
      unjoinable: true,
    };
  }
  const rods = rodsForAll(sides, a === b);
  // Soft filler asks less heat of steel that hardens: where only the heat stands between two families, it may serve both.
  const soft = rods.rods.filter(isSoftFiller);
  const tooHot = heatApart(sides, familyHeatRule);
  const bySoft =
    tooHot?.families.every(hardens) === true && soft.length > 0 && heatApart(sides, softFillerRule) === null;
  const apart = graveApart(families) ?? rodsApart(sides, a === b) ?? (bySoft ? null : tooHot);
  if (apart) return { ...careful, apart, why: apart.why, instead: 'One more test settles it.' };
  const waiting = looked.find(({ waits }) => waits !== null);
  if (waiting?.waits) return { ...careful, why: waiting.waits, instead: 'One more test settles it.' };
  if (bySoft)
    return {
      ...base,
      ...lastResort(families),
      ...rods,
      rods: soft,
      rodWhy: `Soft weld metal wants less heat, which suits all it may be: ${names(families)}.`,
      warm: pieces.map((side) => warmth(side, softFillerRule)),
    };
  return { ...base, ...lastResort(families), ...rods };
}

/** What may not be welded is still possible beside what may. */
function graveApart(families: readonly FamilyId[]): Apart | null {
  const grave = families.filter((id) => isGrave(id) || isForbidden(id));
  if (grave.length === 0) return null;
  return {
    families: grave,
    why: grave.every((id) => metalFamily(id).arc === 'no-rod')
      ? `It may still be ${aFew(grave)}: no rod suits that. Rule it out first.`
      : `It may still be ${aFew(grave)}: not to be welded. Rule that out first.`,
  };
}

/** Pairs of families that may meet in the joint, with the belief in each; both sides alike where they are one piece. */
export function pairsOf(sides: readonly MetalBelief['shares'][], same: boolean) {
  const [a = [], b = []] = sides;
  if (same) return a.map(({ family, share }) => ({ a: family, b: family, share }));
  return a.flatMap((x) => b.map((y) => ({ a: x.family, b: y.family, share: x.share * y.share })));
}

const common = (pairs: ReturnType<typeof pairsOf>): RodClassId[] => {
  const [first, ...rest] = pairs.map((pair) => rodsBetween(pair.a, pair.b).tolerated);
  return (first ?? []).filter((id) => rest.every((rods) => rods.includes(id)));
};

/** Likeliest first: the families up to the one that leaves no rod which all of them put up with. */
function rodsApart(sides: readonly MetalBelief['shares'][], same: boolean): Apart | null {
  const pairs = pairsOf(sides, same).sort((x, y) => y.share - x.share);
  if (pairs.length < 2) return null;
  let left: readonly RodClassId[] | null = null;
  for (const [n, { a, b }] of pairs.entries()) {
    const { tolerated } = rodsBetween(a, b);
    left = left === null ? tolerated : left.filter((id) => tolerated.includes(id));
    if (left.length > 0) continue;
    const families = [...new Set(pairs.slice(0, n + 1).flatMap((pair) => [pair.a, pair.b]))];
    return { families, why: `No one rod suits all it may be: ${names(families)}.` };
  }
  return null;
}

/** Temperature of the metal that suits several families at once; turned round where none does. */
const warmth = (side: MetalBelief['shares'], ruleOf: (id: FamilyId) => HeatRule): Warmth =>
  commonWarmth(side.map(({ family }) => ruleOf(family)));

/** Only doubt about one piece forces a choice: sides that differ for sure are each warmed by their own rule. */
function heatApart(
  sides: readonly MetalBelief['shares'][],
  ruleOf: (id: FamilyId) => HeatRule,
): Apart | null {
  for (const side of sides) {
    const families = side.map(({ family }) => family);
    const { min_C, max_C } = warmth(side, ruleOf);
    if (families.length < 2 || min_C === null || max_C === null || min_C <= max_C) continue;
    const hot = families.filter((id) => (ruleOf(id).preheatMin_C ?? -Infinity) > max_C);
    const cold = families.filter((id) => {
      const { preheatMax_C, interpassMax_C } = ruleOf(id);
      return Math.min(preheatMax_C ?? Infinity, interpassMax_C ?? Infinity) < min_C;
    });
    const why = `${sentence(names(hot))} wants more heat than ${names(cold)} stands.`;
    return { families: [...hot, ...cold], why };
  }
  return null;
}

function lastResort(families: readonly FamilyId[]): Pick<JointWants, 'verdict' | 'why' | 'instead'> {
  const family = families.find((id) => metalFamily(id).arc === 'last-resort');
  if (family === undefined) return { verdict: 'yes', why: '', instead: '' };
  const { name, why, instead } = metalFamily(family);
  return { verdict: 'last-resort', why: `${name}: ${why}`, instead };
}

/** Position counted for a rod that a pair only puts up with: behind any that it likes. */
const ONLY_TOLERATED = 12;

/** Rods for every pair that may meet, the best for the likeliest first. */
function rodsForAll(
  sides: readonly MetalBelief['shares'][],
  same: boolean,
): Pick<JointWants, 'rods' | 'rodWhy' | 'rodSource'> {
  const pairs = pairsOf(sides, same);
  const [only] = pairs;
  if (pairs.length === 1 && only) {
    const { rods, why, source } = rodsBetween(only.a, only.b);
    return { rods, rodWhy: why, rodSource: source };
  }
  const cost = (id: RodClassId): number =>
    pairs.reduce((sum, { a, b, share }) => {
      const at = rodsBetween(a, b).rods.indexOf(id);
      return sum + share * (at < 0 ? ONLY_TOLERATED : at);
    }, 0);
  const ranked = common(pairs).map((id) => ({ id, cost: cost(id) }));
  ranked.sort((x, y) => x.cost - y.cost);
  const families = [...new Set(pairs.flatMap(({ a, b }) => [a, b]))];
  return {
    rods: ranked.map(({ id }) => id),
    rodWhy: `Acceptable for all it may be: ${names(families)}.`,
    rodSource: PRACTICE,
  };
}
