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
