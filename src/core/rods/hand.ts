import { rodClass, type RodClassId } from '../data/rods';
import { ROD_SIZES, STUB_mm, type RodSizeId } from '../data/rodSizes';
import type { PositionId } from '../data/words';
import { ampsForHeat_A, tigHeat_W } from '../heat/arcEnergy';

/** What one hand lays with one rod: pace, bead, reach. */

/** A rod as it burns in a pass. */
export interface BurnedRod {
  rodClass: RodClassId;
  size: RodSizeId;
  current_A: number;
  /** Length of a new rod, where its tin says it. */
  long_mm?: number | null;
  /** Laid by another process with no covered rod at all; the amps are that arc's. */
  by?: ByOther | null;
}

/** A pass laid without covered rods: its bead and pace, and what is told of it. */
export interface ByOther {
  process: 'tig';
  bead_mm2: number;
  pace_mm_s: number;
  /** Filler, pole and gas in a line. */
  words: string;
}

/** Amps at which a covered rod puts the same heat into the metal: what everything of heat is reckoned with. */
export const heatAmps_A = ({ by, current_A }: Pick<BurnedRod, 'by' | 'current_A'>): number =>
  by ? ampsForHeat_A(tigHeat_W(current_A)) : current_A;

/** Pace of a hand-held rod on steel, mm/s: dragged fast on sheet, slowest uphill and in a root. Common practice: 80 to 330 mm/min. */
const PACE_FASTEST_mm_s = 5.5;
const PACE_SLOWEST_mm_s = 1.3;
/**
 * Slowest that passes are planned at, mm/s: slower lays fewer beads and twice the heat. Uphill and with a rod that is whipped the pool is
 * carried slowly, and slower lying where it fills an open square gap or the metal wants the heat. Common practice: 130 to 210 mm/min lying, 85 to 145 uphill, 90 to 130 in a
 * whipped root, 105 to 160 where slow.
 */
const PACE_PLANNED_mm_s = { lying: 2.2, uphill: 1.55, whipped: 1.55, slow: 1.75 } as const;
/** Between unequal sides the pace is the thick side's: slow enough to fuse it. Read off the jobs the melt-through fit was made on. */
const PACE_UNEVEN_mm_s = 2.75;
/** No bead is smaller than its rod lays a pool wide: section over the square of the core. Common practice: legs of 1.1 to 1.4 cores. */
const LEAST_BEAD_CORES2 = 0.7;
/** Aluminium is never run slowly: its pool would run away. */
const ALUMINIUM_SLOWEST_mm_s = 2.6;
/**
 * Weld metal one rod lays: core area x (length - stub) x recovery, mm3.
 * @param long_mm how long a new rod is, where its tin says it; blank: as its size is mostly sold
 */
export function depositPerRod_mm3(id: RodClassId, size: RodSizeId, long_mm?: number | null): number {
  const { diameter_mm, length_mm } = ROD_SIZES[size];
  return (Math.PI / 4) * diameter_mm ** 2 * ((long_mm ?? length_mm) - STUB_mm) * rodClass(id).recovery;
}

/** Seconds one rod burns at so many amps. */
export const arcPerRod_s = (
  id: RodClassId,
  size: RodSizeId,
  current_A: number,
  long_mm?: number | null,
): number => depositPerRod_mm3(id, size, long_mm) / (rodClass(id).deposit_mm3_As * current_A);

/** Smallest and largest bead that a hand lays with a rod, mm2: what its arc lays at the fastest and the slowest pace. */
export function handLays_mm2(
  { rodClass: id, size, current_A }: BurnedRod,
  uneven = false,
): { smallest: number; largest: number } {
  const row = rodClass(id);
  const aluminium = row.coating === 'aluminium';
  const deposit_mm3_s = row.deposit_mm3_As * current_A;
  const largest = deposit_mm3_s / (aluminium ? ALUMINIUM_SLOWEST_mm_s : PACE_SLOWEST_mm_s);
  const fastest = uneven && !aluminium ? PACE_UNEVEN_mm_s : PACE_FASTEST_mm_s;
  const pool = LEAST_BEAD_CORES2 * ROD_SIZES[size].diameter_mm ** 2;
  return {
    smallest: Math.min(largest, Math.max(deposit_mm3_s / fastest, pool)),
    largest,
  };
}

/** Largest bead that is planned with a rod in a position, mm2: what a hand lays at the pace it goes by itself. */
export function planned_mm2(
  { rodClass: id, current_A }: BurnedRod,
  {
    position = null,
    through = false,
    big = false,
  }: { position?: PositionId | null; through?: boolean; big?: boolean },
): number {
  const { coating, deposit_mm3_As } = rodClass(id);
  const pace =
    coating === 'aluminium'
      ? ALUMINIUM_SLOWEST_mm_s
      : coating === 'cellulosic'
        ? PACE_PLANNED_mm_s.whipped
        : PACE_PLANNED_mm_s[position === 'vertical' ? 'uphill' : through || big ? 'slow' : 'lying'];
  return (deposit_mm3_As * current_A) / pace;
}

/** Bead that a hand lays by TIG before it shifts, mm. Our judgement. */
const TIG_REACH_mm = 75;

/** What a rod does of a bead: pace, reach and rods for a length. */
export function laid(rod: BurnedRod, area_mm2: number, length_mm: number) {
  if (rod.by) {
    const { pace_mm_s } = rod.by;
    return {
      travel_mm_s: pace_mm_s,
      beadPerRod_mm: TIG_REACH_mm,
      arcPerRod_s: TIG_REACH_mm / pace_mm_s,
      rods: length_mm / TIG_REACH_mm,
    };
  }
  const beadPerRod_mm = depositPerRod_mm3(rod.rodClass, rod.size, rod.long_mm) / area_mm2;
  return {
    travel_mm_s: (rodClass(rod.rodClass).deposit_mm3_As * rod.current_A) / area_mm2,
    beadPerRod_mm,
    arcPerRod_s: arcPerRod_s(rod.rodClass, rod.size, rod.current_A, rod.long_mm),
    rods: length_mm / beadPerRod_mm,
  };
}
