import { SHEET, UNEQUAL_SIDES } from '../data/limits';
import { jointTraits, type JointKind } from '../data/joints';
import type { Job } from '../formats/job';
import { JOINT_SHAPES } from './shapes';
import { gapOf_mm } from './shapes/shape';
import type { BackingId } from '../data/backing';

const MM_PER_INCH = 25.4;

/** The joint as far as it is known, in millimetres. A null is not known (or not usable: see `checkJoint`). */
export interface JointGeometry {
  kind: JointKind | null;
  thin_mm: number | null;
  thick_mm: number | null;
  /** Thick over thin; 1 where both sides are the same or one is unknown. */
  ratio: number;
  /** Length of the weld; of a ring or a tube worked out from its sizes where none is typed. */
  length_mm: number | null;
  gap_mm: number | null;
  /** What lies behind the seam; nothing where nobody says, or where nothing can. */
  backing: Exclude<BackingId, 'none'> | null;
  /** Leg of a fillet, chosen or by rule; null for other joints. */
  leg_mm: number | null;
  legBy: 'you' | 'rule' | null;
  /** Weld metal section to be filled, mm2. */
  area_mm2: number | null;
}

/** Smallest fillet by what chills it: thickness and leg as the inch and the metric edition have them. AWS D1.1 and D1.1M, from memory. */
const LARGEST_MIN = { upTo_in: Infinity, leg_in: 5 / 16, leg_mm: 8 };
const MIN_FILLET: readonly { upTo_in: number; upTo_mm: number; leg_in: number; leg_mm: number }[] = [
  { upTo_in: 1 / 4, upTo_mm: 6, leg_in: 1 / 8, leg_mm: 3 },
  { upTo_in: 1 / 2, upTo_mm: 12, leg_in: 3 / 16, leg_mm: 5 },
  { upTo_in: 3 / 4, upTo_mm: 20, leg_in: 1 / 4, leg_mm: 6 },
];

/** Leg over thinner part that makes a fillet on one side about as strong as the part. Common practice. */
const FULL_STRENGTH_LEG = 0.7;

/** Leg over sheet: a rod lays no smaller bead on it. Common practice: 1.3 to 1.7. */
const SHEET_LEG = 1.3;

/**
 * Leg by rule: the smallest single-pass fillet for the thicker part, or seven tenths of the thinner, never larger than the thinner; on sheet
 * what a rod lays there.
 * @param thin_mm thinner side, mm
 * @param thick_mm thicker side, mm
 * @returns leg, mm (AWS D1.1, from memory; sheet: common practice)
 */
export function legByRule_mm(thin_mm: number, thick_mm: number): number {
  const byRule = Math.min(Math.max(leastFillet_mm(thin_mm, thick_mm), FULL_STRENGTH_LEG * thin_mm), thin_mm);
  return Math.max(byRule, SHEET_LEG * Math.min(thin_mm, SHEET.upTo_mm));
}

/**
 * Smallest fillet, mm, but never more than the thinner part (AWS D1.1 and D1.1M, from memory: the smaller of inch and metric).
 * @param chilled_mm what chills it: the thicker part, with low-hydrogen rods the thinner
 */
export function leastFillet_mm(thin_mm: number, chilled_mm: number): number {
  const row =
    MIN_FILLET.find(
      ({ upTo_in, upTo_mm }) => chilled_mm <= Math.max(upTo_in * MM_PER_INCH, upTo_mm) + 0.01,
    ) ?? LARGEST_MIN;
  return Math.min(row.leg_in * MM_PER_INCH, row.leg_mm, thin_mm);
}

/** One side is so much thicker that the arc is not held between them. */
export const isUneven = ({ ratio }: Pick<JointGeometry, 'ratio'>): boolean => ratio >= UNEQUAL_SIDES.ratio;

/** It has to be melted through in one, over a gap. */
export const opens = ({ kind, gap_mm }: Pick<JointGeometry, 'kind' | 'gap_mm'>): boolean =>
  jointTraits(kind)?.root === 'through' && (gap_mm ?? 0) > 0;

/**
 * Whether a bar behind the seam holds up what would melt away: two parts that meet, and where one lies or stands on the other both of
 * them thin. Behind a thick plate it does not reach the thin one's edge.
 */
export const canBeBacked = ({ kind, ratio }: Pick<JointGeometry, 'kind' | 'ratio'>): boolean => {
  const traits = jointTraits(kind);
  return traits?.fitUp === true && !traits.twoFaced && (traits.butt || !isUneven({ ratio }));
};

/** A groove whose root is cut out from the other face, and welded from there. */
export const rootIsCutOut = ({ kind, back }: Pick<Job['joint'], 'kind' | 'back'>): boolean => {
  const traits = jointTraits(kind);
  return traits?.butt === true && (traits.twoFaced || back === 'gouged');
};

/** Part of it is laid from the other face. */
export const fromBothFaces = (joint: Pick<Job['joint'], 'kind' | 'back'>): boolean =>
  jointTraits(joint.kind)?.twoFaced === true || rootIsCutOut(joint);

/** The joint of a job, with its leg and its weld section worked out where they can be. */
export function jointGeometry(joint: Job['joint']): JointGeometry {
  const a = joint.thicknessA_mm;
  const b = joint.sameThickness ? a : joint.thicknessB_mm;
  const known = [a, b].filter((t): t is number => t !== null);
  const thin_mm = known.length > 0 ? Math.min(...known) : null;
  const thick_mm = known.length > 0 ? Math.max(...known) : null;
  const fillet = jointTraits(joint.kind)?.fillet ?? false;
  const byRule = thin_mm !== null && thick_mm !== null ? legByRule_mm(thin_mm, thick_mm) : null;
  const leg_mm = fillet ? (joint.leg_mm ?? byRule) : null;
  const ratio = thin_mm !== null && thick_mm !== null ? thick_mm / thin_mm : 1;
  const shape = joint.kind === null ? null : JOINT_SHAPES[joint.kind];
  const sizes = { joint, thin_mm, leg_mm, gap_mm: gapOf_mm(joint) };
  return {
    kind: joint.kind,
    thin_mm,
    thick_mm,
    ratio,
    length_mm: joint.length_mm ?? shape?.length_mm(sizes) ?? null,
    gap_mm: joint.gap_mm,
    backing: joint.backing !== 'none' && canBeBacked({ kind: joint.kind, ratio }) ? joint.backing : null,
    leg_mm,
    legBy: leg_mm === null ? null : joint.leg_mm === null ? 'rule' : 'you',
    area_mm2: shape?.area_mm2(sizes) ?? null,
  };
}
