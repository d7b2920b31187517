/** How a metal is welded by its own rules, bead by bead. This is what screens, workers and command line see of it. */
export type { Part, PartId, Procedure } from './procedure';
export { proceduresFor } from './proceduresFor';
