import { POOL_HALF_mm, TACK_HALF_mm } from '../data/arcBlow';
import { potentialAt, type Feed, type Sheet } from './flow';
import { solveDense } from './linear';
import type { Spot } from './piece';

/** A plate of a joint, as a sheet of its own: along the seam, and away from it. */
export interface JoinedPlate {
  sheet: Sheet;
  /** Where the seam lies on it: 0 where it is its edge. */
  seam_mm: number;
  /** Clamps on it, with the share of the arc's current that each draws. */
  drains: readonly { at: Spot; share: number }[];
  /** Potentials between places that stay where they are, by place: an arc that moves along asks for them again and again. */
  kept: Map<string, number>;
}

/**
 * Answers "how does the arc's current get from plate to plate?" Two plates that touch nowhere but at the arc and at their tacks: what is
 * fed to a plate without a clamp goes back over the tacks. Potentials are the same on both sides of every joining place, but for what
 * the plates stand apart as a whole, and what is fed is drained (Kirchhoff).
 * @param places along the seam where the plates are joined: the arc first, then its tacks, mm
 * @returns for either plate what feeds it: the places in that order, then its clamps (shares below zero)
 */
export function feedsOf(
  plates: readonly [JoinedPlate, JoinedPlate],
  places: readonly number[],
): [Feed[], Feed[]] {
  const [first, second] = plates;
  const drained = first.drains.reduce((sum, { share }) => sum + share, 0);
  const shares = places.length > 1 ? shareOut(plates, places, drained) : null;
  const fed = (k: number): number => shares?.[k] ?? (k === 0 ? drained : 0);
  const feeds = (plate: JoinedPlate, share: (k: number) => number): Feed[] => [
    ...places.map((x, k) => ({ at: { x, y: plate.seam_mm }, share: share(k) })),
    ...plate.drains.map((drain) => ({ at: drain.at, share: -drain.share })),
  ];
  // What one does not take of the arc, and what it gives up at a tack, the other has.
  return [feeds(first, fed), feeds(second, (k) => (k === 0 ? 1 : 0) - fed(k))];
}

/** Unknowns: what every place gives the first plate, and how far the plates stand apart as a whole. */
function shareOut(
  plates: readonly [JoinedPlate, JoinedPlate],
  places: readonly number[],
  drained: number,
): Float64Array | null {
  const K = places.length;
  const half = (k: number) => (k === 0 ? POOL_HALF_mm.value : TACK_HALF_mm.value);
  const rows = places.map((x, k) => {
    const equation = new Float64Array(K + 2);
    for (const [s, plate] of plates.entries()) {
      const at = { x, y: plate.seam_mm };
      const sign = s === 0 ? 1 : -1;
      for (const [j, other] of places.entries()) {
        const potential = between(plate, at, { x: other, y: plate.seam_mm }, half(j), j > 0 && k > 0);
        equation[j] = (equation[j] ?? 0) + potential;
        // The second plate is fed the arc less what the first takes of it.
        if (s === 1 && j === 0) equation[K + 1] = (equation[K + 1] ?? 0) + potential;
      }
      for (const { at: clamp, share } of plate.drains)
        equation[K + 1] =
          (equation[K + 1] ?? 0) + sign * share * between(plate, at, clamp, TACK_HALF_mm.value, k > 0);
    }
    equation[K] = 1;
    return equation;
  });
  const balance = new Float64Array(K + 2).fill(1);
  balance[K] = 0;
  balance[K + 1] = drained;
  return solveDense([...rows, balance]);
}

/** Potential at a place for what feeds another; kept where neither is the arc. */
function between({ sheet, kept }: JoinedPlate, at: Spot, of: Spot, wide_mm: number, keep: boolean): number {
  if (!keep) return potentialAt(at, of, sheet, wide_mm);
  const key = `${at.x} ${of.x} ${of.y}`;
  const known = kept.get(key);
  if (known !== undefined) return known;
  const found = potentialAt(at, of, sheet, wide_mm);
  kept.set(key, found);
  return found;
}
