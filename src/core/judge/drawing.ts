/** A point of a drawing, mm: along it, and up. */
export type Spot = readonly [number, number];

/** What is drawn beside a step: what lies there, and how the hand goes, in its order; everything in mm, to scale. */
export interface Drawing {
  /** What is seen: from the side, from above, facing it, or cut across. */
  seen: 'side' | 'above' | 'face' | 'cut';
  /** Metal, then beads on it, as outlines. */
  metal: readonly (readonly Spot[])[];
  beads: readonly (readonly Spot[])[];
  /** Moves, each an arrow. */
  moves: readonly (readonly Spot[])[];
  /** The moves are told apart by the numbers of the steps. */
  numbered: boolean;
  holes: readonly { at: Spot; across_mm: number }[];
  labels: readonly { at: Spot; words: string }[];
  /** Its figures, in a line under it. */
  says: string;
}

/** Drawn to a hundredth of a millimetre: nobody sees more, and it goes into files. */
const fine = (mm: number): number => Math.round(100 * mm) / 100;
const fineSpot = ([x, y]: Spot): Spot => [fine(x), fine(y)];
const fineLines = (lines: Drawing['metal']): Spot[][] => lines.map((points) => points.map(fineSpot));

/** A drawing of what lies there; what is not given is not drawn. */
export const drawing = (
  seen: Drawing['seen'],
  {
    metal = [],
    beads = [],
    moves = [],
    numbered = false,
    holes = [],
    labels = [],
    says = '',
  }: Partial<Omit<Drawing, 'seen'>>,
): Drawing => ({
  seen,
  metal: fineLines(metal),
  beads: fineLines(beads),
  moves: fineLines(moves),
  numbered,
  holes: holes.map(({ at, across_mm }) => ({ at: fineSpot(at), across_mm: fine(across_mm) })),
  labels: labels.map(({ at, words }) => ({ at: fineSpot(at), words })),
  says,
});

/** A rectangle by its middle. */
export const box = (x: number, y: number, wide: number, high: number): Spot[] => [
  [x - wide / 2, y - high / 2],
  [x + wide / 2, y - high / 2],
  [x + wide / 2, y + high / 2],
  [x - wide / 2, y + high / 2],
];

/** Corners are drawn by so many points. */
const CORNER_POINTS = 6;

/** A rectangle with round corners, by its middle. */
export function roundBox(x: number, y: number, wide: number, high: number, radius: number): Spot[] {
  const r = Math.min(radius, wide / 2, high / 2);
  const corners: [number, number, number][] = [
    [x + wide / 2 - r, y + high / 2 - r, 0],
    [x - wide / 2 + r, y + high / 2 - r, 1],
    [x - wide / 2 + r, y - high / 2 + r, 2],
    [x + wide / 2 - r, y - high / 2 + r, 3],
  ];
  return corners.flatMap(([cx, cy, quarter]) =>
    Array.from({ length: CORNER_POINTS + 1 }, (_, n): Spot => {
      const turn = ((quarter + n / CORNER_POINTS) * Math.PI) / 2;
      return [cx + r * Math.cos(turn), cy + r * Math.sin(turn)];
    }),
  );
}
