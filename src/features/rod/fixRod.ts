import type { RodClassId } from '@core/data/rods';
import type { RodSizeId } from '@core/data/rodSizes';
import type { JobEdit } from '@core/formats/paths';

/** A rod fixed by hand: amps set for another rod do not carry over. */
export const fixRod = (id: RodClassId | null, size: RodSizeId | null): JobEdit[] => [
  { path: 'rod.rodClass', value: id },
  { path: 'rod.size', value: size },
  { path: 'rod.current_A', value: null },
  { path: 'typed.rod.current_A', value: undefined },
];
