import { buildTimeline, type Timeline, type TimelineQuestion } from './timeline';
import type { Reads } from '../judge/situation';

declare module '../judge/situation' {
  interface Situation {
    /** The job as an ordinary hand does it: what the clock on the wall says. */
    readonly timeline: Timeline | null;
    /** The job rod on rod, chipped once a pass: what the machine and its supply have to stand. */
    readonly hurried: Timeline | null;
  }
}

type Laid = Reads<'beads' | 'length_mm' | 'rest_s' | 'job' | 'heat' | 'tacks' | 'stitch_mm'>;

const by =
  (hand: TimelineQuestion['hand']) =>
  ({ beads, length_mm, rest_s, job, heat: warm, tacks, stitch_mm }: Laid): Timeline | null =>
    beads &&
    buildTimeline({
      beads,
      length_mm,
      rest_s,
      position: job.look.position,
      tacks,
      stitch_mm,
      heat: warm.holds,
      hand,
    });

/** The job laid out in time; null while nothing is laid out. */
export const timeline = by('ordinary');
export const hurried = by('hurried');
