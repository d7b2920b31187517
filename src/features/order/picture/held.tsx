import type { BlowPiece, BlowPlan } from '@core/field';
import type { Held } from '@/ui/Handles';
import { Grip, Mark, nameOfClamp } from './Marks';
import { fieldInWords, gripsOf, oppositeClamp, type Moved } from './moves';
import { fieldAt, fieldX, type Tray } from './tray';
import { FieldMark } from './TrayThings';
import type { View } from './view';

/** What everything that can be taken hold of in the picture needs. */
interface Holding {
  blow: BlowPlan;
  /** As it is shown: with what is dragged. */
  piece: BlowPiece;
  view: View;
  tray: Tray;
  say: (mm: number) => string;
  onDrag: (moved: Moved) => void;
  onDrop: (moved: Moved) => void;
}

/** The clamps on the piece, and the second one in the tray: dragged on to the piece it is there, and back it is not. */
export function clampsHeld({ blow, piece, view, tray, say, onDrag, onDrop }: Holding): Held[] {
  const moved = (nth: 0 | 1, px: number, py: number): Moved =>
    nth === 1 && py > view.height ? { what: 'clamp-off' } : { what: 'clamp', nth, at: view.toSpot(px, py) };
  const on = blow.piece.clamps.map((here, n): Held => {
    const nth = n === 0 ? 0 : 1;
    const clamp = piece.clamps[n] ?? here;
    const name = nameOfClamp(n, blow.piece.clamps.length);
    return {
      testID: `handle-clamp-${n + 1}`,
      label: `Clamp ${name}, ${say(Math.round(clamp.x))} along, ${say(Math.round(Math.abs(clamp.y - blow.seam.from.y)))} from the seam.`,
      scale: view.scale,
      x: view.x(here.x),
      y: view.y(here.y),
      onDrag: (px, py) => onDrag(moved(nth, px, py)),
      onDrop: (px, py) => onDrop(moved(nth, px, py)),
      ...(nth === 1
        ? {
            onRemove: () => onDrop({ what: 'clamp-off' }),
            hint: 'Drag it, or move it with the arrow keys; into the tray, or with Delete, it is taken off.',
          }
        : {}),
      mark: <Mark name={name} upright={clamp.upright ?? false} />,
    };
  });
  const slot = tray.slots.find(({ what }) => what === 'clamp');
  if (!slot) return on;
  const there = blow.piece.clamps.length > 1;
  const press = () =>
    onDrop(there ? { what: 'clamp-off' } : { what: 'clamp', nth: 1, at: oppositeClamp(blow.piece) });
  return [
    ...on,
    {
      testID: 'tray-clamp',
      label: there ? 'The second clamp is on the piece.' : 'A second clamp.',
      hint: there
        ? 'Press to take it off.'
        : 'Drag it on to the piece, or press: then it sits at the other end.',
      scale: view.scale,
      x: slot.x,
      y: tray.y,
      onPress: press,
      onDrag: (px, py) => onDrag(moved(1, px, py)),
      onDrop: (px, py) => onDrop(moved(1, px, py)),
      mark: <Mark name="C2" upright spare={there} />,
    },
  ];
}

/** Edges and seam. */
export function gripsHeld({ blow, view, onDrag, onDrop }: Holding): Held[] {
  return gripsOf(blow, view).map(({ what, x, y, only, toMm, label }) => ({
    testID: `handle-${what}`,
    label: `${label}.`,
    scale: view.scale,
    x,
    y,
    only,
    onDrag: (px, py) => onDrag({ what, mm: toMm(px, py) }),
    onDrop: (px, py) => onDrop({ what, mm: toMm(px, py) }),
    mark: <Grip only={only} />,
  }));
}

/** The field that was there before, on its scale in the tray. */
export function fieldHeld({ blow, piece, tray, onDrag, onDrop }: Holding): Held {
  const at = (px: number): Moved => ({ what: 'residual', G: fieldAt(tray, px) });
  return {
    testID: 'handle-residual',
    label: `Field before any arc: ${fieldInWords(piece.residual.x)}.`,
    scale: tray.field.scale,
    only: 'x',
    x: fieldX(tray, blow.piece.residual.x),
    y: tray.y,
    onDrag: (px) => onDrag(at(px)),
    onDrop: (px) => onDrop(at(px)),
    mark: <FieldMark gauss={piece.residual.x} />,
  };
}
