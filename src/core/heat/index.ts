/** How metal takes heat: arc energy, melting, cooling, softening. This is what screens, workers and command line see of it. */
export { fallsAfter_s } from './cooling';
export { familyHeatRule } from './familyRule';
export { zoneHalf_mm } from './piece';
export { runPlate, type PlateFrame, type PlateRun, type StartHeat } from './plate/run';
export { isReckoned } from './softFiller';
export { gasInWords } from './torch';
