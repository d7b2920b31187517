import { type Room } from '@core/plan';
import { speakLeft, speakRoom, speakState } from '@core/judge';
import type { UnitSystem } from '@core/units/kinds';

/** How far the jaws of a room stand open; null draws them unknown. */
export const openingOf = (room: Room): number | null => room.fraction?.nominal ?? null;

/** Room in a word: "6 A", "17 A over", or open and closed for a yes or no. */
export function shortRoom(room: Room, system: UnitSystem): string {
  const left = speakLeft(room, system);
  if (left !== null && room.left !== null && room.left.nominal < 0) return `${left} ${room.lack}`;
  if (left !== null) return left;
  return speakState(room);
}

/** Room in a sentence for a screen reader. */
export const saidRoom = (room: Room, system: UnitSystem): string =>
  `${room.title}: ${speakState(room)}, ${speakRoom(room, system)}`;
