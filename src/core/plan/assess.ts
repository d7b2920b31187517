import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import { checkJob } from '../formats/check';
import type { UnitSystem } from '../units/kinds';
import { toldThroughout } from '../units/inUnitsOf';
import type { Problem } from '../formats/check';
import type { Room } from './rooms';
import { ROOM_IDS, roomOf } from './rooms';
import type { Given, Preferred, Situation } from '../judge/situation';
import { findPreferred, likelyFails, type Trial } from './preferred';
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
  const { title, short, stop, bears, assess: read } = roomOf(id);
  return {
    id,
    read: memoizeOf((situation): Room | null => {
      const body = read(situation);
      return (
        body && { id, title, short, stop, ...(bears && { bears }), ...toldThroughout(body, situation.system) }
      );
    }),
  };
});

/**
 * Answers "how much room have I got, and where is it tightest?" Pure: same job, kit and moment, same answer. Where the first proposal shuts
 * a room, one from the truck that shuts none stands in its place.
 * @param now_ms what the clock says, ms since 1970; null leaves out what depends on it, unless the job says when it starts
 * @param preferred what was found before, to be kept: a change is judged beside it; left out, it is looked for
 */
export function assess(
  job: Job,
  kit: Kit,
  system: UnitSystem = 'metric',
  now_ms: number | null = null,
  preferred?: Preferred | null,
): Assessment {
  const given = { entered: job, kit, system, now_ms };
  const first = judge({ ...given, preferred: preferred ?? null });
  if (preferred !== undefined || first.withheld !== null) return first;
  const found = findPreferred(first.situation, first.rooms, trialOf(given));
  return found ? judge({ ...given, preferred: found }) : first;
}

/** Tries what might be proposed instead: only as much of it is worked out as it takes to find a room that it shuts. */
function trialOf(given: Omit<Given, 'preferred'>): Trial {
  // What shut one thing tried mostly shuts the next: it is asked first.
  let suspects = READERS;
  return (tried, failed) => {
    const situation = situationOf({ ...given, preferred: { ...tried, why: '' } });
    const isShut = ({ read }: (typeof READERS)[number]) => read(situation)?.state === 'none';
    if (READERS.some((reader) => failed.includes(reader.id) && isShut(reader))) return 'shut';
    const culprit = suspects.find(isShut);
    if (culprit) suspects = [culprit, ...suspects.filter((reader) => reader !== culprit)];
    if (culprit) return 'shut';
    return READERS.some(({ read }) => {
      const room = read(situation);
      return room !== null && likelyFails(room);
    })
      ? 'likely'
      : 'open';
  };
}

function judge(given: Given): Assessment {
  const { entered: job, system } = given;
  const situation = situationOf(given);
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
