import { OUR_JUDGEMENT } from '../units/sources';

/** How far the pace of cooling may be off, as a share of it: as reckoned, and once a thermometer has put it right; what is not told apart, K. */
export const RUN_DOUBT = { reckoned: 0.3, read: 0.12, loose_K: 5, source: OUR_JUDGEMENT } as const;
