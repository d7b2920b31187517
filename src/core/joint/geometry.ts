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
export const CONVEXITY = 1.12;
/** Outside corner radius of formed tube, in wall thicknesses. Common practice: about two. */
const FLARE_RADIUS_THICKNESSES = 2;
const CAP_HEIGHT_mm = 1.5;
export const CAP_OVERLAP_mm = 2;
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
    case 'slot':
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

/** Section of weld metal the joint takes, mm2, mean along its length; null while a needed size is unknown. */
function weldArea_mm2(joint: Job['joint'], thin_mm: number | null, leg_mm: number | null): number | null {
  const gap = joint.gap_mm ?? ASSUMED_GAP_mm;
  const cap = (width_mm: number) => (2 / 3) * width_mm * capHeight_mm(thin_mm ?? width_mm);
  switch (joint.kind) {
    case null:
      return null;
    case 'lap':
    case 't-fillet':
    case 'ring':
    case 'rectangle':
      // A gap under the leg has to be filled as well.
      return leg_mm === null ? null : filletArea_mm2(leg_mm + gap / 2) * CONVEXITY;
    case 'square-butt':
      return thin_mm === null ? null : gap * thin_mm + cap(gap + CAP_OVERLAP_mm);
    case 'v-butt': {
      if (thin_mm === null) return null;
      const { angle_deg, face_mm, top_mm } = vShape(joint, thin_mm, gap);
      return vGrooveArea_mm2(thin_mm, gap, face_mm, angle_deg) + cap(top_mm + CAP_OVERLAP_mm);
    }
    case 'flare-bevel': {
      if (thin_mm === null) return null;
      // Between the rounded edge and the flat: a square less its quarter circle, filled flush.
      const radius = flareRadius_mm(joint, thin_mm);
      return (1 - Math.PI / 4) * radius * radius + gap * radius;
    }
    case 'plug':
      return joint.plugDiameter_mm === null ? null : (Math.PI / 4) * joint.plugDiameter_mm ** 2 * CONVEXITY;
    case 'slot': {
      const { plugDiameter_mm: wide, slotLength_mm: long } = joint;
      if (wide === null || long === null) return null;
      return ((Math.PI / 4) * wide ** 2 + Math.max(0, long - wide) * wide) * CONVEXITY;
    }
    case 'outside-corner':
      return thin_mm === null ? null : filletArea_mm2(thin_mm) * CONVEXITY + gap * thin_mm;
    case 'gouge': {
      const shape = gougeShape(joint);
      if (shape === null) return null;
      return (gougeArea_mm2(shape) + cap(shape.top_mm + CAP_OVERLAP_mm)) * boatShare(joint, shape);
    }
    case 'pad':
      return joint.padWidth_mm === null || joint.padHeight_mm === null
        ? null
        : joint.padWidth_mm * joint.padHeight_mm;
  }
}

/** How high a cap stands, mm: never more than half the plate. */
export const capHeight_mm = (thin_mm: number): number => Math.min(CAP_HEIGHT_mm, thin_mm / 2);

/** A single V with its blanks filled. */
export function vShape(joint: Job['joint'], thin_mm: number, gap_mm: number) {
  const angle_deg = joint.includedAngle_deg ?? ASSUMED_V_ANGLE_deg;
  const face_mm = Math.min(joint.rootFace_mm ?? ASSUMED_ROOT_FACE_mm, thin_mm);
  return {
    angle_deg,
    face_mm,
    top_mm: gap_mm + 2 * (thin_mm - face_mm) * Math.tan((angle_deg * Math.PI) / 360),
  };
}

/** Outside corner radius of a formed tube, mm. */
export const flareRadius_mm = (joint: Job['joint'], thin_mm: number): number =>
  joint.cornerRadius_mm ?? FLARE_RADIUS_THICKNESSES * thin_mm;

/** The section of a ground-out crack: a round bottom, and straight sides that lean outwards from it. */
export interface GougeShape {
  depth_mm: number;
  top_mm: number;
  radius_mm: number;
  turn_rad: number;
  /** Depth of the round bottom, and the half-width where the straight sides begin. */
  sagitta_mm: number;
  halfChord_mm: number;
}

/** Radius a rod can reach into. Common practice: about a rod and a half. */
const ASSUMED_GOUGE_RADIUS_mm = 5;

/** A ground-out crack as far as it is known; null while depth or width is not. */
export function gougeShape(joint: Job['joint']): GougeShape | null {
  const { depth_mm, topWidth_mm: top_mm } = joint;
  if (depth_mm === null || top_mm === null) return null;
  const half = top_mm / 2;
  const radius_mm = Math.min(joint.rootRadius_mm ?? ASSUMED_GOUGE_RADIUS_mm, half);
  const turn_rad = tangentTurn_rad(half, depth_mm, radius_mm);
  return {
    depth_mm,
    top_mm,
    radius_mm,
    turn_rad,
    sagitta_mm: Math.min(radius_mm * (1 - Math.cos(turn_rad)), depth_mm),
    halfChord_mm: Math.min(radius_mm * Math.sin(turn_rad), half),
  };
}

/** Angle up the round bottom at which the straight side to the top edge leaves it. */
function tangentTurn_rad(half_mm: number, depth_mm: number, radius_mm: number): number {
  const rise = depth_mm - radius_mm;
  const reach = Math.hypot(half_mm, rise);
  // Shallower than its own round: the sides are part of it.
  if (reach <= radius_mm) return Math.acos((radius_mm - depth_mm) / radius_mm);
  return Math.min(Math.PI / 2, Math.atan2(rise, half_mm) + Math.asin(radius_mm / reach));
}

/** Section of a ground-out crack, flush, mm2: round bottom and straight sides. */
export const gougeArea_mm2 = ({
  depth_mm,
  top_mm,
  radius_mm,
  turn_rad,
  sagitta_mm,
  halfChord_mm,
}: GougeShape): number =>
  radius_mm ** 2 * (turn_rad - Math.sin(turn_rad) * Math.cos(turn_rad)) +
  (halfChord_mm + top_mm / 2) * (depth_mm - sagitta_mm);

/** Steps along one ramp when its metal is added up. */
const RAMP_STEPS = 16;

/** Weld metal of a boat with ramped ends over that of a trench of full depth all along. */
function boatShare(joint: Job['joint'], full: GougeShape): number {
  const { length_mm, ramp_mm, depth_mm } = joint;
  if (length_mm === null || ramp_mm === null || depth_mm === null) return 1;
  const ramp = Math.min(ramp_mm, length_mm / 2);
  // Depth rises evenly along the ramp; the sides keep their slope.
  let share = 0;
  for (let n = 0; n < RAMP_STEPS; n++) {
    const deep = (n + 0.5) / RAMP_STEPS;
    const narrow = full.top_mm - 2 * (1 - deep) * (full.top_mm / 2 - full.halfChord_mm);
    const here = gougeShape({ ...joint, depth_mm: deep * depth_mm, topWidth_mm: narrow });
    share += here ? gougeArea_mm2(here) / gougeArea_mm2(full) / RAMP_STEPS : 0;
  }
  return 1 - ((1 - share) * 2 * ramp) / length_mm;
}
