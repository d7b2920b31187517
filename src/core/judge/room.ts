import type { Source } from '../units/sources';
import { exactly, minus, type Range } from '../units/range';

/** How much is left, in a word. 'none': at or past the limit at the bad end of what is known. */
export type RoomState = 'roomy' | 'snug' | 'tight' | 'none' | 'unknown';

/** The unit a room is measured in; '' for a yes or no. */
export type RoomUnit =
  | 'A'
  | 'V'
  | 'mm'
  | 'min'
  | 'rods'
  | 'm/s'
  | '°C'
  | '%'
  | 'kVA'
  | 'kW'
  | 'ml'
  | 'HV'
  | 's'
  | 'kJ/mm'
  | 'FN'
  | 'G'
  | 'kN'
  | 'starts'
  | '';

/** Where in a job a thing is answered. */
export type StopId = 'look' | 'metal' | 'joint' | 'power' | 'rod' | 'heat' | 'order' | 'sheet';

/** What bears a limit: the piece, the machine, the hand that can mend it as it goes, or what feeds the arc. */
export type Bears = 'piece' | 'machine' | 'hand' | 'supply';

/** One step of how a number came about, with where it comes from and how far to trust it. */
export interface Reason {
  words: string;
  source: Source;
}

/** What a limit comes to on one job; the registry of rooms adds id, title, short and stop. */
export interface RoomBody {
  shape: 'amount' | 'yes-no';
  unit: RoomUnit;
  /** What is, and what must not be passed. Null for a yes or no, and while unknown. */
  value: Range | null;
  limit: Range | null;
  /** Limit less value (or value less limit), in the room's own unit. */
  left: Range | null;
  /** `left` as a share of the limit, or of half the window. */
  fraction: Range | null;
  state: RoomState;
  /** What the left jaw, the gap and the right jaw say. */
  now: string;
  gap: string;
  until: string;
  /** What is said instead of `gap` once the limit is passed; empty for a yes or no. */
  past: string;
  /** One word for an amount past its limit: over, short, outside. */
  lack: string;
  /** True where guessing an unknown could hurt somebody. */
  hurts: boolean;
  reasons: readonly Reason[];
  /** What would make it better known; empty where nothing would. */
  ask: string;
  /** True where it rests on what is only taken to be so: usual for a kind, or for such a piece. */
  taken?: true;
  /** True where a rule of thumb fails more likely than not: it warns, but nobody would begin with it who need not. */
  likely?: true;
}

interface Spoken {
  now: string;
  gap: string;
  until: string;
  past?: string;
  lack?: string;
  reasons: readonly Reason[];
  ask?: string;
}

/** The words of a room, whole. */
const said = ({ now, gap, until, past = '', lack = 'over', reasons, ask = '' }: Spoken) => ({
  now,
  gap,
  until,
  past,
  lack,
  reasons,
  ask,
});

/** Shares of the limit below which a room is tight, and snug. */
export const TIGHT_BELOW = 0.1;
export const SNUG_BELOW = 0.3;

/** The state of an amount, from the bad end of its range: under 0 none, under 10 % tight, under 30 % snug. */
export function stateOf(fraction: Range): RoomState {
  if (!(fraction.low >= 0)) return 'none';
  if (fraction.low < TIGHT_BELOW) return 'tight';
  return fraction.low < SNUG_BELOW ? 'snug' : 'roomy';
}

const scaled = (left: Range, by: number): Range => ({
  low: left.low / by,
  nominal: left.nominal / by,
  high: left.high / by,
});

/** A value that must stay under a limit. */
export function under(unit: RoomUnit, value: Range, limit: Range, spoken: Spoken): RoomBody {
  const left = minus(limit, value);
  const scale = limit.nominal > 0 ? limit.nominal : 1;
  const fraction = scaled(left, scale);
  return amount(unit, value, limit, left, fraction, spoken);
}

/** The same where value and limit hang together: what is left is told by itself, narrower than the two ranges apart would have it. */
export function underBy(unit: RoomUnit, value: Range, limit: Range, left: Range, spoken: Spoken): RoomBody {
  return amount(unit, value, limit, left, scaled(left, limit.nominal > 0 ? limit.nominal : 1), spoken);
}

/** A value that must stay over a limit. */
export function over(unit: RoomUnit, value: Range, limit: Range, spoken: Spoken): RoomBody {
  const left = minus(value, limit);
  return amount(unit, value, limit, left, scaled(left, limit.nominal > 0 ? limit.nominal : 1), {
    lack: 'short',
    ...spoken,
  });
}

