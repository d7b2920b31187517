import type { Job } from '../formats/job';
import {
  ASSUMED_GAP_mm,
  CAP_OVERLAP_mm,
  capHeight_mm,
  CONVEXITY,
  flareRadius_mm,
  gougeShape,
  vShape,
  type JointGeometry,
} from './geometry';

/** A point of a section in millimetres; x to the right, y downwards. */
export type Point = readonly [number, number];

/**
 * The room that weld metal fills, as it fills: `at(u, s)` is the point a share `u` across and `s` of the way from root to face, both 0 to 1.
 * A line of constant `s` is how the weld stands part-filled.
 */
export interface Region {
  at: (u: number, s: number) => Point;
  /** Sides that the ends of a layer (u 0 and u 1) lie on: A or B. */
  sides: readonly ['A' | 'B', 'A' | 'B'];
}

/** Height of the bulge that makes a fillet convex, over its leg: a parabola on the face. */
const FILLET_BULGE = ((CONVEXITY - 1) * 0.5 * 3) / (2 * Math.SQRT2);

/** How the weld of a joint fills; null while its sizes are not known. */
export function fillRegion(joint: Job['joint'], geometry: JointGeometry): Region | null {
  const { thin_mm, leg_mm } = geometry;
  const gap = joint.gap_mm ?? ASSUMED_GAP_mm;
  switch (joint.kind) {
    case null:
      return null;
    case 'lap':
    case 't-fillet':
    case 'ring':
    case 'rectangle':
      return leg_mm === null ? null : corner(leg_mm + gap / 2);
    case 'outside-corner':
      return thin_mm === null ? null : openCorner(thin_mm, gap);
    case 'square-butt': {
      if (thin_mm === null) return null;
      return trench({
        depth_mm: thin_mm,
        half: () => gap / 2,
        cap_mm: capHeight_mm(thin_mm),
        lip_mm: CAP_OVERLAP_mm / 2,
      });
    }
    case 'v-butt': {
      if (thin_mm === null) return null;
      const { face_mm, top_mm } = vShape(joint, thin_mm, gap);
      const bevel = Math.max(thin_mm - face_mm, 1e-6);
      return trench({
        depth_mm: thin_mm,
        half: (up) => gap / 2 + ((top_mm - gap) / 2) * Math.max(0, (up - face_mm) / bevel),
        cap_mm: capHeight_mm(thin_mm),
        lip_mm: CAP_OVERLAP_mm / 2,
      });
    }
    case 'gouge': {
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
        cap_mm: capHeight_mm(thin_mm ?? top_mm + CAP_OVERLAP_mm),
        lip_mm: CAP_OVERLAP_mm / 2,
      });
    }
    case 'plug':
    case 'slot': {
      if (thin_mm === null || joint.plugDiameter_mm === null) return null;
      const half = joint.plugDiameter_mm / 2;
      // Seen from the side; what it bulges is counted in the pass areas.
      return trench({ depth_mm: thin_mm, half: () => half, cap_mm: 0, lip_mm: 0 });
    }
    case 'pad': {
      const { padWidth_mm, padHeight_mm } = joint;
      if (padWidth_mm === null || padHeight_mm === null) return null;
      return {
        at: (u, s) => [(u - 0.5) * padWidth_mm, -s * padHeight_mm],
        sides: ['A', 'A'],
      };
    }
    case 'flare-bevel': {
      if (thin_mm === null) return null;
      const radius = flareRadius_mm(joint, thin_mm);
      // From the narrow end, where the round edge touches, out to its side.
      return {
        at: (u, s) => {
          // Even steps round the edge: near its side it rises steeply.
          const turn = (s * Math.PI) / 2;
          const rise = gap + radius * (1 - Math.cos(turn));
          return [-radius + radius * Math.sin(turn), -u * rise];
        },
        sides: ['B', 'A'],
      };
    }
  }
}

/** A fillet: layers grow out from the corner, u runs from the lying part up to the standing one. */
const corner = (leg_mm: number): Region => ({
  at: (u, s) => {
    const bulge = FILLET_BULGE * leg_mm * s * 4 * u * (1 - u);
    const out = bulge / Math.SQRT2;
    return [(1 - u) * s * leg_mm + out, -(u * s * leg_mm + out)];
  },
  sides: ['B', 'A'],
});

/** An outside corner: between the two edges, from where they meet; what fills the gap makes it stand so much higher. */
const openCorner = (thin_mm: number, gap_mm: number): Region => {
  const leg_mm = Math.sqrt(thin_mm ** 2 + (2 * gap_mm * thin_mm) / CONVEXITY);
  return {
    at: (u, s) => {
      const out = (FILLET_BULGE * leg_mm * s * 4 * u * (1 - u)) / Math.SQRT2;
      return [u * s * leg_mm + out, thin_mm - (1 - u) * s * leg_mm - out];
    },
    sides: ['A', 'B'],
  };
};

/** A trench filled from the bottom up: its half-width at a height over the bottom, and the cap that stands over the plate. */
function trench({
  depth_mm,
  half,
  cap_mm,
  lip_mm,
}: {
  depth_mm: number;
  half: (up_mm: number) => number;
  cap_mm: number;
  /** How far the cap lies over either edge. */
  lip_mm: number;
}): Region {
  const top_mm = half(depth_mm) + lip_mm;
  return {
    at: (u, s) => {
      const full_mm = depth_mm + cap_mm;
      const up = s * full_mm;
      const flat = Math.min(up, depth_mm);
      const wide = half(flat);
      const side = 2 * u - 1;
      // Under the plate's face layers lie level; over it they bulge into the cap, which reaches over the edges.
      const over = cap_mm > 0 ? Math.max(0, up - depth_mm) / cap_mm : 0;
      const x = side * (wide + over * (top_mm - wide));
      return [x, depth_mm - flat - over * cap_mm * (1 - side * side)];
    },
    sides: ['A', 'B'],
  };
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
