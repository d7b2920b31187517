import { TURN_AFTER } from '../data/finish';

/** What passes are there for, and from which face of the work they are laid. */

/** `back`: the first pass from the other face, over the root that was cut out. */
export type PassRole = 'single' | 'root' | 'hot' | 'back' | 'fill' | 'cap';

/** The face that a pass is laid from: the one the joint is begun on, or the other. */
export type Face = 1 | 2;

/** What a pass from the other face is there for. */
export const backRole = (role: PassRole, n: number): PassRole =>
  n === 0 ? 'back' : role === 'hot' ? 'fill' : role;

/** What belongs to either face, in the order the faces are worked on. */
export function inOrderOf<T>(faces: readonly Face[], front: readonly T[], back: readonly T[]): T[] {
  const next = { 1: 0, 2: 0 };
  return faces.flatMap((face) => {
    const item = (face === 1 ? front : back)[next[face]++];
    return item === undefined ? [] : [item];
  });
}

/** Which face each pass is laid from: turned over every few passes where both are to be filled, a run behind a full face last. */
export function facesInTurn(front: number, back: number): Face[] {
  const faces: Face[] = [];
  const left = { 1: front, 2: back };
  const each = 2 * back < front ? Infinity : TURN_AFTER;
  for (let face: Face = 1; left[1] + left[2] > 0; face = face === 1 ? 2 : 1)
    for (let n = Math.min(each, left[face]); n > 0; n--) {
      faces.push(face);
      left[face]--;
    }
  return faces;
}
