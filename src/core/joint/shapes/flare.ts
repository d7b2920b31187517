import type { Job } from '../../formats/job';
import { rect, untold, type JointShape, type Point } from './shape';

/** Outside corner radius of formed tube, in wall thicknesses. Common practice: about two. */
const FLARE_RADIUS_THICKNESSES = 2;

/** Outside corner radius of a formed tube, mm. */
export const flareRadius_mm = (joint: Job['joint'], thin_mm: number): number =>
  joint.cornerRadius_mm ?? FLARE_RADIUS_THICKNESSES * thin_mm;

/** A rounded edge on a flat. */
export const FLARE_BEVEL: JointShape = {
  length_mm: untold,
  area_mm2: ({ joint, thin_mm, gap_mm }) => {
    if (thin_mm === null) return null;
    // Between the rounded edge and the flat: a square less its quarter circle, filled flush.
    const radius = flareRadius_mm(joint, thin_mm);
    return (1 - Math.PI / 4) * radius * radius + gap_mm * radius;
  },
  region: ({ joint, thin_mm, gap_mm }) => {
    if (thin_mm === null) return null;
    const radius = flareRadius_mm(joint, thin_mm);
    // From the narrow end, where the round edge touches, out to its side.
    return {
      at: (u, s) => {
        // Even steps round the edge: near its side it rises steeply.
        const turn = (s * Math.PI) / 2;
        const rise = gap_mm + radius * (1 - Math.cos(turn));
        return [-radius + radius * Math.sin(turn), -u * rise];
      },
      sides: ['B', 'A'],
    };
  },
  parts: ({ joint, a, b, gap, reach }) => {
    const radius = flareRadius_mm(joint, a);
    const arc = Array.from({ length: 9 }, (_, n): Point => {
      const turn = (n / 8) * (Math.PI / 2);
      return [-radius + radius * Math.sin(turn), -gap - radius + radius * Math.cos(turn)];
    });
    return [
      {
        label: 'A',
        thickness_mm: a,
        outline: [[-reach, -gap], ...arc, [0, -gap - reach * 0.6], [-reach, -gap - reach * 0.6]],
        at: [-reach * 0.6, -gap - reach * 0.3],
      },
      { label: 'B', thickness_mm: b, outline: rect(-reach, 0, reach * 2, b), at: [reach * 0.6, b / 2] },
    ];
  },
};
