import { memoryOf, OUR_JUDGEMENT } from '../units/sources';

/**
 * How a bead of plain steel cracks as it sets: UCS by weight percent, the most of it that a fillet as deep as it is wide stands, and how much
 * more for every so much shallower.
 */
export const SETTING_CRACK = {
  of: { C: 230, S: 190, P: 75, Nb: 45, Si: -12.3, Mn: -5.4 },
  less: 1,
  carbonFrom_pct: 0.08,
  deep: 20,
  shallower: { ratio: 0.2, more: 9 },
  /** So much sulphur in the bead tears it whatever the rest says, %. */
  sulphur_pct: 0.05,
  source: memoryOf('EN 1011-2, annex on solidification cracking'),
} as const;
/** Depth over width of a bead by hand: it lies flatter than the machine welds that the index was made on. */
export const HAND_BEAD_DEPTH = { ratio: 0.5, source: OUR_JUDGEMENT } as const;
