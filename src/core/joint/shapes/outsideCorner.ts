import { CONVEXITY, FILLET_BULGE, filletArea_mm2, rect, untold, type JointShape, type Region } from './shape';

/** Between the two edges, from where they meet; what fills the gap makes it stand so much higher. */
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

/** Two edges that meet. */
export const OUTSIDE_CORNER: JointShape = {
  length_mm: untold,
  area_mm2: ({ thin_mm, gap_mm }) =>
    thin_mm === null ? null : filletArea_mm2(thin_mm) * CONVEXITY + gap_mm * thin_mm,
  region: ({ thin_mm, gap_mm }) => (thin_mm === null ? null : openCorner(thin_mm, gap_mm)),
  parts: ({ a, b, reach }) => [
    { label: 'A', thickness_mm: a, outline: rect(-reach, 0, reach, a), at: [-reach / 2, a / 2] },
    { label: 'B', thickness_mm: b, outline: rect(0, a, b, reach * 0.7), at: [b / 2, a + reach * 0.35] },
  ],
};
