/** Which process, and where welders disagree. This is what screens, workers and command line see of it. */
export { chooseProcess } from './processes';
export type { Candidate, Point } from './rank';
export { schoolsFor } from './schools';
export type { OtherArc } from './settings/arcBy';
export { gasIn_l } from './settings/stock';
export { readFillerWord, type FillerWord } from './words/fillerWord';
export { hasRoot } from './stages/rootBy';
