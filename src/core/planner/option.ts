import { FUSS_AWAY_min, FUSS_min, FUSS_OTHERWISE_min } from '../data/planner';
import { applyEdits } from '../formats/edits';
import type { Job } from '../formats/job';
import type { Kit, Machine, Supply, Tin } from '../formats/kit';
import type { Change } from '../judge/change';
import type { Given } from '../judge/situation';
import { assess, type Assessment } from '../plan/assess';

/** Where a change is had: with what is on the truck, with something fetched or bought, or on another day or in another place. */
export type Reach = 'here' | 'bring' | 'wait';

/** A change that a plan may be made of: to the job, and to what is on the truck. */
export interface Option extends Change {
  reach: Reach;
  /** What has to be put on the truck for it. */
  adds: readonly Addition[];
}

/** A thing on its shelf of the kit. */
export type Addition =
  { shelf: 'machines'; item: Machine } | { shelf: 'supplies'; item: Supply } | { shelf: 'tins'; item: Tin };

/** What is judged again and again: a job with its kit, and how it is read. */
export type Ground = Pick<Given, 'kit' | 'system' | 'now_ms'> & { job: Job };

export const groundOf = ({ situation: { entered, kit, system, now_ms } }: Assessment): Ground => ({
  job: entered,
  kit,
  system,
  now_ms,
});

/** The ground with options taken, one after another. */
export const withOptions = (ground: Ground, options: readonly Option[]): Ground => ({
  ...ground,
  job: applyEdits(
    ground.job,
    options.flatMap(({ edits }) => [...edits]),
  ),
  kit: options.flatMap(({ adds }) => [...adds]).reduce(put, ground.kit),
});

/** The kit with a thing more; first on its shelf, so that it is what is taken. */
const put = (kit: Kit, { shelf, item }: Addition): Kit => ({ ...kit, [shelf]: [item, ...kit[shelf]] });

/** Judged whole: what is left open is proposed afresh. */
export const judgeGround = ({ job, kit, system, now_ms }: Ground): Assessment =>
  assess(job, kit, system, now_ms);

/** What an option costs before the arc, minutes; what is fetched or waited for costs more than anything on the truck. */
export function fuss_min({ id, reach }: Option): number {
  const own = FUSS_min.find(([begins]) => id.startsWith(begins))?.[1] ?? FUSS_OTHERWISE_min;
  return reach === 'here' ? own : own + FUSS_AWAY_min[reach];
}

export const fussOf_min = (options: readonly Option[]): number =>
  options.reduce((sum, option) => sum + fuss_min(option), 0);

/** True where two options write the same field: only one of them can be had. */
export const collide = (a: Option, b: Option): boolean =>
  a.edits.some(({ path }) => b.edits.some((other) => other.path === path));
