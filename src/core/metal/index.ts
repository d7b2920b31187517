/** What the metal may be, what tests tell of it, and what both sides of a joint ask. This is what screens, workers and command line see of it. */
export { beliefOf, effectsOn, priorOf, type MetalBelief } from './belief';
export { coatingBelief, plausibleCoatings } from './coating';
export { densityOf } from './density';
export { planShareOf } from './doubt';
export { UNSEEN_BY_XRAY } from './likelihood';
export { lockOf } from './locks';
export type { TestWorth } from './next';
export { METAL_PLACES, type MetalPlace } from './places';
export { isForbidden, isGrave } from './plausible';
export { mayBePlated, sawTheSkin } from './surface';
export { repeatWords, suspectWords } from './suspect';
