/** What rod and sides come to, stirred together. This is what screens, workers and command line see of it. */
export { baseMetalOf } from './baseMetal';
export { CELLS, SHOWN, cloudOf, type Cell, type Cloud, type CloudPair, type DiagramId } from './cloud';
export { diagramOf, type Mark } from './diagram';
export { metalsOf } from './metalsOf';
export type { MixPlan } from './mixPlan';
export { beadAt } from './pair';
export { fieldName } from './schaeffler';
export { mixTechnique } from './technique';
export type { JudgedWeld } from './weld';
