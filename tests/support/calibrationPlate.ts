import type { BlowArc, BlowPiece } from '../../src/core/field/piece';

/** The plate of the calibration facts: 300 x 150 x 10, a seam along its middle, 130 A, 1/8 rod. */
export const CALIBRATION_PLATE: BlowPiece = {
  kind: 'plate',
  length_mm: 300,
  width_mm: 150,
  seam_mm: 75,
  tacks: [],
  welded: 'nowhere',
  weld_mm: [0, 300],
  web_mm: 0,
  thick_mm: 0,
  tube_mm: 0,
  magnetic: true,
  clamps: [{ x: 20, y: 95 }],
  lead: 'flat',
  tabs: false,
  residual: { x: 0, y: 0 },
};
export const CALIBRATION_ARC: BlowArc = { current_A: 130, arc_mm: 3.2, rod_mm: 3.2, ac: false };
export const CALIBRATION_SEAM = { from: { x: 0, y: 75 }, to: { x: 300, y: 75 } };
