import type { BlowPlan } from '@core/field';
import { pieceTraits } from '@core/data/pieces';

/** Where a place on the piece lies on the screen, and back. */
export interface View {
  width: number;
  height: number;
  scale: number;
  /** The part of the piece that is drawn, mm. */
  part: Part;
  x(mm: number): number;
  y(mm: number): number;
  toSpot(px: number, py: number): { x: number; y: number };
}

export interface Part {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

export const MARGIN = 26;
/** Tallest the piece is drawn, px. */
const TALLEST = 280;
/** Metal shown round seam and clamps where the piece is much bigger, as a share of the seam. */
const ROUND = 0.35;

/** Fits the part of the piece that matters into a width. */
export function viewOf(blow: BlowPlan, width: number): View {
  const part = partShown(blow);
  const [length, across] = [part.right - part.left, part.top - part.bottom];
  const scale = Math.min((width - 2 * MARGIN) / length, TALLEST / across);
  const left = (width - length * scale) / 2;
  return {
    width,
    height: across * scale + 2 * MARGIN,
    scale,
    part,
    x: (mm) => left + (mm - part.left) * scale,
    y: (mm) => MARGIN + (part.top - mm) * scale,
    toSpot: (px, py) => ({
      x: part.left + (px - left) / scale,
      y: part.top - (py - MARGIN) / scale,
    }),
  };
}

/** Seam and clamps with some metal round them; a side that goes on is dashed. A frame is shown whole. */
function partShown({ piece, seam }: BlowPlan): Part {
  if (pieceTraits(piece.kind).cornered)
    return { left: 0, right: piece.length_mm, bottom: 0, top: piece.width_mm };
  const spots = [seam.from, seam.to, ...piece.clamps];
  const weld = seam.to.x - seam.from.x;
  const round = Math.max(ROUND * weld, 60);
  const [xs, ys] = [spots.map(({ x }) => x), spots.map(({ y }) => y)];
  return {
    left: Math.max(0, Math.min(...xs) - round),
    right: Math.min(piece.length_mm, Math.max(...xs) + round),
    bottom: Math.max(0, Math.min(...ys) - round),
    top: Math.min(piece.width_mm, Math.max(...ys) + round),
  };
}
