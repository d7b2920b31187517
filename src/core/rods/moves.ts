import { rodClass, type Coating, type RodClassId } from '../data/rods';
import type { MoveId, PositionId } from '../data/words';

/** How a rod is moved, and how wide a bead that makes. */

/** Coverings that are weaved up a wall; the others are not. Common practice: no wide weave on stainless and nickel. */
const WEAVED_UP: readonly Coating[] = ['basic', 'rutile', 'cellulosic', 'iron-powder'];

/** How a rod is mostly moved: in a weave up a wall, in stringers elsewhere. */
export const usualMove = (id: RodClassId, position: PositionId | null): MoveId =>
  position === 'vertical' && WEAVED_UP.includes(rodClass(id).coating) ? 'weave' : 'stringer';

/** A pool carried up a wall is worked from side to side so many cores wide. Common practice: a triangle or a Z of 10 to 13 mm with a 3.2 mm rod. */
const UP_THE_WALL_CORES = 4;

/** Widest that one bead is run, in cores. */
export function widestOf(
  { rodClass: id }: { rodClass: RodClassId },
  position: PositionId | null,
  move: MoveId | null,
): number {
  const { bead_cores } = rodClass(id);
  const moved = move ?? usualMove(id, position);
  const up = moved === 'weave' && position === 'vertical' && WEAVED_UP.includes(rodClass(id).coating);
  return up ? Math.max(UP_THE_WALL_CORES, bead_cores.weave) : bead_cores[moved];
}
