import type { Job } from '../formats/job';
import type { JointGeometry } from './geometry';
import { fillBack, fillRegion, outlineOf } from './region';
import { JOINT_SHAPES } from './shapes';
import { numberField } from '../formats/fields';
import type { Grip, Part, Point } from './shapes/shape';

/** A joint cut across, as outlines in millimetres; y grows downwards. */
export interface Section {
  parts: readonly Part[];
  /** What is filled, from each face that it is filled from. */
  weld: readonly (readonly Point[])[];
  bounds: { left: number; top: number; width: number; height: number };
}

/** Steps of what is dragged: of a length, mm, and of an angle, degrees. */
const STEP = { length: 0.5, angle: 1 } as const;

/** What can be taken hold of in a section; nothing while it is not known. */
export function gripsOf(joint: Job['joint'], { kind, thin_mm, leg_mm, gap_mm }: JointGeometry): Grip[] {
  return kind === null
    ? []
    : (JOINT_SHAPES[kind].grips?.({ joint, thin_mm, leg_mm, gap_mm: gap_mm ?? 0 }) ?? []);
}

/** The size that a grip comes to where it is moved, on its steps and between the ends of its field; no deeper than the part. */
export function gripped({ size, read }: Grip, moved: Point, thin_mm: number | null): number {
  const { min, max } = numberField(`joint.${size}`);
  const step = size === 'includedAngle_deg' ? STEP.angle : STEP.length;
  const most = size === 'depth_mm' || size === 'rootFace_mm' ? Math.min(max, thin_mm ?? max) : max;
  return Math.min(most, Math.max(min, Math.round(read(moved) / step) * step));
}

/** How much plate is drawn either side, in thicknesses of the thicker part, but not less than so many mm. */
const REACH = 4;
const LEAST_REACH_mm = 14;

/** Draws the joint as far as it is known; null while its kind or thickness is not. */
export function sectionOf(joint: Job['joint'], geometry: JointGeometry): Section | null {
  const { kind, thin_mm, thick_mm } = geometry;
  if (kind === null || thin_mm === null || thick_mm === null) return null;
  const a = joint.thicknessA_mm ?? thin_mm;
  const b = (joint.sameThickness ? joint.thicknessA_mm : joint.thicknessB_mm) ?? thick_mm;
  const region = fillRegion(joint, geometry);
  const back = fillBack(joint, geometry);
  const reach = Math.max(REACH * Math.max(a, b), LEAST_REACH_mm);
  const parts = JOINT_SHAPES[kind].parts({ joint, thin_mm, a, b, gap: geometry.gap_mm ?? 0, reach, region });
  return framed(
    parts,
    [region, back?.region].flatMap((filled) => (filled ? [outlineOf(filled)] : [])),
  );
}

function framed(parts: Section['parts'], weld: Section['weld']): Section {
  const points = [...parts.flatMap((part) => part.outline), ...weld.flat()];
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return { parts, weld, bounds: { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top } };
}
