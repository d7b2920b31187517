import { fireWatch_s } from '../repair/permit';
import { TROUBLES } from '../data/troubles';
import type { Job } from '../formats/job';
import { rodsOfPass } from '../rods/counts';
import { arcPerRod_s } from '../rods/hand';
import { tinVerdict } from '../rods/keeping/verdict';
import type { Assessment } from '../plan/assess';
import type { Plan } from '../plan/plan';
import { pointsHere } from '../power/plate/nameplate';
import { warm } from '../preheat/steps';
import { LONGEST_WAIT_s } from '../heat/cooling';
import { inWords, trimmed } from '../units/format';
import type { Range } from '../units/range';
import { countOf, isSetAlike, plannedAt, type Count } from './count';
import { happened, runClock_ms, type Happened } from './happened';
import { runItems, type RunItem } from './items';
import { liveDuty, liveHeat, type LiveDuty, type LiveHeat } from './live';
import { liveBreaker, type LiveBreaker } from './liveBreaker';

/** The one number that is about to bite, and how hard: 'now' is acted on, 'soon' is looked at, 'calm' is well. */
export interface Bite {
  what:
    'rod' | 'duty' | 'breaker' | 'heat' | 'cold' | 'rest' | 'tin' | 'clock' | 'trouble' | 'watch' | 'calm';
  how: 'now' | 'soon' | 'calm';
  value: string;
  words: string;
}

/** The work as it stands at a moment: where it is, what it has taken, and what comes next. */
export interface RunState {
  seen: Happened;
  count: Count;
  items: readonly RunItem[];
  /** First item that is still open; null where all is done. */
  next: RunItem | null;
  duty: LiveDuty | null;
  heat: LiveHeat | null;
  breaker: LiveBreaker | null;
  /** Amps for the next arc: said at the work, else planned for its pass. */
  current_A: number | null;
  bite: Bite;
  now_ms: number;
}

/** Why the work may not begin; null where it may. Nothing that is stopped, held back or short of room is run. */
export function whyNoRun(plan: Plan): string | null {
  switch (plan.verdict) {
    case 'ready':
    case 'technique':
      return null;
    case 'stopped':
      return 'Stopped: this is not welded.';
    case 'draft':
      return 'A draft: what is still open comes first.';
    case 'no-room':
      return 'No room: the plan is changed first.';
  }
}

/** Why no arc is struck now: what must be so first, or what has to be settled; null where one may be. */
export function whyNoArc({ seen, items }: Pick<RunState, 'seen' | 'items'>): string | null {
  const open = seen.troubles.find(({ settled, what }) => !settled && TROUBLES[what].stops);
  if (open) return TROUBLES[open.what].name;
  const arcs = items.findIndex(({ pass }) => pass !== null);
  return (
    items.slice(0, Math.max(0, arcs)).find(({ holds, state }) => holds && state === 'open')?.title ?? null
  );
}

/**
 * Answers "where am I, what comes next, and what is about to bite?" Pure: the same events, plan and moment, the same answer.
 * @param wall_ms what the clock on the wall says, ms since 1970
 */
export function runState(
  assessment: Assessment,
  plan: Plan,
  { run }: Pick<Job, 'run'>,
  wall_ms: number,
): RunState {
  const { situation } = assessment;
  const seen = happened(run.events);
  const now_ms = runClock_ms(seen, wall_ms);
  const { beads, plate, rod } = situation;
  const long_mm = rod?.value.tin?.length_mm ?? null;
  const count = countOf(seen, beads ?? { passes: [] }, long_mm, now_ms);
  const items = runItems(plan, situation, seen, count);
  const planned = plannedAt(beads, count.now ?? 1);
  // A dial that was set for the root is not that of what is laid on it.
  const dial_A = isSetAlike(plannedAt(beads, seen.saidAtPass), planned) ? seen.current_A : null;
  const current_A = dial_A ?? planned?.rod.current_A ?? null;
  const rod_s =
    planned && current_A ? arcPerRod_s(planned.rod.rodClass, planned.rod.size, current_A, long_mm) : 0;
  const duty =
    plate && current_A && seen.begun_ms !== null
      ? liveDuty(count, pointsHere(plate), seen.begun_ms, now_ms, { current_A, rod_s })
      : null;
  const warmed = seen.steps.get(warm(situation)?.title ?? '');
  const heat = liveHeat(
    seen,
    count.arcs,
    situation.heat.holds,
    warmed?.state === 'done' ? warmed.at_ms : null,
    now_ms,
  );
  const state = {
    seen,
    count,
    items,
    duty,
    heat,
    breaker: current_A === null ? null : liveBreaker(situation, count.arcs, now_ms, current_A),
    current_A,
    now_ms,
    next: items.find(({ state: at }) => at === 'open') ?? null,
  };
  return { ...state, bite: biteOf(state, assessment) };
}

const minutes = ({ low, high }: Range): string => {
  const [a, b] = [Math.floor(low / 60), Math.ceil(high / 60)];
  return a === b || b <= 1 ? `${b} min` : `${a} to ${b} min`;
};
const clock = (s: number): string => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;

/** So little is soon, s. */
const SOON_s = { rod: 15, duty: 60, breaker: 30 } as const;
/** A tin with so little of its time in the air left is told, h. */
const SOON_h = 0.5;

