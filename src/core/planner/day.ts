import { EVERY_ORDER_TO, SPARES, SWAPS, WORTH_LEAVING_min } from '../data/day';
import { fixedChance } from '../units/chance';
import type { DayJob } from './dayWork';

/** How a day is laid: when it begins and when it gets dark, minutes after midnight, and the way between two jobs. */
export interface DayTerms {
  begins_min: number;
  /** Null: nobody minds the dark. */
  dark_min: number | null;
  walk_min: number;
}

/** A stretch of the day. */
export interface Block {
  jobId: string;
  kind: 'work' | 'walk' | 'wait';
  from_s: number;
  to_s: number;
}

/** Something that does not go together, and which jobs it is about. */
export interface Clash {
  about: 'dark' | 'window' | 'tin' | 'battery';
  jobIds: readonly string[];
  words: string;
}

/** A day of several jobs, judged as a whole. */
export interface Day {
  order: readonly string[];
  blocks: readonly Block[];
  /** When the last is done, s after the day began, and how much of it the hands stood idle. */
  done_s: number;
  idle_s: number;
  /** Waits of one job in which another was done, s. */
  filled_s: number;
  clashes: readonly Clash[];
}

/**
 * Answers "in what order, and does it fit?": jobs one after another, with the wait of one filled by another where it goes in whole, in the order
 * with the fewest clashes and of those the earliest end. Up to six jobs every order is looked at; of more, a seeded search by swaps that
 * finds the same each time.
 */
export function planDay(jobs: readonly DayJob[], terms: DayTerms): Day {
  const work = jobs.filter(({ stretches }) => stretches.length > 0);
  let best = layDay(byHaste(work), terms);
  for (const order of ordersOf(work)) {
    const day = layDay(order, terms);
    if (isBetter(day, best)) best = day;
  }
  return best;
}

const isBetter = (a: Day, b: Day): boolean =>
  a.clashes.length < b.clashes.length || (a.clashes.length === b.clashes.length && a.done_s < b.done_s - 1);

/** What presses stands first: a window, then daylight. */
const byHaste = (jobs: readonly DayJob[]): DayJob[] =>
  [...jobs].sort(
    (a, b) =>
      (a.window_s ?? Infinity) - (b.window_s ?? Infinity) || Number(b.outdoors) - Number(a.outdoors) || 0,
  );

function* ordersOf(jobs: readonly DayJob[]): Generator<DayJob[]> {
  if (jobs.length <= EVERY_ORDER_TO) yield* permutations(jobs);
  else yield* swapped(byHaste(jobs));
}

function* permutations(rest: readonly DayJob[], taken: readonly DayJob[] = []): Generator<DayJob[]> {
  if (rest.length === 0) yield [...taken];
  for (const job of rest)
    yield* permutations(
      rest.filter((other) => other !== job),
      [...taken, job],
    );
}

function* swapped(jobs: readonly DayJob[]): Generator<DayJob[]> {
  const chance = fixedChance();
  const at = () => Math.min(jobs.length - 1, Math.floor(chance() * jobs.length));
  const order = [...jobs];
  for (let n = 0; n < SWAPS; n++) {
    const [from, to] = [at(), at()];
    const [job] = order.splice(from, 1);
    if (job) order.splice(to, 0, job);
    yield [...order];
  }
}

/** Lays a day in a given order: the first that is not done is gone on with, and its waits are filled. */
export function layDay(order: readonly DayJob[], terms: DayTerms): Day {
  const walk_s = 60 * terms.walk_min;
  const next = new Map(order.map(({ id }) => [id, 0]));
  const blocks: Block[] = [];
  let clock_s = 0;
  let idle_s = 0;
  let filled_s = 0;
  let stands: string | null = null;
  const put = (jobId: string, kind: Block['kind'], for_s: number) => {
    if (for_s <= 0) return;
    blocks.push({ jobId, kind, from_s: clock_s, to_s: clock_s + for_s });
    clock_s += for_s;
  };
  const goTo = (id: string) => {
    if (stands !== null && stands !== id) put(id, 'walk', walk_s);
    stands = id;
  };
  const stretchOf = ({ id, stretches }: DayJob) => stretches[next.get(id) ?? 0];
  const done = (job: DayJob) => next.set(job.id, (next.get(job.id) ?? 0) + 1);
  /** Another job's stretch that goes whole into a wait, there and back. */
  const fits = (job: DayJob, left_s: number) => {
    const stretch = stretchOf(job);
    return (
      stretch !== undefined &&
      stretch.wait_s === 0 &&
      (ready.get(job.id) ?? 0) <= clock_s + walk_s &&
      stretch.work_s + 2 * walk_s <= left_s
    );
  };
  /** Stands until the metal or the oven is ready, and does meanwhile what goes in whole of the jobs after it. */
  const standUntil = (job: DayJob, until_s: number, later: readonly DayJob[]) => {
    if (until_s - clock_s >= 60 * WORTH_LEAVING_min.value)
      for (const other of later)
        for (let part = stretchOf(other); part && fits(other, until_s - clock_s); part = stretchOf(other)) {
          goTo(other.id);
          put(other.id, 'work', part.work_s);
          filled_s += part.work_s;
          done(other);
        }
    if (until_s <= clock_s) return;
    goTo(job.id);
    if (until_s <= clock_s) return;
    idle_s += until_s - clock_s;
    put(job.id, 'wait', until_s - clock_s);
  };
  const ready = bakedBy(order);
  order.forEach((job, n) => {
    const later = order.slice(n + 1);
    if (stretchOf(job)) standUntil(job, ready.get(job.id) ?? 0, later);
    for (let stretch = stretchOf(job); stretch; stretch = stretchOf(job)) {
      goTo(job.id);
      put(job.id, 'work', stretch.work_s);
      done(job);
      standUntil(job, clock_s + stretch.wait_s, later);
    }
  });
  const day = { order: order.map(({ id }) => id), blocks, done_s: clock_s, idle_s, filled_s };
  return { ...day, clashes: clashesOf(order, blocks, terms) };
}

