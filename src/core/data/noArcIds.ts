/** What a lost arc does, where to look for it, and how that is answered. */

export const SYMPTOMS = {
  nothing: 'Nothing at all',
  sparks: 'Sparks, will not start',
  sticks: 'Sticks or goes out',
  stops: 'Welds, then stops',
  trips: 'Breaker goes',
} as const;
export type SymptomId = keyof typeof SYMPTOMS;

export const FINDINGS = { fine: 'That is fine', found: 'That was it' } as const;
export type FindingId = keyof typeof FINDINGS;

/** Places to look, in the order that finds it soonest. */
export const CHECK_IDS = ['clamp', 'leads', 'pole', 'ocv', 'rod', 'supply', 'thermal'] as const;
export type CheckId = (typeof CHECK_IDS)[number];
