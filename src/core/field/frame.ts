import type { BlowArc, BlowPiece, Spot } from './piece';
import { segmentField_G } from './segment';

/**
 * A frame of tube, seen from above, its corners tacked or welded: the current goes round both ways to the clamp, less of it the longer
 * way. Each tube is a straight lead along its axis (outside a round tube that is exact).
 */

type Frame = Pick<BlowPiece, 'length_mm' | 'width_mm' | 'tube_mm'>;

/** Corners as one walks round from the lower left, to the right first: of the tubes' axes. */
export function cornersOf({ length_mm, width_mm, tube_mm }: Frame): Spot[] {
  const half = tube_mm / 2;
  return [
    { x: half, y: half },
    { x: length_mm - half, y: half },
    { x: length_mm - half, y: width_mm - half },
    { x: half, y: width_mm - half },
  ];
}

/** From the inside of a corner to its outside: the way a mitre is welded first. */
export const headingOf = (corner: number): Spot => ({
  x: (corner === 1 || corner === 2 ? 1 : -1) * Math.SQRT1_2,
  y: (corner >= 2 ? 1 : -1) * Math.SQRT1_2,
});

/** The place on the axes of the tubes that is nearest to a spot, and how far round it lies, mm. */
export function onFrame(frame: Frame, spot: Spot): { at: Spot; round_mm: number } {
  const corners = cornersOf(frame);
  let best = { at: corners[0] as Spot, round_mm: 0, away: Infinity };
  let before = 0;
  for (const [n, from] of corners.entries()) {
    const to = corners[(n + 1) % 4] as Spot;
    const side = Math.hypot(to.x - from.x, to.y - from.y) || 1e-9;
    const along = Math.min(
      side,
      Math.max(0, ((spot.x - from.x) * (to.x - from.x) + (spot.y - from.y) * (to.y - from.y)) / side),
    );
    const at = {
      x: from.x + (along / side) * (to.x - from.x),
      y: from.y + (along / side) * (to.y - from.y),
    };
    const away = Math.hypot(at.x - spot.x, at.y - spot.y);
    if (away < best.away) best = { at, round_mm: before + along, away };
    before += side;
  }
  return { at: best.at, round_mm: best.round_mm };
}

/** All the way round along the axes, mm. */
export const roundOf = ({ length_mm, width_mm, tube_mm }: Frame): number =>
  2 * (length_mm - tube_mm + width_mm - tube_mm);

/** From a corner round to a place, corner by corner. */
function wayRound(frame: Frame, corner: number, to: { at: Spot; round_mm: number }, way: 1 | -1): Spot[] {
  const corners = cornersOf(frame);
  const whole = roundOf(frame);
  const place = (n: number) => onFrame(frame, corners[n] as Spot).round_mm;
  const gone = (from: number, till: number) => (((way * (till - from)) % whole) + whole) % whole;
  const asked = gone(place(corner), to.round_mm);
  const path = [corners[corner] as Spot];
  for (let step = 1; step <= 3; step++) {
    const next = (corner + way * step + 8) % 4;
    if (gone(place(corner), place(next)) >= asked - 1e-6) break;
    path.push(corners[next] as Spot);
  }
  return [...path, to.at];
}

/**
 * How the current in the frame pushes an arc at a corner, G: as it lies, for the amps of the arc, without the gain of steel.
 * @param at the arc, on the upper face
 */
export function pushOfFrame_G(
  piece: BlowPiece,
  { current_A, arc_mm }: BlowArc,
  corner: number,
  at: Spot,
): Spot {
  const above = { ...at, z: piece.tube_mm / 2 + arc_mm / 2 };
  const whole = roundOf(piece);
  const start = onFrame(piece, cornersOf(piece)[corner] as Spot).round_mm;
  let [x, y] = [0, 0];
  for (const clamp of piece.clamps) {
    const to = onFrame(piece, clamp);
    const ahead = (((to.round_mm - start) % whole) + whole) % whole;
    for (const way of [1, -1] as const) {
      // The longer way takes as much less as it is longer.
      const share = (way === 1 ? whole - ahead : ahead) / whole;
      const path = wayRound(piece, corner, to, way);
      for (let n = 1; n < path.length; n++) {
        const [from, till] = [path[n - 1] as Spot, path[n] as Spot];
        if (Math.hypot(from.x - till.x, from.y - till.y) < 1e-6) continue;
        const field = segmentField_G(
          (share * current_A) / piece.clamps.length,
          { ...from, z: 0 },
          { ...till, z: 0 },
          above,
        );
        // Current down the arc, crossed with the field.
        x += field.y;
        y -= field.x;
      }
    }
  }
  return { x, y };
}
