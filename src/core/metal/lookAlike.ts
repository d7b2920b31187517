import { FAMILY_IDS, type FamilyId } from '../data/families';
import { EXPECTED } from './likelihood';

/** Tests that anybody does in passing: what they cannot tell apart looks alike. */
const IN_PASSING = ['magnet', 'heft', 'colour'] as const;
/** Two metals that show the same this often look alike. Our judgement: light metals, and coppery ones, do. */
const ALIKE = 0.3;

/** Whether a metal may be taken for another by magnet, weight and colour: how often all three show the same. */
export function looksLike(a: FamilyId, b: FamilyId): boolean {
  if (a === b) return false;
  const [m, n] = [FAMILY_IDS.indexOf(a), FAMILY_IDS.indexOf(b)];
  const overlap = (test: (typeof IN_PASSING)[number]) =>
    EXPECTED[test].reduce((sum, answer) => sum + Math.min(answer[m] ?? 0, answer[n] ?? 0), 0);
  return IN_PASSING.reduce((product, test) => product * overlap(test), 1) >= ALIKE;
}
