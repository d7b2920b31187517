/** Rods: classes, amps, beads, runs, and how they are kept. This is what screens, workers and command line see of it. */
export { runsPerRod, tieInsInWords, type RunPlan } from './along';
export { MOST_PASSES } from './beads';
export { passCount, rodsByKind, toldPass } from './counts';
export { hasTop } from './kinds';
export { usualMove } from './moves';
export { coveringOf } from './covering';
export { layOut, type Bead, type PassRole } from './layout';
export type { RodFit } from './rank';
export type { RodSettings } from './settings';
export { beatOf_s, techniqueFor, type TechniqueCard } from './technique';
export { buyingWeight_kg } from './weight';
