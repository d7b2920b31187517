import { AC_SHARE, LEAD_COUNTS_mm, STEEL_GAIN, TAB_mm } from '../data/arcBlow';
import { flowPast } from './flow';
import { pushOfFrame_G } from './frame';
import { HALF_MU0_G_mm_A, type BlowArc, type BlowPiece, type Spot } from './piece';
import { flowBetween } from './plates';
import { segmentField_G } from './segment';
import { pieceTraits } from '../data/pieces';

/** Which way the arc is pushed at a place, and how hard, G: along the plate and across it. It does not depend on the pole or on the travel. */
export function pushAt(piece: BlowPiece, arc: BlowArc, at: Spot): Spot {
  return summed(piece, arc, [
    fromCurrent(piece, arc, at),
    fromEdges(piece, arc, at),
    fromLead(piece, arc, at),
  ]);
}

/** The same at a corner of a frame. */
export function pushAtCorner(piece: BlowPiece, arc: BlowArc, corner: number, at: Spot): Spot {
  const gain = piece.magnetic ? STEEL_GAIN.value : 1;
  const { x, y } = pushOfFrame_G(piece, arc, corner, at);
  return summed(piece, arc, [{ x: gain * x, y: gain * y }, fromLead(piece, arc, at)]);
}

/** What the arc itself brings about counts less on alternating current; so does what was there before. */
function summed({ residual }: BlowPiece, { ac }: BlowArc, from: readonly Spot[]): Spot {
  const share = ac ? AC_SHARE.value : 1;
  const sum = from.reduce((all, push) => ({ x: all.x + push.x, y: all.y + push.y }), residual);
  return { x: share * sum.x, y: share * sum.y };
}

/** The current in the plate pushes the arc away from where it flows to. */
export function fromCurrent(piece: BlowPiece, arc: BlowArc, at: Spot): Spot {
  if (piece.clamps.length === 0) return { x: 0, y: 0 };
  const flow = flowAt(piece, arc, at);
  const gain = (piece.magnetic ? STEEL_GAIN.value : 1) * HALF_MU0_G_mm_A * arc.current_A;
  return { x: -gain * flow.x, y: -gain * flow.y };
}

/** Current past the arc, A/mm for every ampere. */
function flowAt(piece: BlowPiece, arc: BlowArc, at: Spot): Spot {
  if (pieceTraits(piece.kind).joins !== null) return flowBetween(piece, arc, at.x);
  const { clamps, length_mm, width_mm, kind } = piece;
  const feeds = [{ at, share: 1 }, ...clamps.map((clamp) => ({ at: clamp, share: -1 / clamps.length }))];
  return flowPast(at, feeds, { x_mm: length_mm, y_mm: width_mm, ring: pieceTraits(kind).rolled }, arc.arc_mm);
}

/** The field of the arc finds no steel beyond an edge and crowds there: the arc is pushed back over the plate. Image current, I / d in G. */
export function fromEdges(piece: BlowPiece, { current_A, arc_mm, rod_mm }: BlowArc, at: Spot): Spot {
  if (!piece.magnetic) return { x: 0, y: 0 };
  const least = arc_mm / 2 + rod_mm / 2;
  const tab = piece.tabs ? TAB_mm.value : 0;
  const push = (distance_mm: number) => current_A / Math.max(distance_mm, least);
  return {
    x: pieceTraits(piece.kind).rolled ? 0 : push(at.x + tab) - push(piece.length_mm - at.x + tab),
    y: push(at.y) - push(piece.width_mm - at.y),
  };
}

/** A lead that stands up from the clamp carries the current on: it pushes the arc away, one that hangs down pulls it. */
function fromLead(piece: BlowPiece, { current_A, arc_mm }: BlowArc, at: Spot): Spot {
  if (piece.lead === 'flat') return { x: 0, y: 0 };
  const up = piece.lead === 'up' ? 1 : -1;
  let [x, y] = [0, 0];
  for (const clamp of piece.clamps) {
    const field = segmentField_G(
      current_A / piece.clamps.length,
      { ...clamp, z: 0 },
      { ...clamp, z: up * LEAD_COUNTS_mm },
      { ...at, z: arc_mm / 2 },
    );
    // Current down the arc, crossed with the field.
    x += field.y;
    y -= field.x;
  }
  return { x, y };
}
