import type { Situation } from '../../judge/situation';
import type { Doubt, Doubts } from './doubt';
import { air, gap, hand, piece, residual, restraint, surface, thickness, tolerance, wind } from './piece';
import { cordLength, line, nameplate, openVolts, ratedPoint } from './supply';
import { dryness, rodsLeft } from './tins';

/** Every doubt that the app knows. A new one is a function in one of those files and its name in this list. */
const DOUBTS: readonly Doubts[] = [
  thickness,
  gap,
  wind,
  air,
  surface,
  hand,
  restraint,
  piece,
  residual,
  tolerance,
  cordLength,
  line,
  nameplate,
  ratedPoint,
  openVolts,
  rodsLeft,
  dryness,
];

/** What is not known of a job, each with all that it may plausibly be. */
export const doubtsOf = (situation: Situation): Doubt[] => DOUBTS.flatMap((make) => make(situation));
