import type { RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import type { Tin } from '../formats/kit';

/** Rods of a class and size in the tins; null while one of those tins is not counted, 0 where there is none. */
export function rodsOnHand(tins: readonly Tin[], id: RodClassId, size: RodSizeId): number | null {
  const counts = tins.filter((tin) => tin.rodClass === id && tin.size === size).map(({ count }) => count);
  return counts.reduce<number | null>(
    (sum, count) => (sum === null || count === null ? null : sum + count),
    0,
  );
}
