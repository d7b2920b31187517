import type { SignId } from './diagnosis';

/** What goes wrong at the arc and is pressed in one press, with the sign it is looked up by and what is done first. */
export interface Trouble {
  name: string;
  /** What to do at once. Common practice. */
  first: string;
  /** Sign of the diagnosis that it opens; null where none belongs to it. */
  sign: SignId | null;
  /** It is gone on with only once it is settled. */
  stops: boolean;
}

const trouble = (name: string, first: string, sign: SignId | null, stops = false): Trouble => ({
  name,
  first,
  sign,
  stops,
});

export const TROUBLES = {
  tripped: trouble(
    'Breaker tripped',
    'Machine off, then reset it once. Nothing else on the circuit, cord laid out straight, fewer amps.',
    'trips',
  ),
  'cut-out': trouble(
    'Machine cut out',
    'Leave it switched on so that its fan runs, in the shade, vents free. It comes back by itself.',
    'stops',
  ),
  stuck: trouble(
    'Rod stuck',
    'Twist it off or let go with the jaw. Break the end back to sound coating; a chipped rod is laid aside.',
    'ropy',
  ),
  hole: trouble(
    'Blew a hole',
    'Stop. Chip, grind back to sound metal and feather the edges; close it with short dabs at fewer amps.',
    'holes',
    true,
  ),
  wanders: trouble(
    'Arc wanders',
    'Short arc, move the clamp, weld towards a heavy tack or away from the clamp.',
    'wander',
  ),
  crack: trouble(
    'Crack seen',
    'Stop welding. Let nobody load it. Find both ends before anything is ground out.',
    null,
    true,
  ),
} as const satisfies Record<string, Trouble>;

export type TroubleId = keyof typeof TROUBLES;
