import { inWords, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { Room, RoomUnit } from './room';

/** An amount of a room's unit as spoken in a system: "6 A", "1/16 in", "4.2 min". */
export function speakAmount(amount: number, unit: RoomUnit, system: UnitSystem): string {
  switch (unit) {
    case 'mm':
      return amount < 0 ? `-${inWords(system).size(-amount)}` : inWords(system).size(amount);
    case 'm/s':
      return inWords(system).wind(amount);
    case '°C':
      return inWords(system).temperature(amount);
    case 'A':
    case 'rods':
      return `${trimmed(amount, 0)} ${unit}`;
    case 'V':
    case 'min':
    case '%':
      return `${trimmed(amount, 1)} ${unit}`;
    case '':
      return trimmed(amount, 1);
  }
}

/** The room left with its unit; null for a yes or no and while unknown, which have words instead of an amount. */
export const speakLeft = (room: Room, system: UnitSystem): string | null =>
  room.left === null ? null : speakAmount(room.left.nominal, room.unit, system);
