import { GAUGES, gaugeThickness_mm, readGaugeMetal, type GaugeMetal } from './gauges';
import type { QuantityKind, UnitSystem } from './kinds';
import { ok, refuse, type Result } from './result';

/** What a typed text was understood as. `value` is in the kind's own unit. */
export interface ReadQuantity {
  value: number;
  /** How it was read, when that is more than the number typed: "16 ga steel". */
  readAs?: string;
}

/**
 * Understands a quantity as spoken: `3/32`, `1/8"`, `1 1/2 in`, `16 ga steel`, `4 mm`, `200F`, `10 knots`.
 * A bare number takes the unit of the system; a bare fraction is always inches.
 *
 * @param text what was typed; never throws, whatever it holds
 * @returns the value in the unit of `kind`, or a message that says what to type instead
 */
export function parseQuantity(text: string, kind: QuantityKind, system: UnitSystem): Result<ReadQuantity> {
  const typed = normalise(text);
  const example = kind.example[system];
  if (typed === '') return refuse(`Type a ${kind.name}, such as ${example}.`);
  if (typed.length > 40) return refuse(`Too long to be a ${kind.name}. Type something like ${example}.`);
  if (/^-|^\u2212/.test(typed)) {
    const size = parseQuantity(typed.slice(1), kind, system);
    if (kind.name !== 'temperature') return refuse(`A ${kind.name} cannot be below zero. Type ${example}.`);
    return size.ok ? negateTyped(typed.slice(1), kind, system) : size;
  }
  if (kind.name === 'size') {
    const gauge = parseGauge(typed);
    if (gauge) return gauge;
  }
  if (/\d,\d/.test(typed)) {
    const pointed = typed.replace(',', '.');
    return refuse(`A comma can mean two things. Type ${pointed} with a point if that is what you mean.`);
  }
  const split = splitNumber(typed);
  if (!split) return refuse(`"${text.trim()}" is not a ${kind.name}. Type ${example}.`);
  if (split.zeroBelow) {
    return refuse(
      `${split.number} divides by nothing${kind.name === 'size' ? ' (1/0 and 2/0 are cable sizes)' : ''}. Type ${example}.`,
    );
  }
  const unit = findUnit(split.rest, split.isFraction, kind, system);
  if (!unit) {
    const known = kind.units.map((u) => u.symbol).filter((s) => s !== '');
    return refuse(
      `"${split.rest}" is not a unit for ${kind.name}. ` +
        (known.length > 0 ? `Use ${known.join(', ')}: ${example}.` : `Type a plain number: ${example}.`),
    );
  }
  if (
    kind.name === 'size' &&
    split.rest === '' &&
    !split.isFraction &&
    split.value > 0 &&
    split.value < 0.3
  ) {
    if (system === 'metric') {
      return refuse(`${split.number} of what? Type ${split.value} in or ${split.value} mm.`);
    }
  }
  const value = split.value * unit.factor + (unit.offset ?? 0);
  if (!Number.isFinite(value)) return refuse(`That number is too large. Type ${example}.`);
  return ok({ value });
}

function negateTyped(typed: string, kind: QuantityKind, system: UnitSystem): Result<ReadQuantity> {
  const split = splitNumber(typed);
  const unit = split && findUnit(split.rest, split.isFraction, kind, system);
  if (!split || !unit) return refuse(`Type a ${kind.name}, such as ${kind.example[system]}.`);
  return ok({ value: -split.value * unit.factor + (unit.offset ?? 0) });
}

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** Lower case, single spaces, plain quotes and plain fractions. */
function normalise(text: string): string {
  return text
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (glyph) => ` ${VULGAR[glyph] ?? ''}`)
    .replace(/[″”“]/g, '"')
    .replace(/[′’‘]/g, "'")
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();
}

interface SplitNumber {
  number: string;
  value: number;
  rest: string;
  isFraction: boolean;
  zeroBelow: boolean;
}

/** Takes the leading number off: mixed (`1 1/2`, `1-1/2`), fraction (`3/32`) or decimal (`.125`, `4`). */
function splitNumber(typed: string): SplitNumber | null {
  const mixed = /^(\d{1,4})[\s-](\d{1,3})\s*\/\s*(\d{1,3})\s*-?\s*/.exec(typed);
  const plain = /^(\d{1,4})\s*\/\s*(\d{1,3})\s*-?\s*/.exec(typed);
  const fraction = mixed ?? plain;
  if (fraction) {
    const [whole, top, below] = mixed
      ? [Number(mixed[1]), Number(mixed[2]), Number(mixed[3])]
      : [0, Number(fraction[1]), Number(fraction[2])];
    return {
      number: fraction[0].trim(),
      value: below === 0 ? 0 : whole + top / below,
      rest: typed.slice(fraction[0].length).trim(),
      isFraction: true,
      zeroBelow: below === 0,
    };
  }
  const decimal = /^(\d+\.?\d*|\.\d+)\s*/.exec(typed);
  if (!decimal) return null;
  const value = Number(decimal[1]);
  return {
    number: decimal[1] ?? '',
    value,
    rest: typed.slice(decimal[0].length).trim(),
    isFraction: false,
    zeroBelow: false,
  };
}

function findUnit(word: string, isFraction: boolean, kind: QuantityKind, system: UnitSystem) {
  if (word !== '') return kind.units.find((unit) => unit.words.includes(word));
  if (isFraction && kind.name === 'size') return kind.units.find((unit) => unit.symbol === 'in');
  return kind.units[kind.bare[system]];
}

/** Reads `16 ga steel`. Null when the text is no gauge at all. */
function parseGauge(typed: string): Result<ReadQuantity> | null {
  const gauge = /^(\d{1,2})\s*-?\s*(?:ga|gauge|gage|g)\b\.?\s*(.*)$/.exec(typed);
  if (!gauge) return null;
  const number = Number(gauge[1]);
  const word = (gauge[2] ?? '').trim();
  const metal = readGaugeMetal(word);
  if (metal) {
    const thickness = gaugeThickness_mm(metal, number);
    if (thickness !== null) return ok({ value: thickness, readAs: `${number} ga ${GAUGES[metal].word}` });
    return refuse(
      `There is no ${number} ga here for ${GAUGES[metal].word}. Type the thickness in mm or inches.`,
    );
  }
  const choices = (Object.keys(GAUGES) as GaugeMetal[])
    .map((key) => ({ word: GAUGES[key].word, mm: gaugeThickness_mm(key, number) }))
    .filter((choice) => choice.mm !== null);
  if (choices.length === 0)
    return refuse(`There is no ${number} ga sheet here. Type the thickness in mm or inches.`);
  const list = choices
    .map((choice) => `${number} ga ${choice.word} (${choice.mm?.toFixed(2)} mm)`)
    .join(', ');
  return refuse(`A gauge means a different thickness for each metal. Type one of: ${list}.`);
}
