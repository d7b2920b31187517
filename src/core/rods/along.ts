import { COUNTED_ON } from '../data/limits';
import type { PatternId } from '../data/orderIds';
import { jointTraits, type JointKind } from '../data/joints';
import type { Laid, Segment } from '../joint/segments';

/** Where rods run out along a joint, and where one run ties into another. */

/** The line a joint follows: stretches between corners, one after another, and whether the last meets the first. */
export interface JointPath {
  sides_mm: readonly number[];
  closed: boolean;
}

/** One run: a rod, or part of one, from where it is lit to where it ends. Measured along the path from its beginning. */
export interface Run {
  /** From 1, in the order they are welded. */
  number: number;
  start_mm: number;
  end_mm: number;
}

/** Where one run meets another. */
export interface TieIn {
  at_mm: number;
  /** Distance to the nearest corner, mm; Infinity where there is none. */
  toCorner_mm: number;
}

/** A named order, or one that the welder found. */
export type RunOrder = PatternId | 'own';

/** How a bead is laid along a joint. */
export interface RunPlan {
  order: RunOrder;
  runs: readonly Run[];
  tieIns: readonly TieIn[];
  /** Longest run, mm. */
  longest_mm: number;
  total_mm: number;
  path: JointPath;
  /** Where the first rod is lit, chosen so that tie-ins fall clear of corners. */
  from_mm: number;
}

/** How many tie-ins, as said. */
export const tieInsInWords = (count: number): string =>
  count === 0 ? 'no tie-in' : count === 1 ? '1 tie-in' : `${count} tie-ins`;

/** Runs that one rod does whole, and what is left in it then, mm. */
export function runsPerRod({ longest_mm }: RunPlan, bead_mm: number): { runs: number; left_mm: number } {
  const runs = Math.max(1, Math.floor((bead_mm * COUNTED_ON.share + 1e-6) / Math.max(longest_mm, 1e-6)));
  return { runs, left_mm: Math.max(0, bead_mm - runs * longest_mm) };
}

/** The path of a joint of such a length. */
export function pathOf(
  kind: JointKind | null,
  length_mm: number,
  tube: { width_mm: number | null; height_mm: number | null },
  pieces = 1,
): JointPath {
  const run = jointTraits(kind)?.run ?? 'line';
  if (run === 'sides' && tube.width_mm !== null && tube.height_mm !== null) {
    const { width_mm, height_mm } = tube;
    return { sides_mm: [width_mm, height_mm, width_mm, height_mm], closed: true };
  }
  if (run === 'round') return { sides_mm: [length_mm], closed: true };
  return {
    sides_mm: Array.from({ length: Math.max(1, pieces) }, () => length_mm / Math.max(1, pieces)),
    closed: false,
  };
}

/**
 * Lays runs along a path.
 * Back-step: each stretch in equal runs no longer than a rod, each welded back onto the start of the one before it.
 * Straight through: rod after rod to its end, begun where the tie-ins fall farthest from the corners.
 * @param bead_mm what one rod lays
 */
export function planRuns(path: JointPath, bead_mm: number, order: 'straight' | 'backstep'): RunPlan {
  const total_mm = lengthOf(path);
  const counted_mm = bead_mm * COUNTED_ON.share;
  const runs = order === 'backstep' ? backstep(path, counted_mm) : oneAfterOther(path, counted_mm, total_mm);
  return asPlan(path, runs, order);
}

/** Runs as an order of segments lays them along a seam. */
export function runsInOrder(
  path: JointPath,
  segments: readonly Segment[],
  laid: readonly Laid[],
  order: RunOrder,
): RunPlan {
  const runs = laid.flatMap(({ index, travel }, n): Run[] => {
    const segment = segments[index];
    if (!segment) return [];
    const { from_mm, to_mm } = segment;
    return [
      {
        number: n + 1,
        start_mm: travel === 1 ? from_mm : to_mm,
        end_mm: travel === 1 ? to_mm : from_mm,
      },
    ];
  });
  return asPlan(path, runs, order);
}

const lengthOf = ({ sides_mm }: JointPath): number => sides_mm.reduce((a, b) => a + b, 0);

