import { arcHeat_W } from '../heat/arcEnergy';
import { HeatLog, LONGEST_WAIT_s, type Cooling } from '../heat/cooling';
import type { HeatHolds } from '../heat/holds';
import { INTERPASS_MARGIN, READING_SPAN } from '../data/heatLimits';
import { RUN_DOUBT } from '../data/run';
import { runsOver_s, windowFill, type Burn } from '../power/window';
import type { RatedPoint } from '../power/duty';
import type { Range } from '../units/range';
import type { Count, CountedArc } from './count';
import type { Happened } from './happened';

/** The machine's ten minutes as they stand. */
export interface LiveDuty {
  /** How full they stand: 1 is all the plate allows. */
  fill: number;
  /** Seconds until the cut-out is to be reckoned with if the arc burns on from now; null where it never is. */
  full_in_s: number | null;
  /** Seconds to wait before one more rod goes through without it. */
  rest_s: number;
}

/** The metal beside the weld as it is reckoned. */
export interface LiveHeat {
  now_C: Range;
  ceiling_C: number | null;
  floor_C: number | null;
  /** Until the next pass may begin, s; null where nothing is to be waited for. */
  wait_s: Range | null;
  /** It has fallen under what is asked: the torch comes back first. */
  warmAgain: boolean;
  /** Times as fast as reckoned, by the thermometer; null where nobody read one. */
  faster: number | null;
  /** The last reading does not go with any pace of cooling. */
  doubted: boolean;
}

const burnsOf = (arcs: readonly CountedArc[], begun_ms: number): Burn[] =>
  arcs.map(({ from_ms, to_ms, burned_s, current_A }) => ({
    // Told afterwards, the rods are spread over their time; the busiest end is its end.
    start_s:
      to_ms === null
        ? (from_ms - begun_ms) / 1000
        : Math.max((from_ms - begun_ms) / 1000, (to_ms - begun_ms) / 1000 - burned_s),
    duration_s: burned_s,
    current_A,
  }));

/** Longest rest that is looked for, s: after ten minutes the window is empty. */
const WINDOW_s = 600;
const STEP_s = 5;

/**
 * The ten minutes that end now, and what one more rod would make of them.
 * @param next_s how long the next rod burns, or what burns has left, @param current_A at what amps
 */
export function liveDuty(
  count: Pick<Count, 'arcs' | 'on'>,
  points: readonly RatedPoint[],
  begun_ms: number,
  now_ms: number,
  next: { current_A: number; rod_s: number },
): LiveDuty | null {
  const now_s = (now_ms - begun_ms) / 1000;
  const burns = burnsOf(count.arcs, begun_ms).filter(
    ({ start_s, duration_s }) => start_s + duration_s > now_s - 2 * WINDOW_s,
  );
  const with_ = (start_s: number, duration_s: number) =>
    windowFill([...burns, { start_s, duration_s, current_A: next.current_A }], points);
  const going = with_(now_s, 2 * WINDOW_s);
  if (going.length === 0) return null;
  const fill = fillAt(windowFill(burns, points), now_s);
  const over_s = runsOver_s(going.filter(({ at_s }) => at_s >= now_s - 1e-6));
  const fits = (wait_s: number) =>
    with_(now_s + wait_s, next.rod_s).every(({ at_s, fill: full }) => at_s < now_s || full <= 1 + 1e-9);
  let rest_s = 0;
  while (rest_s < WINDOW_s && !fits(rest_s)) rest_s += STEP_s;
  return {
    fill,
    full_in_s: over_s === null ? null : Math.max(0, over_s - now_s),
    rest_s: count.on ? 0 : rest_s,
  };
}

/** How full a course stands at a time. */
function fillAt(course: ReturnType<typeof windowFill>, at_s: number): number {
  const next = course.findIndex((corner) => corner.at_s >= at_s);
  const [a, b] = [course[next - 1], course[next]];
  if (!b) return 0;
  if (!a || b.at_s === a.at_s) return b.fill;
  return a.fill + ((at_s - a.at_s) / (b.at_s - a.at_s)) * (b.fill - a.fill);
}

/** Everything that put heat into the metal, or told of it, in order, seconds since the run began. */
type HeatEvent =
  | { kind: 'warmed'; at_s: number; to_C: number }
  | { kind: 'arc'; at_s: number; energy_J: number }
  | { kind: 'reading'; at_s: number; found_C: number };

