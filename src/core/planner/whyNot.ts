import { applyEdits } from '../formats/edits';
import type { JobEdit } from '../formats/paths';
import { assess, type Assessment } from '../plan/assess';
import type { Room } from '../plan/rooms';
import { groundOf, judgeGround, type Ground } from './option';
import { measuresOf, type Measures } from './measures';
import { waysOut, type WayOut } from './wayOut';

/** Why a combination that somebody named is not what is planned. */
export interface WhyNot {
  /** What it would come to. */
  measures: Measures;
  /** Limits that it shuts, tightest first. */
  shuts: readonly Room[];
  /** Of those, what is open as it stands. */
  newly: readonly Room[];
  /** The smallest change beside it that opens it; null where it is open, and where nothing does. */
  opens: WayOut | null;
}

/** Answers "why not ...?" for a combination: which room closes it, by how much, and what would open it with the named kept. */
export function whyNot(assessment: Assessment, edits: readonly JobEdit[]): WhyNot {
  const ground = groundOf(assessment);
  const asked = judgeGround({ ...ground, job: applyEdits(ground.job, edits) });
  const shuts = asked.rooms.filter(({ state }) => state === 'none');
  const before = new Set(assessment.rooms.filter(({ state }) => state === 'none').map(({ id }) => id));
  const fixed = edits.filter(({ value }) => value !== null).map(({ path }) => path);
  return {
    measures: measuresOf(asked),
    shuts,
    newly: shuts.filter(({ id }) => !before.has(id)),
    opens: shuts.length === 0 ? null : (waysOut(asked, fixed).ways[0] ?? null),
  };
}

/** The same on a job that is not judged yet. */
export const whyNotOn = ({ job, kit, system, now_ms }: Ground, edits: readonly JobEdit[]): WhyNot =>
  whyNot(assess(job, kit, system, now_ms), edits);
