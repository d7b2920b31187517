import { MIXED_SIZE_STRETCH, SPOIL_SHARE } from '../data/limits';
import type { BeadPlan, Pass } from './beads';
import { handLays_mm2, laid, type BurnedRod } from './hand';

/** A rod to go on with when the first runs short, with how many of it there are. */
export interface NextRod {
  rod: BurnedRod;
  count: number;
}

/** The bead that a hand lays with a rod where one of a size is wanted, mm2: bigger where it cannot be so small; null where it cannot be so big. */
function beadWith(rod: BurnedRod, area_mm2: number): number | null {
  const { smallest, largest } = handLays_mm2(rod);
  if (area_mm2 > largest * MIXED_SIZE_STRETCH.share) return null;
  return Math.max(area_mm2, smallest / MIXED_SIZE_STRETCH.share);
}

/**
 * Goes on with other sizes of a class where a tin runs short: pass by pass, and inside the pass from where the rods end.
 * The section stays full: beads keep their size, or grow where the next rod cannot lay one so small. Spoil is counted in.
 * @param onHand rods of the main kind; @param others further kinds, in the order they are taken
 * @returns the plan with the rods shared out; the rest of the weld stays with the main kind where nothing else lays it
 */
export function mixRods(
  plan: BeadPlan,
  main: BurnedRod,
  onHand: number,
  others: readonly NextRod[],
): BeadPlan {
  const stock = [{ rod: main, left: Math.max(0, onHand / (1 + SPOIL_SHARE) - plan.tackRods) }].concat(
    others.map(({ rod, count }) => ({ rod, left: count / (1 + SPOIL_SHARE) })),
  );
  const passes = plan.passes.flatMap((pass): Pass[] => {
    if (pass.rod !== main) return [pass];
    const parts: Pass[] = [];
    let from_mm = pass.from_mm;
    for (const item of stock) {
      if (from_mm >= pass.to_mm - 1e-9) break;
      const area_mm2 = item.rod === main ? pass.area_mm2 : beadWith(item.rod, pass.area_mm2);
      if (item.left <= 1e-9 || area_mm2 === null) continue;
      const whole = laid(item.rod, area_mm2, pass.to_mm - from_mm);
      const to_mm = Math.min(pass.to_mm, from_mm + item.left * whole.beadPerRod_mm);
      const part = laid(item.rod, area_mm2, to_mm - from_mm);
      parts.push({ ...pass, rod: item.rod, area_mm2, from_mm, to_mm, ...part });
      item.left -= part.rods;
      from_mm = to_mm;
    }
    if (from_mm < pass.to_mm - 1e-9)
      parts.push({ ...pass, from_mm, ...laid(main, pass.area_mm2, pass.to_mm - from_mm) });
    return parts;
  });
  return { ...plan, passes };
}
