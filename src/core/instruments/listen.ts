import { median, sampleStandardDeviation, linearRegression, mean } from 'simple-statistics';
import { ARC_BY_AMPS, BELIEVED, instrumentKind, type InstrumentId, type Tells } from '../data/instruments';
import { About, Reading } from '../formats/instrument';
import { ELEMENTS } from '../formats/elements';
import { trimmed } from '../units/format';
import { ok, refuse, type Result } from '../units/result';

/** One value that was believed, in the unit that the app keeps it in. */
export interface HeardValue {
  value: number;
  /** Half of what it may be off by; null: not said. */
  error: number | null;
}

/** One reading that was believed. */
export interface Heard {
  n: number;
  /** By its own clock, and when it came by ours, ms since 1970. */
  at_ms: number;
  came_ms: number;
  values: Readonly<Record<string, HeardValue>>;
  /** The instrument itself doubts it. */
  doubtful: boolean;
}

/** What was heard of one instrument. */
export interface Listening {
  recent: readonly Heard[];
  /** Why the latest was not believed; null where it was. */
  problem: string | null;
  /** Switched off and on again since it was first heard. */
  restarts: number;
  refused: number;
  /** Passed over because they came too fast. */
  thinned: number;
}

export const NOTHING_HEARD: Listening = { recent: [], problem: null, restarts: 0, refused: 0, thinned: 0 };

/** Reads what an instrument says of itself. */
export function readAbout(text: string): Result<About> {
  if (text.length > BELIEVED.longest)
    return refuse('What it says of itself is too long to be an instrument’s.');
  const raw = fromJson(text);
  const read = About.safeParse(raw);
  if (read.success) return ok(read.data);
  return refuse(
    raw === undefined
      ? 'Something answers there, but no instrument: type the address that its label or its page shows.'
      : `It does not speak as an instrument should: ${read.error.issues[0]?.path.join('.') || 'the whole of it'} is not right.`,
  );
}

/** JSON, or undefined where it is none; NaN is none. */
function fromJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/**
 * Takes in what an instrument sent. Never throws, whatever it is; what is not believed changes nothing but the reason told.
 * @param text as it came, @param now_ms by our clock
 */
export function hear(was: Listening, about: About, text: string, now_ms: number): Listening {
  const last = was.recent.at(-1);
  if (last && now_ms >= last.came_ms && now_ms - last.came_ms < BELIEVED.every_ms)
    return { ...was, thinned: was.thinned + 1 };
  const read = believe(about, text, now_ms);
  if (!read.ok) return { ...was, problem: read.message, refused: was.refused + 1 };
  const heard = read.value;
  // The same once more: nothing new.
  if (last && heard.n === last.n && heard.at_ms === last.at_ms) return was;
  // It counts from the start again, or is another of the same: what came before says nothing of it.
  const restarted = last !== undefined && heard.n <= last.n;
  return {
    recent: [...(restarted ? [] : was.recent), heard].slice(-BELIEVED.recent),
    problem: null,
    restarts: was.restarts + (restarted ? 1 : 0),
    refused: was.refused,
    thinned: was.thinned,
  };
}

