/** The magnetic field of the welding current and where it blows the arc. This is what screens, workers and command line see of it. */
export { bestClamps, type ClampChoice } from './bestClamps';
export { pushAt } from './blow';
export { pieceKindOf } from './blowPiece';
export type { BlowPlan } from './blowPlan';
export { cornersOf, headingOf, onFrame } from './frame';
export { sweepOnGrid, type GridPlace, type GridSweep } from './gridSweep';
export { hasEnds, type BlowPiece, type Clamp, type Spot } from './piece';
export {
  asItLies,
  blown,
  cornerAt,
  judgeSeam,
  sweep,
  type BlowAt,
  type BlowJudged,
  type Travel,
} from './sweep';
