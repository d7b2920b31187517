import * as kinds from './kinds';
import { DISTANCE, DURATION, SIZE, TEMPERATURE, WIND, type QuantityKind, type UnitSystem } from './kinds';

/** Unit that a system shows a kind in. */
const shownUnit = (kind: QuantityKind, system: UnitSystem) => kind.units[kind.bare[system]] ?? kind.units[0];

/** Shows a value of `kind` in one system: "3.2 mm", "1/8 in", "90 A". Never prints NaN: nothing known is "?". */
export function formatQuantity(value: number | null, kind: QuantityKind, system: UnitSystem): string {
  const unit = shownUnit(kind, system);
  if (value === null || !Number.isFinite(value) || !unit) return '?';
  if (kind.name === 'size' && system === 'inch') return `${inchText(value / 25.4)} in`;
  // Under two minutes a clock is read in seconds.
  if (kind.name === 'time' && value < 120) return `${trimmed(value, 0)} s`;
  // Over an hour and a half in hours.
  if (kind.name === 'time' && value > 90 * 60) return `${trimmed(value / 3600, 1)} h`;
  const shown = (value - (unit.offset ?? 0)) / unit.factor;
  const text = trimmed(
    shown,
    Math.abs(shown) < 10 && kind.name === 'size' ? Math.max(1, kind.digits[system]) : kind.digits[system],
  );
  return unit.symbol === '' ? text : unit.symbol === '°' ? `${text}°` : `${text} ${unit.symbol}`;
}

/** The system asked for first, the other behind it: "1/8 in · 3.2 mm". One only where both read the same. */
export function formatBoth(value: number | null, kind: QuantityKind, system: UnitSystem): string {
  const first = formatQuantity(value, kind, system);
  const second = formatQuantity(value, kind, system === 'metric' ? 'inch' : 'metric');
  return first === second || value === null ? first : `${first} · ${second}`;
}

/** Near enough to a fraction to be called by it: 16 ga steel (0.0598) must not read as 1/16. */
const FRACTION_TOLERANCE_in = 0.0015;

/** Inches as a fraction to the nearest 1/64 when that is what it is, else as a decimal. */
export function inchText(inches: number): string {
  for (const below of [1, 2, 4, 8, 16, 32, 64]) {
    const top = Math.round(inches * below);
    if (top > 0 && Math.abs(top / below - inches) <= FRACTION_TOLERANCE_in) {
      const whole = Math.floor(top / below);
      const part = top - whole * below;
      if (part === 0) return `${whole}`;
      return whole === 0 ? `${part}/${below}` : `${whole} ${part}/${below}`;
    }
  }
  return trimmed(inches, 3);
}

/** A number to so many digits, without trailing zeros and without a minus before nothing. */
export function trimmed(value: number, digits: number): string {
  if (!Number.isFinite(value)) return '?';
  const fixed = value.toFixed(digits);
  const short = fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
  return short === '-0' ? '0' : short;
}

/** What may stand behind a number: the symbols of all units, and those that are only ever shown. */
const SYMBOLS = [
  ...Object.values(kinds).flatMap(({ units }) => units.map(({ symbol }) => symbol)),
  'h',
  'kJ',
  'kN',
];
const BEHIND_NUMBER = new RegExp(
  `(\\d) (?=(?:${[...new Set(SYMBOLS)].filter((symbol) => symbol !== '').join('|')})(?![\\p{L}\\d]))`,
  'gu',
);

/** A text whose numbers are not parted from their units at the end of a line. */
export const unparted = (text: string): string => text.replace(BEHIND_NUMBER, '$1\u00a0');

/** From here on a length is read off a tape, by sixteenths of an inch, mm. */
const TAPE_FROM_mm = 50;
const SIXTEENTH_mm = 25.4 / 16;
const onTape = (mm: number): number =>
  Math.abs(mm) < TAPE_FROM_mm ? mm : Math.round(mm / SIXTEENTH_mm) * SIXTEENTH_mm;

/** Speaks quantities in one system, for sentences: `inWords('inch').size(3.2)` is "1/8 in". */
export const inWords = (system: UnitSystem) => ({
  size: (mm: number) => formatQuantity(system === 'inch' ? onTape(mm) : mm, SIZE, system),
  distance: (m: number) => formatQuantity(m, DISTANCE, system),
  wind: (m_s: number) => formatQuantity(m_s, WIND, system),
  temperature: (c: number) => formatQuantity(c, TEMPERATURE, system),
  time: (s: number) => formatQuantity(Math.round(s), DURATION, system),
  /** A difference of temperature, which has no freezing point in it. */
  degrees: (c: number) => (system === 'metric' ? `${trimmed(c, 0)} °C` : `${trimmed((c * 9) / 5, 0)} °F`),
});

/** A count with what is counted: "1 rod", "2 rods", "? rods" where nobody knows. */
export const counted = (count: number | null | undefined, one: string, many = `${one}s`): string =>
  `${count ?? '?'} ${count === 1 ? one : many}`;

/** Two ends as they are said: "1.7 to 2.1", and "1.7" where both read the same. */
export function span(low: number, high: number, digits: number): string {
  const [from, to] = [trimmed(low, digits), trimmed(high, digits)];
  return from === to ? from : `${from} to ${to}`;
}

/** Words as they stand inside a sentence: a first capital goes, an abbreviation stays. */
export const midSentence = (words: string): string =>
  /^[A-Z]{2}/.test(words) ? words : words.charAt(0).toLowerCase() + words.slice(1);

/** Words as they stand at the start of a sentence. */
export const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
