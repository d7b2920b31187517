import type { Full, RunEvent } from '../formats/run';
import type { RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import type { TroubleId } from '../data/troubles';

/** An arc that burned, or burns: times on the run's own clock, ms. */
export interface Arc {
  id: string;
  from_ms: number;
  /** Null while it burns. */
  to_ms: number | null;
  /** Pass from 1; 0 for a tack. */
  pass: number;
  current_A: number;
  rodClass: RodClassId;
  size: RodSizeId;
  /** A fresh rod was put in before it. */
  freshRod: boolean;
  /** Told afterwards: so many rods, spread over its time. */
  rods: number | null;
  /** Heard rather than pressed: how sure, 0 to 1. */
  heard: number | null;
}

/** Something told that still waits for an answer, or was settled. */
export interface TroubleSeen {
  id: string;
  what: TroubleId;
  at_ms: number;
  pass: number;
  words: string;
  settled: boolean;
}

/** All that happened, read off the list of events. */
export interface Happened {
  /** First event and last, on the run's own clock, ms; null where nothing has happened. */
  begun_ms: number | null;
  last_ms: number | null;
  arcs: readonly Arc[];
  /** Amps last said at the work; null while nothing was. */
  current_A: number | null;
  /** The pass that was in hand when they were said. */
  saidAtPass: number;
  readings: readonly { at_ms: number; temperature_C: number }[];
  /** Passes that are done, and how full the joint stood after each. */
  passes: ReadonlyMap<number, { at_ms: number; full: Full }>;
  steps: ReadonlyMap<string, { at_ms: number; state: 'done' | 'skipped'; words: string }>;
  added: readonly string[];
  troubles: readonly TroubleSeen[];
  notes: readonly { at_ms: number; words: string }[];
  finished_ms: number | null;
  /** Added to what the clock says, ms: it was set back by as much. */
  clock_ms: number;
  /** What does not agree, in words. */
  odd: readonly string[];
}

const NOTHING: Happened = {
  begun_ms: null,
  last_ms: null,
  arcs: [],
  current_A: null,
  saidAtPass: 1,
  readings: [],
  passes: new Map(),
  steps: new Map(),
  added: [],
  troubles: [],
  notes: [],
  finished_ms: null,
  clock_ms: 0,
  odd: [],
};

const MINUTE_ms = 60_000;

/** Events in the order they were written down; two windows may have given the same number. */
export const inOrder = (events: Readonly<Record<string, RunEvent>>): [string, RunEvent][] =>
  Object.entries(events).sort(([a, x], [b, y]) => x.n - y.n || x.at - y.at || (a < b ? -1 : 1));

/**
 * Reads off the events what happened. Pure and total: the same events, whichever way they were stored, come to the same; a clock that was set
 * back never gives time below nothing, and is told.
 */
export function happened(events: Readonly<Record<string, RunEvent>>): Happened {
  const list = inOrder(events);
  const noArcs = new Set(list.flatMap(([, event]) => (event.kind === 'no-arc' ? [event.of] : [])));
  const settled = new Set(list.flatMap(([, event]) => (event.kind === 'settled' ? [event.of] : [])));
  const arcs: Arc[] = [];
  const odd: string[] = [];
  const passes = new Map<number, { at_ms: number; full: Full }>();
  const steps = new Map<string, { at_ms: number; state: 'done' | 'skipped'; words: string }>();
  const readings: Happened['readings'][number][] = [];
  const troubles: TroubleSeen[] = [];
  const notes: Happened['notes'][number][] = [];
  const added: string[] = [];
  let burning: Arc | null = null;
  let freshRod = false;
  let current_A: number | null = null;
  let saidAtPass = 1;
  let finished_ms: number | null = null;
  let clock_ms = 0;
  let last_ms: number | null = null;
  let begun_ms: number | null = null;

  const close = (to_ms: number) => {
    if (burning) arcs.push({ ...burning, to_ms: Math.max(burning.from_ms, to_ms) });
    burning = null;
  };

  for (const [id, event] of list) {
    let at_ms = event.at + clock_ms;
    if (last_ms !== null && at_ms < last_ms) {
      // Clocks of two windows differ by less than is worth a word.
      if (last_ms - at_ms > MINUTE_ms)
        odd.push(
          `The clock went back by ${Math.round((last_ms - at_ms) / MINUTE_ms)} min: times since then are counted on.`,
        );
      clock_ms += last_ms - at_ms;
      at_ms = last_ms;
    }
    last_ms = at_ms;
    begun_ms ??= at_ms;
    switch (event.kind) {
      case 'arc-on': {
        if (noArcs.has(id)) break;
        if (burning) close(at_ms);
        finished_ms = null;
        const { pass, rodClass, size } = event;
        burning = {
          id,
          from_ms: at_ms,
          to_ms: null,
          pass,
          current_A: event.current_A,
          rodClass,
          size,
          freshRod,
          rods: null,
          heard: event.heard ?? null,
        };
        freshRod = false;
        break;
      }
      case 'arc-off':
        close(at_ms);
        break;
      case 'rod':
        close(at_ms);
        freshRod = true;
        break;
      case 'amps':
        current_A = event.current_A;
        saidAtPass = passes.size + 1;
        break;
      case 'reading':
        readings.push({ at_ms, temperature_C: event.temperature_C });
        break;
      case 'pass-done':
        close(at_ms);
        passes.set(event.pass, { at_ms, full: event.full });
        break;
      case 'pass-again':
        passes.delete(event.pass);
        break;
      case 'step':
        if (event.state === 'open') steps.delete(event.step);
        else steps.set(event.step, { at_ms, state: event.state, words: event.words });
        break;
      case 'added':
        if (!added.includes(event.step)) added.push(event.step);
        break;
      case 'trouble':
        close(at_ms);
        troubles.push({
          id,
          what: event.what,
          at_ms,
          pass: event.pass,
          words: event.words,
          settled: settled.has(id),
        });
        break;
      case 'later': {
        const from_ms = event.from + clock_ms;
        if (from_ms > at_ms) {
          odd.push('Rods told afterwards begin after they end: not counted.');
          break;
        }
        const { pass, rodClass, size, rods } = event;
        arcs.push({
          id,
          from_ms,
          to_ms: at_ms,
          pass,
          current_A: event.current_A,
          rodClass,
          size,
          freshRod: true,
          rods,
          heard: null,
        });
        break;
      }
      case 'note':
        notes.push({ at_ms, words: event.words });
        break;
      case 'finished':
        close(at_ms);
        finished_ms = at_ms;
        break;
      case 'no-arc':
      case 'settled':
        break;
    }
  }
  if (list.length === 0) return NOTHING;
  return {
    begun_ms,
    last_ms,
    arcs: burning ? [...arcs, burning] : arcs,
    current_A,
    saidAtPass,
    readings,
    passes,
    steps,
    added,
    troubles,
    notes,
    finished_ms,
    clock_ms,
    odd,
  };
}

/** What the run's own clock says while the one on the wall says something: never before what was written down last. */
export const runClock_ms = ({ clock_ms, last_ms }: Happened, wall_ms: number): number =>
  Math.max(wall_ms + clock_ms, last_ms ?? wall_ms);

/** The number that the next event gets. */
export const nextNumber = (events: Readonly<Record<string, RunEvent>>): number =>
  Object.values(events).reduce((most, { n }) => Math.max(most, n), -1) + 1;

/** First and last arc of a work, ms since 1970, and whether it was called finished; null while none has burned. */
export function arcsOver(
  events: Readonly<Record<string, RunEvent>>,
  now_ms: number,
): { begun_ms: number; lastArc_ms: number; over: boolean } | null {
  const { arcs, finished_ms } = happened(events);
  if (arcs.length === 0) return null;
  return {
    begun_ms: Math.min(...arcs.map(({ from_ms }) => from_ms)),
    lastArc_ms: Math.max(...arcs.map(({ to_ms }) => to_ms ?? now_ms)),
    over: finished_ms !== null,
  };
}
