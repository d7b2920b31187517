import { UNEQUAL_SIDES } from '../data/limits';
import type { JointGeometry } from './geometry';

/** One side is so much thicker that the arc is not held between them. */
export const isUneven = (joint: JointGeometry): boolean => joint.ratio >= UNEQUAL_SIDES.ratio;
