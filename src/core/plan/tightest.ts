import { doubts } from '../judge/room';
import type { Room } from './rooms';

/** Ranks of the order; lower is tighter. An unknown that could hurt stands with the tight ones. */
function rank(room: Room): number {
  if (room.state === 'none') return room.shape === 'yes-no' ? 0 : 1;
  if (room.state === 'tight' || (room.state === 'unknown' && room.hurts)) return 2;
  if (room.state === 'snug') return 3;
  if (room.state === 'roomy') return 4;
  return 5;
}

/**
 * Rooms, tightest first: closed yes-or-no limits, then by state, and inside a state by how much is left measured in its own
 * doubt. Rooms alike in all that keep their order.
 */
export function byTightness(rooms: readonly Room[]): Room[] {
  return [...rooms].sort((a, b) => {
    const byRank = rank(a) - rank(b);
    if (byRank !== 0) return byRank;
    const [x, y] = [doubts(a), doubts(b)];
    return x === y ? 0 : x - y;
  });
}

/** The tightest room, or null where there is none at all. */
export const tightestOf = (rooms: readonly Room[]): Room | null => byTightness(rooms)[0] ?? null;
