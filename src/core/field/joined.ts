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
 * Answers "how does the arc's current get from plate to plate?" Plates that touch nowhere but at the arc and at their tacks: what is fed
 * to a plate without a clamp goes back over the tacks. Potentials are the same on both sides of every joining place, and what is fed is
 * drained (Kirchhoff).
 * @param places along the seam where the plates are joined: the arc first, then its tacks, mm
 * @returns for every plate what feeds it: the places in that order, then its clamps (shares below zero)
 */
export function feedsOf(plates: readonly JoinedPlate[], places: readonly number[]): Feed[][] {
  const K = places.length;
  const drained = plates.map(({ drains }) => drains.reduce((sum, { share }) => sum + share, 0));
  const shares = K > 1 ? shareOut(plates, places, drained) : null;
  return plates.map((plate, s) => [
    ...places.map((x, k) => ({
      at: { x, y: plate.seam_mm },
      share: shares ? (shares[s * K + k] ?? 0) : k === 0 ? (drained[s] ?? 0) : 0,
    })),
    ...plate.drains.map(({ at, share }) => ({ at, share: -share })),
  ]);
}

/** Unknowns: what every place gives every plate, the potential of every place, and of every plate as a whole. */
function shareOut(
  plates: readonly JoinedPlate[],
  places: readonly number[],
  drained: readonly number[],
): Float64Array | null {
  const [S, K] = [plates.length, places.length];
  const size = S * K + K + S;
  const rows: Float64Array[] = [];
  const row = () => {
    const fresh = new Float64Array(size + 1);
    rows.push(fresh);
    return fresh;
  };
  const half = (k: number) => (k === 0 ? POOL_HALF_mm.value : TACK_HALF_mm.value);
  for (const [s, plate] of plates.entries())
    for (const [k, x] of places.entries()) {
      const at = { x, y: plate.seam_mm };
      const equation = row();
      for (const [j, other] of places.entries())
        equation[s * K + j] = between(plate, at, { x: other, y: plate.seam_mm }, half(j), j > 0 && k > 0);
      equation[S * K + K + s] = 1;
      equation[S * K + k] = -1;
      for (const { at: clamp, share } of plate.drains)
        equation[size] = (equation[size] ?? 0) + share * between(plate, at, clamp, TACK_HALF_mm.value, k > 0);
    }
  for (let k = 0; k < K; k++) {
    const equation = row();
    for (let s = 0; s < S; s++) equation[s * K + k] = 1;
    equation[size] = k === 0 ? 1 : 0;
  }
  // What is fed to a plate is drained from it; the last follows from the others, and one potential may be called nought.
  for (let s = 0; s < S - 1; s++) {
    const equation = row();
    for (let k = 0; k < K; k++) equation[s * K + k] = 1;
    equation[size] = drained[s] ?? 0;
  }
  row()[S * K] = 1;
  return solveDense(rows);
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
