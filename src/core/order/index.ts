/** In what order a seam is laid, and how it pulls. This is what screens, workers and command line see of it. */
export { searchChoices, type ChoicesState } from './choices';
export { fieldRun, type FieldLabel, type FieldRun, type UnrolledFrame } from './fieldRun';
export type { OrderJudged } from './judgeOrder';
export { troubled } from './levers';
export { countedFrom, orderInWords, orderName, type OrderPlan } from './orderPlan';
export { firstFew, termsOf, type OrderQuestion } from './orderQuestion';
export { presetOf, usualMove_mm, type PullPlan } from './pullPlan';
export { EXHAUSTIVE_TO } from './search';
