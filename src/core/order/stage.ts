import { resolveOrder, type OrderPlan } from './orderPlan';
import { resolvePull, type PullPlan } from './pullPlan';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    /** In what order the first pass is laid; null while nothing is laid out. */
    readonly order: OrderPlan | null;
    /** How the parts are pulled. */
    readonly pull: PullPlan;
  }
}

/** In what order the first pass is laid; null while nothing is laid out. */
export function order(
  reads: Reads<
    | 'beads'
    | 'heat'
    | 'job'
    | 'length_mm'
    | 'blow'
    | 'plate'
    | 'current_A'
    | 'holesAt_A'
    | 'joint'
    | 'melt'
    | 'rest_s'
    | 'stitch_mm'
  >,
): OrderPlan | null {
  const { beads, heat: warm, job, length_mm, plate, current_A, holesAt_A, joint, melt, rest_s } = reads;
  return resolveOrder({
    beads,
    heat: warm,
    job,
    length_mm,
    stitch_mm: reads.stitch_mm,
    blow: reads.blow,
    plate,
    current_A,
    holesAt_A,
    joint,
    melt,
    rest_s,
  });
}

/** How the parts are pulled. */
export const pull = ({
  job,
  joint,
  beads,
  heat: { input },
}: Reads<'job' | 'joint' | 'beads' | 'heat'>): PullPlan => resolvePull({ job, joint, beads, input });
