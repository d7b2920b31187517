import type { Job } from '../formats/job';
import type { JointGeometry } from './geometry';
import { fillBack, fillRegion, outlineOf } from './region';
import { JOINT_SHAPES } from './shapes';
import type { Part, Point } from './shapes/shape';

/** A joint cut across, as outlines in millimetres; y grows downwards. */
export interface Section {
  parts: readonly Part[];
  /** What is filled, from each face that it is filled from. */
  weld: readonly (readonly Point[])[];
  bounds: { left: number; top: number; width: number; height: number };
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
