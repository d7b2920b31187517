import { AC_SHARE, LEAD_COUNTS_mm, STEEL_GAIN, TAB_mm } from '../data/arcBlow';
import { flowPast } from './flow';
import { HALF_MU0_G_mm_A, type BlowArc, type BlowPiece, type Spot } from './piece';
import { segmentField_G } from './segment';

/** Which way the arc is pushed at a place, and how hard, G: along the plate and across it. It does not depend on the pole or on the travel. */
export function pushAt(piece: BlowPiece, arc: BlowArc, at: Spot): Spot {
  const from = [fromCurrent(piece, arc, at), fromEdges(piece, arc, at), fromLead(piece, arc, at)];
  const own = from.reduce((sum, push) => ({ x: sum.x + push.x, y: sum.y + push.y }), { x: 0, y: 0 });
  const share = arc.ac ? AC_SHARE.value : 1;
  return {
    x: share * (own.x + piece.residual.x),
    y: share * (own.y + piece.residual.y),
  };
}

/** The current in the plate pushes the arc away from where it flows to. */
export function fromCurrent(piece: BlowPiece, { current_A, arc_mm }: BlowArc, at: Spot): Spot {
  if (piece.clamps.length === 0) return { x: 0, y: 0 };
  const flow = flowPast(at, piece.clamps, piece.length_mm, piece.width_mm, arc_mm, piece.closed);
  const gain = (piece.magnetic ? STEEL_GAIN.value : 1) * HALF_MU0_G_mm_A * current_A;
  return { x: -gain * flow.x, y: -gain * flow.y };
}

/** The field of the arc finds no steel beyond an edge and crowds there: the arc is pushed back over the plate. Image current, I / d in G. */
export function fromEdges(piece: BlowPiece, { current_A, arc_mm, rod_mm }: BlowArc, at: Spot): Spot {
  if (!piece.magnetic) return { x: 0, y: 0 };
  const least = arc_mm / 2 + rod_mm / 2;
  const tab = piece.tabs ? TAB_mm.value : 0;
  const push = (distance_mm: number) => current_A / Math.max(distance_mm, least);
  return {
    x: piece.closed ? 0 : push(at.x + tab) - push(piece.length_mm - at.x + tab),
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