/** A value that must stay inside a window; room is the way to the nearer end, whole at the middle. */
export function inside(
  unit: RoomUnit,
  value: Range,
  window: { low: number; high: number },
  spoken: Spoken & { lowWords: string },
): RoomBody {
  const centre = (window.low + window.high) / 2;
  const nearLow = value.nominal < centre;
  const limit = exactly(nearLow ? window.low : window.high);
  const toEdge = (v: number) => Math.min(v - window.low, window.high - v);
  const ends = [toEdge(value.low), toEdge(value.high)];
  const left = {
    low: Math.min(...ends),
    nominal: toEdge(value.nominal),
    high: Math.max(...ends, toEdge(value.nominal)),
  };
  const half = Math.max((window.high - window.low) / 2, 1e-9);
  return amount(
    unit,
    value,
    limit,
    left,
    scaled(left, half),
    nearLow ? { ...spoken, until: spoken.lowWords } : spoken,
  );
}

function amount(
  unit: RoomUnit,
  value: Range,
  limit: Range,
  left: Range,
  fraction: Range,
  spoken: Spoken,
): RoomBody {
  const finite = [value, limit, left, fraction].every(
    (r) => Number.isFinite(r.low) && Number.isFinite(r.nominal),
  );
  if (!finite) return unknown({ ...spoken, ask: spoken.ask ?? 'A number is missing.' }, false);
  return {
    shape: 'amount',
    unit,
    value,
    limit,
    left,
    fraction,
    state: stateOf(fraction),
    hurts: false,
    ...said(spoken),
  };
}

/**
 * An amount whose state goes by a rule of its own, as where two ways of reckoning are held against one another. Its share is kept
 * inside that state, so that levers and the order of rooms agree with it.
 */
export function ruled(body: RoomBody, state: Exclude<RoomState, 'unknown'>): RoomBody {
  if (body.fraction === null || body.left === null) return body;
  const [from, to] = {
    none: [-1, -1e-6],
    tight: [0, TIGHT_BELOW - 1e-6],
    snug: [TIGHT_BELOW, SNUG_BELOW - 1e-6],
    roomy: [SNUG_BELOW, 1],
  }[state] as [number, number];
  // Squeezed, not cut off: more room, at the bad end or in the middle, is still more inside one state.
  const both = body.fraction.low + body.fraction.nominal;
  const low = from + (to - from) * (Math.atan(both) / Math.PI + 0.5);
  const left = state === 'none' ? body.left : { ...body.left, nominal: Math.max(0, body.left.nominal) };
  return {
    ...body,
    left,
    fraction: { ...body.fraction, low, nominal: Math.max(low, body.fraction.nominal) },
    state,
  };
}

/** A yes or no: 'open' is roomy, 'departure' is allowed but marked and tight, 'closed' is none. */
export function yesNo(answer: 'open' | 'departure' | 'closed', spoken: Spoken): RoomBody {
  const share = { open: 1, departure: 0.05, closed: -1 }[answer];
  return {
    shape: 'yes-no',
    unit: '',
    value: null,
    limit: null,
    left: null,
    fraction: exactly(share),
    state: { open: 'roomy', departure: 'tight', closed: 'none' }[answer] as RoomState,
    hurts: false,
    ...said(spoken),
  };
}

/** Not known. `hurts` where a wrong guess could injure somebody: then it ranks with tight. */
export function unknown(spoken: Spoken & { ask: string }, hurts: boolean): RoomBody {
  return {
    shape: 'amount',
    unit: '',
    value: null,
    limit: null,
    left: null,
    fraction: null,
    state: 'unknown',
    hurts,
    ...said(spoken),
  };
}

/** How far the middle of what is known lies past a limit, as a share of the way to its good end, before it likely fails. Our judgement. */
const LIKELY_FROM = 0.25;

/**
 * A rule of thumb or a fit: it warns where its bad end fails, and closes only where its good end fails too.
 * @param gap what is said where only the bad end fails
 */
export function ofThumb(body: RoomBody, gap: string): RoomBody {
  if (body.state !== 'none' || body.left === null || body.left.high < 0) return body;
  const { nominal, high } = body.left;
  const likely = nominal < -LIKELY_FROM * (high - nominal);
  return { ...ruled(body, 'tight'), gap, ...(likely && { likely }) };
}

/**
 * A limit met only by what is usual for a kind: where that may or may not hold, it is not known, and not none.
 * @param shutBy the end that must fail before it is none: the middle, or the good one where a rule of thumb is met by a guess
 */
export function guessed(body: RoomBody, gap: string, shutBy: 'nominal' | 'high' = 'nominal'): RoomBody {
  if (body.state !== 'none' || body.left === null || body.left[shutBy] < 0) return body;
  const { now, until, reasons, ask } = body;
  return unknown({ now, gap, until, reasons, ask }, false);
}

/** An amount whose share is told against something else than its limit; its state follows. */
export const withShare = (body: RoomBody, fraction: Range): RoomBody => ({
  ...body,
  fraction,
  state: stateOf(fraction),
});

/** Marks a limit that rests on what is only taken to be so. */
export const takenSo = (body: RoomBody, isTaken = true): RoomBody =>
  isTaken ? { ...body, taken: true } : body;
