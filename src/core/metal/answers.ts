import { clearingOf } from '../data/clearing';
import type { FamilyId } from '../data/families';
import { metalTest } from '../data/metalTests';
import type { TestId } from '../data/testIds';
import { clears, type Shown } from './clearing';
import { analyserClasses, BINS } from './likelihood';

/** Answers "would the n-th answer of this test clear that metal?", before the test is done. */
export function answerClears(test: TestId, n: number, hazard: FamilyId): boolean {
  if (test === 'chemistry') return !(analyserClasses()[n]?.includes(hazard) ?? true);
  const shown = answerOf(test, n);
  return shown !== null && clearingOf(hazard).some((result) => clears(result, shown));
}

function answerOf(test: TestId, n: number): Shown | null {
  if (test === 'density' || test === 'hardness' || test === 'conductivity') {
    const [low, high] = [BINS[test][n], BINS[test][n + 1]];
    return low === undefined || high === undefined ? null : { kind: 'number', test, low, high };
  }
  const outcome = Object.keys(metalTest(test).outcomes)[n];
  return outcome === undefined ? null : { kind: 'outcome', test, outcome };
}
