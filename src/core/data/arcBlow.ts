import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';

/** Figures of arc blow: fitted so that the field agrees with what welders see; for comparing choices, not for a gauss meter. */

const FIT: Source = {
  name: 'field of the current in the plate, fitted to where arcs wander',
  grade: 'calibrated',
};

/** Field that an arc as long as its rod is thick stands, G, by where it is pushed. */
export const BLOW_LIMIT_G = { back: 8, side: 16, forward: 16, source: FIT } as const;
/** Steel plate gathers the field of the current in it. */
export const STEEL_GAIN = { value: 2, source: FIT } as const;
/** Arc force holds an arc that much straighter; alternating current counts for so much of direct. */
export const ARC_FORCE_HOLDS = { times: 1.25, source: FIT } as const;
export const AC_SHARE = { value: 0.1, source: FIT } as const;
/** A groove gathers the field at its root, and less as it fills; an inside corner somewhat. */
export const GATHERS = { root: 1.5, flush: 1, corner: 1.2, source: FIT } as const;
/** Give and take of the field on one plate, and across a gap, in a tee or a corner. */
export const BLOW_DOUBT = {
  plain: { low: 0.8, high: 1.25 },
  gap: { low: 0.5, high: 2 },
  source: FIT,
} as const;
/** Judged from so far in from each end of the weld, mm, at so many places. */
export const SWEEP = { from_mm: 10, places: 60, source: PRACTICE } as const;
/** Run-off tabs and heavy tacks move the edge out by so much, mm. */
export const TAB_mm = { value: 50, source: PRACTICE } as const;
/** Where the clamp is put when nobody says: at least so far in from the end, before the weld, and aside of it, mm. */
export const USUAL_CLAMP = { along_mm: 20, before_mm: 60, aside_mm: 20, source: PRACTICE } as const;
/** Half of what the pool, and a tack, joins along the seam, mm. */
export const POOL_HALF_mm = { value: 5, source: OUR_JUDGEMENT } as const;
export const TACK_HALF_mm = { value: 8, source: OUR_JUDGEMENT } as const;
/** Upright of a tee, and tube of a frame, where nobody says, mm. */
export const USUAL_WEB_mm = { value: 100, source: OUR_JUDGEMENT } as const;
export const USUAL_TUBE_mm = { value: 50, source: OUR_JUDGEMENT } as const;
/** A frame where nobody says, over all, mm. */
export const USUAL_FRAME_mm = { length: 600, width: 400, source: OUR_JUDGEMENT } as const;
/** Free end of the work lead that still counts, mm. */
export const LEAD_COUNTS_mm = 2000;
/** What a field that is there before any arc does. */
export const RESIDUAL_GUIDE = [
  { upTo_G: 10, words: 'fine' },
  { upTo_G: 20, words: 'noticeable' },
  { upTo_G: 40, words: 'unstable' },
  { upTo_G: Infinity, words: 'severe: demagnetise it first' },
] as const;
export const RESIDUAL_SOURCE = memoryOf('practice with magnetised pipe and crane rails');
