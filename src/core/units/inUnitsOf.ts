import { inchText, trimmed } from './format';
import type { UnitSystem } from './kinds';

/** Rules of thumb are written down in metric; here they are told in the system that the welder reads. */

/** A round metric length as a rule would give it in inches: the longer, the rounder. */
const GRAINS: readonly { to_mm: number; per_in: number }[] = [
  { to_mm: 3, per_in: 64 },
  { to_mm: 6, per_in: 32 },
  { to_mm: 40, per_in: 16 },
  { to_mm: 80, per_in: 8 },
  { to_mm: 200, per_in: 4 },
  { to_mm: Infinity, per_in: 2 },
];

function inches(mm: number): string {
  const { per_in } = GRAINS.find(({ to_mm }) => Math.abs(mm) < to_mm) ?? { per_in: 2 };
  const whole = Math.round((mm / 25.4) * per_in) / per_in;
  // Less than its grain: as a decimal.
  return whole === 0 ? trimmed(mm / 25.4, 2) : inchText(whole);
}

/** No crayon or torch keeps a single degree: from boiling up to the nearest five, red hot to the nearest ten. */
function fahrenheit(C: number): string {
  const grain = C >= 400 ? 10 : C >= 100 ? 5 : 1;
  return trimmed(grain * Math.round(((C * 9) / 5 + 32) / grain), 0);
}

/** Every unit that is told otherwise: its symbol in inch, and the number there. */
const OTHERWISE: Readonly<Record<string, readonly [symbol: string, number: (value: number) => string]>> = {
  // A pace is a difference: there is no freezing point in it.
  '°C an hour': ['°F an hour', (C) => trimmed((C * 9) / 5, 0)],
  '°C': ['°F', fahrenheit],
  mm: ['in', inches],
  'mm²': ['in²', (mm2) => trimmed(mm2 / 645.16, 3)],
  'mm/s': ['in/min', (mm_s) => trimmed((mm_s * 60) / 25.4, 1)],
  'm/s': ['mph', (m_s) => trimmed(m_s * 2.237, 0)],
  kg: ['lb', (kg) => trimmed(kg * 2.2046, kg < 10 ? 1 : 0)],
};

const NUMBER = '[−-]?\\d+(?:\\.\\d+)?';
/**
 * A number, or two of them, before one unit. What stands behind a middle dot or before a bracketed figure is there in both systems already; a
 * cord's section is sold in mm² everywhere.
 */
const FIGURES = new RegExp(
  `(?<![\\w.·/]|· )(${NUMBER})(?:( to | or | and |, )(${NUMBER}))? (mm²|mm/s|m/s|°C an hour|°C|mm|kg)(?![\\w²³/]| \\(\\d)`,
  'gu',
);

/** A sentence with metric figures, in the system that is asked for: "95 to 260 °C" is "203 to 500 °F". */
export const inUnitsOf = (words: string, system: UnitSystem): string =>
  system === 'metric' ? words : words.replace(FIGURES, toldFigures);

function toldFigures(
  all: string,
  one: string,
  between: string | undefined,
  two: string | undefined,
  unit: string,
  at: number,
  words: string,
): string {
  const other = OTHERWISE[unit];
  if (!other || (unit === 'mm²' && words.slice(0, at).endsWith('of '))) return all;
  const [symbol, number] = other;
  const say = (text: string) => number(Number(text.replace('−', '-')));
  return `${say(one)}${two === undefined ? '' : `${between ?? ' '}${say(two)}`} ${symbol}`;
}

/** Every text in a record told so; in metric the record itself. */
export function toldThroughout<T>(record: T, system: UnitSystem): T {
  if (system === 'metric') return record;
  const through = (value: unknown): unknown => {
    if (typeof value === 'string') return inUnitsOf(value, system);
    if (Array.isArray(value)) return value.map(through);
    if (value === null || typeof value !== 'object') return value;
    return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, through(inner)]));
  };
  return through(record) as T;
}
