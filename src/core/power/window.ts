import { DUTY_PERIOD_s, permittedDuty, type RatedPoint } from './duty';

/** A stretch of arc: when, how long, at what welding current. Stretches follow one another and do not overlap. */
export interface Burn {
  start_s: number;
  duration_s: number;
  current_A: number;
}

/** How full the ten-minute window ending at a time is: 1 is all the plate allows. */
export interface Fill {
  at_s: number;
  fill: number;
}

/**
 * How full the sliding ten-minute window stands along a job. A second of arc at a current uses up one over the duty the plate permits
 * there, so that at one current the window is full at exactly that duty, and beyond the rated points what fills it goes with current
 * squared: constant I^2 X, IEC 60974-1, NEMA EW-1.
 * @returns corners of the course, in order; it runs straight between them. Empty where the plate gives no point
 */
export function windowFill(burns: readonly Burn[], points: readonly RatedPoint[]): Fill[] {
  return slidingCourse(
    burns.flatMap(({ start_s, duration_s, current_A }) => {
      const duty = permittedDuty(points, current_A);
      return duty === null || duty <= 0 ? [] : [{ start_s, duration_s, rate: 1 / (duty * DUTY_PERIOD_s) }];
    }),
  );
}

/** A stretch that adds so much to the window every second. */
interface Inflow {
  start_s: number;
  duration_s: number;
  rate: number;
}

/** What stands in the sliding ten minutes along a job: all that flowed in during the last ten. Empty where nothing did. */
export function slidingCourse(inflows: readonly Inflow[]): Fill[] {
  const rates = inflows.filter(({ duration_s }) => duration_s > 0);
  if (rates.length === 0) return [];
  // What enters at the front of the window leaves at its back ten minutes later.
  const steps = rates
    .flatMap(({ start_s, duration_s, rate }) => [
      { at_s: start_s, rate },
      { at_s: start_s + duration_s, rate: -rate },
      { at_s: start_s + DUTY_PERIOD_s, rate: -rate },
      { at_s: start_s + duration_s + DUTY_PERIOD_s, rate },
    ])
    .sort((a, b) => a.at_s - b.at_s);
  const course: Fill[] = [{ at_s: 0, fill: 0 }];
  let rate = 0;
  let fill = 0;
  let at_s = 0;
  for (const step of steps) {
    fill = Math.max(0, fill + rate * (step.at_s - at_s));
    at_s = step.at_s;
    rate += step.rate;
    course.push({ at_s, fill });
  }
  return course;
}

/** Fill allowed before it counts as over: rounding of sums. */
const HAIR = 1e-9;

/** The fullest the window gets. */
export const fullest = (course: readonly Fill[]): number =>
  course.reduce((most, { fill }) => Math.max(most, fill), 0);

/** When the window first runs over and the thermal cut-out is to be reckoned with, s; null where it never does. */
export function runsOver_s(course: readonly Fill[]): number | null {
  for (const [n, { at_s, fill }] of course.entries()) {
    if (fill <= 1 + HAIR) continue;
    const before = course[n - 1];
    if (!before) return at_s;
    return before.at_s + ((1 - before.fill) / (fill - before.fill)) * (at_s - before.at_s);
  }
  return null;
}

/** Largest welding current that may burn without a pause, A; null where the plate gives no point. */
export function withoutPause_A(points: readonly RatedPoint[], max_A: number): number | null {
  if (permittedDuty(points, max_A) === null) return null;
  let [low, high] = [0, max_A];
  if ((permittedDuty(points, high) ?? 0) >= 1) return high;
  for (let n = 0; n < 40; n++) {
    const middle = (low + high) / 2;
    if ((permittedDuty(points, middle) ?? 0) >= 1) low = middle;
    else high = middle;
  }
  return low;
}

/** Manual rods and the pause after them, as it is said: "three rods, then four minutes". */
export interface RodRhythm {
  rods: number;
  pause_s: number;
}

/**
 * How many whole rods may be burned one after another, and how long to rest then before as many again.
 * @param arc_s arc time of one rod
 * @param change_s time between two rods
 * @returns null where rods may follow one another without end; no rods where not even one fits in ten minutes
 */
export function rodRhythm(duty: number, arc_s: number, change_s: number): RodRhythm | null {
  if (arc_s <= 0 || arc_s / (arc_s + change_s) <= duty + HAIR) return null;
  const allowed_s = duty * DUTY_PERIOD_s;
  const rods = Math.floor(allowed_s / arc_s + HAIR);
  if (rods === 0) return { rods: 0, pause_s: DUTY_PERIOD_s };
  // As many rods in each ten minutes as it allows: what is left of them is the pause.
  return { rods, pause_s: Math.max(0, DUTY_PERIOD_s - rods * arc_s - (rods - 1) * change_s) };
}

/** Longest rest that is looked at, s. */
const LONGEST_REST_s = 1800;

/**
 * The shortest rest after each rod, to whole seconds, with which the window never runs over.
 * @param burnsWith lays the job out with a rest
 * @returns 0 where none is needed; null where even the longest does not do: one rod alone is too much
 */
export function restNeeded_s(
  burnsWith: (rest_s: number) => readonly Burn[],
  points: readonly RatedPoint[],
): number | null {
  const holds = (rest_s: number) => fullest(windowFill(burnsWith(rest_s), points)) <= 1 + HAIR;
  if (holds(0)) return 0;
  if (!holds(LONGEST_REST_s)) return null;
  let [low, high] = [0, LONGEST_REST_s];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}
