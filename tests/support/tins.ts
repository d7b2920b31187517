import type { RodClassId } from '../../src/core/data/rods';
import type { RodSizeId } from '../../src/core/data/rodSizes';
import type { Tin } from '../../src/core/formats/kit';

/** A tin with rods enough for anything, its packet silent; opened when it is said. */
export const fullTin = (
  rodClass: RodClassId,
  size: RodSizeId,
  { printed = '', openedAt }: { printed?: string; openedAt?: string } = {},
): Tin => ({
  id: `${rodClass} ${size}`,
  rodClass,
  size,
  count: 500,
  low_A: null,
  high_A: null,
  length_mm: null,
  note: '',
  printed,
  events: openedAt === undefined ? [] : [{ at: openedAt, kind: 'opened' }],
  typed: {},
});
