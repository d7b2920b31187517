import { OUR_JUDGEMENT } from '../units/sources';
import type { Range } from '../units/range';

/** What lies behind a seam while it is welded. */
export const BACKINGS = {
  none: 'Nothing',
  copper: 'Copper or aluminium bar',
  steel: 'Steel strip, left on',
} as const;
export type BackingId = keyof typeof BACKINGS;

/** What something behind the seam does. */
interface Backed {
  /** So many times the amps before the pool falls through: it is held up, and a bar drinks its heat. */
  holes: Range;
  /** So many times the gap that is bridged. */
  bridges: number;
  /** What is done before the tacks, and after the weld. */
  fit: string;
  after: string;
}

export const BACKED: Readonly<Record<Exclude<BackingId, 'none'>, Backed>> = {
  copper: {
    holes: { low: 1.3, nominal: 1.6, high: 2 },
    bridges: 1.3,
    fit: 'Clamp the bar tight behind the seam: dry, clean, no air between.',
    after: 'Take the bar off and look at the root.',
  },
  steel: {
    holes: { low: 1.5, nominal: 2, high: 2.6 },
    bridges: 2.5,
    fit: 'Tack the strip tight behind the seam, gap to it under 1.5 mm; both edges are fused into it.',
    after: 'Seal the edges of the strip where it may rust between.',
  },
};
/** How far these go is not published: placed between everyday settings with a bar and without. */
export const BACKED_SOURCE = OUR_JUDGEMENT;
