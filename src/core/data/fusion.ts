import type { Coating } from './rods';
import type { Rows } from '../units/rows';
import { OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';

/** Figures of fusion on steel, fitted to what welders say; for comparing, not for absolute depths. */

export const FUSION_FIT: Source = {
  name: 'pool kept melted on thick plate, fitted to about 50 A with 5/64 6013 on 6 mm',
  grade: 'calibrated',
};

/** Width that has to be melted for slag to float up, in cores. */
export const FUSED_WIDTH_CORES = { value: 2.3, source: FUSION_FIT };
export const FLOOR_DOUBT = { value: 0.12, source: OUR_JUDGEMENT };

/** What a covering's slag adds or spares: cellulose leaves little slag and digs. */
export const FLOOR_COATING: Readonly<Partial<Record<Coating, number>>> = { cellulosic: 0.75, basic: 0.95 };

/**
 * Aluminium draws heat away five times as fast: least amps by thickness in mm of the thick side, cold, and what of them is enough once it is
 * warmed through. A tenth under what practice begins at on 3 to 12 mm.
 */
export const ALUMINIUM_FLOOR: {
  rows: Rows;
  warm: { from_C: number; share: number };
  source: Source;
} = {
  rows: [
    [3, 51],
    [5, 74],
    [6, 83],
    [10, 107],
    [12, 118],
    [20, 150],
  ],
  warm: { from_C: 90, share: 0.85 },
  source: PRACTICE,
};

/** Depth over the pool an arc could keep, by covering. */
export const DIGGING: Readonly<Partial<Record<Coating, number>>> = {
  cellulosic: 0.5,
  basic: 0.3,
  rutile: 0.25,
  'iron-powder': 0.25,
  stainless: 0.25,
};
/** To where the other face of a sheet stops the heat, mm, and from where it does not. */
export const SHEET_DEPTH = { full_mm: 3.2, none_mm: 4.5, source: OUR_JUDGEMENT };
export const PENETRATION_DOUBT = { value: 0.35, source: OUR_JUDGEMENT };
/** Depth on electrode negative over that on positive: 0.8 mm less of about 1.4 with a 1/8 6013 on the flat. */
export const NEGATIVE_DEPTH = { value: 0.43, source: PRACTICE };
/** Depth past the corner that makes a root fused, mm, and on sheet as a share of it. */
export const ROOT_FUSED_mm = { value: 0.5, ofSheet: 0.15, source: OUR_JUDGEMENT };

/**
 * An open root, from how wide a gap on: amps over those of the fill by covering, and the least over what the rod is sold to run at.
 * Common practice: 85 to 100 A where a 1/8 basic rod fills at 120 to 130, 75 to 95 where a cellulosic one fills at 90 to 110.
 */
export const OPEN_ROOT: {
  from_mm: number;
  usual: number;
  share: Readonly<Partial<Record<Coating, number>>>;
  leastOfLow: number;
  source: Source;
} = {
  from_mm: 1.5,
  usual: 0.85,
  share: { basic: 0.75, cellulosic: 0.88 },
  leastOfLow: 0.78,
  source: PRACTICE,
};
