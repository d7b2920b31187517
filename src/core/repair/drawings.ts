import { box, drawing, roundBox, type Drawing } from '../judge/drawing';

/** Ways of mending, drawn from the figures of their steps. Lengths in mm. */

type Say = (mm: number) => string;

/** A part put on: its footprint, kept off the edge. */
export function attachDrawing(clear_mm: number, length_mm: number, say: Say): Drawing {
  const side = Math.max(length_mm / 2, clear_mm);
  const wide = side + 3 * clear_mm;
  const x = clear_mm + side / 2 - wide / 2;
  return drawing('above', {
    metal: [box(0, 0, wide, side + 2 * clear_mm), box(x, 0, side, side * 0.7)],
    moves: [
      [
        [x - side / 2, 0],
        [-wide / 2, 0],
      ],
    ],
    says: `${say(clear_mm)} off every edge`,
  });
}

/** A patch over a hole: round corners, how far it laps, and the order of its tacks. */
export function patchDrawing(
  { radius_mm, over_mm, around_mm }: { radius_mm: number; over_mm: number; around_mm: number },
  say: Say,
): Drawing {
  const side = Math.max(around_mm / 4, 4 * over_mm);
  const half = side / 2;
  const corner = half - radius_mm * 0.3;
  const order: [number, number][] = [
    [0, half],
    [0, -half],
    [-half, 0],
    [half, 0],
    [-corner, corner],
    [corner, -corner],
    [corner, corner],
    [-corner, -corner],
  ];
  const out = over_mm * 0.9;
  return drawing('above', {
    metal: [
      box(0, 0, side + 4 * over_mm, side + 2.4 * over_mm),
      roundBox(0, 0, side, side, radius_mm),
      roundBox(0, 0, side - 2 * over_mm, side - 2 * over_mm, radius_mm),
    ],
    labels: [
      ...order.map(([x, y], n) => ({
        at: [x + Math.sign(x) * out * 0.6, y + Math.sign(y) * out * 0.6 - over_mm * 0.3] as const,
        words: `${n + 1}`,
      })),
    ],
    says: `laps ${say(over_mm)}, corners ${say(radius_mm)}; tacks in this order`,
  });
}

/** A built-up face, cut: what is laid under, the hard layers, and what is left for the cutter. */
export function buildUpDrawing(high_mm: number, under_mm: number, say: Say): Drawing {
  const wide = Math.max(60, 4 * high_mm);
  const soft = Math.max(0, high_mm - under_mm);
  const hard = high_mm - soft;
  return drawing('cut', {
    metal: [box(0, -high_mm, wide, 2 * high_mm)],
    beads: [
      ...(soft > 0 ? [box(0, soft / 2, wide * 0.9, soft)] : []),
      ...[0, 1].map((n) => box(0, soft + (hard / 2) * (n + 0.5), wide * 0.86, hard / 2)),
    ],
    labels: [{ at: [0, -1.2 * high_mm], words: 'what is sound' }],
    says: `${soft > 0 ? `${say(soft)} like the part, ` : ''}${say(hard)} hard over it`,
  });
}

/** A worn hole: the plug in its middle, and rings from the far side out. */
export function holeDrawing(pin_mm: number, say: Say): Drawing {
  const worn = pin_mm * 1.25;
  return drawing('above', {
    metal: [roundBox(0, 0, pin_mm * 2.6, pin_mm * 2.2, pin_mm)],
    holes: [
      { at: [0, 0], across_mm: worn },
      { at: [0, 0], across_mm: pin_mm },
    ],
    labels: [{ at: [0, -pin_mm * 0.08], words: 'plug' }],
    says: `pin ${say(pin_mm)}, rings from its far side out`,
  });
}

/** A stump with a nut over it. */
export function studDrawing(stud_mm: number): Drawing {
  const [nut, wall] = [stud_mm * 0.9, stud_mm * 1.6];
  return drawing('cut', {
    metal: [
      box(-stud_mm / 2 - wall / 2, -stud_mm, wall, 2 * stud_mm),
      box(stud_mm / 2 + wall / 2, -stud_mm, wall, 2 * stud_mm),
      box(0, -stud_mm, stud_mm, 2 * stud_mm),
      box(-stud_mm * 0.8, nut / 2, stud_mm * 0.5, nut),
      box(stud_mm * 0.8, nut / 2, stud_mm * 0.5, nut),
    ],
    beads: [
      [
        [-stud_mm * 0.4, 0],
        [stud_mm * 0.4, 0],
        [stud_mm * 0.55, nut],
        [-stud_mm * 0.55, nut],
      ],
    ],
    moves: [
      [
        [stud_mm * 0.9, 2.6 * nut],
        [stud_mm * 0.1, 1.1 * nut],
      ],
    ],
    labels: [
      { at: [0, -stud_mm], words: 'stump' },
      { at: [-stud_mm * 1.7, nut * 0.35], words: 'nut' },
    ],
  });
}

/** A hole in a root: its ends feathered, so that the next root runs onto thin metal. */
export function blownDrawing(feather_mm: number, thick_mm: number, say: Say): Drawing {
  const hole = Math.max(6, thick_mm);
  const high = Math.max(3, thick_mm / 2);
  const end = hole / 2 + feather_mm;
  const bead = (side: 1 | -1) =>
    [
      [side * (end + feather_mm), 0],
      [side * (end + feather_mm), high],
      [side * end, high],
      [(side * hole) / 2, 0],
    ] as const;
  return drawing('side', {
    beads: [bead(-1), bead(1)],
    metal: [
      box(-end, -thick_mm / 4, 2 * end - hole, thick_mm / 2),
      box(end, -thick_mm / 4, 2 * end - hole, thick_mm / 2),
    ],
    moves: [
      [
        [-end, high + 3],
        [end, high + 3],
      ],
    ],
    says: `feather ${say(feather_mm)} at each end, and root it again`,
  });
}
