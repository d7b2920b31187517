/** The piece as a thin conducting sheet, seen from above: from its left end along the weld, and across it. Millimetres, amps, gauss. */

export interface Spot {
  x: number;
  y: number;
}

export interface BlowPiece {
  length_mm: number;
  width_mm: number;
  /** A ring or a tube, unrolled: its right end is its left end, and only its long sides are edges. */
  closed: boolean;
  /** Steel that a magnet holds: gathers the field, and its edges push. */
  magnetic: boolean;
  /** Where the work clamps sit. The current shares itself out between them evenly. */
  clamps: readonly Spot[];
  /** How the lead leaves the clamp: flat it does nothing to the arc, upright it does. */
  lead: 'flat' | 'up' | 'down';
  /** Run-off tabs or heavy tacks at both ends of the weld. */
  tabs: boolean;
  /** Field that was there before any arc, along the weld and across it, G; taken as pushing that way. */
  residual: Spot;
}

/** What stands in the arc, and pushes it. */
export interface BlowArc {
  current_A: number;
  /** From rod to plate, mm. */
  arc_mm: number;
  rod_mm: number;
  ac: boolean;
}

/** mu0 / 2 in gauss for every A/mm in a sheet: 2 pi (SI units, Ampere's law). */
export const HALF_MU0_G_mm_A = 2 * Math.PI;
