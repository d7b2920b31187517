import { OUR_JUDGEMENT, type Source } from '../units/sources';

/** What lies on the metal. Judged on its own: any metal may carry any of them. */
export interface Coating {
  name: string;
  /** 'never' stops the plan; 'strip' must come off first; 'clean' is ordinary cleaning. */
  verdict: 'clean' | 'strip' | 'never';
  /** What to do about it before the arc, and what it does to you. */
  words: string;
}

export const COATINGS = {
  none: {
    name: 'Bare, mill scale or ordinary paint',
    verdict: 'clean',
    words: 'Grind paint, scale and rust off to bright metal 25 mm each side.',
  },
  zinc: {
    name: 'Zinc (galvanised, zinc primer)',
    verdict: 'strip',
    words: 'Grind the zinc back 50 mm each side. Zinc fume brings on fever: extract it or stay upwind.',
  },
  chrome: {
    name: 'Chrome plate',
    verdict: 'strip',
    words: 'Strip the chrome 50 mm each side. Chromium fume harms lungs: respirator and extraction.',
  },
  'lead-paint': {
    name: 'Old paint that may hold lead',
    verdict: 'strip',
    words: 'Strip it chemically or wet, not by burning or dry grinding. Respirator; keep others away.',
  },
  terne: {
    name: 'Terne (lead-tin) coat',
    verdict: 'strip',
    words: 'Strip the lead-tin coat 50 mm each side. Lead fume: respirator and extraction.',
  },
  cadmium: {
    name: 'Cadmium, or a plating nobody can name',
    verdict: 'never',
    words:
      'Cadmium fume kills. Do not heat, grind or weld it. Replace the part or have the plating stripped by people equipped for it.',
  },
} as const satisfies Record<string, Coating>;

export type CoatingId = keyof typeof COATINGS;
export const COATING_IDS = Object.keys(COATINGS) as [CoatingId, ...CoatingId[]];

/** Where the weights below come from: our reading of common practice. */
export const COATING_WEIGHTS_SOURCE: Source = OUR_JUDGEMENT;

/** How often metal carries each coating before it is looked at, by weight. */
export const COATINGS_MET: Readonly<Record<CoatingId, number>> = {
  none: 78,
  zinc: 14,
  chrome: 2,
  'lead-paint': 5,
  terne: 0.5,
  cadmium: 0.5,
};
/** How much oftener old paint holds lead on what was made before 1980, and since. */
export const LEAD_PAINT_BY_AGE = { before1980: 5, since: 0.1 } as const;

/** What a surface shows of its coating, with how often each coating looks so. Our reading of common practice. */
export const COATING_LOOKS = {
  bare: {
    name: 'Bare metal, scale or red rust',
    weights: { none: 96, zinc: 1, chrome: 0.5, 'lead-paint': 0.5, terne: 0.5, cadmium: 0.05 },
  },
  spangle: {
    name: 'Frosted crystal pattern',
    weights: { none: 0.3, zinc: 97, chrome: 0.1, 'lead-paint': 0.1, terne: 0.5, cadmium: 0.05 },
  },
  'dull-zinc': {
    name: 'Dull grey skin, runs and drips',
    weights: { none: 4, zinc: 88, chrome: 0.1, 'lead-paint': 0.5, terne: 7, cadmium: 0.05 },
  },
  'bright-plate': {
    name: 'Thin silvery or yellowish plating',
    weights: { none: 3, zinc: 70, chrome: 6, 'lead-paint': 0.1, terne: 3, cadmium: 18 },
  },
  mirror: {
    name: 'Mirror bright, bluish',
    weights: { none: 4, zinc: 3, chrome: 92, 'lead-paint': 0.1, terne: 0.1, cadmium: 0.05 },
  },
  'new-paint': {
    name: 'Paint put on since 1990',
    weights: { none: 92, zinc: 6, chrome: 0.1, 'lead-paint': 1.5, terne: 0.2, cadmium: 0.05 },
  },
  'old-paint': {
    name: 'Thick old paint, many coats',
    weights: { none: 42, zinc: 5, chrome: 0.1, 'lead-paint': 52, terne: 0.5, cadmium: 0.05 },
  },
} as const satisfies Record<string, { name: string; weights: Record<CoatingId, number> }>;

export type CoatingLookId = keyof typeof COATING_LOOKS;
export const COATING_LOOK_IDS = Object.keys(COATING_LOOKS) as [CoatingLookId, ...CoatingLookId[]];
