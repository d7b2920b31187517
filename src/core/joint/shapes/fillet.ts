import {
  CONVEXITY,
  FILLET_BULGE,
  filletArea_mm2,
  rect,
  untold,
  type Grip,
  type JointShape,
  type Region,
  type Sizes,
} from './shape';

/** A gap under the leg has to be filled as well. */
const area_mm2 = ({ leg_mm, gap_mm }: Sizes): number | null =>
  leg_mm === null ? null : filletArea_mm2(leg_mm + gap_mm / 2) * CONVEXITY;

const region = ({ leg_mm, gap_mm }: Sizes): Region | null =>
  leg_mm === null ? null : grownFromCorner(leg_mm + gap_mm / 2);

/** Layers grow out from the corner, u runs from the lying part up to the standing one. */
const grownFromCorner = (leg_mm: number): Region => ({
  at: (u, s) => {
    const bulge = FILLET_BULGE * leg_mm * s * 4 * u * (1 - u);
    const out = bulge / Math.SQRT2;
    return [(1 - u) * s * leg_mm + out, -(u * s * leg_mm + out)];
  },
  sides: ['B', 'A'],
});

/** The toe on the lying part. */
const grips = ({ leg_mm, gap_mm }: Sizes): Grip[] =>
  leg_mm === null
    ? []
    : [{ size: 'leg_mm', at: [leg_mm + gap_mm / 2, 0], only: 'x', read: ([x]) => x - gap_mm / 2 }];

/** One plate on another. */
export const LAP: JointShape = {
  length_mm: untold,
  area_mm2,
  region,
  grips,
  parts: ({ a, b, gap, reach }) => [
    {
      label: 'A',
      thickness_mm: a,
      outline: rect(-reach, -gap - a, reach, a),
      at: [-reach / 2, -gap - a / 2],
    },
    { label: 'B', thickness_mm: b, outline: rect(-reach * 0.6, 0, reach * 1.6, b), at: [reach / 2, b / 2] },
  ],
};

/** One standing on another. */
export const TEE: JointShape = {
  length_mm: untold,
  area_mm2,
  region,
  grips,
  parts: ({ a, b, gap, reach }) => [
    {
      label: 'A',
      thickness_mm: a,
      outline: rect(-a, -gap - reach * 0.7, a, reach * 0.7),
      at: [-a / 2, -gap - reach * 0.45],
    },
    { label: 'B', thickness_mm: b, outline: rect(-reach, 0, reach * 2, b), at: [-reach * 0.6, b / 2] },
  ],
};

/** A region seen from the other side of the standing part. */
const beyondPart = ({ at, sides }: Region, thick_mm: number): Region => ({
  at: (u, s) => {
    const [x, y] = at(u, s);
    return [-thick_mm - x, y];
  },
  sides,
});

/** One standing on another, a fillet on either side of it. */
export const DOUBLE_TEE: JointShape = {
  ...TEE,
  area_mm2: (sizes) => {
    const one = area_mm2(sizes);
    return one === null ? null : 2 * one;
  },
  back: (sizes) => {
    const [one, mm2, thick_mm] = [region(sizes), area_mm2(sizes), sizes.joint.thicknessA_mm];
    return one === null || mm2 === null || thick_mm === null
      ? null
      : { region: beyondPart(one, thick_mm), area_mm2: mm2, oneRun: false };
  },
};

/** Round a pipe. */
export const RING: JointShape = {
  ...TEE,
  length_mm: ({ joint }) => (joint.pipeDiameter_mm === null ? null : Math.PI * joint.pipeDiameter_mm),
};

/** Round a square tube. */
export const RECTANGLE: JointShape = {
  ...TEE,
  length_mm: ({ joint }) =>
    joint.tubeWidth_mm === null || joint.tubeHeight_mm === null
      ? null
      : 2 * (joint.tubeWidth_mm + joint.tubeHeight_mm),
};
