import { TEST_DOUBTS } from '../data/testDoubts';
import { metalTest } from '../data/metalTests';
import type { TestId } from '../data/testIds';
import { NEVER_SHARE } from '../data/losses';
import type { Side } from '../formats/job';
import { densityOf } from './density';
import { beliefOf } from './belief';
import { shareOf } from './plausible';

/** Why a test may not be done yet, and what opens it. */
export interface Lock {
  why: string;
  unlock: string;
  /** Tests that open it. */
  by: readonly TestId[];
}

const LIGHT_g_cm3 = TEST_DOUBTS.light_g_cm3.value;

/**
 * Answers "is this test safe to do on this piece now?" Dust, sparks and flame wait until magnesium is ruled out: by a magnet that
 * sticks, by weight, or by what it is once the magnet was tried. Dust waits while beryllium is possible. A density under 2.2 locks whatever else was found.
 */
export function lockOf(test: TestId, side: Side): Lock | null {
  const { makes } = metalTest(test);
  const found = Object.values(side.evidence).filter(({ standing }) => standing === 'sound');
  const seen = (id: TestId, outcomes: readonly string[]) =>
    found.some((entry) => entry.kind === 'outcome' && entry.test === id && outcomes.includes(entry.outcome));
  if (test === 'conductivity' && seen('magnet', ['strong'])) {
    return {
      why: 'It is magnetic: the meter reads anything on it.',
      unlock: 'Nothing opens this.',
      by: [],
    };
  }
  if (makes === 'nothing') return null;
  const densities = found.flatMap((entry) => {
    if (entry.kind !== 'weighings' || entry.air_g === null || entry.water_g === null) return [];
    const read = densityOf({
      air_g: entry.air_g,
      water_g: entry.water_g,
      scale_g: entry.scale_g ?? 0.01 * entry.air_g,
    });
    return read.ok ? [read.value] : [];
  });
  if (densities.some(({ low }) => low < LIGHT_g_cm3)) {
    return {
      why: 'Lighter than 2.2 g/cm³: it may be magnesium, and its dust and chips burn.',
      unlock: 'Nothing opens this. Do not grind, file or heat it.',
      by: [],
    };
  }
  const belief = beliefOf({ ...side, family: null });
  const magnesium = shareOf(belief, (id) => id === 'magnesium');
  const tried = found.some(({ test: id }) => id === 'magnet');
  const heavy = densities.length > 0 || seen('heft', ['steel', 'heavier']);
  const settled = seen('magnet', ['strong']) || heavy || (tried && magnesium < NEVER_SHARE.value);
  if (!settled) {
    return seen('magnet', ['weak', 'none'])
      ? {
          why: 'Not magnetic and not weighed: it may be magnesium, and its dust and chips burn.',
          unlock: 'Heft it; if it is light, weigh it in air and in water.',
          by: ['heft', 'density'],
        }
      : {
          why: 'Magnesium is not ruled out, and its dust and chips burn.',
          unlock: 'Try the magnet first.',
          by: ['magnet', 'heft'],
        };
  }
  if (makes === 'dust' && shareOf(belief, (id) => id === 'beryllium-copper') >= NEVER_SHARE.value) {
    return {
      why: 'It may hold beryllium: its dust destroys lungs.',
      unlock:
        'Scrape a spot by hand for its colour, or try conductivity. No dry filing, chipping or grinding.',
      by: ['colour', 'conductivity', 'density'],
    };
  }
  return null;
}
