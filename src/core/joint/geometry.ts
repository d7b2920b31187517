import { JOINTS, type JointKind } from '../data/words';
import type { Job } from '../formats/job';

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
  /** Leg of a fillet, chosen or by rule; null for other joints. */
  leg_mm: number | null;
  legBy: 'you' | 'rule' | null;
  /** Weld metal section to be filled, mm2. */
  area_mm2: number | null;
}

/** Smallest single-pass fillet by the thicker part, in inches of thickness and leg. AWS D1.1, from memory. */
const MIN_FILLET_in: readonly { upTo_in: number; leg_in: number }[] = [
  { upTo_in: 1 / 4, leg_in: 1 / 8 },
  { upTo_in: 1 / 2, leg_in: 3 / 16 },
  { upTo_in: 3 / 4, leg_in: 1 / 4 },
  { upTo_in: Infinity, leg_in: 5 / 16 },
];

/** Leg over thinner part that makes a fillet on one side about as strong as the part. Common practice. */
const FULL_STRENGTH_LEG = 0.7;
/** Fillets come out convex by about an eighth. Common practice: 10 to 15 %. */
const CONVEXITY = 1.12;
/** Outside corner radius of formed tube, in wall thicknesses. Common practice: about two. */
const FLARE_RADIUS_THICKNESSES = 2;
const CAP_HEIGHT_mm = 1.5;
const CAP_OVERLAP_mm = 2;
const ASSUMED_V_ANGLE_deg = 60;
const ASSUMED_ROOT_FACE_mm = 1.5;
/** What is put in for a blank gap when weld metal is counted: a fair fit by hand. */
export const ASSUMED_GAP_mm = 1;

/**
 * Leg by rule: the smallest single-pass fillet for the thicker part, or seven tenths of the thinner, never larger than the thinner.
 * @param thin_mm thinner side, mm
 * @param thick_mm thicker side, mm
 * @returns leg, mm (AWS D1.1, from memory)
 */
export function legByRule_mm(thin_mm: number, thick_mm: number): number {
  return Math.min(Math.max(leastFillet_mm(thin_mm, thick_mm), FULL_STRENGTH_LEG * thin_mm), thin_mm);
}

/** Smallest single-pass fillet, mm: by the thicker part, but never more than the thinner (AWS D1.1, from memory). */
export function leastFillet_mm(thin_mm: number, thick_mm: number): number {
  const row = MIN_FILLET_in.find(({ upTo_in }) => thick_mm <= upTo_in * MM_PER_INCH + 0.01);
  return Math.min((row?.leg_in ?? 5 / 16) * MM_PER_INCH, thin_mm);
}

/** The joint of a job, with its leg and its weld section worked out where they can be. */
export function jointGeometry(joint: Job['joint']): JointGeometry {
  const a = joint.thicknessA_mm;
  const b = joint.sameThickness ? a : joint.thicknessB_mm;
  const known = [a, b].filter((t): t is number => t !== null);
  const thin_mm = known.length > 0 ? Math.min(...known) : null;
  const thick_mm = known.length > 0 ? Math.max(...known) : null;
  const fillet = joint.kind !== null && JOINTS[joint.kind].fillet;
  const byRule = thin_mm !== null && thick_mm !== null ? legByRule_mm(thin_mm, thick_mm) : null;
  const leg_mm = fillet ? (joint.leg_mm ?? byRule) : null;
  return {
    kind: joint.kind,
    thin_mm,
    thick_mm,
    ratio: thin_mm !== null && thick_mm !== null ? thick_mm / thin_mm : 1,
    length_mm: joint.length_mm ?? lengthOf(joint, thin_mm),
    gap_mm: joint.gap_mm,
    leg_mm,
    legBy: leg_mm === null ? null : joint.leg_mm === null ? 'rule' : 'you',
    area_mm2: weldArea_mm2(joint, thin_mm, leg_mm),
  };
}

/** Length that the piece itself sets, mm: round the pipe, round the tube, through every plug. */
function lengthOf(joint: Job['joint'], thin_mm: number | null): number | null {
  switch (joint.kind) {
    case 'ring':
      return joint.pipeDiameter_mm === null ? null : Math.PI * joint.pipeDiameter_mm;
    case 'rectangle':
      return joint.tubeWidth_mm === null || joint.tubeHeight_mm === null
        ? null
        : 2 * (joint.tubeWidth_mm + joint.tubeHeight_mm);
    case 'plug':
      return joint.plugCount === null || thin_mm === null ? null : joint.plugCount * thin_mm;
    default:
      return null;
  }
}

/** Area of a flat 45 degree fillet, mm2. */
export const filletArea_mm2 = (leg_mm: number): number => (leg_mm * leg_mm) / 2;

/** Area of a single V: gap times thickness and the two bevels, without cap, mm2. Angle is the included one. */
export const vGrooveArea_mm2 = (
  thickness_mm: number,
  gap_mm: number,
  rootFace_mm: number,
  angle_deg: number,
): number =>
  gap_mm * thickness_mm + (thickness_mm - rootFace_mm) ** 2 * Math.tan((angle_deg * Math.PI) / 360);

/** Section of weld metal the joint takes, mm2; null while a needed size is unknown. */
function weldArea_mm2(joint: Job['joint'], thin_mm: number | null, leg_mm: number | null): number | null {
  if (joint.kind === null || thin_mm === null) return null;
  const gap = joint.gap_mm ?? ASSUMED_GAP_mm;
  const cap = (width_mm: number) => (2 / 3) * width_mm * Math.min(CAP_HEIGHT_mm, thin_mm / 2);
  switch (joint.kind) {
    case 'lap':
    case 't-fillet':
    case 'ring':
    case 'rectangle':
      // A gap under the leg has to be filled as well.
      return leg_mm === null ? null : filletArea_mm2(leg_mm + gap / 2) * CONVEXITY;
    case 'square-butt':
      return gap * thin_mm + cap(gap + CAP_OVERLAP_mm);
    case 'v-butt': {
      const angle = joint.includedAngle_deg ?? ASSUMED_V_ANGLE_deg;
      const face = Math.min(joint.rootFace_mm ?? ASSUMED_ROOT_FACE_mm, thin_mm);
      const top = gap + 2 * (thin_mm - face) * Math.tan((angle * Math.PI) / 360);
      return vGrooveArea_mm2(thin_mm, gap, face, angle) + cap(top + CAP_OVERLAP_mm);
    }
    case 'flare-bevel': {
      // Between the rounded edge and the flat: a square less its quarter circle, filled flush.
      const radius = joint.cornerRadius_mm ?? FLARE_RADIUS_THICKNESSES * thin_mm;
      return (1 - Math.PI / 4) * radius * radius + gap * radius;
    }
    case 'plug':
      return joint.plugDiameter_mm === null ? null : (Math.PI / 4) * joint.plugDiameter_mm ** 2 * CONVEXITY;
    case 'outside-corner':
      return filletArea_mm2(thin_mm) * CONVEXITY + gap * thin_mm;
  }
}
