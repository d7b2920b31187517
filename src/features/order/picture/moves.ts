import { onFrame } from '@core/field/frame';
import type { BlowPiece, Clamp, Spot } from '@core/field/piece';
import type { BlowPlan } from '@core/plan/order/blowPlan';
import type { View } from './view';

/** What is moved on the picture. */
export type Moved =
  { what: 'clamp'; nth: 0 | 1; at: Spot } | { what: 'length' | 'width' | 'seam'; mm: number };

/** The clamps with the one that is being dragged where it is now. */
export function clampsShown(piece: BlowPiece, dragged: Moved | null): readonly Clamp[] {
  if (dragged?.what !== 'clamp') return piece.clamps;
  const at = piece.kind === 'frame' ? onFrame(piece, dragged.at).at : dragged.at;
  return piece.clamps.map((clamp, n) =>
    n === dragged.nth
      ? {
          ...clamp,
          x: Math.min(piece.length_mm, Math.max(0, at.x)),
          y: Math.min(piece.width_mm, Math.max(0, at.y)),
        }
      : clamp,
  );
}

/** Edges and seam that can be taken hold of, where they are in the picture. */
export function gripsOf({ piece, seam }: BlowPlan, view: View) {
  const { part, x, y, toSpot } = view;
  const whole = piece.kind === 'frame';
  const right = Math.abs(part.right - piece.length_mm) < 1 && piece.kind !== 'ring';
  const top = Math.abs(part.top - piece.width_mm) < 1;
  return [
    ...(right
      ? [
          {
            what: 'length' as const,
            only: 'x' as const,
            x: x(piece.length_mm),
            y: y(part.top - 0.25 * (part.top - part.bottom)),
            toMm: (px: number, py: number) => toSpot(px, py).x,
            label: whole ? 'Right side of the frame' : 'Right end of the piece',
          },
        ]
      : []),
    ...(top
      ? [
          {
            what: 'width' as const,
            only: 'y' as const,
            x: x(part.left + 0.75 * (part.right - part.left)),
            y: y(piece.width_mm),
            toMm: (px: number, py: number) => toSpot(px, py).y,
            label: whole ? 'Upper side of the frame' : 'Upper edge of the piece',
          },
        ]
      : []),
    ...(piece.kind === 'frame' || piece.kind === 'ring'
      ? []
      : [
          {
            what: 'seam' as const,
            only: 'y' as const,
            x: x(seam.to.x) + 14 > view.width - 20 ? view.width - 20 : x(seam.to.x) + 14,
            y: y(seam.to.y),
            toMm: (px: number, py: number) => toSpot(px, py).y,
            label: 'The seam',
          },
        ]),
  ];
}

/** What is said while it is dragged. */
export function saidWhile(moved: Moved, { seam, piece }: BlowPlan, say: (mm: number) => string): string {
  if (moved.what === 'clamp') {
    const { x, y } = moved.at;
    const off = Math.round(y - seam.from.y);
    return piece.kind === 'frame'
      ? `Clamp ${say(Math.max(0, Math.round(x)))} along, ${say(Math.max(0, Math.round(y)))} up`
      : `Clamp ${say(Math.max(0, Math.round(x)))} along, ${say(Math.abs(off))} to side ${off >= 0 ? 'A' : 'B'}`;
  }
  const said = say(Math.max(0, Math.round(moved.mm)));
  return { length: `Length ${said}`, width: `Width ${said}`, seam: `Seam ${said} from the lower edge` }[
    moved.what
  ];
}
