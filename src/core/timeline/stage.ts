import { buildTimeline, type Timeline } from './timeline';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    readonly timeline: Timeline | null;
  }
}

/** The job laid out in time; null while nothing is laid out. */
export function timeline(
  reads: Reads<'beads' | 'length_mm' | 'rest_s' | 'job' | 'heat' | 'tacks'>,
): Timeline | null {
  const { beads, length_mm, rest_s, job, heat: warm, tacks } = reads;
  return (
    beads &&
    buildTimeline({
      beads,
      length_mm,
      rest_s,
      position: job.look.position,
      tacks,
      heat: warm.holds,
    })
  );
}
