import { box, drawing, type Drawing, type Spot } from '../judge/drawing';

/** How the tip of a rod goes, drawn from the figures of the cards. Lengths in mm. */

const PLATE_mm = 4;

/** The plate from the side. */
const plate = (long_mm: number): Spot[] => box(long_mm / 2, -PLATE_mm / 2, long_mm, PLATE_mm);

/** A bead on it, from the left end; its crater dips. */
const bead = (to_mm: number, high_mm: number, crater_mm = 0): Spot[] => [
  [0, 0],
  [0, high_mm],
  [to_mm - crater_mm, high_mm],
  [to_mm - crater_mm / 2, 0.25 * high_mm],
  [to_mm, 0],
];

/** Height that a bead so wide is drawn with. */
const highOf = (wide_mm: number): number => Math.max(1.5, wide_mm / 4);

/** Struck ahead, drawn back, and on. */
export function strikeDrawing(ahead_mm: number, core_mm: number, says: string): Drawing {
  const from = 2 * core_mm;
  return drawing('side', {
    metal: [plate(from + 2.4 * ahead_mm)],
    moves: [
      [
        [from + 1.5 * ahead_mm, ahead_mm],
        [from + ahead_mm, 1],
      ],
      [
        [from + ahead_mm, 0.45 * ahead_mm],
        [from, 0.45 * ahead_mm],
      ],
      [
        [from, 1.5],
        [from + 2.2 * ahead_mm, 1.5],
      ],
    ],
    numbered: true,
    says,
  });
}

/** Struck ahead of a crater, back over it, filled and on. */
export function restartDrawing(ahead_mm: number, wide_mm: number, says: string): Drawing {
  const end = 2 * ahead_mm;
  const high = highOf(wide_mm);
  return drawing('side', {
    metal: [plate(end + 2.6 * ahead_mm)],
    beads: [bead(end, high, wide_mm)],
    moves: [
      [
        [end + 1.5 * ahead_mm, ahead_mm],
        [end + ahead_mm, 1],
      ],
      [
        [end + ahead_mm, 0.6 * ahead_mm],
        [end - wide_mm, 0.6 * ahead_mm],
      ],
      [
        [end - wide_mm, high + 1],
        [end + 2.4 * ahead_mm, high + 1],
      ],
    ],
    numbered: true,
    says,
  });
}

/** Ahead with a long arc, and back. */
export function whipDrawing(
  { ahead_mm, back_mm }: { ahead_mm: number; back_mm: number },
  core_mm: number,
  wide_mm: number,
  says: string,
): Drawing {
  const high = highOf(wide_mm);
  const from = 4 * core_mm;
  return drawing('side', {
    metal: [plate(from + 4 * ahead_mm)],
    beads: [bead(from, high)],
    moves: [
      [
        [from, high],
        [from + ahead_mm / 2, 2.5 * high],
        [from + ahead_mm, 2 * high],
      ],
      [
        [from + ahead_mm, 2 * high],
        [from + ahead_mm - back_mm, high],
      ],
    ],
    numbered: true,
    says,
  });
}

/** From toe to toe, on what has frozen. */
export function upDrawing(wide_mm: number, rise_mm: number): Drawing {
  const half = wide_mm / 2;
  return drawing('face', {
    beads: [box(0, rise_mm, wide_mm, 2 * rise_mm)],
    moves: [
      [
        [-half, 2 * rise_mm],
        [half, 2.6 * rise_mm],
      ],
      [
        [half, 2.6 * rise_mm],
        [half, 3 * rise_mm],
        [-half, 3.6 * rise_mm],
      ],
      [
        [-half, 3.6 * rise_mm],
        [-half, 4 * rise_mm],
        [half, 4.6 * rise_mm],
      ],
    ],
    labels: [
      { at: [-half, 5.6 * rise_mm], words: 'pause' },
      { at: [half, 5.6 * rise_mm], words: 'pause' },
    ],
  });
}

/** An open root with its keyhole. */
export function rootDrawing(gap_mm: number, hole_mm: number, core_mm: number, says: string): Drawing {
  const edge = 4 * core_mm;
  const long = 12 * core_mm;
  const wide = edge - gap_mm / 2;
  return drawing('above', {
    metal: [
      box(long / 2, gap_mm / 2 + wide / 2, long, wide),
      box(long / 2, -gap_mm / 2 - wide / 2, long, wide),
    ],
    beads: [box(long / 4, 0, long / 2, 2 * gap_mm)],
    moves: [
      [
        [long / 2 + hole_mm, 0],
        [long - core_mm, 0],
      ],
    ],
    holes: [{ at: [long / 2, 0], across_mm: hole_mm }],
    says,
  });
}

/** To the end, back over the crater, and off over the bead. */
export function craterDrawing(back_mm: number, core_mm: number, wide_mm: number, says: string): Drawing {
  const high = highOf(wide_mm);
  const end = 6 * core_mm;
  return drawing('side', {
    metal: [plate(end + 3 * core_mm)],
    beads: [bead(end, high, wide_mm)],
    moves: [
      [
        [end - 2.5 * back_mm, high + 1],
        [end, high + 1],
      ],
      [
        [end, 2.2 * high + 1],
        [end - back_mm, 2.2 * high + 1],
      ],
      [
        [end - back_mm, 2.6 * high + 1],
        [end - 2 * back_mm, 5 * high + 1],
      ],
    ],
    numbered: true,
    says,
  });
}