function asPlan(path: JointPath, runs: readonly Run[], order: RunOrder): RunPlan {
  const total_mm = lengthOf(path);
  const corners = cornersOf(path);
  const tieIns = tiesOf(runs, path, total_mm).map((at_mm) => ({
    at_mm,
    toCorner_mm: nearest(corners, at_mm, path.closed ? total_mm : null),
  }));
  return {
    order,
    runs,
    tieIns,
    longest_mm: Math.max(0, ...runs.map(({ start_mm, end_mm }) => Math.abs(end_mm - start_mm))),
    total_mm,
    path,
    from_mm: runs[0]?.start_mm ?? 0,
  };
}

/** Corners of a path: where its stretches meet. */
export function cornersOf({ sides_mm, closed }: JointPath): number[] {
  if (sides_mm.length < 2 || !closed) return [];
  let at = 0;
  return sides_mm.map((side) => {
    const here = at;
    at += side;
    return here;
  });
}

function backstep({ sides_mm }: JointPath, counted_mm: number): Run[] {
  const runs: Run[] = [];
  let from = 0;
  for (const side of sides_mm) {
    const count = Math.max(1, Math.ceil(side / counted_mm - 1e-9));
    for (let n = 0; n < count; n++) {
      runs.push({
        number: runs.length + 1,
        start_mm: from + ((n + 1) * side) / count,
        end_mm: from + (n * side) / count,
      });
    }
    from += side;
  }
  return runs;
}

/** Steps along the first stretch at which a beginning is tried. */
const STARTS_TRIED = 40;

function oneAfterOther(path: JointPath, counted_mm: number, total_mm: number): Run[] {
  if (!path.closed && path.sides_mm.length > 1) {
    // Pieces apart from one another: a run ends where its piece does.
    let from = 0;
    return path.sides_mm
      .flatMap((side) => {
        const here = from;
        from += side;
        return strung(here, side, counted_mm);
      })
      .map((run, n) => ({ ...run, number: n + 1 }));
  }
  const corners = cornersOf(path);
  if (corners.length === 0) return strung(0, total_mm, counted_mm);
  const side = path.sides_mm[0] ?? 0;
  const clear = (from: number) =>
    Math.min(
      ...strung(from, total_mm, counted_mm).map(({ start_mm }) => nearest(corners, start_mm, total_mm)),
    );
  const starts = Array.from({ length: STARTS_TRIED }, (_, n) => (n / STARTS_TRIED) * side);
  const best = starts.reduce((a, b) => (clear(b) > clear(a) + 1e-9 ? b : a), side / 2);
  return strung(best, total_mm, counted_mm);
}

/** Rods of full reach one after another; the last as long as is left, but no stub of a run. */
function strung(from_mm: number, length_mm: number, counted_mm: number): Run[] {
  const count = Math.max(1, Math.ceil(length_mm / counted_mm - 1e-9));
  return Array.from({ length: count }, (_, n) => ({
    number: n + 1,
    start_mm: from_mm + Math.min(n * counted_mm, length_mm),
    end_mm: from_mm + Math.min((n + 1) * counted_mm, length_mm),
  }));
}

/** Places where two runs meet; the ends of an open joint are none. */
function tiesOf(runs: readonly Run[], { closed, sides_mm }: JointPath, total_mm: number): number[] {
  const wrap = (at: number) => (closed ? ((at % total_mm) + total_mm) % total_mm : at);
  const ends = runs.flatMap(({ start_mm, end_mm }) => [wrap(start_mm), wrap(end_mm)]);
  const apart = !closed && sides_mm.length > 1;
  const edges = apart ? piecesEnds(sides_mm) : closed ? [] : [0, total_mm];
  const places = [...new Set(ends.map((at) => Math.round(at * 1000) / 1000))];
  return places
    .filter((at) => !edges.some((edge) => Math.abs(edge - at) < 0.01))
    .filter((at) => ends.filter((end) => Math.abs(end - at) < 0.01).length > 1)
    .sort((a, b) => a - b);
}

function piecesEnds(sides_mm: readonly number[]): number[] {
  const ends = [0];
  for (const side of sides_mm) ends.push((ends.at(-1) ?? 0) + side);
  return ends;
}

/** Distance to the nearest of some places; round a closed path where its length is given. */
function nearest(places: readonly number[], at: number, round_mm: number | null): number {
  const away = (place: number) => {
    const straight = Math.abs(place - (round_mm === null ? at : ((at % round_mm) + round_mm) % round_mm));
    return round_mm === null ? straight : Math.min(straight, round_mm - straight);
  };
  return Math.min(Infinity, ...places.map(away));
}
