/** The planner: how else a job could be done, what is in the way, how sure it is and what is worth finding out. */
export { planAll, type Planned } from './everything';
export { fuss_min, type Addition, type Ground, type Option } from './option';
export { waysOutOn, type WayOut, type WaysOut } from './wayOut';
export { WISHES, type Way, type Ways, type WishId } from './ways';
export { whyNotOn, type WhyNot } from './whyNot';
export { worthOn, type Worth } from './worth';
export { sureInWords, surenessOn, type Sureness } from './sure';
export type { Measures } from './measures';
export {
  clockOf,
  fuelOf,
  ovenLoads,
  planDay,
  rodsToTake,
  type Block,
  type Clash,
  type Day,
  type DayTerms,
} from './day';
export { dayJob, type DayJob } from './dayWork';
export { besideEachOther, type Beside } from './compare';
