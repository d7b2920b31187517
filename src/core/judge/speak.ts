import { inWords, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { RoomBody, RoomState, RoomUnit } from './room';

/** An amount of a room's unit as spoken in a system: "6 A", "1/16 in", "4.2 min". */
export function speakAmount(amount: number, unit: RoomUnit, system: UnitSystem): string {
  switch (unit) {
    case 'mm':
      return amount < 0 ? `-${inWords(system).size(-amount)}` : inWords(system).size(amount);
    case 'm/s':
      return inWords(system).wind(amount);
    case '°C':
      return inWords(system).degrees(amount);
    case 'rods':
    case 'starts': {
      const count = trimmed(amount, 0);
      return `${count} ${count === '1' ? unit.slice(0, -1) : unit}`;
    }
    case 'A':
    case 'HV':
    case 's':
      return `${trimmed(amount, 0)} ${unit}`;
    case 'min':
      // Long times are said in hours.
      return Math.abs(amount) > 90 ? inWords(system).time(60 * amount) : `${trimmed(amount, 1)} min`;
    case 'V':
    case '%':
    case 'ml':
    case 'FN':
    case 'G':
    case 'kN':
    case 'kVA':
    case 'kW':
      return `${trimmed(amount, 1)} ${unit}`;
    case 'kJ/mm':
      return `${trimmed(amount, 2)} ${unit}`;
    case '':
      return trimmed(amount, 1);
  }
}

/**
 * The size of the room left, or of what it is past by; null for a yes or no, while unknown, and where the middle leaves nothing that would
 * be said as a number: of what is only marked, none is over.
 */
export const speakLeft = (room: RoomBody, system: UnitSystem): string | null =>
  room.left === null || (room.state !== 'none' && room.left.nominal <= 0)
    ? null
    : speakAmount(Math.abs(room.left.nominal), room.unit, system);

/** What goes with the amount: "until burn-through", or "past burn-through" once it is. */
export const speakGap = (room: RoomBody): string =>
  room.left !== null && room.left.nominal < 0 && room.past !== '' ? room.past : room.gap;

/** "6 A until burn-through", "17 A past burn-through", or the words alone where there is no amount. */
export function speakRoom(room: RoomBody, system: UnitSystem): string {
  const left = speakLeft(room, system);
  return left === null ? speakGap(room) : `${left} ${speakGap(room)}`;
}

/** The states as said. */
export const STATE_NAMES: Record<RoomState, string> = {
  roomy: 'roomy',
  snug: 'snug',
  tight: 'tight',
  none: 'no room',
  unknown: 'not known',
};

/** Said of an amount that may or may not be there. */
export const MAYBE_NONE = 'maybe no room';

/** How the state is said. An amount that may or may not be there is said so. */
export function speakState(room: RoomBody): string {
  if (room.state === 'none' && room.left !== null && room.left.nominal > 0) return MAYBE_NONE;
  if (room.shape === 'yes-no')
    return { roomy: 'clear', snug: 'a little', tight: 'take care', none: 'shut', unknown: 'not known' }[
      room.state
    ];
  return STATE_NAMES[room.state];
}
