import { STEEL_GAIN } from '../data/arcBlow';
import { fromEdges } from './blow';
import type { BlowArc, BlowPiece, Spot } from './piece';
import { pushOfSheet_G, SheetSolver, snapped } from './sheet';
import type { Seam } from './sweep';

/** A sweep along a seam on a grid. */
export interface GridSweep {
  piece: BlowPiece;
  arc: BlowArc;
  seam: Seam;
  places: number;
  columns: number;
  rows: number;
}

export interface GridPlace {
  along_mm: number;
  /** Current in the plate and its edges, G; without lead and residual field. */
  push: Spot;
}

/** The push at places along a seam, one after another, so that whoever runs it can stop between any two. */
export function* sweepOnGrid({ piece, arc, seam, places, columns, rows }: GridSweep): Generator<GridPlace> {
  const solver = new SheetSolver({ columns, rows, length_mm: piece.length_mm, width_mm: piece.width_mm });
  const clamps = piece.clamps.map((clamp) => snapped(solver.grid, clamp));
  const gain = piece.magnetic ? STEEL_GAIN.value : 1;
  const length = Math.hypot(seam.to.x - seam.from.x, seam.to.y - seam.from.y);
  for (let n = 0; n < places; n++) {
    const along_mm = ((n + 0.5) / places) * length;
    const share = along_mm / length;
    const at = snapped(solver.grid, {
      x: seam.from.x + share * (seam.to.x - seam.from.x),
      y: seam.from.y + share * (seam.to.y - seam.from.y),
    });
    const fed = [
      { at, current_A: arc.current_A },
      ...clamps.map((clamp) => ({ at: clamp, current_A: -arc.current_A / clamps.length })),
    ];
    const sheet = pushOfSheet_G(solver.solve(fed), at, arc.arc_mm);
    const edges = fromEdges(piece, arc, at);
    yield { along_mm, push: { x: gain * sheet.x + edges.x, y: gain * sheet.y + edges.y } };
  }
}
