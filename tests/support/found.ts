import { blankSide } from '../../src/core/formats/blankJob';
import type { Evidence, Standing } from '../../src/core/formats/evidence';
import type { Side } from '../../src/core/formats/job';
import type { TestId } from '../../src/core/data/testIds';
import { WATER_g_cm3 } from '../../src/core/metal/density';
import type { Story } from './stories';

/** Weight in air that tests of density are told with, g. */
const PIECE_g = 500;

/** One finding of a story as evidence. */
export function evidenceOf([test, seen]: Story['found'][number], standing: Standing = 'sound'): Evidence {
  if (typeof seen === 'string') return { kind: 'outcome', test: test as TestId, outcome: seen, standing };
  if (typeof seen === 'object') {
    const elements = Object.fromEntries(
      Object.entries(seen).map(([el, percent]) => [el, { percent, error: 0.05 }]),
    );
    return { kind: 'chemistry', test: 'chemistry', elements, seesCarbon: false, standing };
  }
  switch (test) {
    case 'hardness':
      return { kind: 'hardness', test, hardness_HB: seen, standing };
    case 'conductivity':
      return { kind: 'conductivity', test, iacs_pct: seen, standing };
    default: {
      const water_g = PIECE_g * (1 - WATER_g_cm3 / seen);
      return { kind: 'weighings', test: 'density', air_g: PIECE_g, water_g, scale_g: 0.5, standing };
    }
  }
}

/** A side on which a story's findings were made. */
export const sideOf = ({ part, age, found }: Pick<Story, 'part' | 'age' | 'found'>): Side => ({
  ...blankSide(),
  part,
  age: age ?? null,
  evidence: Object.fromEntries(found.map((finding, n) => [`t${n}`, evidenceOf(finding)])),
});