function believe(about: About, text: string, now_ms: number): Result<Heard> {
  if (text.length > BELIEVED.longest) return refuse('It sends more than a reading can hold.');
  const raw = fromJson(text);
  if (raw === undefined) return refuse('What it sends cannot be read: it is cut off, or no number.');
  const read = Reading.safeParse(raw);
  if (!read.success)
    return refuse(
      `What it sends is no reading: ${read.error.issues[0]?.path.join('.') || 'the whole of it'} is not right.`,
    );
  const { serial, n, at, quality, values } = read.data;
  if (serial !== about.serial)
    return refuse(
      `Another instrument answers now: ${serial}, not ${about.serial}. Take this one out and add that.`,
    );
  const at_ms = Date.parse(at);
  if (at_ms > now_ms + BELIEVED.ahead_ms)
    return refuse(`Its clock is ${seconds(at_ms - now_ms)} ahead of this phone’s: set one of the two.`);
  if (at_ms < now_ms - BELIEVED.late_ms)
    return refuse(`That reading is ${seconds(now_ms - at_ms)} old: it comes late, or its clock is behind.`);
  if (quality === 'no-signal') return refuse('It has no signal: look at its probe and its battery.');
  if (quality === 'out-of-range') return refuse('It is past the end of its range.');
  const taken: Record<string, HeardValue> = {};
  for (const one of values) {
    const tells = tellsOf(about.kind, one.what);
    if (!tells) return refuse(`It tells "${one.what}", which ${named(about.kind)} does not.`);
    const value = inOurUnit(one, tells);
    if (!value.ok) return value;
    taken[one.what] = value.value;
  }
  return ok({ n, at_ms, came_ms: now_ms, values: taken, doubtful: quality === 'doubtful' });
}

const named = (kind: InstrumentId): string => {
  const { name } = instrumentKind(kind);
  return `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name.toLowerCase()}`;
};

const seconds = (ms: number): string =>
  ms < 120_000
    ? `${Math.round(ms / 1000)} s`
    : ms < 7_200_000
      ? `${Math.round(ms / 60_000)} min`
      : `${trimmed(ms / 3_600_000, 0)} h`;

/** The row of what it tells; an analyser tells elements by their symbols. */
function tellsOf(kind: InstrumentId, what: string): Tells | null {
  const { tells } = instrumentKind(kind);
  const key = kind === 'analyser' && (ELEMENTS as readonly string[]).includes(what) ? 'element' : what;
  return (Object.hasOwn(tells, key) && tells[key]) || null;
}

function inOurUnit(
  { value, unit, error }: Reading['values'][number],
  { name, kind, low, high }: Tells,
): Result<HeardValue> {
  const found = kind.units.find(({ symbol, words }) => symbol === unit || words.includes(unit.toLowerCase()));
  if (!found)
    return refuse(
      `It tells ${name} in "${unit}": ${kind.units[0]?.symbol ?? 'its own unit'} was looked for.`,
    );
  if (value === null || !Number.isFinite(value)) return refuse('It has no number to tell just now.');
  const ours = value * found.factor + (found.offset ?? 0);
  if (ours < low || ours > high)
    return refuse(`${trimmed(value, 1)} ${unit} cannot be: look at its probe, or read it again.`);
  return ok({ value: ours, error: error === null ? null : error * found.factor });
}

/** What is to be said of the instrument as it stands. */
export interface Standing {
  /** 'live': it reads; 'doubted': it reads, and what it reads is not to be trusted as it is; 'quiet': nothing comes; 'waiting': nothing came yet. */
  state: 'live' | 'doubted' | 'quiet' | 'waiting';
  /** Why, in words; empty where it is live. */
  words: string;
  /** Of the latest reading, ms. */
  age_ms: number | null;
}

/** How an instrument stands: whether it reads, and whether what it reads is to be trusted. @param now_ms by our clock */
export function standingOf({ recent, problem }: Listening, about: About, now_ms: number): Standing {
  const last = recent.at(-1);
  const quiet_ms = Math.max(BELIEVED.quiet_ms, 3 * about.every_ms);
  const age_ms = last ? Math.max(0, now_ms - last.came_ms) : null;
  if (problem !== null) return { state: 'doubted', words: problem, age_ms };
  if (!last || age_ms === null) return { state: 'waiting', words: 'Nothing came from it yet.', age_ms };
  if (age_ms > quiet_ms)
    return {
      state: 'quiet',
      words: `Nothing has come from it for ${seconds(age_ms)}: it is asked again.`,
      age_ms,
    };
  const fault = last.doubtful ? 'It doubts this reading itself.' : faultOf(recent, about.kind);
  return { state: fault === null ? 'live' : 'doubted', words: fault ?? '', age_ms };
}

