import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import type { UnitSystem } from '../units/kinds';
import { assess } from './assess';
import { makePlan, type Verdict } from './plan';
import type { Room } from './rooms';
import { VERDICT_WORDS } from './sheet';

/** A job at a glance: what a list of jobs says of each. */
export interface Glance {
  verdict: Verdict;
  words: string;
  tightest: Room | null;
}

/** Answers "how does this job stand?" in a line and its tightest room. */
export function glanceAt(job: Job, kit: Kit, system: UnitSystem, now_ms: number): Glance {
  const assessment = assess(job, kit, system, now_ms);
  const { verdict, summary } = makePlan(assessment);
  return {
    verdict,
    words: verdict === 'ready' ? summary : VERDICT_WORDS[verdict],
    tightest: assessment.tightest,
  };
}
