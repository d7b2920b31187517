import type { LeadId } from '@core/data/orderIds';
import { onFrame, type BlowPiece, type BlowPlan, type Clamp, type Spot } from '@core/field';
import { trimmed } from '@core/units/format';
import type { View } from './view';
import { pieceTraits } from '@core/data/pieces';

/** What is moved on the picture. */
export type Moved =
  | { what: 'clamp'; nth: 0 | 1; at: Spot }
  /** The second clamp, taken off again. */
  | { what: 'clamp-off' }
  | { what: 'length' | 'width' | 'seam'; mm: number }
  | { what: 'tabs'; on: boolean }
  | { what: 'lead'; lead: LeadId }
  /** Field before any arc, to the right. */
  | { what: 'residual'; G: number };

/** The piece as it would be if what is dragged were let go; the very same where nothing that pushes the arc is. */
export function pieceShown(piece: BlowPiece, dragged: Moved | null): BlowPiece {
  switch (dragged?.what) {
    case undefined:
    case 'lead':
    case 'length':
    case 'seam':
    case 'tabs':
    case 'width':
      return piece;
    case 'clamp': {
      const at = pieceTraits(piece.kind).cornered ? onFrame(piece, dragged.at).at : dragged.at;
      const put: Clamp = {
        ...(piece.clamps[dragged.nth] ?? piece.clamps[0]),
        x: Math.min(piece.length_mm, Math.max(0, at.x)),
        y: Math.min(piece.width_mm, Math.max(0, at.y)),
      };
      const clamps = [...piece.clamps];
      clamps[dragged.nth] = put;
      return { ...piece, clamps };
    }
    case 'clamp-off':
      return { ...piece, clamps: piece.clamps.slice(0, 1) };
    case 'residual':
      return { ...piece, residual: { x: dragged.G, y: 0 } };
  }
}

/** Nearer than this share of the piece to its middle a clamp has no other end. */
const NO_END = 0.1;

/** Where a second clamp is put when nobody says where: as the first, at the other end; on a frame across from it. */
export function oppositeClamp({ clamps: [first], kind, length_mm, width_mm }: BlowPiece): Spot {
  const { x, y } = first ?? { x: 0, y: 0 };
  if (pieceTraits(kind).cornered) return { x: length_mm - x, y: width_mm - y };
  const middling = Math.abs(x / length_mm - 0.5) < NO_END;
  return { x: middling ? (1 - NO_END) * length_mm : length_mm - x, y };
}

/** A field before any arc, as it is said. */
export const fieldInWords = (G: number): string =>
  G === 0 ? 'not magnetic before' : `${trimmed(Math.abs(G), 0)} G to the ${G > 0 ? 'right' : 'left'}`;

/** The seam's grip lies so far beyond its end, and beyond a tab there, px. */
const GRIP_px = 14;
const TAB_GRIP_px = 32;

/** Edges and seam that can be taken hold of, where they are in the picture. */
export function gripsOf({ piece, seam }: BlowPlan, view: View) {
  const { part, x, y, toSpot } = view;
  const whole = pieceTraits(piece.kind).cornered;
  const right = Math.abs(part.right - piece.length_mm) < 1 && !pieceTraits(piece.kind).rolled;
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
    ...(pieceTraits(piece.kind).cornered || pieceTraits(piece.kind).rolled
      ? []
      : [
          {
            what: 'seam' as const,
            only: 'y' as const,
            x: Math.min(view.width - 20, x(seam.to.x) + (piece.tabs ? TAB_GRIP_px : GRIP_px)),
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
    return pieceTraits(piece.kind).cornered
      ? `Clamp ${say(Math.max(0, Math.round(x)))} along, ${say(Math.max(0, Math.round(y)))} up`
      : `Clamp ${say(Math.max(0, Math.round(x)))} along, ${say(Math.abs(off))} to side ${off >= 0 ? 'A' : 'B'}`;
  }
  if (moved.what === 'residual') return `Before any arc: ${fieldInWords(moved.G)}`;
  if (!('mm' in moved)) return '';
  const said = say(Math.max(0, Math.round(moved.mm)));
  return { length: `Length ${said}`, width: `Width ${said}`, seam: `Seam ${said} from the lower edge` }[
    moved.what
  ];
}
