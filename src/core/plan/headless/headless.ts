import { readJobFile } from '../../formats/jobFile';
import { ok, refuse, type Result } from '../../units/result';
import { assess, type Assessment } from '../assess';
import { findLevers } from '../levers/levers';
import type { Lever } from '../levers/lever';
import { makePlan, type Plan } from '../plan';
import type { Room } from '../rooms';

/** What the headless runner prints. */
export interface HeadlessAnswer {
  rooms: readonly Room[];
  levers: readonly Lever[];
  plan: Plan;
}

/** Judges the text of a job file. Refused with the field that is wrong: not a job file, or sizes that cannot be so. */
export function judgeJobFile(text: string, now_ms: number | null): Result<Assessment> {
  const file = readJobFile(text);
  if (!file.ok) return file;
  const { job, kit } = file.value;
  const assessment = assess(job, kit, 'metric', now_ms);
  const problem = assessment.problems[0];
  return problem ? refuse(`job.${problem.path}: ${problem.message}`) : ok(assessment);
}

/** What the headless runner prints of a job file; refused as `judgeJobFile` does. */
export function assessJobFile(text: string, now_ms: number | null = null): Result<HeadlessAnswer> {
  const judged = judgeJobFile(text, now_ms);
  if (!judged.ok) return judged;
  const { value: assessment } = judged;
  const { entered, kit } = assessment.situation;
  return ok({
    rooms: assessment.rooms,
    levers: findLevers(entered, kit, assessment),
    plan: makePlan(assessment),
  });
}
