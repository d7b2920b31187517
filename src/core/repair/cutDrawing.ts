import { box, drawing, roundBox, type Drawing } from '../judge/drawing';

/** How much of the part is drawn round a cut, as a share of the cut. */
const AROUND = { along: 1.12, across: 2.6 } as const;

/**
 * A boat cut for a crack, from above and to scale: its rim, its floor where the ramps end, and the crack as it was found.
 * @param sizes length at the face, width at the face, each ramp, and the crack as found (null: not said), mm
 */
export function cutDrawing(
  {
    length_mm,
    topWidth_mm,
    ramp_mm,
    crack_mm,
  }: { length_mm: number; topWidth_mm: number; ramp_mm: number; crack_mm: number | null },
  say: (mm: number) => string,
): Drawing {
  const floor_mm = Math.max(length_mm - 2 * ramp_mm, length_mm * 0.02);
  const beyond_mm = crack_mm === null ? null : (length_mm - crack_mm) / 2;
  return drawing('above', {
    metal: [
      box(0, 0, length_mm * AROUND.along, topWidth_mm * AROUND.across),
      roundBox(0, 0, length_mm, topWidth_mm, topWidth_mm / 2),
      roundBox(0, 0, floor_mm, topWidth_mm * 0.5, topWidth_mm / 4),
    ],
    moves: [],
    beads: crack_mm === null ? [] : [crackLine(crack_mm, topWidth_mm)],
    says: [
      `cut ${say(Math.round(length_mm))} long, ${say(topWidth_mm)} wide`,
      ...(ramp_mm > 0 ? [`ends run up over ${say(Math.round(ramp_mm))}`] : []),
      ...(crack_mm === null || beyond_mm === null || beyond_mm <= 0
        ? []
        : [`crack ${say(crack_mm)}, ${say(Math.round(beyond_mm))} past each end`]),
    ].join('; '),
  });
}

/** A crack as it is drawn: a thin crooked line along the middle. */
function crackLine(long_mm: number, wide_mm: number): [number, number][] {
  const jags = 8;
  const off = wide_mm * 0.05;
  const there = Array.from({ length: jags + 1 }, (_, n): [number, number] => [
    long_mm * (n / jags - 0.5),
    n % 2 === 0 ? off : -off,
  ]);
  const back = [...there].reverse().map(([x, y]): [number, number] => [x, y - off]);
  return [...there, ...back];
}
