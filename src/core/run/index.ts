/** The work itself: what happened, what it has taken, what comes next. This is what screens see of it. */
export { arcsOver, happened, inOrder, nextNumber, runClock_ms, type Arc, type Happened } from './happened';
export { countOf, type Burning, type Count, type PassCount } from './count';
export { passSettings, passTitle, type RunItem } from './items';
export {
  OFF_THE_TINS,
  rodsOffTins,
  runState,
  rodsLeft,
  whyNoArc,
  whyNoRun,
  type Bite,
  type RunState,
} from './run';
export { passLine, reportCsv, reportMarkdown, reportOf } from './report';
export { changedBy, type Changed } from './replan';
export { findPast, pastOf, totalsByMonth, type PastWork } from './past';
