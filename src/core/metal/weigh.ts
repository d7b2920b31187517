import { TEST_DOUBTS } from '../data/testDoubts';
import { TEST_GROUPS } from '../data/metalTests';
import type { TestId } from '../data/testIds';
import type { Evidence } from '../formats/evidence';
import type { Side } from '../formats/job';
import { likelihoodOf, type ByFamily } from './likelihood';
import { readsTheSurface } from './surface';

const DOUBTFUL_SHARE = TEST_DOUBTS.doubtfulShare.value;
const REPEAT_SHARED = TEST_DOUBTS.repeatShared.value;

/** A test as it counts: what it says of each family after doubt, repeats and what it shares with others are taken off. */
export interface Weighed {
  id: string;
  evidence: Evidence;
  says: ByFamily;
}

const mean = (of: ByFamily): number => of.reduce((a, b) => a + b, 0) / of.length;

/** Keeps only a share of what a test says; the rest tells nothing. A distribution stays one. */
export function soften(says: ByFamily, share: number): ByFamily {
  if (share >= 1) return says;
  const nothing = mean(says);
  return says.map((p) => share * p + (1 - share) * nothing);
}

/** The group a test shares its cause with; null where it stands alone. */
const groupOf = (test: TestId) =>
  Object.values(TEST_GROUPS).find((group) => (group.tests as readonly TestId[]).includes(test)) ?? null;

/**
 * The share of its own that a test has beside others that are done: whole where it stands first of its group among them.
 * @param done tests that count, without doubt about which they are; may hold `test` itself
 */
export function ownShare(test: TestId, done: readonly TestId[]): number {
  const group = groupOf(test);
  if (!group) return 1;
  const first = (group.tests as readonly TestId[]).find((id) => id === test || done.includes(id));
  return first === test ? 1 : 1 - group.shared;
}

/** What a piece shows, and what may lie on it. */
export type Tested = Pick<Side, 'evidence' | 'coating' | 'coatingLook'>;

/**
 * Every test that counts, in the order of their ids so that the order they were done in does not matter. One that saw a plating says
 * nothing of the metal.
 */
export function weigh(side: Tested, alsoDone: readonly TestId[] = []): Weighed[] {
  const counting = Object.entries(side.evidence)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([id, entry]) => {
      const says = entry.standing === 'undone' || readsTheSurface(entry, side) ? null : likelihoodOf(entry);
      return says ? [{ id, evidence: entry, says }] : [];
    });
  const done = [...counting.map((entry) => entry.evidence.test), ...alsoDone];
  return counting.map((entry) => {
    const { test, standing } = entry.evidence;
    const times = counting.filter((other) => other.evidence.test === test).length;
    const doubted = soften(entry.says, standing === 'doubtful' ? DOUBTFUL_SHARE : 1);
    const own = soften(doubted, ownShare(test, done));
    const each = (1 + (1 - REPEAT_SHARED) * (times - 1)) / times;
    return { ...entry, says: times === 1 ? own : own.map((p) => p ** each) };
  });
}
