import { BACK_CUT } from '../../data/finish';
import type { Job } from '../../formats/job';
import {
  CAP_OVERLAP_mm,
  capArea_mm2,
  capHeight_mm,
  rect,
  trench,
  turnedOver,
  untold,
  type Back,
  type Cut,
  type JointShape,
  type Part,
  type Point,
  type Region,
  type Sizes,
} from './shape';

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

/** What is cut into the back of a root and filled again, where that is asked: half a round trench with its cap. */
function cutBack({ joint, thin_mm }: Sizes): Back | null {
  if (thin_mm === null || joint.back !== 'gouged') return null;
  const deep = Math.min(BACK_CUT.ofThin * thin_mm, BACK_CUT.most_mm);
  const half = BACK_CUT.wide_mm / 2;
  const cut = trench({
    depth_mm: deep,
    half: (up) => half * Math.sqrt(Math.min(1, Math.max(0, 1 - (1 - up / deep) ** 2))),
    cap_mm: capHeight_mm(joint, thin_mm),
    lip_mm: CAP_OVERLAP_mm / 2,
  });
  return {
    region: turnedOver(cut, thin_mm),
    // A half ellipse.
    area_mm2: (Math.PI / 2) * half * deep + capArea_mm2(joint, BACK_CUT.wide_mm + CAP_OVERLAP_mm, thin_mm),
    oneRun: true,
  };
}

/** The front's section with what is laid from the back. */
const withBack = (front_mm2: number, sizes: Sizes): number => front_mm2 + (cutBack(sizes)?.area_mm2 ?? 0);

/** Two square edges. */
export const SQUARE_BUTT: JointShape = {
  length_mm: untold,
  area_mm2: (sizes) => {
    const { joint, thin_mm, gap_mm } = sizes;
    if (thin_mm === null) return null;
    return withBack(gap_mm * thin_mm + capArea_mm2(joint, gap_mm + CAP_OVERLAP_mm, thin_mm), sizes);
  },
  region: ({ joint, thin_mm, gap_mm }) =>
    thin_mm === null
      ? null
      : trench({
          depth_mm: thin_mm,
          half: () => gap_mm / 2,
          cap_mm: capHeight_mm(joint, thin_mm),
          lip_mm: CAP_OVERLAP_mm / 2,
        }),
  back: cutBack,
  parts: ({ a, b, gap, reach }) => [
    { label: 'A', thickness_mm: a, outline: rect(-reach - gap / 2, 0, reach, a), at: [-reach / 2, a / 2] },
    { label: 'B', thickness_mm: b, outline: rect(gap / 2, 0, reach, b), at: [reach / 2, b / 2] },
  ],
};

/** How a V fills: the root face upright, the bevels leaning out from it, the cap over them. */
function vRegion(
  joint: Job['joint'],
  thin_mm: number,
  { deep_mm, face_mm, top_mm, gap_mm }: { deep_mm: number; face_mm: number; top_mm: number; gap_mm: number },
): Region {
  const bevel = Math.max(deep_mm - face_mm, 1e-6);
  return trench({
    depth_mm: deep_mm,
    half: (up) => gap_mm / 2 + ((top_mm - gap_mm) / 2) * Math.max(0, (up - face_mm) / bevel),
    cap_mm: capHeight_mm(joint, thin_mm),
    lip_mm: CAP_OVERLAP_mm / 2,
  });
}

/** Two plates of a groove: each by the line of its edge, from the upper face down, for the right-hand one. */
const halves = ({ a, b, reach }: Cut, edge: (thickness_mm: number) => readonly Point[]): Part[] => [
  {
    label: 'A',
    thickness_mm: a,
    outline: [[-reach, 0], ...edge(a).map(([x, y]): Point => [-x, y]), [-reach, a]],
    at: [-reach * 0.7, a / 2],
  },
  {
    label: 'B',
    thickness_mm: b,
    outline: [[reach, 0], ...edge(b), [reach, b]],
    at: [reach * 0.7, b / 2],
  },
];

