import { Matrix, solve } from 'ml-matrix';
import { MARK_DOUBT, scaleThing, type ScaleId } from '../data/measure';
import { fixedChance, quantileRange } from '../units/chance';
import { ok, refuse, type Result } from '../units/result';
import type { Range } from '../units/range';

/** A place in a picture, or on the flat thing it shows: right and down. */
export type Spot = readonly [x: number, y: number];

/** What was marked in a picture: the scale's corners (or two points), and the line that is measured; shares of width and height. */
export interface Marked {
  width_px: number;
  height_px: number;
  scale: ScaleId;
  corners: readonly Spot[];
  known_mm: number | null;
  along: readonly Spot[];
}

/**
 * The map from a picture onto the flat thing whose four corners are marked in it.
 * @param corners in turn round it, px; @param onto where they lie, mm
 * @returns null where three of them stand in a line
 */
export function homography(corners: readonly Spot[], onto: readonly Spot[]): ((at: Spot) => Spot) | null {
  const rows = corners.flatMap(([x, y], n) => {
    const [u, v] = onto[n] ?? [0, 0];
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y],
      [0, 0, 0, x, y, 1, -v * x, -v * y],
    ];
  });
  const right = onto.flatMap(([u, v]) => [[u], [v]]);
  let h: number[];
  try {
    h = solve(new Matrix(rows), new Matrix(right)).to1DArray();
  } catch {
    return null;
  }
  if (h.some((value) => !Number.isFinite(value))) return null;
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, k = 0] = h;
  return ([x, y]) => {
    const w = g * x + k * y + 1;
    return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
  };
}

const distance = ([ax, ay]: Spot, [bx, by]: Spot): number => Math.hypot(bx - ax, by - ay);
const lengthOf = (line: readonly Spot[]): number =>
  line.slice(1).reduce((sum, at, n) => sum + distance(line[n] ?? at, at), 0);

/** Twice the area of a corner, signed: which way round it turns. */
const turn = ([ax, ay]: Spot, [bx, by]: Spot, [cx, cy]: Spot): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

/** Whether four corners go round in turn and bulge outwards everywhere. */
function goesRound(corners: readonly Spot[]): boolean {
  const turns = corners.map((at, n) => turn(at, corners[(n + 1) % 4] ?? at, corners[(n + 2) % 4] ?? at));
  return turns.every((one) => one > 0) || turns.every((one) => one < 0);
}

/** Draws for the doubt of a measure. */
const DRAWS = 240;

/**
 * Answers "how long is what I marked?", with what finger, lens and tilt leave open.
 * @returns mm; what to do instead where the marks tell nothing
 */
export function measured(marked: Marked): Result<Range> {
  const { width_px, height_px, scale, corners, known_mm, along } = marked;
  const { size_mm } = scaleThing(scale);
  const px = ([x, y]: Spot): Spot => [x * width_px, y * height_px];
  const [frame, line] = [corners.map(px), along.map(px)];
  if (lengthOf(line) < 2) return refuse('The two ends lie on one another: drag one of them away.');
  const read = size_mm === null ? byPoints(frame, known_mm) : byCorners(frame, size_mm);
  if (!read.ok) return read;
  const nominal = read.value(frame, line);
  if (nominal === null || !Number.isFinite(nominal)) return refuse(CROSSED);
  const chance = fixedChance();
  const wide = MARK_DOUBT.finger * Math.max(width_px, height_px) * Math.sqrt(3);
  const shaken = (spots: readonly Spot[]) =>
    spots.map(([x, y]): Spot => [x + wide * (2 * chance() - 1), y + wide * (2 * chance() - 1)]);
  const bent = MARK_DOUBT.lens + (size_mm === null ? MARK_DOUBT.tilt : 0);
  const values = Array.from({ length: DRAWS }, () => {
    const value = read.value(shaken(frame), shaken(line));
    return value === null ? nominal : value * (1 + bent * (2 * chance() - 1));
  });
  return ok(quantileRange(values, nominal));
}

type Ruler = (frame: readonly Spot[], line: readonly Spot[]) => number | null;
const CROSSED =
  'The four corners do not go round: drag them to top left, top right, bottom right, bottom left.';

function byPoints(frame: readonly Spot[], known_mm: number | null): Result<Ruler> {
  const [a, b] = frame;
  if (!a || !b || distance(a, b) < 2)
    return refuse('The two points lie on one another: drag one of them away.');
  if (known_mm === null || known_mm <= 0) return refuse('Type how far apart the two points are.');
  return ok(([from, to], line) => {
    const apart = from && to ? distance(from, to) : 0;
    return apart > 0 ? (known_mm * lengthOf(line)) / apart : null;
  });
}

function byCorners(frame: readonly Spot[], [wide, high]: readonly [number, number]): Result<Ruler> {
  if (frame.length !== 4 || !goesRound(frame)) return refuse(CROSSED);
  const onto: Spot[] = [
    [0, 0],
    [wide, 0],
    [wide, high],
    [0, high],
  ];
  return ok((corners, line) => {
    const map = homography(corners, onto);
    return map && lengthOf(line.map(map));
  });
}