/** When each job's rods are baked, s after the day begins: one oven, one way to bake after another, in the order of the jobs. */
export function bakedBy(order: readonly DayJob[]): ReadonlyMap<string, number> {
  const loads = new Map<string, number>();
  let full_s = 0;
  const ready = new Map<string, number>();
  for (const { id, oven } of order) {
    if (!oven) continue;
    if (!loads.has(oven.how)) {
      full_s += oven.bake_s;
      loads.set(oven.how, full_s);
    }
    ready.set(id, loads.get(oven.how) ?? full_s);
  }
  return ready;
}

/** What goes into the oven, with when it goes in and comes out, s; loads in their turn. */
export function ovenLoads(
  day: Day,
  jobs: readonly DayJob[],
): { rods: string; how: string; in_s: number; out_s: number }[] {
  const order = day.order.flatMap((id) => jobs.find((job) => job.id === id) ?? []);
  const ready = bakedBy(order);
  const loads = new Map<string, { rods: string; how: string; in_s: number; out_s: number }>();
  for (const { id, oven } of order) {
    if (!oven) continue;
    const out_s = ready.get(id) ?? 0;
    const load = loads.get(oven.how);
    if (load) load.rods = [...new Set([...load.rods.split(', '), oven.rods])].join(', ');
    else loads.set(oven.how, { rods: oven.rods, how: oven.how, in_s: out_s - oven.bake_s, out_s });
  }
  return [...loads.values()];
}

/** Litres to have for each engine, of the jobs of a day: what they burn at the most. */
export function fuelOf(jobs: readonly DayJob[]): { name: string; fuel_l: number }[] {
  const engines = new Map<string, number>();
  for (const { engine } of jobs)
    if (engine) engines.set(engine.name, (engines.get(engine.name) ?? 0) + engine.fuel_l);
  return [...engines].map(([name, fuel_l]) => ({ name, fuel_l }));
}

/** Clock on the wall: 13:05. */
export const clockOf = (begins_min: number, at_s: number): string => {
  const minutes = Math.round(begins_min + at_s / 60);
  return `${Math.floor(minutes / 60) % 24}:${String(minutes % 60).padStart(2, '0')}`;
};

function clashesOf(order: readonly DayJob[], blocks: readonly Block[], terms: DayTerms): Clash[] {
  const { begins_min, dark_min } = terms;
  const spanOf = (ids: readonly string[]) => {
    const own = blocks.filter(({ jobId, kind }) => ids.includes(jobId) && kind === 'work');
    return { from_s: own[0]?.from_s ?? 0, to_s: Math.max(0, ...own.map(({ to_s }) => to_s)) };
  };
  const hours = (s: number) => `${(s / 3600).toFixed(1)} h`;
  const dark = order.flatMap(({ id, title, outdoors }): Clash[] => {
    const { to_s } = spanOf([id]);
    return outdoors && dark_min !== null && begins_min + to_s / 60 > dark_min
      ? [
          {
            about: 'dark',
            jobIds: [id],
            words: `${title} stands outside and is done at ${clockOf(begins_min, to_s)}, after dark.`,
          },
        ]
      : [];
  });
  const late = order.flatMap(({ id, title, window_s }): Clash[] => {
    const { from_s, to_s } = spanOf([id]);
    return window_s !== null && to_s - from_s > window_s
      ? [
          {
            about: 'window',
            jobIds: [id],
            words: `${title} has ${hours(window_s)} from strike to packed up, and takes ${hours(to_s - from_s)} of this day.`,
          },
        ]
      : [];
  });
  const tins = [...new Map(order.flatMap(({ tin }) => (tin ? [[tin.id, tin] as const] : []))).values()];
  const damp = tins.flatMap(({ id, name, left_h }): Clash[] => {
    const users = order.filter(({ tin }) => tin?.id === id);
    const { from_s, to_s } = spanOf(users.map((job) => job.id));
    return (to_s - from_s) / 3600 > left_h
      ? [
          {
            about: 'tin',
            jobIds: users.map((job) => job.id),
            words: `${name} lies in the air for ${hours(to_s - from_s)} of this day, and has ${left_h.toFixed(1)} h: back into the oven between the jobs, or a tin each.`,
          },
        ]
      : [];
  });
  const machines = [...new Set(order.flatMap(({ battery }) => (battery ? [battery.name] : [])))];
  const empty = machines.flatMap((name): Clash[] => {
    const users = order.filter(({ battery }) => battery?.name === name);
    const share = users.reduce((sum, { battery }) => sum + (battery?.share ?? 0), 0);
    return users.length > 1 && share > 1
      ? [
          {
            about: 'battery',
            jobIds: users.map((job) => job.id),
            words: `${name} does for ${(100 / share).toFixed(0)} % of these jobs on one charge: charge it between them, or take the mains.`,
          },
        ]
      : [];
  });
  return [...dark, ...late, ...damp, ...empty];
}

/** Rods to take along for so many that are planned, by how many draws in all the plan held in. */
export function rodsToTake(needed: number, sure: { holds: number; of: number } | null): number {
  const unsure = sure && sure.of > 0 ? 1 - sure.holds / sure.of : 0;
  return Math.max(0, Math.ceil(needed * (1 + SPARES.always + SPARES.unsure * unsure) - 1e-9));
}