/** Two bevelled edges. */
export const V_BUTT: JointShape = {
  length_mm: untold,
  area_mm2: (sizes) => {
    const { joint, thin_mm, gap_mm } = sizes;
    if (thin_mm === null) return null;
    const { angle_deg, face_mm, top_mm } = vShape(joint, thin_mm, gap_mm);
    return withBack(
      vGrooveArea_mm2(thin_mm, gap_mm, face_mm, angle_deg) +
        capArea_mm2(joint, top_mm + CAP_OVERLAP_mm, thin_mm),
      sizes,
    );
  },
  region: ({ joint, thin_mm, gap_mm }) => {
    if (thin_mm === null) return null;
    const { face_mm, top_mm } = vShape(joint, thin_mm, gap_mm);
    return vRegion(joint, thin_mm, { deep_mm: thin_mm, face_mm, top_mm, gap_mm });
  },
  back: cutBack,
  grips: ({ joint, thin_mm, gap_mm }) => {
    if (thin_mm === null) return [];
    const { face_mm, top_mm } = vShape(joint, thin_mm, gap_mm);
    const bevel = thin_mm - face_mm;
    return [
      {
        size: 'includedAngle_deg',
        at: [top_mm / 2, 0],
        only: 'x',
        read: ([x]) => (360 / Math.PI) * Math.atan2(Math.max(0, x - gap_mm / 2), bevel),
      },
      { size: 'rootFace_mm', at: [-gap_mm / 2, bevel], only: 'y', read: ([, y]) => thin_mm - y },
    ];
  },
  parts: (cut) => {
    const { angle_deg, face_mm: face } = vShape(cut.joint, cut.thin_mm, cut.gap);
    const half = cut.gap / 2;
    const side = (t: number) => (t - face) * Math.tan((angle_deg * Math.PI) / 360);
    return halves(cut, (t) => [
      [half + side(t), 0],
      [half, t - face],
      [half, t],
    ]);
  },
};

/** Half of a double V with its blanks filled: what is filled from one face. */
function halfV(joint: Job['joint'], thin_mm: number, gap_mm: number) {
  const { angle_deg, face_mm } = vShape(joint, thin_mm, gap_mm);
  const [deep_mm, half_mm] = [thin_mm / 2, face_mm / 2];
  return {
    angle_deg,
    deep_mm,
    face_mm: half_mm,
    top_mm: gap_mm + 2 * (deep_mm - half_mm) * Math.tan((angle_deg * Math.PI) / 360),
    gap_mm,
  };
}

const halfVArea_mm2 = ({ joint, gap_mm }: Sizes, thin_mm: number): number => {
  const { angle_deg, deep_mm, face_mm, top_mm } = halfV(joint, thin_mm, gap_mm);
  return (
    vGrooveArea_mm2(deep_mm, gap_mm, face_mm, angle_deg) +
    capArea_mm2(joint, top_mm + CAP_OVERLAP_mm, thin_mm)
  );
};

const halfVRegion = ({ joint, gap_mm }: Sizes, thin_mm: number): Region =>
  vRegion(joint, thin_mm, halfV(joint, thin_mm, gap_mm));

/** Two edges bevelled from both faces. */
export const DOUBLE_V: JointShape = {
  length_mm: untold,
  area_mm2: (sizes) => (sizes.thin_mm === null ? null : 2 * halfVArea_mm2(sizes, sizes.thin_mm)),
  region: (sizes) => (sizes.thin_mm === null ? null : halfVRegion(sizes, sizes.thin_mm)),
  back: (sizes) =>
    sizes.thin_mm === null
      ? null
      : {
          region: turnedOver(halfVRegion(sizes, sizes.thin_mm), sizes.thin_mm),
          area_mm2: halfVArea_mm2(sizes, sizes.thin_mm),
          oneRun: false,
        },
  parts: (cut) => {
    const { angle_deg, face_mm: face } = vShape(cut.joint, cut.thin_mm, cut.gap);
    const half = cut.gap / 2;
    const side = (t: number) => ((t - face) / 2) * Math.tan((angle_deg * Math.PI) / 360);
    return halves(cut, (t) => [
      [half + side(t), 0],
      [half, (t - face) / 2],
      [half, (t + face) / 2],
      [half + side(t), t],
    ]);
  },
};
