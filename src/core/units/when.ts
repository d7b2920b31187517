import { ok, refuse, type Result } from './result';

/** A moment as people say it, by the clock on the wall. */

/** The clock on the wall: what it says now, and how far it stands from the world's, minutes to be added to get there. */
export interface WallClock {
  now_ms: number;
  offset_min: number;
}

const MINUTE_ms = 60_000;
const HOUR_ms = 60 * MINUTE_ms;
const DAY_ms = 24 * HOUR_ms;
const HELP = 'Type 7:30, yesterday 16:00, tomorrow 7:00, 2 h ago, in 3 h, or 2026-03-02 07:30.';

const DAYS: Readonly<Record<string, number>> = { today: 0, yesterday: -1, tomorrow: 1 };
/** Words for so long, each written out: "months" begin like minutes and are none. */
const UNITS_ms: Readonly<Record<string, number>> = Object.fromEntries([
  ...['m', 'min', 'mins', 'minute', 'minutes'].map((word) => [word, MINUTE_ms]),
  ...['h', 'hr', 'hrs', 'hour', 'hours'].map((word) => [word, HOUR_ms]),
  ...['d', 'day', 'days'].map((word) => [word, DAY_ms]),
  ...['w', 'week', 'weeks'].map((word) => [word, 7 * DAY_ms]),
]);
/** Nothing planned or written down lies further off than this. */
const FURTHEST_ms = 10 * 366 * DAY_ms;

/**
 * Reads an hour of the day: 7, 7:30, 7.30, 17h.
 * @returns minutes after midnight, or what to type instead
 */
export function parseClock(typed: string): Result<number> {
  const [, hour = '', minute = '0'] = /^(\d{1,2})(?:[:.h](\d{2})?)?$/.exec(typed.trim().toLowerCase()) ?? [];
  const at = 60 * Number(hour) + Number(minute ?? 0);
  return hour === '' || Number(hour) > 23 || Number(minute) > 59
    ? refuse('Type an hour such as 7:00 or 17:30.')
    : ok(at);
}

/** Whether an hour of the day lies between two, over midnight where the second is the earlier; all in minutes after midnight. */
export const isBetween = (at_min: number, from_min: number, till_min: number): boolean =>
  from_min <= till_min ? at_min >= from_min && at_min < till_min : at_min >= from_min || at_min < till_min;

/**
 * Reads a moment: an hour of today, of yesterday or tomorrow, so long ago or from now, or a whole date.
 * @returns ms since 1970, or what to type instead
 */
export function parseWhen(typed: string, { now_ms, offset_min }: WallClock): Result<number> {
  const text = typed.trim().toLowerCase().replace(/\s+/g, ' ');
  if (text === 'now') return ok(now_ms);
  const span = /^(in )?(\d+(?:[.,]\d+)?) ?([a-z]+)( ago)?$/.exec(text);
  const [, ahead, amount = '', unit = '', ago] = span ?? [];
  const unit_ms = UNITS_ms[unit];
  if (unit_ms !== undefined || ahead !== undefined || ago !== undefined) {
    if (unit_ms === undefined) return refuse(`"${unit}" is not minutes, hours, days or weeks. ${HELP}`);
    const far = Number(amount.replace(',', '.')) * unit_ms;
    if (far > FURTHEST_ms) return refuse(`That is more than ten years off. ${HELP}`);
    return ok(now_ms + (ago ? -far : far));
  }
  const dated = /^(\d{4})-(\d{1,2})-(\d{1,2})(?: (\d{1,2})[:.](\d{2}))?$/.exec(text);
  if (dated) {
    const [year = 0, month = 0, day = 0, hour = 0, minute = 0] = dated
      .slice(1)
      .map((part) => Number(part ?? 0));
    const at = Date.UTC(year, month - 1, day, hour, minute);
    if (Math.abs(at - now_ms) > FURTHEST_ms) return refuse(`That is more than ten years off. ${HELP}`);
    const back = new Date(at);
    if (back.getUTCMonth() !== month - 1 || back.getUTCDate() !== day || hour > 23 || minute > 59)
      return refuse(`No such day or hour. ${HELP}`);
    return ok(at + offset_min * MINUTE_ms);
  }
  const hours = /^(?:(today|yesterday|tomorrow) )?(\d{1,2})[:.](\d{2})(?: (today|yesterday|tomorrow))?$/.exec(
    text,
  );
  if (hours) {
    const [, before, hour = '', minute = '', after] = hours;
    if (Number(hour) > 23 || Number(minute) > 59) return refuse(`No such hour. ${HELP}`);
    const midnight = Math.floor((now_ms - offset_min * MINUTE_ms) / DAY_ms) * DAY_ms;
    const day = DAYS[before ?? after ?? 'today'] ?? 0;
    return ok(
      midnight + day * DAY_ms + Number(hour) * HOUR_ms + Number(minute) * MINUTE_ms + offset_min * MINUTE_ms,
    );
  }
  return refuse(HELP);
}

/** A moment as it is read back: the hour, and the day where it is not today. */
export function sayWhen(at_ms: number, { now_ms, offset_min }: WallClock): string {
  const local = new Date(at_ms - offset_min * MINUTE_ms).toISOString();
  const today = new Date(now_ms - offset_min * MINUTE_ms).toISOString().slice(0, 10);
  const [date = '', time = ''] = local.split('T');
  const hour = time.slice(0, 5);
  if (date === today) return hour;
  const days = Math.round((Date.parse(date) - Date.parse(today)) / DAY_ms);
  if (days === -1) return `yesterday ${hour}`;
  return days === 1 ? `tomorrow ${hour}` : `${date} ${hour}`;
}
