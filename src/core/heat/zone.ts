import { onThickPlate_C, onThinPlate_C, type MovingArc } from './rosenthal';

/** How far a temperature reaches beside a bead, by the field that travels along with the arc. */

/** Farthest that is looked, mm, and how fine. */
const FARTHEST_mm = 120;
const BEHIND_STEP = 1.1;

/**
 * Distance from the middle of the bead within which metal gets at least so hot, mm.
 * @param thickness_mm plate through which heat flows as through a sheet; null on thick plate
 */
export function reach_mm(arc: MovingArc, thickness_mm: number | null, at_least_C: number): number {
  const peak = (aside_mm: number): number => {
    let most = 0;
    for (let behind = 0.2; behind < 40 * FARTHEST_mm; behind *= BEHIND_STEP) {
      const here =
        thickness_mm === null
          ? onThickPlate_C(arc, -behind, aside_mm, 0)
          : onThinPlate_C(arc, thickness_mm, -behind, aside_mm);
      if (here < most - 1) break;
      most = Math.max(most, here);
    }
    return most;
  };
  if (peak(FARTHEST_mm) >= at_least_C) return FARTHEST_mm;
  let [near, far] = [0.2, FARTHEST_mm];
  for (let n = 0; n < 14; n++) {
    const middle = (near + far) / 2;
    if (peak(middle) >= at_least_C) near = middle;
    else far = middle;
  }
  return near;
}
