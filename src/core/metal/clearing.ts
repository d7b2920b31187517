import { clearingOf, type ClearingResult } from '../data/clearing';
import { HAZARD_IDS } from '../data/hazards';
import type { FamilyId } from '../data/families';
import type { TestId } from '../data/testIds';
import { clearsNothing } from './surface';
import type { Evidence } from '../formats/evidence';
import type { Side } from '../formats/job';
import { usualError } from '../formats/usualError';
import { densityOf } from './density';

/** A result that may clear, of a test that was done or might be. */
export type Shown =
  | { kind: 'outcome'; test: TestId; outcome: string }
  | { kind: 'number'; test: 'density' | 'hardness' | 'conductivity'; low: number; high: number }
  | {
      kind: 'chemistry';
      elements: Readonly<Record<string, { low: number; high: number }>>;
      seesCarbon: boolean;
    };

/** Elements that only an analyser which sees carbon sees too. */
const LIGHT_ELEMENTS: readonly string[] = ['C', 'Be'];

/** What a piece of evidence shows; null while it shows nothing yet. */
export function shownBy(evidence: Evidence): Shown | null {
  switch (evidence.kind) {
    case 'outcome':
      return { kind: 'outcome', test: evidence.test, outcome: evidence.outcome };
    case 'weighings': {
      const { air_g, water_g, scale_g } = evidence;
      if (air_g === null || water_g === null) return null;
      const read = densityOf({ air_g, water_g, scale_g: scale_g ?? 0.01 * air_g });
      return read.ok ? { kind: 'number', test: 'density', low: read.value.low, high: read.value.high } : null;
    }
    case 'hardness':
      return evidence.hardness_HB === null
        ? null
        : { kind: 'number', test: 'hardness', low: evidence.hardness_HB, high: evidence.hardness_HB };
    case 'conductivity':
      return evidence.iacs_pct === null
        ? null
        : { kind: 'number', test: 'conductivity', low: evidence.iacs_pct, high: evidence.iacs_pct };
    case 'chemistry': {
      const read = Object.entries(evidence.elements).flatMap(([element, { percent, error }]) => {
        if (percent === null) return [];
        const half = error ?? usualError(percent);
        return [[element, { low: Math.max(0, percent - half), high: percent + half }] as const];
      });
      return read.length === 0
        ? null
        : { kind: 'chemistry', elements: Object.fromEntries(read), seesCarbon: evidence.seesCarbon };
    }
  }
}

/** Whether a result is one that clears. */
export function clears(result: ClearingResult, shown: Shown): boolean {
  if ('outcomes' in result)
    return shown.kind === 'outcome' && shown.test === result.test && result.outcomes.includes(shown.outcome);
  if ('element' in result) {
    if (shown.kind !== 'chemistry') return false;
    const { element } = result;
    if ((LIGHT_ELEMENTS.includes(element) || ('seen' in result && result.seen)) && !shown.seesCarbon)
      return false;
    const read = shown.elements[element];
    if ('over' in result) return read !== undefined && read.low > result.over;
    // An element that a whole analysis does not name was looked for and not found.
    return read === undefined ? isWhole(shown) : read.high < result.under;
  }
  if (shown.kind !== 'number' || shown.test !== result.test) return false;
  if ('outside' in result) return shown.high < result.outside[0] || shown.low > result.outside[1];
  return 'over' in result ? shown.low > result.over : shown.high < result.under;
}

/** Readings that add up to nearly all of it: what is not among them was not found. */
const WHOLE_pct = 90;
const isWhole = ({ elements }: Extract<Shown, { kind: 'chemistry' }>): boolean =>
  Object.values(elements).reduce((sum, { low, high }) => sum + (low + high) / 2, 0) >= WHOLE_pct;

/** Whether any result of a test may clear a metal. */
export const mayClear = (family: FamilyId, test: TestId): boolean =>
  clearingOf(family).some((result) => result.test === test);

/**
 * Answers "has a test of its own cleared this metal?": a sound result on bare metal that clears it, and none of the same test, as
 * sound, that does not.
 */
export function isCleared(
  family: FamilyId,
  side: Pick<Side, 'evidence' | 'coating' | 'coatingLook'>,
): boolean {
  const sound = Object.values(side.evidence).filter(
    (entry) => entry.standing === 'sound' && !clearsNothing(entry, side),
  );
  return clearingOf(family).some((result) => {
    const shown = sound
      .filter(({ test }) => test === result.test)
      .map(shownBy)
      .filter((one): one is Shown => one !== null);
    const clearsIt = (one: Shown) =>
      clearingOf(family).some((other) => other.test === result.test && clears(other, one));
    return shown.some((one) => clears(result, one)) && shown.every(clearsIt);
  });
}

/** Metals that burn or poison and that no test of their own has cleared. */
export const unclearedHazards = (side: Pick<Side, 'evidence' | 'coating' | 'coatingLook'>): FamilyId[] =>
  HAZARD_IDS.filter((family) => !isCleared(family, side));
