import type { FamilyId } from '../data/families';
import { metalFamily, TOLERATES } from '../data/metals';
import { findPair, PAIRS_SOURCE, type Buttering } from '../data/pairs';
import { ROD_CLASS_IDS, type RodClassId } from '../data/rods';
import { memoryOf, type Source } from '../units/sources';
import { memoizeBy } from '../units/memoize';

/** Rods for one pair of families. */
export interface RodsBetween {
  /** Best first. */
  rods: readonly RodClassId[];
  /** Those, and what the two put up with. */
  tolerated: readonly RodClassId[];
  why: string;
  source: Source;
  /** False where no arc joins the two at all: they are bolted, or a transition piece comes between. */
  byArc: boolean;
  /** One side laid over first, where that is the better way. */
  butter: Buttering | null;
}

export const isRodClass = (id: string): id is RodClassId => (ROD_CLASS_IDS as readonly string[]).includes(id);

const FILLER_CHOICE = memoryOf('handbook filler choice');

const itself = (family: FamilyId): string => family;
const from = memoizeBy((a: FamilyId) => memoizeBy((b: FamilyId) => work(a, b), itself), itself);

/** Rods that join two families: their own where they are alike, else from the table of pairs. The order of the two does not matter. */
export const rodsBetween = (a: FamilyId, b: FamilyId): RodsBetween => from(a)(b);

const withTolerated = (family: FamilyId): RodClassId[] => {
  const { rods, group } = metalFamily(family);
  return [...new Set([...rods, ...(rods.length > 0 ? (TOLERATES[group] ?? []) : [])])].filter(isRodClass);
};

function work(a: FamilyId, b: FamilyId): RodsBetween {
  const [rowA, rowB] = [metalFamily(a), metalFamily(b)];
  const both = withTolerated(a).filter((id) => withTolerated(b).includes(id));
  const pair = a === b ? null : findPair(a, b);
  if (rowA.group === rowB.group && (pair === null || pair === 'not by arc')) {
    return {
      rods: rowA.rods.filter((id) => rowB.rods.includes(id)).filter(isRodClass),
      tolerated: both,
      why: a === b ? 'Suits the metal on both sides.' : 'Suits both sides.',
      source: FILLER_CHOICE,
      byArc: true,
      butter: null,
    };
  }
  if (pair === null || pair === 'not by arc') {
    return {
      rods: [],
      tolerated: [],
      why:
        pair === null
          ? 'No rod is listed that joins these two.'
          : 'No arc joins these two: the seam between them is brittle, or one is gone before the other melts.',
      source: PAIRS_SOURCE,
      byArc: pair === null,
      butter: null,
    };
  }
  const rods = pair.rods.filter(isRodClass);
  return {
    rods,
    tolerated: [...new Set([...rods, ...both])],
    why: `Joins the two metals. ${pair.note}`.trim(),
    source: PAIRS_SOURCE,
    byArc: true,
    butter: pair.butter ?? null,
  };
}
