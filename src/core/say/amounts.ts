import type { JobNumberPath } from '../formats/paths';
import { inWords } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { AddChip, Sentence } from './sentence';
import { at } from './sizes';

/** What is meant by freezing, where no figure is said. Our judgement. */
const FREEZING_C = -2;

/** Takes a number with its words out of a sentence, where the field takes it. */
const numberIn =
  (sentence: Sentence, system: UnitSystem, chip: AddChip) =>
  (
    id: string,
    path: JobNumberPath,
    pattern: RegExp,
    value: (match: RegExpExecArray) => number,
    means: (value: number) => string,
  ): void => {
    const found = sentence.takeIf(pattern, (match) => {
      const edits = at(path, value(match), system);
      return edits && { said: match[0], value: value(match), edits };
    });
    if (found) chip(id, means(found.value), found.said, found.edits);
  };

/** How fast a wind is, and by how much a number of it is multiplied: read before lengths, as "6 m/s" begins like one. */
const WINDS: readonly (readonly [RegExp, m_s: number])[] = [
  [/\b(\d+(?:\.\d+)?) ?(?:knots?|kts?|kn)\b(?: of wind)?/, 0.514444],
  [/\b(\d+(?:\.\d+)?) ?(?:mph|miles (?:an|per) hour)(?: winds?)?/, 0.44704],
  [/\b(\d+(?:\.\d+)?) ?(?:km ?\/ ?h|kmh|kph|kilomet(?:re|er)s (?:an|per) hour)(?: winds?)?/, 1 / 3.6],
  [/\b(\d+(?:\.\d+)?) ?(?:m ?\/ ?s|met(?:re|er)s (?:a|per) second)(?: of wind)?/, 1],
];

/** Wind in figures. */
export function readWind(sentence: Sentence, system: UnitSystem, chip: AddChip): void {
  const number = numberIn(sentence, system, chip);
  const say = inWords(system);
  for (const [pattern, m_s] of WINDS)
    number('wind', 'look.wind_m_s', pattern, (match) => m_s * Number(match[1]), say.wind);
}

/** Amps, cold and time. */
export function readAmounts(sentence: Sentence, system: UnitSystem, chip: AddChip): void {
  const number = numberIn(sentence, system, chip);
  number(
    'amps',
    'rod.current_A',
    /\b(\d{2,3}) ?(?:amps?|amperes|a)\b/,
    (m) => Number(m[1]),
    (a) => `${a} A`,
  );
  const say = inWords(system);
  number(
    'air',
    'look.air_C',
    // "2F" is a position.
    /(minus |-)?(?![1-6]f\b)(\d+) ?(?:°|degrees? ?|deg ?)?(c|f|celsius|fahrenheit|degrees|°)\b|minus (\d+)\b/,
    (m) => {
      const value = m[4] === undefined ? (m[1] ? -1 : 1) * Number(m[2]) : -Number(m[4]);
      return m[3]?.startsWith('f') || (system === 'inch' && !m[3]?.startsWith('c'))
        ? ((value - 32) * 5) / 9
        : value;
    },
    say.temperature,
  );
  if (sentence.has(/\bfreezing\b|\bfrost(?:y)?\b|\bicy\b/)) {
    sentence.take(/\bfreezing\b|\bfrost(?:y)?\b|\bicy\b/);
    chip('air', `Air ${say.temperature(FREEZING_C)}`, 'freezing', [
      { path: 'look.air_C', value: FREEZING_C },
    ]);
  }
  number(
    'time',
    'look.timeWindow_s',
    /(?:in |only |have |got |within |tide in )?(\d+(?:\.\d+)?) ?(hours?|hrs?|h|minutes?|mins?)(?: to (?:do it|finish)| until \w+| before \w+)?\b/,
    (m) => Number(m[1]) * (m[2]?.startsWith('h') ? 3600 : 60),
    (s) => `${say.time(s)} to do it in`,
  );
}
