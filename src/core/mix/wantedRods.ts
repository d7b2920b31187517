import type { RodClassId } from '../data/rods';
import type { Job } from '../formats/job';
import { rodsBetween } from '../metal/rodsBetween';
import type { JointWants } from '../metal/wants';
import { rodsAfterButter } from './resolveMix';

/** Rods for the joint itself: those of the two metals, or, once one of them is buttered, those that the butter then asks. */
export function rodsForJoint({ weld, metal }: Job, wants: JointWants): readonly RodClassId[] {
  const [a, b] = [wants.sides[0]?.[0], wants.sides[1]?.[0]];
  if (!weld.butter || metal.sameBothSides || !a || !b) return wants.rods;
  const { butter } = rodsBetween(a.family, b.family);
  return butter ? rodsAfterButter(butter) : wants.rods;
}
