import type { HeatPlan } from './heatPlan';
import { resolveHeat } from './resolveHeat';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    readonly heat: HeatPlan;
  }
}

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
