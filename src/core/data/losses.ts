import { OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';

/** What it costs to be wrong, in rods wasted. */
export const LOSSES = {
  wastedRods: { name: 'Rods or preheat for nothing', value: 1, source: PRACTICE },
  sentOut: { name: 'Not welded though it could be', value: 3, source: OUR_JUDGEMENT },
  cracked: { name: 'Cracked part', value: 5, source: PRACTICE },
  partLost: { name: 'Part lost', value: 20, source: PRACTICE },
  personHurt: { name: 'Person hurt', value: 1000, source: PRACTICE },
} as const satisfies Record<string, { name: string; value: number; source: Source }>;

export type LossId = keyof typeof LOSSES;
export type Losses = Readonly<Record<LossId, number>>;

export const DEFAULT_LOSSES = Object.fromEntries(
  Object.entries(LOSSES).map(([id, { value }]) => [id, value]),
) as Losses;

/** Share of belief from which a family has to be planned for. */
export const PLAN_SHARE = { value: 0.05, source: PRACTICE };
/** The same for a metal that burns or poisons: it stands at this at least, until a test of its own has cleared it. */
export const HURTS_SHARE = { value: 0.001, source: PRACTICE };
/** The same for a metal that merely fails whatever is done. */
export const FAILS_SHARE = { value: 0.01, source: OUR_JUDGEMENT };
