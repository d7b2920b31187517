/** What warmth is asked, planned and kept between passes. This is what screens, workers and command line see of it. */
export { mustStayCold, needsNoPreheat, waitsForChart } from './askedAtAll';
export type { BeadRow } from './beadByBead';
export type { SteelAsked } from './heatPlan';
export { PREHEAT_METHODS } from './methods/methods';
export { PLAN_DRAWS, methodRows, steelRanges, type MethodRow } from './preheat';
export { reachOf } from './reach';
export { ampsAsItWarms } from './warmAmps';
export { withoutPreheat } from './without';
