import { OUR_JUDGEMENT, PRACTICE } from '../units/sources';
import type { MetalGroup } from './metals';

/** Tacks: how far apart, how long each burns, and how they are set. Sheet wants many and small ones, plate few. */

/** From tack to tack on a fillet or lap in steel, mm, by its thinner side, mm. */
export const TACK_SPACING = {
  rows: [
    [1.2, 25],
    [1.5, 40],
    [2, 50],
    [3, 75],
    [6, 100],
    [10, 150],
    [20, 200],
    [25, 250],
  ],
  source: PRACTICE,
} as const;

/** Where edges face one another they close up as they are welded: the share of that, by the thinner side, mm. */
export const BUTT_TACKS = {
  rows: [
    [3, 0.6],
    [10, 1],
  ],
  source: PRACTICE,
} as const;

/** Metals that move more than steel with the same heat. Stainless: half the spacing of steel. */
export const TACKS_CLOSER: { share: number; groups: readonly MetalGroup[]; source: typeof PRACTICE } = {
  share: 0.55,
  groups: ['austenitic', 'duplex', 'aluminium'],
  source: PRACTICE,
};

/** Sheet to here is stitched, mm: run on, it would hole or warp. How long a stitch is on a fillet or lap, mm, by thickness; shorter on a butt. */
export const STITCHES = {
  // 16 gauge is 1.52 mm.
  upTo_mm: 1.6,
  rows: [
    [1, 15],
    [1.2, 20],
    [1.5, 40],
  ],
  source: PRACTICE,
} as const;

/** Closer no tacks are set, mm: they would be the weld. */
export const LEAST_TACK_SPACING_mm = 20;

/** Counted with where no thickness is known, mm. */
export const USUAL_TACK_SPACING_mm = 100;

/** A weld that goes round is tacked at its quarters at the least: a tube of four sides once on each. */
export const TACKS_ROUND = 4;

/** What one tack burns, s, and the way to the next, s, by the thinner side, mm: a blink on sheet, where they lie close. */
export const TACK_ARC = {
  rows: [
    [1.5, 1],
    [6, 3],
  ],
  source: OUR_JUDGEMENT,
} as const;
export const TACK_MOVE = {
  rows: [
    [1.5, 6],
    [6, 15],
  ],
  source: OUR_JUDGEMENT,
} as const;
