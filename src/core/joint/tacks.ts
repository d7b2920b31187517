import { jointTraits, type JointKind } from '../data/joints';
import { TACK_SPACING_mm } from '../data/limits';

/** Tacks for a kind of joint: what is laid in or on one plate holds by itself. */
export const tacksOf = (kind: JointKind | null, length_mm: number): number =>
  jointTraits(kind)?.fitUp === false ? 0 : tackCount(length_mm);

/** Tacks for a joint: one at each end and one about every 100 mm. Common practice. */
export const tackCount = (length_mm: number): number =>
  Math.max(2, Math.round(length_mm / TACK_SPACING_mm) + 1);
