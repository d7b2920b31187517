import { DEPOSITION_EFFICIENCY_pct, USUAL_EFFICIENCY_pct, WELD_DENSITY_g_cm3 } from '../data/deposition';
import { rodClass, type RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import { depositPerRod_mm3 } from './hand';

/** Weight of weld metal, kg. */
export function weldWeight_kg(id: RodClassId, volume_mm3: number): number {
  const { coating } = rodClass(id);
  const kind =
    coating === 'aluminium' || coating === 'bronze'
      ? coating
      : coating === 'nickel' || coating === 'cast-iron'
        ? 'nickel'
        : 'steel';
  return (volume_mm3 * WELD_DENSITY_g_cm3[kind]) / 1e6;
}

/** Weight of so many rods as they are sold, kg: what they lay over the share of them that is laid. */
export const buyingWeight_kg = (id: RodClassId, size: RodSizeId, rods: number): number =>
  (100 * weldWeight_kg(id, rods * depositPerRod_mm3(id, size))) /
  (DEPOSITION_EFFICIENCY_pct[id] ?? USUAL_EFFICIENCY_pct.value);
