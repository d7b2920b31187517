import { memoryOf } from '../units/sources';

/** The hot-work card: what is seen to before the first spark, and how long it is watched after the last. */

/** When a line of the card is asked. */
export type PermitAsked = 'always' | 'inside' | 'below' | 'engine';

export interface PermitLine {
  name: string;
  asked: PermitAsked;
}

/** Lines in the order they are walked through. Common practice, as NFPA 51B and site cards have them. */
export const PERMIT_LINES = {
  clear: { name: 'Everything that burns is 11 m (35 ft) off, or wet down and covered', asked: 'always' },
  covered: { name: 'Openings, cracks and ducts within 11 m (35 ft) are covered', asked: 'always' },
  behind: { name: 'The other side of wall, floor and deck is looked at, and watched', asked: 'always' },
  below: { name: 'Below is cleared and roped off: sparks fall and roll', asked: 'below' },
  gas: {
    name: 'Air is tested for gas that burns, by somebody competent, and again after every break',
    asked: 'inside',
  },
  air: { name: 'Air is moved through, and somebody stands outside', asked: 'inside' },
  locked: { name: 'What feeds or moves it is shut off, bled and locked', asked: 'always' },
  alarm: { name: 'Smoke heads near by are off, and who puts them on again is written down', asked: 'always' },
  extinguisher: { name: 'Extinguisher and water within reach, looked at today', asked: 'always' },
  engine: { name: 'Engine stands outside, its fumes away from the work', asked: 'engine' },
  watcher: { name: 'A watcher who does nothing else, and can call for help', asked: 'always' },
  screens: { name: 'Others are kept from the light: screens up', asked: 'always' },
} as const satisfies Record<string, PermitLine>;
export type PermitLineId = keyof typeof PERMIT_LINES;

/** How a line stands. */
export const PERMIT_ANSWERS = { done: 'Done', 'not-here': 'Not here' } as const;
export type PermitAnswer = keyof typeof PERMIT_ANSWERS;

/** Least watch after the last arc, s (NFPA 51B, 2019: one hour, from memory). */
export const FIRE_WATCH_s = 3600;
export const PERMIT_SOURCE = memoryOf('NFPA 51B');
