import { memoryOf, PRACTICE } from '../units/sources';

/** Figures of the ways of mending. */

/** Patches and parts put on: how far they keep from edges, lap over and are rounded, mm, and by the sheet's thickness. */
export const PATCH = {
  edge_mm: 25,
  edgeOfThin: 3,
  lap_mm: 25,
  lapOfThin: 5,
  corner_mm: 25,
  cornerOfThin: 5,
  source: PRACTICE,
} as const;

/** Build-up: where the hard layers begin under size, what is left for the cutter, and how thin a part bows, mm. */
export const BUILD_UP = {
  under_mm: { low: 3, high: 6 },
  machining_mm: 2.5,
  warpsUnder_mm: 20,
  source: PRACTICE,
} as const;

/** Visual limits that are usual (AWS D1.1, from memory): undercut by thickness, pores by length, fillets under size. */
export const VISUAL = {
  undercut_mm: 1,
  undercutThick_mm: 2,
  thickFrom_mm: 25,
  undercutAcross_mm: 0.25,
  undercutOfSheet: 0.1,
  poresSum_mm: 10,
  poresIn_mm: 25,
  poresMoving_mm: 2.5,
  poresEvery_mm: 100,
  undersize: [
    { upTo_mm: 5, less_mm: 1.6 },
    { upTo_mm: 6, less_mm: 2.4 },
    { upTo_mm: Infinity, less_mm: 3.2 },
  ],
  undersizeShare_pct: 10,
  source: memoryOf('AWS D1.1, visual limits'),
} as const;

/** Hardest beside a weld that is usual where hydrogen or rust may crack it, HV (EN ISO 15614-1 group 1, from memory). */
export const HARDEST_BESIDE_HV = 350;
