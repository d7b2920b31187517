import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import { checkJob } from '../formats/check';
import type { UnitSystem } from '../units/kinds';
import { toldThroughout } from '../units/inUnitsOf';
import type { Problem } from '../formats/check';
import type { Room } from './rooms';
import { ROOM_IDS, roomOf } from './rooms';
import type { Situation } from '../judge/situation';
import type { Withheld } from '../repair/withheld';
import { memoizeOf, situationOf } from './stages';
import { byTightness } from './tightest';
import { GATE_ROOMS } from './gates';

/** A job judged: every room, tightest first, and what it rests on. */
export interface Assessment {
  situation: Situation;
  rooms: readonly Room[];
  tightest: Room | null;
  problems: readonly Problem[];
  assumed: readonly string[];
  /** Why no setting is told; null where all are. */
  withheld: Withheld | null;
}

/** Every limit, each judged again only once something that it reads has changed. */
const READERS = ROOM_IDS.map((id) => {
  const { title, short, stop, assess: read } = roomOf(id);
  return {
    id,
    read: memoizeOf((situation): Room | null => {
      const body = read(situation);
      return body && { id, title, short, stop, ...toldThroughout(body, situation.system) };
    }),
  };
});

/**
 * Answers "how much room have I got, and where is it tightest?" Pure: same job, kit and moment, same answer.
 * @param now_ms what the clock says, ms since 1970; null leaves out what depends on it, unless the job says when it starts
 */
export function assess(
  job: Job,
  kit: Kit,
  system: UnitSystem = 'metric',
  now_ms: number | null = null,
): Assessment {
  const situation = situationOf({ entered: job, kit, system, now_ms });
  const { withheld } = situation;
  const rooms = byTightness(
    READERS.filter(({ id }) => withheld === null || GATE_ROOMS.includes(id)).flatMap(
      ({ read }) => read(situation) ?? [],
    ),
  );
  return {
    situation,
    rooms,
    tightest: rooms[0] ?? null,
    problems: [...checkJob(job, system), ...situation.problems],
    assumed: withheld === null ? situation.assumed : [],
    withheld,
  };
}
