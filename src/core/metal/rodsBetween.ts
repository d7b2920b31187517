import type { FamilyId } from '../data/families';
import { metalFamily, TOLERATES } from '../data/metals';
import { findPair, PAIRS_SOURCE } from '../data/pairs';
import { ROD_CLASS_IDS, type RodClassId } from '../data/rods';
import { memoryOf, type Source } from '../data/sources';

/** Rods for one pair of families. */
export interface RodsBetween {
  /** Best first. */
  rods: readonly RodClassId[];
  /** Those, and what the two put up with. */
  tolerated: readonly RodClassId[];
  why: string;
  source: Source;
}

export const isRodClass = (id: string): id is RodClassId => (ROD_CLASS_IDS as readonly string[]).includes(id);

const FILLER_CHOICE = memoryOf('handbook filler choice');
const known = new Map<FamilyId, Map<FamilyId, RodsBetween>>();

/** Rods that join two families: their own where they are alike, else from the table of pairs. The order of the two does not matter. */
export function rodsBetween(a: FamilyId, b: FamilyId): RodsBetween {
  const row = known.get(a) ?? new Map<FamilyId, RodsBetween>();
  const found = row.get(b) ?? work(a, b);
  known.set(a, row.set(b, found));
  return found;
}

const withTolerated = (family: FamilyId): RodClassId[] => {
  const { rods, group } = metalFamily(family);
  return [...new Set([...rods, ...(rods.length > 0 ? (TOLERATES[group] ?? []) : [])])].filter(isRodClass);
};

function work(a: FamilyId, b: FamilyId): RodsBetween {
  const [rowA, rowB] = [metalFamily(a), metalFamily(b)];
  const both = withTolerated(a).filter((id) => withTolerated(b).includes(id));
  if (rowA.group === rowB.group) {
    return {
      rods: rowA.rods.filter((id) => rowB.rods.includes(id)).filter(isRodClass),
      tolerated: both,
      why: a === b ? 'Suits the metal on both sides.' : 'Suits both sides.',
      source: FILLER_CHOICE,
    };
  }
  const pair = findPair(rowA.group, rowB.group);
  if (pair === null || pair === 'not by arc') {
    return {
      rods: [],
      tolerated: [],
      why: 'No rod is listed that joins these two: bolt, rivet, braze or use a transition piece.',
      source: PAIRS_SOURCE,
    };
  }
  const rods = pair.rods.filter(isRodClass);
  return {
    rods,
    tolerated: [...new Set([...rods, ...both])],
    why: `Joins the two metals. ${pair.note}`.trim(),
    source: PAIRS_SOURCE,
  };
}
