import { resolveBlow, type BlowPlan } from './blowPlan';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    /** Where the arc is blown along the first pass; null while nothing burns. */
    readonly blow: BlowPlan | null;
  }
}

/** Where the arc is blown along the first pass; null while nothing burns. */
export function blow(
  reads: Reads<'job' | 'wants' | 'rod' | 'pole' | 'current_A' | 'heat' | 'beads' | 'tacks'>,
): BlowPlan | null {
  const { job, wants, rod, pole, current_A, heat: warm, beads, tacks } = reads;
  return resolveBlow({
    job,
    families: wants.families,
    rod: rod?.value ?? null,
    pole: pole?.value ?? null,
    current_A: current_A?.value ?? null,
    piece: warm.piece,
    tackEvery_mm: tacks.every_mm,
    beads,
  });
}
