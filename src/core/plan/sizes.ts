import { ROD_SIZE_IDS, type RodSizeId } from '../data/rodSizes';
import { applyEdits } from '../formats/edits';
import { ampWindow } from '../rods/amps/amps';
import { passCount, rodsNeeded, toldPass } from '../rods/counts';
import { rodsOnHand } from '../rods/onHand';
import { assess, type Assessment } from './assess';
import type { Room } from './rooms';
import { wholeRods } from '../rods/wholeRods';

/** What a size of the class would make of a job. */
export interface SizeChoice {
  size: RodSizeId;
  current_A: number;
  passes: number;
  /** Bead of the first pass that one rod lays, mm. */
  beadPerRod_mm: number;
  runs: number;
  tieIns: number;
  rods: number;
  onHand: number | null;
  tightest: Room | null;
  taken: boolean;
}

/**
 * Answers "with which size does a rod end where I want it?": the job judged with each size of its class, amps proposed afresh.
 * Empty while no rod is chosen.
 */
export function compareSizes({ situation }: Assessment): SizeChoice[] {
  const { rod, job, kit, system, now_ms } = situation;
  if (!rod) return [];
  const { rodClass, size: taken } = rod.value;
  return ROD_SIZE_IDS.filter((size) => ampWindow(rodClass, size, null) !== null).flatMap((size) => {
    const other = assess(
      applyEdits(job, [
        { path: 'rod.rodClass', value: rodClass },
        { path: 'rod.size', value: size },
        ...(size === taken ? [] : [{ path: 'rod.current_A', value: null }]),
      ]),
      kit,
      system,
      now_ms,
      null,
    );
    const { beads, runs, current_A } = other.situation;
    const first = toldPass(beads);
    if (!beads || !runs || !first || !current_A) return [];
    return [
      {
        size,
        current_A: current_A.value,
        passes: passCount(beads),
        beadPerRod_mm: first.beadPerRod_mm,
        runs: runs.runs.length,
        tieIns: runs.tieIns.length,
        rods: wholeRods(rodsNeeded(beads)).nominal,
        onHand: rodsOnHand(kit.tins, rodClass, size),
        tightest: other.tightest,
        taken: size === taken,
      },
    ];
  });
}
