import { memoryOf } from '../units/sources';

/** The hot-work card: what is seen to before the first spark, and how long it is watched after the last. */

/** When a line of the card is asked. */
export type PermitAsked = 'always' | 'inside' | 'below' | 'engine';

export interface PermitLine {
  name: string;
  asked: PermitAsked;
  /** It is never left out: there is no work without it. */
  must: boolean;
}

/** Lines in the order they are walked through. Common practice, as NFPA 51B and site cards have them. */
export const PERMIT_LINES = {
  clear: {
    name: 'Everything that burns is 11 m (35 ft) off, or wet down and covered',
    asked: 'always',
    must: true,
  },
  covered: {
    name: 'Openings, cracks and ducts within 11 m (35 ft) are covered',
    asked: 'always',
    must: false,
  },
  behind: {
    name: 'The other side of wall, floor and deck is looked at, and watched',
    asked: 'always',
    must: true,
  },
  below: { name: 'Below is cleared and roped off: sparks fall and roll', asked: 'below', must: true },
  gas: {
    name: 'Air is tested for gas that burns, by somebody competent, and again after every break',
    asked: 'inside',
    must: true,
  },
  air: { name: 'Air is moved through, and somebody stands outside', asked: 'inside', must: true },
  locked: { name: 'What feeds or moves it is shut off, bled and locked', asked: 'always', must: false },
  alarm: {
    name: 'Smoke heads near by are off, and who puts them on again is written down',
    asked: 'always',
    must: false,
  },
  extinguisher: { name: 'Extinguisher and water within reach, looked at today', asked: 'always', must: true },
  engine: { name: 'Engine stands outside, its fumes away from the work', asked: 'engine', must: false },
  watcher: { name: 'A watcher who does nothing else, and can call for help', asked: 'always', must: true },
  screens: { name: 'Others are kept from the light: screens up', asked: 'always', must: false },
} as const satisfies Record<string, PermitLine>;
export type PermitLineId = keyof typeof PERMIT_LINES;

/** How a line stands. */
export const PERMIT_ANSWERS = { done: 'Done', 'not-here': 'Not here' } as const;
export type PermitAnswer = keyof typeof PERMIT_ANSWERS;

/** Least watch after the last arc, s (NFPA 51B, 2019: one hour, from memory). */
export const FIRE_WATCH_s = 3600;
export const PERMIT_SOURCE = memoryOf('NFPA 51B');
