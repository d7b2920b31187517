import { OUR_JUDGEMENT } from '../units/sources';

/** A day's work: when it begins, and how long it takes to pack up, walk over and set up again. */
export const USUAL_DAY = { begins_min: 7 * 60, walk_min: 10, dark_min: null, source: OUR_JUDGEMENT } as const;
/** A wait in which something else is worth beginning, min. */
export const WORTH_LEAVING_min = { value: 5, source: OUR_JUDGEMENT } as const;
/** Days of so many jobs are looked at in every order; of more, so many swaps are tried. */
export const EVERY_ORDER_TO = 6;
export const SWAPS = 400;
/** Rods taken along over those that are planned: for drops and a bad start, and for a plan that may not hold. */
export const SPARES = { always: 0.1, unsure: 0.4, source: OUR_JUDGEMENT } as const;
