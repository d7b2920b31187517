import { tacksOf, buildTimeline, type Timeline } from '../timeline';
import { resolveHeat } from '../heat/resolveHeat';
import type { HeatPlan } from '../heat/heatPlan';
import type { MixPlan } from '../mix/mixPlan';
import { resolveMix } from '../mix/resolveMix';
import { resolveBlow, type BlowPlan } from '../order/blowPlan';
import { resolveOrder, type OrderPlan } from '../order/orderPlan';
import { resolvePull, type PullPlan } from '../order/pullPlan';
import { isUneven } from './rod';
import type { Reads } from '../situation';

/** What is asked of heat, what is planned, how it cools and what has to be waited for. */
export function heat(
  reads: Reads<'job' | 'kit' | 'wants' | 'joint' | 'length_mm' | 'rod' | 'hydrogen' | 'beads' | 'iron'>,
): HeatPlan {
  const { job, kit, wants, joint, length_mm, rod, hydrogen, beads, iron } = reads;
  return resolveHeat({
    job,
    kit,
    wants,
    joint,
    length_mm,
    rod: rod?.value ?? null,
    hydrogen,
    beads,
    ironWay: iron?.way.value ?? null,
  });
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

/** Where the arc is blown along the first pass; null while nothing burns. */
export function blow(
  reads: Reads<'job' | 'wants' | 'rod' | 'pole' | 'current_A' | 'heat' | 'beads'>,
): BlowPlan | null {
  const { job, wants, rod, pole, current_A, heat: warm, beads } = reads;
  return resolveBlow({
    job,
    families: wants.families,
    rod: rod?.value ?? null,
    pole: pole?.value ?? null,
    current_A: current_A?.value ?? null,
    piece: warm.piece,
    beads,
  });
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
  >,
): OrderPlan | null {
  const { beads, heat: warm, job, length_mm, plate, current_A, holesAt_A, joint, melt, rest_s } = reads;
  return resolveOrder({
    beads,
    heat: warm,
    job,
    length_mm,
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

/** The job laid out in time; null while nothing is laid out. */
export function timeline(reads: Reads<'beads' | 'length_mm' | 'rest_s' | 'job' | 'heat'>): Timeline | null {
  const { beads, length_mm, rest_s, job, heat: warm } = reads;
  return (
    beads &&
    buildTimeline({
      beads,
      length_mm,
      rest_s,
      position: job.look.position,
      tacks: tacksOf(job.joint.kind, length_mm),
      heat: warm.holds,
    })
  );
}
