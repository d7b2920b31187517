import { SPOIL_SHARE } from '../data/limits';
import { handLays_mm2, laid, type BeadPlan, type BurnedRod, type Pass } from './beads';

/** How far outside a hand's pace a bead may be with another size, before it is not tried. */
const STRETCH = 1.25;

/** A rod to go on with when the first runs short, with how many of it there are. */
export interface NextRod {
  rod: BurnedRod;
  count: number;
}

/** True where a hand can lay a bead of that size with that rod. */
function canLay(rod: BurnedRod, area_mm2: number): boolean {
  const { smallest, largest } = handLays_mm2(rod);
  return area_mm2 >= smallest / STRETCH && area_mm2 <= largest * STRETCH;
}

/**
 * Goes on with other sizes of a class where a tin runs short: pass by pass, and inside the pass from where the rods end.
 * The beads keep their size, so the section stays full; the pace of the hand changes. Spoil is counted in.
 * @param onHand rods of the main kind; @param others further kinds, in the order they are taken
 * @returns the plan with the rods shared out; the rest of the weld stays with the main kind where nothing else lays it
 */
export function mixRods(
  plan: BeadPlan,
  main: BurnedRod,
  onHand: number,
  others: readonly NextRod[],
): BeadPlan {
  const stock = [{ rod: main, left: onHand / (1 + SPOIL_SHARE) }].concat(
    others.map(({ rod, count }) => ({ rod, left: count / (1 + SPOIL_SHARE) })),
  );
  const passes = plan.passes.flatMap((pass): Pass[] => {
    if (pass.rod !== main) return [pass];
    const parts: Pass[] = [];
    let from_mm = pass.from_mm;
    for (const item of stock) {
      if (from_mm >= pass.to_mm - 1e-9) break;
      if (item.left <= 1e-9 || !canLay(item.rod, pass.area_mm2)) continue;
      const whole = laid(item.rod, pass.area_mm2, pass.to_mm - from_mm);
      const to_mm = Math.min(pass.to_mm, from_mm + item.left * whole.beadPerRod_mm);
      const part = laid(item.rod, pass.area_mm2, to_mm - from_mm);
      parts.push({ ...pass, rod: item.rod, from_mm, to_mm, ...part });
      item.left -= part.rods;
      from_mm = to_mm;
    }
    if (from_mm < pass.to_mm - 1e-9)
      parts.push({ ...pass, from_mm, ...laid(main, pass.area_mm2, pass.to_mm - from_mm) });
    return parts;
  });
  return { ...plan, passes };
}
