import { USUAL_CLAMP, USUAL_FRAME_mm, USUAL_TUBE_mm, USUAL_WEB_mm } from '../data/arcBlow';
import type { PieceKind } from '../data/orderIds';
import { jointTraits } from '../data/joints';
import { hasEnds, type BlowPiece, type Clamp, type Spot } from './piece';
import { onFrame } from './frame';
import type { Seam } from './sweep';
import type { Job } from '../formats/job';
import type { Piece } from '../heat/piece';
import { pieceTraits } from '../data/pieces';

export const pieceKindOf = ({ order, joint }: Pick<Job, 'order' | 'joint'>): PieceKind =>
  order.piece ?? jointTraits(joint.kind)?.piece ?? 'plate';

/** A piece with its seam on it; and whether nobody said where the clamp is. */
export interface LaidOut {
  piece: BlowPiece;
  seam: Seam;
  clampAssumed: boolean;
}

/** Lays a job's piece out, seen from above: sizes, seam, tacks and clamps; what is not known as it mostly is. */
export function layOut(job: Job, heat: Piece, magnetic: boolean, tackEvery_mm: number): LaidOut {
  const kind = pieceKindOf(job);
  const { order } = job;
  const sizes = sizesOf(kind, job, heat);
  const seam_mm = pieceTraits(kind).cornered ? 0 : seamAcross_mm(kind, sizes.width_mm, order.seamSide_mm);
  const seam = seamOn(kind, sizes.length_mm, seam_mm, heat.weldLength_mm);
  const bare = {
    kind,
    ...sizes,
    seam_mm,
    tacks: pieceTraits(kind).joins !== null ? tacksAlong(seam, tackEvery_mm) : [],
    welded: 'nowhere',
    weld_mm: [seam.from.x, seam.to.x],
    magnetic,
    thick_mm: heat.thickness_mm,
    lead: order.lead ?? 'flat',
    tabs: order.tabs && hasEnds({ kind }),
    residual: { x: order.residual_G ?? 0, y: 0 },
  } as const;
  return {
    piece: { ...bare, clamps: clampsOn({ ...bare, clamps: [] }, seam, order) },
    seam,
    clampAssumed: order.clampAlong_mm === null,
  };
}

/** Least width of either of two plates, as a share of both and mm: without one there are not two. */
const LEAST_PLATE = { share: 0.25, mm: 10 } as const;

/** Where the seam lies across the piece: in its middle while nobody says, and never off it. */
function seamAcross_mm(kind: PieceKind, width_mm: number, typed_mm: number | null): number {
  const least =
    pieceTraits(kind).joins === 'edges' ? Math.min(LEAST_PLATE.mm, LEAST_PLATE.share * width_mm) : 0;
  return Math.min(width_mm - least, Math.max(least, typed_mm ?? width_mm / 2));
}

function sizesOf(kind: PieceKind, { order }: Job, { length_mm, width_mm, weldLength_mm }: Piece) {
  const tube_mm = order.tube_mm ?? USUAL_TUBE_mm.value;
  const web_mm = order.web_mm ?? USUAL_WEB_mm.value;
  if (pieceTraits(kind).cornered) {
    // A frame has an inside.
    const side = (typed: number | null, usual: number) => Math.max(3 * tube_mm, typed ?? usual);
    return {
      length_mm: side(order.frameLong_mm, USUAL_FRAME_mm.length),
      width_mm: side(order.frameWide_mm, USUAL_FRAME_mm.width),
      web_mm,
      tube_mm,
    };
  }
  // Unrolled, a ring is as long as its weld.
  return { length_mm: pieceTraits(kind).rolled ? weldLength_mm : length_mm, width_mm, web_mm, tube_mm };
}

function seamOn(kind: PieceKind, length_mm: number, y: number, weldLength_mm: number): Seam {
  if (pieceTraits(kind).cornered) return { from: { x: 0, y: 0 }, to: { x: weldLength_mm, y: 0 } };
  const weld = Math.min(weldLength_mm, length_mm);
  const x = (length_mm - weld) / 2;
  return { from: { x, y }, to: { x: x + weld, y } };
}

/** A tack at each end of the weld, and evenly between. */
function tacksAlong({ from, to }: Seam, every_mm: number): number[] {
  const weld = to.x - from.x;
  const spaces = Math.max(1, Math.round(weld / every_mm));
  return Array.from({ length: spaces + 1 }, (_, n) => from.x + (n / spaces) * weld);
}

/** Where nobody says, one clamp before the beginning of the weld; on a frame in the middle of its lower tube. */
function clampsOn(piece: BlowPiece, seam: Seam, order: Job['order']): Clamp[] {
  const { clampAlong_mm, clampAside_mm, clamp2Along_mm, clamp2Aside_mm } = order;
  if (pieceTraits(piece.kind).cornered) {
    const put = (along: number, aside: number | null): Spot => onFrame(piece, { x: along, y: aside ?? 0 }).at;
    return [
      put(clampAlong_mm ?? piece.length_mm / 2, clampAside_mm),
      ...(clamp2Along_mm === null ? [] : [put(clamp2Along_mm, clamp2Aside_mm)]),
    ];
  }
  const upright = pieceTraits(piece.kind).joins === 'upright' && order.clampOn === 'upright';
  const inside = (along: number, aside: number): Clamp => {
    const x = Math.min(piece.length_mm, Math.max(0, along));
    if (upright) return { x, y: seam.from.y + Math.min(piece.web_mm, Math.abs(aside)), upright };
    return { x, y: Math.min(piece.width_mm, Math.max(0, seam.from.y + aside)) };
  };
  const usual = Math.max(USUAL_CLAMP.along_mm, seam.from.x - USUAL_CLAMP.before_mm);
  const aside = (typed: number | null) => typed ?? USUAL_CLAMP.aside_mm;
  return [
    inside(clampAlong_mm ?? usual, aside(clampAside_mm)),
    ...(clamp2Along_mm === null ? [] : [inside(clamp2Along_mm, aside(clamp2Aside_mm))]),
  ];
}
