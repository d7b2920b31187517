import { DUTY_MARGIN } from '../data/limits';
import { pointsHere } from './plate/nameplate';
import { restNeeded_s, type Burn } from './window';
import { derated } from './duty';
import type { Choice } from '../judge/choice';
import type { Reads } from '../judge/situation';
import type { BeadPlan } from '../rods/beads';
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

/** Every arc of the job, laid out with a rest after each rod. */
export const burnsAfter = (
  {
    job,
    beads,
    length_mm,
    tacks,
    heat,
    stitch_mm,
  }: Reads<'job' | 'length_mm' | 'tacks' | 'heat' | 'stitch_mm'> & { beads: BeadPlan },
  rest_s: number,
): Burn[] =>
  buildTimeline({
    beads,
    length_mm,
    rest_s,
    position: job.look.position,
    tacks,
    stitch_mm,
    heat: heat.holds,
    hand: 'hurried',
  }).events.filter((event) => event.current_A > 0);

/** The rest that the welder takes after each rod; blank, the shortest that keeps the machine from cutting out in its worst ten minutes. */
export function rest(
  reads: Reads<
    | 'entered'
    | 'job'
    | 'plate'
    | 'machine'
    | 'beads'
    | 'length_mm'
    | 'tacks'
    | 'heat'
    | 'current_A'
    | 'stitch_mm'
  >,
): Choice<number> {
  const { entered, job, plate, beads, length_mm, tacks, heat, stitch_mm } = reads;
  if (entered.rod.rest_s !== null) return { value: entered.rod.rest_s, by: 'you', why: 'You set it.' };
  const none: Choice<number> = { value: 0, by: 'app', why: 'The machine needs none.' };
  const amps = dialledAmps(reads);
  if (!plate || !beads || !amps) return none;
  // At the bad end of plate and dial, as its room judges it.
  const over = amps.high / amps.nominal;
  const points = pointsHere(plate, 'low');
  const burns = (rest_s: number): Burn[] =>
    burnsAfter({ job, beads, length_mm, tacks, heat, stitch_mm }, rest_s).map((burn) => ({
      ...burn,
      current_A: burn.current_A * over,
    }));
  const least_s = restNeeded_s(burns, points);
  if (least_s === 0) return none;
  if (least_s === null)
    return { ...none, why: 'No rest is enough: one rod alone is too much for the machine.' };
  const eased_s = restNeeded_s(burns, derated(points, 1 - DUTY_MARGIN.share)) ?? least_s;
  return {
    value: STEP_s * Math.ceil(eased_s / STEP_s),
    by: 'app',
    why: 'The shortest that keeps the machine from cutting out.',
  };
}

export const rest_s = ({ rest: after }: Reads<'rest'>): number => after.value;
