import { DUTY_MARGIN } from '../data/limits';
import { pointsHere } from './plate/nameplate';
import { fullest, restNeeded_s, windowFill, type Burn } from './window';
import type { RatedPoint } from './duty';
import type { Choice } from '../judge/choice';
import type { Reads } from '../judge/situation';
import { dialledAmps } from '../rods/dialled';
import { buildTimeline } from '../timeline/timeline';

declare module '../judge/situation' {
  interface Situation {
    /** Rest after each rod, s. */
    readonly rest: Choice<number>;
    readonly rest_s: number;
  }
}

/** Rests are told in steps of so many seconds. */
const STEP_s = 5;

/** The rest that the welder takes after each rod; blank, the shortest that keeps the machine from cutting out in its worst ten minutes. */
export function rest(
  reads: Reads<
    'entered' | 'job' | 'plate' | 'machine' | 'beads' | 'length_mm' | 'tacks' | 'heat' | 'current_A'
  >,
): Choice<number> {
  const { entered, job, plate, beads, length_mm, tacks, heat } = reads;
  if (entered.rod.rest_s !== null) return { value: entered.rod.rest_s, by: 'you', why: 'You set it.' };
  const none: Choice<number> = { value: 0, by: 'app', why: 'The machine needs none.' };
  const amps = dialledAmps(reads);
  if (!plate || !beads || !amps) return none;
  // At the bad end of plate and dial, as its room judges it.
  const over = amps.high / amps.nominal;
  const points = pointsHere(plate, 'low');
  const burns = (rest_s: number): readonly Burn[] =>
    buildTimeline({ beads, length_mm, rest_s, position: job.look.position, tacks, heat: heat.holds })
      .events.filter((event) => event.current_A > 0)
      .map((event) => ({ ...event, current_A: event.current_A * over }));
  const holds = (at: readonly RatedPoint[], rest_s: number) => fullest(windowFill(burns(rest_s), at)) <= 1;
  if (holds(points, 0)) return none;
  const eased = points.map(({ current_A, duty }) => ({ current_A, duty: duty * (1 - DUTY_MARGIN.share) }));
  const needed = restNeeded_s(burns, eased) ?? restNeeded_s(burns, points);
  return needed === null
    ? { ...none, why: 'No rest is enough: one rod alone is too much for the machine.' }
    : {
        value: STEP_s * Math.ceil(needed / STEP_s),
        by: 'app',
        why: 'The shortest that keeps the machine from cutting out.',
      };
}

export const rest_s = ({ rest: after }: Reads<'rest'>): number => after.value;
