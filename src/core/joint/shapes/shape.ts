import { jointTraits, type JointSize } from '../../data/joints';
import type { Job } from '../../formats/job';

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

/** What is filled from the other face of a joint. */
export interface Back {
  region: Region;
  area_mm2: number;
  /** A run over the root, and no groove of its own. */
  oneRun: boolean;
}

/** A region as it lies seen from the other face of a plate so thick. */
export const turnedOver = ({ at, sides }: Region, thick_mm: number): Region => ({
  at: (u, s) => {
    const [x, y] = at(u, s);
    return [x, thick_mm - y];
  },
  sides,
});

/** A part of a section, seen cut. */
export interface Part {
  label: string;
  thickness_mm: number;
  outline: readonly Point[];
  /** Where its name stands. */
  at: Point;
}

/** What a shape is worked out from. Nulls are not known. */
export interface Sizes {
  joint: Job['joint'];
  thin_mm: number | null;
  leg_mm: number | null;
  /** The gap, or a fair fit where it is blank. */
  gap_mm: number;
}

/** What a section is drawn from. */
export interface Cut {
  joint: Job['joint'];
  thin_mm: number;
  /** Thickness of side A and side B. */
  a: number;
  b: number;
  gap: number;
  /** How much plate is drawn either side. */
  reach: number;
  region: Region | null;
}

/** A place of the section that can be taken hold of: the size it stands for, and what that comes to where it is moved. */
export interface Grip {
  size: JointSize;
  at: Point;
  /** It moves along this only. */
  only: 'x' | 'y';
  /** Of the point it was moved to, in the size's own unit. */
  read: (moved: Point) => number;
}

/** How a kind of joint is shaped: each answer null while a size it needs is not known. */
export interface JointShape {
  /** Length that the piece itself sets, mm. */
  length_mm: (sizes: Pick<Sizes, 'joint' | 'thin_mm'>) => number | null;
  /** Section of weld metal, mean along its length, mm2. */
  area_mm2: (sizes: Sizes) => number | null;
  /** How the weld fills, from the face it is begun on. */
  region: (sizes: Sizes) => Region | null;
  /** What of it is filled from the other face. */
  back?: (sizes: Sizes) => Back | null;
  /** What of its section can be dragged. */
  grips?: (sizes: Sizes) => Grip[];
  /** Its parts, cut across. */
  parts: (cut: Cut) => Part[];
}

/** Nothing but what is typed sets the length of most joints. */
export const untold = (): null => null;

/**
 * What is put in for a blank gap when weld metal is counted: a fair fit by hand. Of a fillet, which is pulled shut by its tacks and made
 * no bigger for a gap to 1.6 mm (AWS D1.1, from memory), nothing: how convex it comes out counts already.
 */
const ASSUMED_GAP_mm = { fillet: 0, other: 1 } as const;
export const gapOf_mm = ({ kind, gap_mm }: Pick<Job['joint'], 'kind' | 'gap_mm'>): number =>
  gap_mm ?? ASSUMED_GAP_mm[jointTraits(kind)?.fillet ? 'fillet' : 'other'];
/** Fillets come out convex by about an eighth. Common practice: 10 to 15 %. */
export const CONVEXITY = 1.12;
/** Height of the bulge that makes a fillet convex, over its leg: a parabola on the face. */
export const FILLET_BULGE = ((CONVEXITY - 1) * 0.5 * 3) / (2 * Math.SQRT2);

const CAP_HEIGHT_mm = 1.5;
export const CAP_OVERLAP_mm = 2;
/** How high a cap is laid, mm: never more than half the plate; nothing where it is filled flush. */
export const capHeight_mm = ({ cap }: Pick<Job['joint'], 'cap'>, thin_mm: number): number =>
  cap === 'none' ? 0 : Math.min(CAP_HEIGHT_mm, thin_mm / 2);
/** Section of a cap over a weld so wide, mm2: a flat parabola. */
export const capArea_mm2 = (
  joint: Pick<Job['joint'], 'cap'>,
  width_mm: number,
  thin_mm: number | null,
): number => (2 / 3) * width_mm * capHeight_mm(joint, thin_mm ?? width_mm);

/** Area of a flat 45 degree fillet, mm2. */
export const filletArea_mm2 = (leg_mm: number): number => (leg_mm * leg_mm) / 2;

export const rect = (x: number, y: number, w: number, h: number): Point[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
];

/** A trench filled from the bottom up: its half-width at a height over the bottom, and the cap that stands over the plate. */
export function trench({
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