/**
 * The metal as reckoned from what was burned, put right by every reading: how much faster or slower than reckoned it cools follows from the
 * last one, and what is hotter than it could be by itself was warmed.
 * @param warmed_ms when the torch had brought it to its preheat; null where it was not
 */
export function liveHeat(
  { readings, begun_ms }: Pick<Happened, 'readings' | 'begun_ms'>,
  arcs: readonly CountedArc[],
  holds: HeatHolds,
  warmed_ms: number | null,
  now_ms: number,
): LiveHeat | null {
  if (begun_ms === null) return null;
  const since = (ms: number) => (ms - begun_ms) / 1000;
  const events: HeatEvent[] = [
    ...(warmed_ms !== null && holds.preheat_C !== null
      ? [{ kind: 'warmed' as const, at_s: since(warmed_ms), to_C: holds.preheat_C }]
      : []),
    ...arcs.map(({ from_ms, burned_s, heat_A }) => ({
      kind: 'arc' as const,
      at_s: since(from_ms) + burned_s,
      energy_J: arcHeat_W(heat_A) * burned_s,
    })),
    ...readings.map(({ at_ms, temperature_C }) => ({
      kind: 'reading' as const,
      at_s: since(at_ms),
      found_C: temperature_C,
    })),
  ].sort((a, b) => a.at_s - b.at_s);
  const now_s = since(now_ms);
  let faster = holds.cooling.faster;
  let [read, doubted] = [false, false];
  const before: HeatEvent[] = [];
  for (const event of events) {
    if (event.kind === 'reading') {
      const found = readBy(before, holds.cooling, event, faster);
      if (found.kind === 'faster') faster = found.faster;
      if (found.kind === 'warmed') before.push({ kind: 'warmed', at_s: event.at_s, to_C: event.found_C });
      doubted = found.kind === 'doubted';
      read ||= !doubted;
    } else before.push(event);
  }
  const at = (pace: number) => logOf(before, holds.cooling, pace);
  const doubt = read ? RUN_DOUBT.read : RUN_DOUBT.reckoned;
  const [slow, middle, fast] = [at(faster / (1 + doubt)), at(faster), at(faster * (1 + doubt))];
  const now_C = { low: fast.at(now_s), nominal: middle.at(now_s), high: slow.at(now_s) };
  const { ceiling_C, floor_C } = holds;
  const target_C =
    ceiling_C === null ? null : Math.max(ceiling_C * (1 - INTERPASS_MARGIN.share), floor_C ?? -Infinity);
  const wait = (log: HeatLog) =>
    target_C === null ? 0 : Math.min(LONGEST_WAIT_s, log.wait_s(now_s, target_C));
  const wait_s = { low: wait(fast), nominal: wait(middle), high: wait(slow) };
  return {
    now_C,
    ceiling_C,
    floor_C,
    wait_s: wait_s.high > 0 ? wait_s : null,
    warmAgain: floor_C !== null && now_C.nominal < floor_C - RUN_DOUBT.loose_K,
    faster: read ? faster : null,
    doubted,
  };
}

function logOf(events: readonly HeatEvent[], cooling: Cooling, faster: number): HeatLog {
  const log = new HeatLog({ ...cooling, faster });
  for (const event of events) {
    if (event.kind === 'warmed') log.warmed(event.at_s, event.to_C);
    if (event.kind === 'arc') log.laid(event.at_s, event.energy_J);
  }
  return log;
}

/** What a reading says: a pace of cooling, that it was warmed, or nothing that goes together. */
function readBy(
  before: readonly HeatEvent[],
  cooling: Cooling,
  { at_s, found_C }: { at_s: number; found_C: number },
  faster: number,
): { kind: 'faster'; faster: number } | { kind: 'warmed' } | { kind: 'doubted' } {
  const at = (pace: number) => logOf(before, cooling, pace).at(at_s);
  // Nothing has warmed it yet: what it reads is where it stands.
  if (before.length === 0)
    return found_C > cooling.air_C + RUN_DOUBT.loose_K ? { kind: 'warmed' } : { kind: 'faster', faster };
  let [low, high]: [number, number] = [READING_SPAN.low, READING_SPAN.high];
  if (found_C > at(low) + RUN_DOUBT.loose_K) return { kind: 'warmed' };
  if (found_C < at(high) - RUN_DOUBT.loose_K) return { kind: 'doubted' };
  for (let n = 0; n < 30; n++) {
    const middle = Math.sqrt(low * high);
    if (at(middle) > found_C) low = middle;
    else high = middle;
  }
  return { kind: 'faster', faster: Math.sqrt(low * high) };
}
