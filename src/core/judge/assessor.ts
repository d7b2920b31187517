import type { Bears, RoomBody, StopId } from './room';
import type { Situation } from './situation';

/** One limit: its title, the stop it is settled at, and how it is read off a situation. */
export interface Assessor {
  title: string;
  /** A word or two for the strip. */
  short: string;
  stop: StopId;
  /** What bears the limit; left out: the supply at Power, the piece elsewhere. */
  bears?: Bears;
  /** The room, or null where the limit does not apply to this job. */
  assess(reads: Situation): RoomBody | null;
}
