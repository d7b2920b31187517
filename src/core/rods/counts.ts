import type { RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import { counted } from '../units/format';
import type { BeadPlan, Pass } from './beads';

/** Rods and passes of a plan, counted. */

/** The first pass that is laid with a covered rod; null where none is. */
export const stickPass = (beads: Pick<BeadPlan, 'passes'> | null): Pass | null =>
  beads?.passes.find(({ rod }) => !rod.by) ?? null;

/** The pass that is told where one has to stand for all: the first with a covered rod, or the first of all where no rod is burned. */
export const toldPass = (beads: Pick<BeadPlan, 'passes'> | null): Pass | null =>
  stickPass(beads) ?? beads?.passes[0] ?? null;

/** Covered rods that a pass takes. */
export const rodsOfPass = ({ rod, rods }: Pick<Pass, 'rod' | 'rods'>): number => (rod.by ? 0 : rods);

/** Rods that passes and tacks take, without spoil. */
export const rodsNeeded = (beads: BeadPlan): number =>
  beads.passes.reduce((sum, pass) => sum + rodsOfPass(pass), beads.tackRods);

/** Rods by class and size, without spoil, in the order they are first used. */
export function rodsByKind(beads: BeadPlan): { rodClass: RodClassId; size: RodSizeId; rods: number }[] {
  const kinds = new Map<string, { rodClass: RodClassId; size: RodSizeId; rods: number }>();
  beads.passes.forEach(({ rod, rods }, n) => {
    if (rod.by) return;
    const key = `${rod.rodClass} ${rod.size}`;
    const kind = kinds.get(key) ?? {
      rodClass: rod.rodClass,
      size: rod.size,
      rods: n === 0 ? beads.tackRods : 0,
    };
    kinds.set(key, { ...kind, rods: kind.rods + rods });
  });
  return [...kinds.values()];
}

/** Passes from end to end of the joint: one that two sizes share counts once. */
export const passCount = (beads: BeadPlan): number =>
  beads.passes.filter(({ from_mm }) => from_mm === 0).length;

/** "one pass", "six passes": as it is said after a number. */
export const passesInWords = (count: number): string => counted(count, 'pass', 'passes');
