import type { Seam } from './flow';
import { solveDense } from './linear';

/** Where two plates are joined along the seam: its middle, and half of how wide it is. */
export interface Strip {
  x: number;
  half_mm: number;
}

/**
 * Answers "how does the arc's current get from plate to plate?" Two plates that touch nowhere but at the arc and at their tacks: what is
 * fed to a plate without a clamp goes back over the tacks. Potentials are the same on both sides of every joining place, but for what
 * the plates stand apart as a whole, and what is fed is drained (Kirchhoff).
 * @param places along the seam where the plates are joined: the pool first, then tacks
 * @returns what every place in that order feeds either plate, as shares of the arc's current
 */
export function feedsOf(plates: readonly [Seam, Seam], places: readonly Strip[]): [number[], number[]] {
  const { taken } = plates[0];
  const shares = places.length > 1 ? shareOut(plates, places, taken) : null;
  const first = places.map((_, k) => shares?.[k] ?? (k === 0 ? taken : 0));
  // What one does not take of the arc, and what it gives up at a tack, the other has.
  return [first, first.map((share, k) => (k === 0 ? 1 : 0) - share)];
}

/** A strip that feeds evenly does so as a rod of that share of its half width: 2 exp(-3/2), its mean distance from itself. */
const STRIP_IS_ROD = 2 * Math.exp(-1.5);

/** Unknowns: what every place gives the first plate, and how far the plates stand apart as a whole. */
function shareOut(
  plates: readonly [Seam, Seam],
  places: readonly Strip[],
  taken: number,
): Float64Array | null {
  const K = places.length;
  const rows = places.map(() => new Float64Array(K + 2));
  const add = (k: number, at: number, value: number): void => {
    const row = rows[k] as Float64Array;
    row[at] = (row[at] as number) + value;
  };
  for (const [s, plate] of plates.entries())
    for (const [k, here] of places.entries()) {
      for (let j = 0; j <= k; j++) {
        const there = places[j] as Strip;
        const potential = plate.potential(here.x, there.x, STRIP_IS_ROD * there.half_mm);
        add(k, j, potential);
        // Two strips lie further apart than either is wide: what one does to the other that does to it.
        if (j < k) add(j, k, potential);
        // The second plate is fed the arc, under the first strip, less what the first takes of it.
        if (s === 1 && j === 0) add(k, K + 1, potential);
      }
      add(k, K + 1, (s === 0 ? -1 : 1) * plate.drained(here.x));
    }
  for (const row of rows) row[K] = 1;
  const balance = new Float64Array(K + 2).fill(1);
  balance[K] = 0;
  balance[K + 1] = taken;
  return solveDense([...rows, balance]);
}
