import { rodClass, type RodClassId } from '../data/rods';
import { ROD_SIZES, STUB_mm, type RodSizeId } from '../data/rodSizes';
import { clamp } from './amps';

/** One pass: a bead laid from end to end of the joint. */
export interface Pass {
  role: 'single' | 'root' | 'fill' | 'cap';
  area_mm2: number;
  /** Travel, mm per second, that lays that area at the planned amps. */
  travel_mm_s: number;
  rods: number;
}

/** The passes that fill a joint and what each rod lays of them. */
export interface BeadPlan {
  passes: readonly Pass[];
  /** Bead one rod lays at the pass area, mm. */
  beadPerRod_mm: number;
  /** Arc time of one whole rod, s. */
  arcPerRod_s: number;
  /** Section asked for, mm2; the passes may overfill it where a bead cannot be laid that small. */
  wanted_mm2: number;
  oversize: boolean;
}

/** Pace of a hand-held rod on steel, mm/s. Ours, read off the jobs the melt-through fit was made on: they ran at 2.2 to 2.9. */
const PACE_FASTEST_mm_s = 2.75;
const PACE_SLOWEST_mm_s = 1.3;
/** Aluminium is run about twice as fast. */
const ALUMINIUM_PACE = 2;

/** Weld metal one rod lays: core area x (length - stub) x recovery, mm3. */
export function depositPerRod_mm3(id: RodClassId, size: RodSizeId): number {
  const { diameter_mm, length_mm } = ROD_SIZES[size];
  return (Math.PI / 4) * diameter_mm ** 2 * (length_mm - STUB_mm) * rodClass(id).recovery;
}

/** Seconds one rod burns at so many amps. */
export const arcPerRod_s = (id: RodClassId, size: RodSizeId, current_A: number): number =>
  depositPerRod_mm3(id, size) / (rodClass(id).deposit_mm3_As * current_A);

/**
 * Lays a joint out in passes: as few as a hand-held pace allows, all of one size.
 * @param area_mm2 section to fill
 * @param length_mm length of the joint
 */
export function planBeads(
  id: RodClassId,
  size: RodSizeId,
  current_A: number,
  area_mm2: number,
  length_mm: number,
): BeadPlan {
  const row = rodClass(id);
  const pace = row.coating === 'aluminium' ? ALUMINIUM_PACE : 1;
  const deposit_mm3_s = row.deposit_mm3_As * current_A;
  const smallest = deposit_mm3_s / (PACE_FASTEST_mm_s * pace);
  const largest = deposit_mm3_s / (PACE_SLOWEST_mm_s * pace);
  const count = clamp(Math.ceil(area_mm2 / largest - 1e-9), 1, 60);
  const each = Math.max(area_mm2 / count, smallest);
  const beadPerRod_mm = depositPerRod_mm3(id, size) / each;
  const rods = length_mm / beadPerRod_mm;
  const role = (index: number): Pass['role'] =>
    count === 1 ? 'single' : index === 0 ? 'root' : index === count - 1 ? 'cap' : 'fill';
  return {
    passes: Array.from({ length: count }, (_, index) => ({
      role: role(index),
      area_mm2: each,
      travel_mm_s: deposit_mm3_s / each,
      rods,
    })),
    beadPerRod_mm,
    arcPerRod_s: arcPerRod_s(id, size, current_A),
    wanted_mm2: area_mm2,
    oversize: each * count > area_mm2 * 1.25,
  };
}

/** Rods the passes take, without spoil. */
export const rodsNeeded = (beads: BeadPlan): number => beads.passes.reduce((sum, pass) => sum + pass.rods, 0);
