/** All of it joined: the judgement of a job, its limits, levers, steps and sheet. This is what screens, workers and command line see of it. */
export { assess, type Assessment } from './assess';
export { betterBy, planBy, type PlanBy } from './byProcess';
export { CHECK_WHEN, type Check, type CheckWhen } from './checks/check';
export { checksFor, triedInWords } from './checks/checks';
export { powerChain, weakestLink, type ChainLink, type LinkKind } from './chain';
export { diagnose, type Diagnosis } from './diagnose';
export { glanceAt, type Glance } from './glance';
export type { Lever, LeverEffect } from './levers/lever';
export { findLevers, leversFor } from './levers/levers';
export { testsFor } from './levers/tests';
export { searchArc, type ArcCheck } from './noArc';
export { makePlan, type Halt, type Plan } from './plan';
export { rankRods } from './rankRods';
export { UNRECKONED, remediesFor } from './remedies';
export type { Room, RoomId } from './rooms';
export { DEFERENCE, HALT_TITLES, SIGN_LINE, VERDICT_WORDS, sheetMarkdown } from './sheet';
export { compareSizes, type SizeChoice } from './sizes';
export { truckList, type RodLoad, type TruckList } from './truck';