function biteOf(
  { seen, count, duty, heat, breaker, next, now_ms }: Omit<RunState, 'bite'>,
  { situation }: Assessment,
): Bite {
  const say = inWords(situation.system);
  const open = seen.troubles.find(({ settled, what }) => !settled && TROUBLES[what].stops);
  if (open)
    return { what: 'trouble', how: 'now', value: TROUBLES[open.what].name, words: TROUBLES[open.what].first };
  if (count.on) {
    const { left_s, left_mm, ends } = count.on;
    if (duty?.full_in_s != null && duty.full_in_s < left_s)
      return {
        what: 'duty',
        how: duty.full_in_s < SOON_s.duty ? 'now' : 'soon',
        value: clock(duty.full_in_s),
        words: 'until the machine may cut out',
      };
    if (breaker?.carries_s != null && breaker.carries_s < left_s)
      return {
        what: 'breaker',
        how: breaker.carries_s < SOON_s.breaker ? 'now' : 'soon',
        value: clock(breaker.carries_s),
        words: 'or so, and the breaker goes: end this one, and rest',
      };
    return {
      what: 'rod',
      how: left_s < SOON_s.rod ? 'now' : 'calm',
      value: `${Math.round(left_s)} s`,
      words: `left in this ${ends}, about ${say.size(Math.round(left_mm))} of bead`,
    };
  }
  if (seen.finished_ms !== null || (next === null && count.arcs.length > 0)) {
    const last_ms = Math.max(0, ...count.arcs.map(({ to_ms }) => to_ms ?? now_ms));
    const left_s = last_ms / 1000 + fireWatch_s(situation.job) - now_ms / 1000;
    return left_s > 0
      ? { what: 'watch', how: 'soon', value: clock(left_s), words: 'of fire watch to go' }
      : { what: 'calm', how: 'calm', value: 'Done', words: 'Fire watch is over.' };
  }
  if (heat?.wait_s && (next?.pass ?? 0) > 1 && (count.passes[(next?.pass ?? 1) - 1]?.arc_s ?? 0) === 0) {
    const never = heat.wait_s.low >= LONGEST_WAIT_s;
    return {
      what: 'heat',
      how: 'now',
      value: never ? say.temperature(Math.round(heat.now_C.nominal)) : minutes(heat.wait_s),
      words: `until it is down to ${say.temperature(Math.round(heat.ceiling_C ?? 0))} or less; about ${say.temperature(Math.round(heat.now_C.nominal))} now. A thermometer makes it surer.`,
    };
  }
  if (heat?.warmAgain && next?.pass != null)
    return {
      what: 'cold',
      how: 'now',
      value: say.temperature(Math.round(heat.now_C.nominal)),
      words: `reckoned: under the ${say.temperature(Math.round(heat.floor_C ?? 0))} that is asked. Warm it again and read it.`,
    };
  if (duty && duty.rest_s > 0)
    return {
      what: 'rest',
      how: 'soon',
      value: clock(duty.rest_s),
      words: 'of rest, and a whole rod goes through without the cut-out',
    };
  const tin = situation.rod?.value.tin;
  const out = tin ? tinVerdict(tin, now_ms) : null;
  if (next?.pass != null && out?.left_h != null && out.left_h < SOON_h)
    return {
      what: 'clock',
      how: out.left_h <= 0 ? 'now' : 'soon',
      value: out.left_h <= 0 ? 'Too long out' : clock(3600 * out.left_h),
      words: out.left_h <= 0 ? `these rods: ${out.act}` : 'till these rods have been out too long',
    };
  const left = rodsLeft(count, situation);
  if (next?.pass != null && left !== null && left.need > left.have)
    return {
      what: 'tin',
      how: left.have <= 0 ? 'now' : 'soon',
      value: `${trimmed(Math.max(0, left.have), 0)} rods`,
      words: `left of the tin; the rest of the joint wants about ${Math.ceil(left.need)}`,
    };
  return { what: 'calm', how: 'calm', value: '', words: '' };
}

/** Rods left of the tin that is planned with, and how many the rest of the joint wants; null where nobody counted. */
export function rodsLeft(
  count: Count,
  { rod }: Pick<Assessment['situation'], 'rod'>,
): { have: number; need: number } | null {
  const tin = rod?.value.tin;
  if (!rod || tin?.count == null) return null;
  const used =
    count.rods.find(({ rodClass, size }) => rodClass === rod.value.rodClass && size === rod.value.size)
      ?.count ?? 0;
  const need = count.passes
    .filter(({ done_ms }) => done_ms === null)
    .reduce((sum, { like, rods }) => sum + Math.max(0, (like ? rodsOfPass(like) : 0) - rods), 0);
  return { have: tin.count - used, need: need - count.inRod };
}

/** The step by which the rods that were burned are known to be off the tins. */
export const OFF_THE_TINS = 'Rods taken off the tins';

/** Rods that were burned, tin by tin, as far as the tins of the kit go: the one that is planned with first. Nothing once they are taken off. */
export function rodsOffTins(
  { count, seen }: Pick<RunState, 'count' | 'seen'>,
  { rod, kit }: Pick<Assessment['situation'], 'rod' | 'kit'>,
): { id: string; rodClass: string; size: string; had: number; left: number }[] {
  if (seen.steps.has(OFF_THE_TINS)) return [];
  return count.rods.flatMap(({ rodClass, size, count: burned }) => {
    const of = kit.tins.filter(
      (tin) => tin.rodClass === rodClass && tin.size === size && (tin.count ?? 0) > 0,
    );
    const tin = of.find(({ id }) => id === rod?.value.tin?.id) ?? of[0];
    if (!tin || tin.count === null) return [];
    return [{ id: tin.id, rodClass, size, had: tin.count, left: Math.max(0, tin.count - Math.ceil(burned)) }];
  });
}
