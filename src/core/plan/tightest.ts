import type { Room } from './rooms';

/** Ranks of the order; lower is tighter: what is shut, what is known to be open by so much, what is not known and hurts nobody. */
function rank(room: Room): number {
  if (room.state === 'none') return room.taken ? 2 : room.shape === 'yes-no' ? 0 : 1;
  return room.state === 'unknown' && !room.hurts ? 4 : 3;
}

/**
 * What is set behind at equal room: a hand mends its own as it goes, a socket can be changed, and what is only taken to be so may not be
 * so at all. Shares of the limit; our judgement.
 */
const BEHIND = { piece: 0, machine: 0.05, hand: 0.09, supply: 0.12 } as const;
const TAKEN_BEHIND = 0.15;
/** Where an unknown that could hurt stands among shares: with the tight ones. */
const UNKNOWN_NEAR = 0.04;

/** How near the plan is to changing: the share left at the bad end, with what is set behind. An unknown that could hurt counts as tight. */
const nearness = (room: Room): number =>
  Math.min(1, room.fraction?.low ?? UNKNOWN_NEAR) +
  BEHIND[room.bears ?? (room.stop === 'power' ? 'supply' : 'piece')] +
  (room.taken ? TAKEN_BEHIND : 0);

/**
 * Rooms, tightest first: closed yes-or-no limits, other closed ones, then by the share that is left at the bad end, the piece before the
 * machine before the hand before the supply. Rooms alike in all that keep their order.
 */
export function byTightness(rooms: readonly Room[]): Room[] {
  return rooms
    .map((room) => ({ room, rank: rank(room), near: nearness(room) }))
    .sort((a, b) => a.rank - b.rank || a.near - b.near)
    .map(({ room }) => room);
}

/** The tightest room, or null where there is none at all. */
export const tightestOf = (rooms: readonly Room[]): Room | null => byTightness(rooms)[0] ?? null;
