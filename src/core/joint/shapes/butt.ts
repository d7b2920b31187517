import type { Job } from '../../formats/job';
import { CAP_OVERLAP_mm, capArea_mm2, capHeight_mm, rect, trench, untold, type JointShape } from './shape';

export const ASSUMED_V_ANGLE_deg = 60;
export const ASSUMED_ROOT_FACE_mm = 1.5;

/** Area of a single V: gap times thickness and the two bevels, without cap, mm2. Angle is the included one. */
export const vGrooveArea_mm2 = (
  thickness_mm: number,
  gap_mm: number,
  rootFace_mm: number,
  angle_deg: number,
): number =>
  gap_mm * thickness_mm + (thickness_mm - rootFace_mm) ** 2 * Math.tan((angle_deg * Math.PI) / 360);

/** A single V with its blanks filled. */
export function vShape(joint: Job['joint'], thin_mm: number, gap_mm: number) {
  const angle_deg = joint.includedAngle_deg ?? ASSUMED_V_ANGLE_deg;
  const face_mm = Math.min(joint.rootFace_mm ?? ASSUMED_ROOT_FACE_mm, thin_mm);
  return {
    angle_deg,
    face_mm,
    top_mm: gap_mm + 2 * (thin_mm - face_mm) * Math.tan((angle_deg * Math.PI) / 360),
  };
}

/** Two square edges. */
export const SQUARE_BUTT: JointShape = {
  length_mm: untold,
  area_mm2: ({ thin_mm, gap_mm }) =>
    thin_mm === null ? null : gap_mm * thin_mm + capArea_mm2(gap_mm + CAP_OVERLAP_mm, thin_mm),
  region: ({ thin_mm, gap_mm }) =>
    thin_mm === null
      ? null
      : trench({
          depth_mm: thin_mm,
          half: () => gap_mm / 2,
          cap_mm: capHeight_mm(thin_mm),
          lip_mm: CAP_OVERLAP_mm / 2,
        }),
  parts: ({ a, b, gap, reach }) => [
    { label: 'A', thickness_mm: a, outline: rect(-reach - gap / 2, 0, reach, a), at: [-reach / 2, a / 2] },
    { label: 'B', thickness_mm: b, outline: rect(gap / 2, 0, reach, b), at: [reach / 2, b / 2] },
  ],
};

/** Two bevelled edges. */
export const V_BUTT: JointShape = {
  length_mm: untold,
  area_mm2: ({ joint, thin_mm, gap_mm }) => {
    if (thin_mm === null) return null;
    const { angle_deg, face_mm, top_mm } = vShape(joint, thin_mm, gap_mm);
    return (
      vGrooveArea_mm2(thin_mm, gap_mm, face_mm, angle_deg) + capArea_mm2(top_mm + CAP_OVERLAP_mm, thin_mm)
    );
  },
  region: ({ joint, thin_mm, gap_mm }) => {
    if (thin_mm === null) return null;
    const { face_mm, top_mm } = vShape(joint, thin_mm, gap_mm);
    const bevel = Math.max(thin_mm - face_mm, 1e-6);
    return trench({
      depth_mm: thin_mm,
      half: (up) => gap_mm / 2 + ((top_mm - gap_mm) / 2) * Math.max(0, (up - face_mm) / bevel),
      cap_mm: capHeight_mm(thin_mm),
      lip_mm: CAP_OVERLAP_mm / 2,
    });
  },
  parts: ({ joint, thin_mm, a, b, gap, reach }) => {
    const { angle_deg, face_mm: face } = vShape(joint, thin_mm, gap);
    const side = (t: number) => (t - face) * Math.tan((angle_deg * Math.PI) / 360);
    const half = gap / 2;
    return [
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
    ];
  },
};
