import { rodsOfPass } from '../rods/counts';
import { plannedAt } from './count';
import type { Job } from '../formats/job';
import type { Kit } from '../formats/kit';
import { assess, type Assessment } from '../plan/assess';
import { midSentence, trimmed } from '../units/format';
import type { RunState } from './run';

/** What reality changed of the plan, and what it does to it; the first line is what, the second why. */
export interface Changed {
  what: string;
  why: string;
  /** A limit is shut by it. */
  shuts: boolean;
}

/** How little the dial is off before it is another setting, A. */
const SAME_A = 2;

/**
 * Judges the rest again with what is really so: amps of the dial against those planned, passes as full as they were seen to be. What was done is
 * never rewritten.
 */
export function changedBy(job: Job, kit: Kit, was: Assessment, { seen, count }: RunState): Changed[] {
  const changes: Changed[] = [];
  const planned = was.situation.beads?.passes.length ?? 0;
  const more = count.passes.length - planned;
  if (more !== 0 && seen.passes.size > 0) {
    const left = count.passes.filter(({ done_ms }) => done_ms === null);
    const rods = left.reduce((sum, one) => sum + (one.like ? rodsOfPass(one.like) : 0), 0);
    changes.push({
      what: `${count.passes.length} ${count.passes.length === 1 ? 'pass' : 'passes'} instead of ${planned}.`,
      why: `${more > 0 ? 'Less' : 'More'} full than planned: ${left.length === 0 ? 'no pass to go' : `${left.length} to go, about ${Math.ceil(rods)} rods`}.`,
      shuts: false,
    });
  }
  const set_A = seen.current_A;
  const first = was.situation.current_A;
  // A root is run at amps of its own: its dial says nothing of the rest.
  const toldOf = plannedAt(was.situation.beads, seen.saidAtPass);
  if (toldOf !== null && toldOf.rod.current_A !== first?.value) return changes;
  if (set_A === null || first === null || Math.abs(set_A - first.value) <= SAME_A) return changes;
  const now = assess(
    { ...job, rod: { ...job.rod, current_A: set_A } },
    kit,
    was.situation.system,
    was.situation.now_ms,
    was.situation.preferred,
  );
  const states = new Map(was.rooms.map(({ id, state }) => [id, state]));
  const worse = now.rooms.filter(
    ({ id, state }) =>
      (state === 'none' || state === 'tight') && states.get(id) !== state && states.get(id) !== 'none',
  );
  const shut = worse.filter(({ state }) => state === 'none');
  const told = (shut.length > 0 ? shut : worse).slice(0, 2);
  changes.push({
    what: `${trimmed(set_A, 0)} A instead of ${trimmed(first.value, 0)} A.`,
    why:
      told.length === 0
        ? 'Every limit still has its room.'
        : `${shut.length > 0 ? 'Shuts' : 'Tight now'}: ${told.map((room) => `${midSentence(room.title)} (${room.now}; ${room.until})`).join(', ')}.`,
    shuts: shut.length > 0,
  });
  return changes;
}
