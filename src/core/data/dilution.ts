import { memoryOf, OUR_JUDGEMENT } from '../units/sources';

/** How much of a bead is melted base metal, percent. */

export const DILUTION_SOURCE = memoryOf('handbook dilutions by process');

/** Stick, by where the bead lies. */
export const STICK_DILUTION_pct = {
  root: { low: 30, nominal: 35, high: 40, words: 'a root, or one run in a butt' },
  fill: { low: 20, nominal: 27, high: 35, words: 'fillets and fill' },
  overlay: { low: 15, nominal: 20, high: 25, words: 'stringers laid on the face' },
} as const;
export type BeadPlace = keyof typeof STICK_DILUTION_pct;

/** What moves it, in points: weave against stringers, the whole of the rod's amps from low to high, and the pole. */
export const DILUTION_MOVES = {
  weave: 4,
  amps: 10,
  negative: -4,
  source: OUR_JUDGEMENT,
} as const;

/** A dilution that was typed is good to about so many points; nothing melts less or more than these. */
export const DILUTION_DOUBT = { typed: 5, least: 5, most: 70, source: OUR_JUDGEMENT } as const;

/** Share of what a later pass melts that is base metal and not the pass before it. */
export const BASE_MELTED = {
  root: 1,
  hot: 0.5,
  back: 0.5,
  fill: 0.35,
  cap: 0.3,
  single: 1,
  source: OUR_JUDGEMENT,
} as const;

/** Dilution of the layers of a hard face or a butter, percent: common practice, stringers lapped by half. */
export const LAYER_DILUTION_pct = {
  layers: [30, 15, 5],
  source: memoryOf('common practice, dilution by layer'),
} as const;

/** Share of the melted base metal that comes from the side the arc is held to. */
export const FAVOURED_SHARE = { value: 0.7, source: OUR_JUDGEMENT } as const;

/** Other processes, for comparing: percent. */
export const PROCESS_DILUTION_pct = [
  { id: 'short-circuit', name: 'Wire, short-circuit', low: 10, high: 25 },
  { id: 'spray', name: 'Wire, spray', low: 25, high: 40 },
  { id: 'flux-cored', name: 'Flux-cored wire', low: 20, high: 35 },
  { id: 'tig', name: 'TIG with filler', low: 20, high: 40 },
  { id: 'submerged', name: 'Submerged arc', low: 30, high: 60 },
] as const;
