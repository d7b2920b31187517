import { jointTraits, type JointKind } from '../data/joints';
import { metalFamily } from '../data/metals';
import type { FamilyId } from '../data/families';
import {
  BUTT_TACKS,
  STITCHES,
  LEAST_TACK_SPACING_mm,
  TACK_ARC,
  TACK_MOVE,
  TACK_SPACING,
  TACKS_CLOSER,
  TACKS_ROUND,
  USUAL_TACK_SPACING_mm,
} from '../data/tacks';
import { alongRows } from '../units/rows';

/** How a joint is tacked. */
export interface Tacks {
  /** None where it is laid in or on one plate, which holds by itself. */
  count: number;
  every_mm: number;
  /** The weld goes round: opposite ones in turn. Else from end to end. */
  round: boolean;
  /** What each burns, and the way from one to the next. */
  arc_s: number;
  move_s: number;
}

export interface TackQuestion {
  kind: JointKind | null;
  thin_mm: number | null;
  length_mm: number;
  families: readonly FamilyId[];
  /** As the welder set it; null where he did not. */
  every_mm: number | null;
}

/** From tack to tack, mm: by the thinner side, closer where edges face one another and on metals that move more. */
export function tackSpacing_mm({
  kind,
  thin_mm,
  families,
}: Omit<TackQuestion, 'length_mm' | 'every_mm'>): number {
  if (thin_mm === null) return USUAL_TACK_SPACING_mm;
  const moves = families.some((id) => TACKS_CLOSER.groups.includes(metalFamily(id).group));
  // A butt in a metal that moves is tacked no closer than for the one reason that asks more.
  const share = Math.min(
    jointTraits(kind)?.butt ? alongRows(BUTT_TACKS.rows, thin_mm) : 1,
    moves ? TACKS_CLOSER.share : 1,
  );
  return Math.max(LEAST_TACK_SPACING_mm, alongRows(TACK_SPACING.rows, thin_mm) * share);
}

/** How long a run is laid on sheet that is stitched, mm: shorter where edges face one another; null where it is run on. */
export function stitchOf_mm(kind: JointKind | null, thin_mm: number | null): number | null {
  const traits = jointTraits(kind);
  if (traits?.run !== 'line' || traits.overlay || thin_mm === null || thin_mm > STITCHES.upTo_mm) return null;
  return alongRows(STITCHES.rows, thin_mm) * (traits.butt ? alongRows(BUTT_TACKS.rows, thin_mm) : 1);
}

/** Answers "how many tacks, how far apart?": one at each end and evenly between; round a closed weld in opposite pairs. */
export function tacksFor(question: TackQuestion): Tacks {
  const { kind, thin_mm, length_mm } = question;
  const traits = jointTraits(kind);
  const round = traits?.run === 'round' || traits?.run === 'sides';
  const wanted_mm = question.every_mm ?? tackSpacing_mm(question);
  const spaces = Math.max(1, Math.round(length_mm / wanted_mm));
  const pairs = Math.max(TACKS_ROUND, 2 * Math.round(spaces / 2));
  const count = traits?.fitUp === false ? 0 : round ? pairs : spaces + 1;
  const thick = thin_mm ?? Infinity;
  return {
    count,
    every_mm: length_mm / (round ? pairs : spaces),
    round,
    arc_s: alongRows(TACK_ARC.rows, thick),
    move_s: alongRows(TACK_MOVE.rows, thick),
  };
}
