import { buildTimeline, type Timeline } from './timeline';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    readonly timeline: Timeline | null;
  }
}

/** The job laid out in time; null while nothing is laid out. */
export function timeline(
  reads: Reads<'beads' | 'length_mm' | 'rest_s' | 'job' | 'heat' | 'tacks' | 'stitch_mm'>,
): Timeline | null {
  const { beads, length_mm, rest_s, job, heat: warm, tacks, stitch_mm } = reads;
  return (
    beads &&
    buildTimeline({
      beads,
      length_mm,
      rest_s,
      position: job.look.position,
      tacks,
      stitch_mm,
      heat: warm.holds,
    })
  );
}
