import { onFrame, type BlowPlan, type Spot } from '@core/field';
import type { JobEdit, JobNumberPath } from '@core/formats/paths';
import type { Moved } from './picture/moves';
import { pieceTraits } from '@core/data/pieces';

/** As the history tells of it. */
export const MOVED: Readonly<Record<Moved['what'], string>> = {
  clamp: 'Clamp',
  'clamp-off': 'Second clamp off',
  length: 'Piece',
  width: 'Piece',
  seam: 'Seam',
  tabs: 'Tabs',
  lead: 'Lead',
  residual: 'Field before any arc',
};

/** Smallest piece that can be dragged to, mm. */
const LEAST_mm = 20;

/** Numbers that are set by hand in the picture. */
type PlacePath = Extract<JobNumberPath, `order.${string}` | `heat.${string}`>;

/** A number set by hand in the picture: what was typed in its field no longer stands. */
const put = (path: PlacePath, value: number | null): JobEdit[] => [
  { path, value: value === null ? null : Math.round(value) } as JobEdit,
  { path: `typed.${path}`, value: undefined },
];

/** A clamp put at a spot of the piece; on a frame, on the tube that is nearest. */
export function clampEdits(nth: 0 | 1, spot: Spot, { piece, seam }: BlowPlan): JobEdit[] {
  const [along, aside] =
    nth === 0
      ? (['order.clampAlong_mm', 'order.clampAside_mm'] as const)
      : (['order.clamp2Along_mm', 'order.clamp2Aside_mm'] as const);
  const at = pieceTraits(piece.kind).cornered ? onFrame(piece, spot).at : spot;
  const inside = (value: number, most: number) => Math.min(most, Math.max(0, value));
  return [
    ...put(along, inside(at.x, piece.length_mm)),
    ...put(aside, inside(at.y, piece.width_mm) - (pieceTraits(piece.kind).cornered ? 0 : seam.from.y)),
  ];
}

/** What moving something on the picture writes into the job. */
export function movedEdits(moved: Moved, blow: BlowPlan): JobEdit[] {
  const { piece, seam } = blow;
  switch (moved.what) {
    case 'clamp':
      return clampEdits(moved.nth, moved.at, blow);
    case 'length':
      return put(
        pieceTraits(piece.kind).cornered ? 'order.frameLong_mm' : 'heat.pieceLength_mm',
        Math.max(
          moved.mm,
          LEAST_mm,
          pieceTraits(piece.kind).cornered ? 3 * piece.tube_mm : seam.to.x - seam.from.x,
        ),
      );
    case 'width':
      return put(
        pieceTraits(piece.kind).cornered ? 'order.frameWide_mm' : 'heat.pieceWidth_mm',
        Math.max(moved.mm, LEAST_mm, pieceTraits(piece.kind).cornered ? 3 * piece.tube_mm : 0),
      );
    case 'seam':
      return put('order.seamSide_mm', Math.min(piece.width_mm, Math.max(0, moved.mm)));
    case 'clamp-off':
      return [...put('order.clamp2Along_mm', null), ...put('order.clamp2Aside_mm', null)];
    case 'tabs':
      return [{ path: 'order.tabs', value: moved.on }];
    case 'lead':
      return [{ path: 'order.lead', value: moved.lead }];
    case 'residual':
      return put('order.residual_G', moved.G === 0 ? null : moved.G);
  }
}