/** What the readings of late give away of the instrument; null where nothing. */
function faultOf(recent: readonly Heard[], kind: InstrumentId): string | null {
  const { steady, zero, movesOver, tells } = instrumentKind(kind);
  const whats = [...new Set(recent.flatMap(({ values }) => Object.keys(values)))];
  for (const what of whats) {
    const course = recent.flatMap(({ values, at_ms }) => {
      const one = values[what];
      return one ? [{ ...one, at_ms }] : [];
    });
    const values = course.map(({ value }) => value);
    const last = values.at(-1) ?? 0;
    const error = Math.max(...course.map((one) => one.error ?? 0));
    const hangs = values.length >= BELIEVED.stuck && values.slice(-BELIEVED.stuck).every((v) => v === last);
    const isFirst = kind === 'analyser' || what === Object.keys(tells)[0];
    if (hangs && isFirst && movesOver !== null && Math.abs(last) > movesOver)
      return 'It has not moved for a while: touch its probe, or switch it off and on.';
    if (error === 0 || values.length < BELIEVED.few) continue;
    if (steady) {
      const [from] = course;
      const { m } = linearRegression(
        course.map(({ at_ms, value }) => [(at_ms - (from?.at_ms ?? 0)) / 1000, value]),
      );
      const over_s = ((course.at(-1)?.at_ms ?? 0) - (from?.at_ms ?? 0)) / 1000;
      if (
        values.length >= BELIEVED.many &&
        Math.abs(m * over_s) > BELIEVED.off * error &&
        leftOver(values) < Math.abs(m * over_s) / 2
      )
        return 'It creeps though nothing changes: let it come to the temperature here, or zero it.';
    }
    if ((steady || kind === 'thermometer') && leftOver(values) > BELIEVED.noisy * error)
      return 'It jumps about more than it should: hold it still, and look at its lead.';
    if (zero !== null && what === Object.keys(tells)[0]) {
      const idle = values.filter((v) => Math.abs(v - zero) < ARC_BY_AMPS.least_A);
      const off = idle.length >= BELIEVED.few ? median(idle) - zero : 0;
      if (Math.abs(off) > BELIEVED.off * Math.min(error, 1))
        return `It reads ${trimmed(off, 1)} A with no arc: zero it.`;
    }
  }
  return null;
}

/** How far readings jump from one to the next, as a scatter of one of them: a slow change leaves nothing of it. */
function leftOver(values: readonly number[]): number {
  const steps = values.slice(1).map((value, n) => value - (values[n] ?? value));
  return steps.length < 2 ? 0 : sampleStandardDeviation(steps) / Math.SQRT2;
}

/** What goes into a field. */
export interface Taken extends HeardValue {
  /** Of so many readings. */
  of: number;
  at_ms: number;
}

/**
 * The reading that is taken into a field: averaged as is right for its kind over what came of late.
 * @returns refused, with why, where it does not stand to be taken
 */
export function takeReading(heard: Listening, about: About, what: string, now_ms: number): Result<Taken> {
  const { state, words } = standingOf(heard, about, now_ms);
  const last = heard.recent.at(-1);
  const newest = last?.values[what];
  if (state === 'waiting' || !last || !newest) return refuse(words || 'It does not tell that.');
  if (state === 'doubted') return refuse(words);
  if (now_ms - last.came_ms > BELIEVED.stale_ms) return refuse(words);
  const { average } = instrumentKind(about.kind);
  const near = heard.recent.flatMap(({ values, came_ms }) => {
    const one = values[what];
    return one && now_ms - came_ms <= BELIEVED.stale_ms ? [one] : [];
  });
  if (average === 'none' || near.length < 3) return ok({ ...newest, of: 1, at_ms: last.at_ms });
  const values = near.map(({ value }) => value);
  const errors = near.flatMap(({ error }) => (error === null ? [] : [error]));
  return ok({
    value: average === 'median' ? median(values) : mean(values),
    error: errors.length === 0 ? null : mean(errors),
    of: values.length,
    at_ms: last.at_ms,
  });
}
