import type { FamilyId } from '../data/families';
import { metalFamily, type ArcVerdict, type HeatRule, type MetalGroup } from '../data/metals';
import { findPair, PAIRS_SOURCE } from '../data/pairs';
import { ROD_CLASS_IDS, type RodClassId } from '../data/rods';
import { memoryOf, PRACTICE, type Source } from '../data/sources';
import { settledFamily, type MetalBelief } from './belief';

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

const isRodClass = (id: string): id is RodClassId => (ROD_CLASS_IDS as readonly string[]).includes(id);

/** Answers "what does this family want?": rods best first, heat, cautions, and whether to weld it at all. */
export function whatFamilyWants(family: FamilyId): FamilyWants {
  const { arc, why, instead, rods, heat, cautions, group } = metalFamily(family);
  return { arc, why, instead, rods: rods.filter(isRodClass), heat, cautions, group };
}

/** What the joint of two sides asks. 'unknown' while either side is not settled. */
export interface JointWants {
  verdict: ArcVerdict | 'unknown';
  /** Why it is not a plain yes, and what to do instead. */
  why: string;
  instead: string;
  /** Acceptable rods, best first. */
  rods: readonly RodClassId[];
  rodWhy: string;
  rodSource: Source;
  /** Heat rules of both sides, each with the family that sets it. */
  heat: readonly { family: FamilyId; name: string; rule: HeatRule }[];
  cautions: readonly string[];
  families: readonly FamilyId[];
}

/**
 * Rods that are the least bad on a steel nobody has identified: high-alloy first, low hydrogen behind it.
 * Common practice; a plan on it stays a draft.
 */
const CAREFUL: readonly RodClassId[] = ['E312-16', 'E309L-16', 'E7018', 'E7016', 'E7015'];

/** Answers "what does this joint want?" for two sides, each a belief. */
export function whatJointWants(a: MetalBelief, b: MetalBelief): JointWants {
  const families = [settledFamily(a), settledFamily(b)].filter((id): id is FamilyId => id !== null);
  const each = families.map((family) => ({ family, wants: whatFamilyWants(family) }));
  const heat = each
    .filter(({ family }, index) => families.indexOf(family) === index)
    .map(({ family, wants }) => ({ family, name: metalFamily(family).name, rule: wants.heat }));
  const cautions = [...new Set(each.flatMap(({ wants }) => wants.cautions))];
  const base = { heat, cautions, families, rodSource: PRACTICE };

  const never = each.find(({ wants }) => wants.arc === 'never');
  if (never) {
    const { why, instead } = never.wants;
    return {
      ...base,
      verdict: 'never',
      why: `${metalFamily(never.family).name}: ${why}`,
      instead,
      rods: [],
      rodWhy: '',
    };
  }
  if (families.length < 2) {
    return {
      ...base,
      verdict: 'unknown',
      why: 'Nobody has said what the metal is. It is planned as the worst it could be.',
      instead: 'Find out what both sides are, or name the family if you know it.',
      rods: CAREFUL,
      rodWhy: 'Unknown metal: high-alloy rods crack least, then low hydrogen.',
    };
  }
  const lastResort = each.find(({ wants }) => wants.arc === 'last-resort');
  const verdict: ArcVerdict = lastResort ? 'last-resort' : 'yes';
  const why = lastResort ? `${metalFamily(lastResort.family).name}: ${lastResort.wants.why}` : '';
  const instead = lastResort?.wants.instead ?? '';
  return {
    ...base,
    verdict,
    why,
    instead,
    ...rodsFor(
      families,
      each.map(({ wants }) => wants),
    ),
  };
}

/** Rods for two settled sides: shared where the families are alike, else from the table of pairs. */
function rodsFor(families: readonly FamilyId[], wants: readonly FamilyWants[]) {
  const [a, b] = wants;
  if (!a || !b) return { rods: [], rodWhy: '', rodSource: PRACTICE };
  if (families[0] === families[1])
    return {
      rods: a.rods,
      rodWhy: 'Suits the metal on both sides.',
      rodSource: memoryOf('handbook filler choice'),
    };
  if (a.group === b.group) {
    const shared = a.rods.filter((id) => b.rods.includes(id));
    return { rods: shared, rodWhy: 'Suits both sides.', rodSource: memoryOf('handbook filler choice') };
  }
  const pair = findPair(a.group, b.group);
  if (pair === null || pair === 'not by arc') {
    return {
      rods: [],
      rodWhy: 'No rod is listed that joins these two: bolt, rivet, braze or use a transition piece.',
      rodSource: PAIRS_SOURCE,
    };
  }
  return {
    rods: pair.rods.filter(isRodClass),
    rodWhy: `Joins the two metals. ${pair.note}`.trim(),
    rodSource: PAIRS_SOURCE,
  };
}
