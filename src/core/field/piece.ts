import type { PieceKind } from '../data/orderIds';
import { pieceTraits } from '../data/pieces';

/** The piece as a thin conducting sheet, seen from above: from its left end along the weld, and across it. Millimetres, amps, gauss. */

export interface Spot {
  x: number;
  y: number;
}

/** A clamp on the piece; on a tee it may sit on the upright, so far up as it lies from the seam. */
export interface Clamp extends Spot {
  upright?: boolean;
}

export interface BlowPiece {
  /**
   * One plate; two with a gap between them that touch at their tacks; a flange with an upright on it, joined at its tacks; a ring or a
   * tube unrolled (its right end is its left end, and only its long sides are edges); a frame of tube, seen from above.
   */
  kind: PieceKind;
  /** A frame: over all. */
  length_mm: number;
  width_mm: number;
  /** Where the seam lies across it, from its lower edge. */
  seam_mm: number;
  /** Where plates are tacked, from the left end. */
  tacks: readonly number[];
  /**
   * Where they are welded already, besides: nowhere, all along, or all that lies behind the arc on a run to the right (1) or to the left.
   */
  welded: 'nowhere' | 'all' | 1 | -1;
  /** Ends of the weld along the piece. */
  weld_mm: readonly [from: number, to: number];
  /** Height of a tee's upright. */
  web_mm: number;
  /** Thickness over which what crosses from plate to plate is spread; 0 is a thin sheet. */
  thick_mm: number;
  /** Side of a frame's tube. */
  tube_mm: number;
  /** Steel that a magnet holds: gathers the field, and its edges push. */
  magnetic: boolean;
  /** Where the work clamps sit. The current shares itself out between them evenly. */
  clamps: readonly Clamp[];
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

/** Whether a weld on it ends at an edge: round a pipe or on a frame there is nothing to tack a tab to. */
export const hasEnds = ({ kind }: Pick<BlowPiece, 'kind'>): boolean =>
  !pieceTraits(kind).rolled && !pieceTraits(kind).cornered;

/** mu0 / 2 in gauss for every A/mm in a sheet: 2 pi (SI units, Ampere's law). */
export const HALF_MU0_G_mm_A = 2 * Math.PI;
