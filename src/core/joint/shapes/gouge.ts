import type { Job } from '../../formats/job';
import {
  CAP_OVERLAP_mm,
  capArea_mm2,
  capHeight_mm,
  trench,
  untold,
  type JointShape,
  type Point,
} from './shape';

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
export const ASSUMED_GOUGE_RADIUS_mm = 5;

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

/** A crack ground out, and filled. */
export const GOUGE: JointShape = {
  length_mm: untold,
  area_mm2: ({ joint, thin_mm }) => {
    const shape = gougeShape(joint);
    if (shape === null) return null;
    return (
      (gougeArea_mm2(shape) + capArea_mm2(joint, shape.top_mm + CAP_OVERLAP_mm, thin_mm)) *
      boatShare(joint, shape)
    );
  },
  region: ({ joint, thin_mm }) => {
    const shape = gougeShape(joint);
    if (shape === null) return null;
    const { depth_mm, top_mm, radius_mm, sagitta_mm, halfChord_mm } = shape;
    const straight = Math.max(depth_mm - sagitta_mm, 1e-6);
    return trench({
      depth_mm,
      half: (up) =>
        up < sagitta_mm
          ? Math.sqrt(Math.max(0, radius_mm ** 2 - (radius_mm - up) ** 2))
          : halfChord_mm + ((top_mm / 2 - halfChord_mm) * (up - sagitta_mm)) / straight,
      cap_mm: capHeight_mm(joint, thin_mm ?? top_mm + CAP_OVERLAP_mm),
      lip_mm: CAP_OVERLAP_mm / 2,
    });
  },
  grips: ({ joint }) => {
    const shape = gougeShape(joint);
    if (shape === null) return [];
    return [
      { size: 'depth_mm', at: [0, shape.depth_mm], only: 'y', read: ([, y]) => y },
      { size: 'topWidth_mm', at: [shape.top_mm / 2, 0], only: 'x', read: ([x]) => 2 * x },
    ];
  },
  parts: ({ joint, thin_mm, a, reach, region }) => {
    const shape = gougeShape(joint);
    const wide = Math.max(reach, (shape?.top_mm ?? 0) * 1.2);
    // The plate with the trench cut into its upper face.
    const cut =
      shape && region
        ? Array.from({ length: 17 }, (_, n): Point => {
            const up = Math.abs(n - 8) / 8;
            const s = (up * shape.depth_mm) / (shape.depth_mm + capHeight_mm(joint, thin_mm));
            return region.at(n < 8 ? 0 : 1, s);
          })
        : [];
    return [
      {
        label: 'A',
        thickness_mm: a,
        outline: [[-wide, 0], ...cut, [wide, 0], [wide, a], [-wide, a]],
        at: [-wide * 0.75, a / 2],
      },
    ];
  },
};
