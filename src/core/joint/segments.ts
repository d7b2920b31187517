import type { PatternId } from '../data/orderIds';

/** A stretch of a seam, and which way it is run: 1 from its beginning, -1 back to it. */
export interface Segment {
  /** Its place along the seam, from 0. */
  index: number;
  from_mm: number;
  to_mm: number;
}

/** One segment in the order it is laid. */
export interface Laid {
  index: number;
  travel: 1 | -1;
}

/** Splits a seam into equal segments no longer than asked. */
export function segmentsOf(length_mm: number, longest_mm: number): Segment[] {
  const count = Math.max(1, Math.ceil(length_mm / longest_mm - 1e-9));
  const each = length_mm / count;
  return Array.from({ length: count }, (_, index) => ({
    index,
    from_mm: index * each,
    to_mm: (index + 1) * each,
  }));
}

/**
 * The named orders.
 * @param travel the way that every run is welded; from the middle out they run back towards the middle instead, from both ends back to
 *   the end they came from
 */
export function patternOf(id: PatternId, count: number, travel: 1 | -1): Laid[] {
  const along = Array.from({ length: count }, (_, n) => (travel === 1 ? n : count - 1 - n));
  // Stepping back: from the far end, each run welded up to the start before it.
  const back = [...along].reverse();
  switch (id) {
    case 'straight':
      return along.map((index) => ({ index, travel }));
    case 'backstep':
      return back.map((index) => ({ index, travel }));
    case 'skip':
      return [...back.filter((_, n) => n % 2 === 0), ...back.filter((_, n) => n % 2 === 1)].map((index) => ({
        index,
        travel,
      }));
    case 'both-ends': {
      // In turn from either end, each run welded up to the start before it on its own side.
      const [first, last] = [along[0] ?? 0, along[count - 1] ?? 0];
      return Array.from({ length: count }, (_, n) => {
        const [end, way] = n % 2 === 0 ? [first, travel] : [last, -travel];
        return { index: end + way * Math.floor(n / 2), travel: -way as 1 | -1 };
      });
    }
    case 'middle-out': {
      const middle = Math.floor((count - 1) / 2);
      const order = Array.from({ length: count }, (_, n) => n).sort(
        (a, b) => Math.abs(a - middle) - Math.abs(b - middle) || a - b,
      );
      return order.map((index) => ({ index, travel: index > middle ? -1 : 1 }));
    }
  }
}

/** An order as a job keeps it: places from 1, below zero where the run goes to the left. */
export const asKept = (order: readonly Laid[]): number[] =>
  order.map(({ index, travel }) => (index + 1) * travel);

/** The order that a job keeps; null where it does not name each of so many segments once. */
export function fromKept(kept: readonly number[], count: number): Laid[] | null {
  const places = new Set(kept.map((place) => Math.abs(place)));
  const each = Array.from({ length: count }, (_, index) => index + 1);
  if (kept.length !== count || !each.every((place) => places.has(place))) return null;
  return kept.map((place): Laid => ({ index: Math.abs(place) - 1, travel: place > 0 ? 1 : -1 }));
}

/** Whether the run at a place of the order ends on a start that is already there: it is melted again while the pool is hot. */
export function endsOnStartAt(order: readonly Laid[], place: number): boolean {
  const here = order[place];
  if (!here) return false;
  // The neighbour it runs up to was begun at the edge they share.
  return order
    .slice(0, place)
    .some(({ index, travel }) => index === here.index + here.travel && travel === here.travel);
}

/** Runs that end on a start that is already there. */
export function endsOnStarts(order: readonly Laid[]): number {
  const done = new Map<number, 1 | -1>();
  let covered = 0;
  for (const { index, travel } of order) {
    if (done.get(index + travel) === travel) covered += 1;
    done.set(index, travel);
  }
  return covered;
}

/** Starts that nothing runs over: beside a finished end, or out at an end of the seam. Where segments do not touch, all. */
export const bareStarts = (order: readonly Laid[], joined = true): number =>
  order.length - (joined ? endsOnStarts(order) : 0);

/** Where a run begins: the edge of its segment that it leaves from, or its own place where segments do not touch. */
export const startOf = ({ index, travel }: Laid, joined: boolean): number =>
  joined && travel === -1 ? index + 1 : index;

/** Places along a seam where its segments begin and end. */
export const edgesOf = (segments: readonly Segment[]): number[] => [
  ...segments.map(({ from_mm }) => from_mm),
  segments.at(-1)?.to_mm ?? 0,
];
