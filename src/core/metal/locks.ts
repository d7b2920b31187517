import { midSentence } from '../units/format';
import { HAZARDS } from '../data/hazards';
import { TEST_DOUBTS } from '../data/testDoubts';
import { CLEARING } from '../data/clearing';
import { metalFamily } from '../data/metals';
import { metalTest } from '../data/metalTests';
import type { FamilyId } from '../data/families';
import { TEST_IDS, type TestId } from '../data/testIds';
import type { Side } from '../formats/job';
import { shownBy, unclearedHazards } from './clearing';
import { looksLike } from './lookAlike';

/** Why a test may not be done yet, and what opens it. */
export interface Lock {
  why: string;
  unlock: string;
  /** Tests that open it. */
  by: readonly TestId[];
}

const LIGHT_g_cm3 = TEST_DOUBTS.light_g_cm3.value;
/** So many metals are named; more are counted. */
const NAMED = 2;

/**
 * Answers "is this test safe to do on this piece now?" Dust, sparks and flame wait for every metal that burns or poisons by them, until a
 * test of its own has cleared it: no name, age or place opens them. A density under 2.2 locks whatever else was found.
 */
export function lockOf(test: TestId, side: Side): Lock | null {
  const { makes } = metalTest(test);
  const sound = Object.values(side.evidence).filter(({ standing }) => standing === 'sound');
  const sticks = sound.some(
    (entry) => entry.kind === 'outcome' && entry.test === 'magnet' && entry.outcome === 'strong',
  );
  if (test === 'conductivity' && sticks) {
    return {
      why: 'It is magnetic: the meter reads anything on it.',
      unlock: 'Nothing opens this.',
      by: [],
    };
  }
  if (makes === 'nothing') return null;
  const isLight = sound
    .map(shownBy)
    .some((shown) => shown?.kind === 'number' && shown.test === 'density' && shown.low < LIGHT_g_cm3);
  if (isLight) {
    return {
      why: 'Lighter than 2.2 g/cm³: it may be magnesium, and its dust and chips burn.',
      unlock: 'Nothing opens this. Do not grind, file or heat it.',
      by: [],
    };
  }
  const { family } = side;
  const open = unclearedHazards(side)
    .filter((hazard) => family === null || looksLike(hazard, family))
    .filter((hazard) => HAZARDS[hazard]?.[makes === 'dust' ? 'noDust' : 'noFlame']);
  if (open.length === 0) return null;
  const by = clearingTests(open);
  return {
    why: `It may be ${namesOf(open)}, not cleared by a test of its own: ${makes === 'dust' ? 'its dust and chips burn or poison' : 'flame on it burns or poisons'}.`,
    unlock: `Open it with: ${by
      .slice(0, NAMED + 1)
      .map((id) => midSentence(metalTest(id).name))
      .join(', ')}.`,
    by,
  };
}

const namesOf = (families: readonly FamilyId[]): string => {
  const names = families.map((id) => midSentence(metalFamily(id).name));
  return names.length <= NAMED ? names.join(' or ') : `${names.slice(0, NAMED).join(', ')} or another`;
};

/** Tests that clear any of these and throw nothing about themselves, quickest first. */
const clearingTests = (families: readonly FamilyId[]): TestId[] =>
  TEST_IDS.filter(
    (id) =>
      metalTest(id).makes === 'nothing' &&
      families.some((family) => CLEARING[family]?.some(({ test }) => test === id)),
  ).sort((a, b) => metalTest(a).minutes - metalTest(b).minutes);
