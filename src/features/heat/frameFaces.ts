import { cornersOf, type Spot } from '@core/field';
import type { UnrolledFrame } from '@core/order';

/** Half of a tube's upper face, from one corner to its middle: where the unrolled plate lies on it. */
export interface FrameFace {
  /** From the unrolled plate to the frame seen from above, both mm: x = a u + c v + e, y = b u + d v + f. */
  matrix: readonly [a: number, b: number, c: number, d: number, e: number, f: number];
  /** The face, mm. */
  outline: readonly Spot[];
}

const HEADINGS: readonly Spot[] = [
  { x: 1, y: 0 },
  { x: 0, y: 1 },
  { x: -1, y: 0 },
  { x: 0, y: -1 },
];

/**
 * The upper faces of a frame's tubes, each half sheared so that its corner's cross line on the unrolled plate lies on the mitre.
 * The plate's middle line is the axis of the tubes, its greater side the outside of the frame.
 */
export function frameFaces(
  { sides, corners_mm }: UnrolledFrame,
  plate: { length_mm: number; width_mm: number },
): FrameFace[] {
  const corners = cornersOf(sides);
  const half = sides.tube_mm / 2;
  const middle = plate.width_mm / 2;
  return corners.flatMap((from, k) => {
    const to = corners[(k + 1) % 4] ?? from;
    const h = HEADINGS[k] ?? { x: 1, y: 0 };
    const out = { x: h.y, y: -h.x };
    const side = Math.hypot(to.x - from.x, to.y - from.y);
    const spot = (corner: Spot, along: number, outwards: number): Spot => ({
      x: corner.x + along * h.x + outwards * out.x,
      y: corner.y + along * h.y + outwards * out.y,
    });
    // From either corner, along the tube: at its own the mitre runs back as it goes out, at the next one on.
    const face = (corner: Spot, at_mm: number, way: 1 | -1): FrameFace => {
      const across = { x: out.x - way * h.x, y: out.y - way * h.y };
      return {
        matrix: [
          h.x,
          h.y,
          across.x,
          across.y,
          corner.x - at_mm * h.x - middle * across.x,
          corner.y - at_mm * h.y - middle * across.y,
        ],
        outline: [
          spot(corner, way * half, -half),
          spot(corner, -way * half, half),
          spot(corner, (way * side) / 2, half),
          spot(corner, (way * side) / 2, -half),
        ],
      };
    };
    // The last tube ends at the first corner, on the unrolled plate at its other end.
    return [face(from, corners_mm[k] ?? 0, 1), face(to, corners_mm[(k + 1) % 4] ?? 0, -1)];
  });
}

/** The mitre of a corner, from the inside of the frame out. */
export function mitreOf({ sides }: UnrolledFrame, corner: number): { from: Spot; to: Spot } {
  const at = cornersOf(sides)[corner] ?? { x: 0, y: 0 };
  const half = sides.tube_mm / 2;
  const x = corner === 1 || corner === 2 ? half : -half;
  const y = corner >= 2 ? half : -half;
  return { from: { x: at.x - x, y: at.y - y }, to: { x: at.x + x, y: at.y + y } };
}
