import { rect, untold, type JointShape } from './shape';

/** Built up on a face. */
export const PAD: JointShape = {
  length_mm: untold,
  area_mm2: ({ joint: { padWidth_mm, padHeight_mm } }) =>
    padWidth_mm === null || padHeight_mm === null ? null : padWidth_mm * padHeight_mm,
  region: ({ joint: { padWidth_mm, padHeight_mm } }) =>
    padWidth_mm === null || padHeight_mm === null
      ? null
      : { at: (u, s) => [(u - 0.5) * padWidth_mm, -s * padHeight_mm], sides: ['A', 'A'] },
  parts: ({ joint, a, reach }) => {
    const wide = Math.max(reach, (joint.padWidth_mm ?? 0) * 0.7);
    return [{ label: 'A', thickness_mm: a, outline: rect(-wide, 0, 2 * wide, a), at: [0, a / 2] }];
  },
};
