import { memoryOf } from '../units/sources';

/** How a bead of plain steel cracks as it sets: UCS by weight percent, and where it is easy and where cracks are likely. */
export const SETTING_CRACK = {
  of: { C: 230, S: 190, P: 75, Nb: 45, Si: -12.3, Mn: -5.4 },
  less: 1,
  carbonFrom_pct: 0.08,
  low: 10,
  high: 30,
  /** So much sulphur in the bead tears it whatever the rest says, %. */
  sulphur_pct: 0.05,
  source: memoryOf('EN 1011-2, annex on solidification cracking'),
} as const;
