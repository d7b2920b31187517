import { ROD_CHANGE_s } from '../data/limits';
import { arcPerRod_s } from '../rods/hand';
import { permittedDuty } from './duty';
import { pointsHere } from './plate/nameplate';
import { burnsAfter } from './rest';
import {
  restNeeded_s,
  rodRhythm,
  runsOver_s,
  windowFill,
  withoutPause_A,
  type Fill,
  type RodRhythm,
} from './window';
import type { Situation } from '../judge/situation';

/** The ten-minute window along a job, and what keeps it from running over. */
export interface DutyPlan {
  /** How full it stands, corner by corner. */
  course: readonly Fill[];
  /** When it first runs over, s; null where it never does. */
  over_s: number | null;
  /** Rest after each rod that keeps it from running over, s; 0 where none is needed, null where none is enough. */
  rest_s: number | null;
  /** Largest amps that may burn without a pause. */
  steady_A: number | null;
  /** Rods in a row and the pause after them; null where rods may follow one another without end. */
  rhythm: RodRhythm | null;
}

/** Answers "how long may I weld, and when must it rest?" Null while machine, plate or job are not known. */
export function dutyPlan(situation: Situation): DutyPlan | null {
  const { plate, timeline, beads, rod, current_A, job, length_mm, tacks, heat, stitch_mm } = situation;
  if (!plate || !timeline || !beads || !rod || !current_A) return null;
  const points = pointsHere(plate);
  const duty = permittedDuty(points, current_A.value);
  if (duty === null) return null;
  const burns = (rest_s: number) => burnsAfter({ job, length_mm, tacks, heat, stitch_mm, beads }, rest_s);
  const course = windowFill(burns(situation.rest_s), points);
  return {
    course,
    over_s: runsOver_s(course),
    rest_s: restNeeded_s(burns, points),
    steady_A: withoutPause_A(points, plate.max_A?.range.nominal ?? current_A.value),
    rhythm: rodRhythm(
      duty,
      arcPerRod_s(rod.value.rodClass, rod.value.size, current_A.value, rod.value.tin?.length_mm),
      ROD_CHANGE_s,
    ),
  };
}
