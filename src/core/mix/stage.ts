import { isUneven } from '../joint/geometry';
import type { MixPlan } from './mixPlan';
import { resolveMix } from './resolveMix';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    /** What rod and sides come to, stirred together; null while rod or metals are not known. */
    readonly mix: MixPlan | null;
  }
}

/** What rod and sides come to, stirred together; null while rod or metals are not known. */
export function mix(
  reads: Reads<'job' | 'wants' | 'joint' | 'rod' | 'current_A' | 'window' | 'pole' | 'beads' | 'thinShare'>,
): MixPlan | null {
  const { job, wants, joint, rod, current_A, window, pole, beads, thinShare } = reads;
  return resolveMix({
    job,
    wants,
    joint,
    rodClass: rod?.value.rodClass ?? null,
    current_A: current_A?.value ?? null,
    window,
    pole: pole?.value ?? null,
    beads,
    thinShare: isUneven(joint) ? thinShare : null,
  });
}
