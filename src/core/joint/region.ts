import type { Job } from '../formats/job';
import type { JointGeometry } from './geometry';
import { JOINT_SHAPES } from './shapes';
import { gapOf_mm, type Back, type Point, type Region } from './shapes/shape';

export type { Back, Point, Region };

/** How the weld of a joint fills; null while its sizes are not known. */
export function fillRegion(joint: Job['joint'], { thin_mm, leg_mm }: JointGeometry): Region | null {
  if (joint.kind === null) return null;
  return JOINT_SHAPES[joint.kind].region({ joint, thin_mm, leg_mm, gap_mm: gapOf_mm(joint) });
}

/** What of a joint is filled from the other face; null where nothing is. */
export function fillBack(joint: Job['joint'], { thin_mm, leg_mm }: JointGeometry): Back | null {
  if (joint.kind === null) return null;
  const { back } = JOINT_SHAPES[joint.kind];
  return back?.({ joint, thin_mm, leg_mm, gap_mm: gapOf_mm(joint) }) ?? null;
}

/** Steps along each edge of an outline. */
const OUTLINE_STEPS = 12;

/** The line round a part of a region: from `s0` to `s1` of its height and from `u0` to `u1` across. */
export function outlineOf({ at }: Region, [u0, u1] = [0, 1], [s0, s1] = [0, 1]): Point[] {
  const steps = Array.from({ length: OUTLINE_STEPS + 1 }, (_, n) => n / OUTLINE_STEPS);
  const across = (from: number, to: number, s: number) => steps.map((k) => at(from + k * (to - from), s));
  const up = (u: number, from: number, to: number) => steps.map((k) => at(u, from + k * (to - from)));
  return [...across(u0, u1, s0), ...up(u1, s0, s1), ...across(u1, u0, s1), ...up(u0, s1, s0)];
}

/** Area inside a closed line, mm2. */
export function areaInside(points: readonly Point[]): number {
  let twice = 0;
  points.forEach(([x, y], n) => {
    const [nextX, nextY] = points[(n + 1) % points.length] ?? [x, y];
    twice += x * nextY - nextX * y;
  });
  return Math.abs(twice) / 2;
}
