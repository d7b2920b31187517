import type { RodClassId } from './rods';
import { memoryOf } from '../units/sources';

/** Most of an element that a weld metal takes up from the sides before it cracks hot, percent of the bead. */
export interface PickUp {
  rods: readonly RodClassId[];
  limits: Readonly<Record<string, number>>;
}

export const PICK_UP_SOURCE = memoryOf('handbook limits of dilution for nickel and copper weld metal');

export const PICK_UPS: readonly PickUp[] = [
  { rods: ['ENi-1', 'ENi-CI'], limits: { Fe: 40, Cr: 30 } },
  { rods: ['ENiCu-7'], limits: { Fe: 30, Cr: 8 } },
  { rods: ['ENiCrFe-2', 'ENiCrFe-3', 'ENiCrMo-3'], limits: { Fe: 50, Cu: 15, Si: 0.75 } },
  { rods: ['ECuNi'], limits: { Fe: 5, Cr: 5 } },
  { rods: ['ENiFe-CI', 'ENiFeMn-CI'], limits: { Cr: 8 } },
];

export const pickUpOf = (id: RodClassId): PickUp | null =>
  PICK_UPS.find(({ rods }) => rods.includes(id)) ?? null;
