import type { RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import type { Reads } from '../judge/situation';
import { rodsByKind } from './counts';

/** Rods of one class and size that a job takes, without spoil, and what they are for. */
export interface RodKind {
  rodClass: RodClassId;
  size: RodSizeId;
  rods: number;
  use: 'butter' | 'joint';
}

/** Whether the top is laid with the rod that was named for it: one layer has no top. */
export const hasTop = ({ beads, cap }: Reads<'beads' | 'cap'>): boolean =>
  cap !== null &&
  beads?.passes.some(
    ({ rod }) => !rod.by && rod.rodClass === cap.rod.rodClass && rod.size === cap.rod.size,
  ) === true;

/** All covered rods of a job, in the order they are first used: those of a butter, then those of the joint. */
export function rodKinds({ beads, butter }: Reads<'beads' | 'butter'>): RodKind[] {
  const joint = beads ? rodsByKind(beads).map((kind): RodKind => ({ ...kind, use: 'joint' })) : [];
  if (!butter || butter.rods === null) return joint;
  const { rodClass, size, rods } = butter;
  return [{ rodClass, size, rods, use: 'butter' }, ...joint];
}

/** The same, rods of one class and size added up whatever they are for. */
export function rodsToBring(reads: Reads<'beads' | 'butter'>): Omit<RodKind, 'use'>[] {
  const kinds = new Map<string, Omit<RodKind, 'use'>>();
  for (const { rodClass, size, rods } of rodKinds(reads)) {
    const key = `${rodClass} ${size}`;
    kinds.set(key, { rodClass, size, rods: rods + (kinds.get(key)?.rods ?? 0) });
  }
  return [...kinds.values()];
}
