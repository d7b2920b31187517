import { CONVEXITY, rect, trench, type JointShape } from './shape';

/** A round hole through the upper plate, filled. */
export const PLUG: JointShape = {
  length_mm: ({ joint, thin_mm }) =>
    joint.plugCount === null || thin_mm === null ? null : joint.plugCount * thin_mm,
  area_mm2: ({ joint }) =>
    joint.plugDiameter_mm === null ? null : (Math.PI / 4) * joint.plugDiameter_mm ** 2 * CONVEXITY,
  region: ({ joint, thin_mm }) => {
    if (thin_mm === null || joint.plugDiameter_mm === null) return null;
    const half = joint.plugDiameter_mm / 2;
    // Seen from the side; what it bulges is counted in the pass areas.
    return trench({ depth_mm: thin_mm, half: () => half, cap_mm: 0, lip_mm: 0 });
  },
  parts: ({ a, b, gap, reach }) => [
    { label: 'A', thickness_mm: a, outline: rect(-reach, 0, 2 * reach, a), at: [-reach * 0.75, a / 2] },
    {
      label: 'B',
      thickness_mm: b,
      outline: rect(-reach, a + gap, 2 * reach, b),
      at: [-reach * 0.75, a + gap + b / 2],
    },
  ],
};

/** A longer hole with round ends. */
export const SLOT: JointShape = {
  ...PLUG,
  area_mm2: ({ joint: { plugDiameter_mm: wide, slotLength_mm: long } }) =>
    wide === null || long === null
      ? null
      : ((Math.PI / 4) * wide ** 2 + Math.max(0, long - wide) * wide) * CONVEXITY,
};
