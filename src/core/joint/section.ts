import type { Job } from '../formats/job';
import { capHeight_mm, gougeShape, type JointGeometry } from './geometry';
import { fillRegion, outlineOf, type Point } from './region';

/** A joint cut across, as outlines in millimetres; y grows downwards. */
export interface Section {
  parts: readonly { label: string; thickness_mm: number; outline: readonly Point[]; at: Point }[];
  weld: readonly Point[];
  bounds: { left: number; top: number; width: number; height: number };
}

/** How much plate is drawn either side, in thicknesses of the thicker part, but not less than so many mm. */
const REACH = 4;
const LEAST_REACH_mm = 14;
const DRAWN_ANGLE_deg = 60;

const rect = (x: number, y: number, w: number, h: number): Point[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
];

/** Draws the joint as far as it is known; null while its kind or thickness is not. */
export function sectionOf(joint: Job['joint'], geometry: JointGeometry): Section | null {
  const { kind, thin_mm, thick_mm } = geometry;
  if (kind === null || thin_mm === null || thick_mm === null) return null;
  const a = joint.thicknessA_mm ?? thin_mm;
  const b = (joint.sameThickness ? joint.thicknessA_mm : joint.thicknessB_mm) ?? thick_mm;
  const gap = geometry.gap_mm ?? 0;
  const reach = Math.max(REACH * Math.max(a, b), LEAST_REACH_mm);
  const region = fillRegion(joint, geometry);
  const weld = region ? outlineOf(region) : [];
  switch (kind) {
    case 'lap':
      return framed(
        [
          {
            label: 'A',
            thickness_mm: a,
            outline: rect(-reach, -gap - a, reach, a),
            at: [-reach / 2, -gap - a / 2],
          },
          {
            label: 'B',
            thickness_mm: b,
            outline: rect(-reach * 0.6, 0, reach * 1.6, b),
            at: [reach / 2, b / 2],
          },
        ],
        weld,
      );
    case 't-fillet':
    case 'ring':
    case 'rectangle':
      return framed(
        [
          {
            label: 'A',
            thickness_mm: a,
            outline: rect(-a, -gap - reach * 0.7, a, reach * 0.7),
            at: [-a / 2, -gap - reach * 0.45],
          },
          { label: 'B', thickness_mm: b, outline: rect(-reach, 0, reach * 2, b), at: [-reach * 0.6, b / 2] },
        ],
        weld,
      );
    case 'square-butt':
      return framed(
        [
          {
            label: 'A',
            thickness_mm: a,
            outline: rect(-reach - gap / 2, 0, reach, a),
            at: [-reach / 2, a / 2],
          },
          { label: 'B', thickness_mm: b, outline: rect(gap / 2, 0, reach, b), at: [reach / 2, b / 2] },
        ],
        weld,
      );
    case 'v-butt': {
      const face = Math.min(joint.rootFace_mm ?? 1.5, thin_mm);
      const side = (t: number) =>
        (t - face) * Math.tan(((joint.includedAngle_deg ?? DRAWN_ANGLE_deg) * Math.PI) / 360);
      const half = gap / 2;
      return framed(
        [
          {
            label: 'A',
            thickness_mm: a,
            outline: [
              [-reach, 0],
              [-half - side(a), 0],
              [-half, a - face],
              [-half, a],
              [-reach, a],
            ],
            at: [-reach * 0.7, a / 2],
          },
          {
            label: 'B',
            thickness_mm: b,
            outline: [
              [reach, 0],
              [half + side(b), 0],
              [half, b - face],
              [half, b],
              [reach, b],
            ],
            at: [reach * 0.7, b / 2],
          },
        ],
        weld,
      );
    }
    case 'plug':
    case 'slot':
      return framed(
        [
          { label: 'A', thickness_mm: a, outline: rect(-reach, 0, 2 * reach, a), at: [-reach * 0.75, a / 2] },
          {
            label: 'B',
            thickness_mm: b,
            outline: rect(-reach, a + gap, 2 * reach, b),
            at: [-reach * 0.75, a + gap + b / 2],
          },
        ],
        weld,
      );
    case 'pad': {
      const wide = Math.max(reach, (joint.padWidth_mm ?? 0) * 0.7);
      return framed(
        [{ label: 'A', thickness_mm: a, outline: rect(-wide, 0, 2 * wide, a), at: [0, a / 2] }],
        weld,
      );
    }
    case 'gouge': {
      const shape = gougeShape(joint);
      const wide = Math.max(reach, (shape?.top_mm ?? 0) * 1.2);
      // The plate with the trench cut into its upper face.
      const trench =
        shape && region
          ? Array.from({ length: 17 }, (_, n): Point => {
              const up = Math.abs(n - 8) / 8;
              const s = (up * shape.depth_mm) / (shape.depth_mm + capHeight_mm(thin_mm));
              return region.at(n < 8 ? 0 : 1, s);
            })
          : [];
      return framed(
        [
          {
            label: 'A',
            thickness_mm: a,
            outline: [[-wide, 0], ...trench, [wide, 0], [wide, a], [-wide, a]],
            at: [-wide * 0.75, a / 2],
          },
        ],
        weld,
      );
    }
    case 'flare-bevel': {
      const radius = joint.cornerRadius_mm ?? 2 * a;
      const arc = Array.from({ length: 9 }, (_, n): Point => {
        const turn = (n / 8) * (Math.PI / 2);
        return [-radius + radius * Math.sin(turn), -gap - radius + radius * Math.cos(turn)];
      });
      return framed(
        [
          {
            label: 'A',
            thickness_mm: a,
            outline: [[-reach, -gap], ...arc, [0, -gap - reach * 0.6], [-reach, -gap - reach * 0.6]],
            at: [-reach * 0.6, -gap - reach * 0.3],
          },
          { label: 'B', thickness_mm: b, outline: rect(-reach, 0, reach * 2, b), at: [reach * 0.6, b / 2] },
        ],
        weld,
      );
    }
    case 'outside-corner':
      return framed(
        [
          { label: 'A', thickness_mm: a, outline: rect(-reach, 0, reach, a), at: [-reach / 2, a / 2] },
          { label: 'B', thickness_mm: b, outline: rect(0, a, b, reach * 0.7), at: [b / 2, a + reach * 0.35] },
        ],
        weld,
      );
  }
}

function framed(parts: Section['parts'], weld: readonly Point[]): Section {
  const points = [...parts.flatMap((part) => part.outline), ...weld];
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return { parts, weld, bounds: { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top } };
}
