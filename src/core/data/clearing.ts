import type { FamilyId } from './families';
import { memoryOf, OUR_JUDGEMENT, PRACTICE, type Source } from '../units/sources';
import type { TestId } from './testIds';

/**
 * What clears a metal that burns, poisons or breaks whatever is done: results of tests of its own, done soundly on bare metal. Nothing
 * else does: no name of a part, no age, no place, no other test.
 */

/** A result that clears: an outcome of a test, or a number wholly outside what the metal can show. */
export type ClearingResult = { source: Source; words: string } & (
  | { test: TestId; outcomes: readonly string[] }
  /** Density, g/cm3, with its error: all of it outside these ends. */
  | { test: 'density'; outside: readonly [low: number, high: number] }
  /** Brinell number over this. */
  | { test: 'hardness'; over: number }
  /** Brinell number under this: for what is always hard. */
  | { test: 'hardness'; under: number }
  /** Per cent of annealed copper: outside these ends. */
  | { test: 'conductivity'; outside: readonly [low: number, high: number] }
  /** Per cent of an element, with its error: all of it under this. `seen` where the instrument has to see carbon and beryllium. */
  | { test: 'chemistry'; element: string; under: number; seen?: true }
  /** The same, all of it over this: so much of another element that it cannot be this metal. */
  | { test: 'chemistry'; element: string; over: number }
);

const by = (
  test: TestId,
  outcomes: readonly string[],
  words: string,
  source: Source = PRACTICE,
): ClearingResult => ({
  test,
  outcomes,
  words,
  source,
});
const DENSITIES = memoryOf('metals handbooks, densities');
const CONTENTS = memoryOf('metals handbooks, composition limits');

const STICKS = by('magnet', ['strong'], 'a magnet sticks hard');
const OF_STEEL = by('heft', ['steel', 'heavier'], 'it is as heavy as steel');
const weighed = (low: number, high: number): ClearingResult => ({
  test: 'density',
  outside: [low, high],
  words: `weighed twice, under ${low} or over ${high} g/cm³`,
  source: DENSITIES,
});
const NOT_COPPERY = by(
  'colour',
  ['grey', 'dark-grey', 'bright', 'white', 'blue-grey', 'pink-silver'],
  'scraped, it is not red, yellow or golden',
);
const COPPERY = by('colour', ['red', 'yellow', 'red-gold'], 'scraped, it is red, yellow or golden');
const FIZZES = by(
  'caustic',
  ['black', 'bright-fizz'],
  'caustic soda fizzes on it: copper and lead do nothing',
);
/** Sparks as steel and iron throw them: no copper alloy, zinc or lead throws any. */
const SPARKS = by(
  'spark',
  ['straw-long', 'bursts-some', 'bursts-many', 'spear', 'red-short', 'straw-short', 'white-fan'],
  'a wheel throws sparks as of steel or iron',
);
const LIGHT = by('heft', ['very-light', 'light'], 'it is as light as aluminium');
const over = (element: string, percent: number): ClearingResult => ({
  test: 'chemistry',
  element,
  over: percent,
  words: `an analyser finds over ${percent} % ${element}`,
  source: CONTENTS,
});
const under = (element: string, percent: number): ClearingResult => ({
  test: 'chemistry',
  element,
  under: percent,
  words: `an analyser finds under ${percent} % ${element}`,
  source: CONTENTS,
});

/** What clears each lead-bearing copper alloy: it is not coppery, its chip is long, or the analyser finds no lead. */
const UNLEADED: readonly ClearingResult[] = [
  STICKS,
  NOT_COPPERY,
  LIGHT,
  SPARKS,
  FIZZES,
  under('Pb', 0.4),
  by('chip', ['curl'], 'a chisel raises a long curl: lead makes it break short'),
  weighed(8.25, 9.5),
];

export const CLEARING: Readonly<Partial<Record<FamilyId, readonly ClearingResult[]>>> = {
  magnesium: [
    STICKS,
    OF_STEEL,
    COPPERY,
    weighed(1.5, 2.199),
    by('caustic', ['black', 'bright-fizz'], 'caustic soda fizzes on it: magnesium does nothing'),
    under('Mg', 60),
    over('Al', 60),
  ],
  titanium: [
    STICKS,
    OF_STEEL,
    COPPERY,
    weighed(4.2, 4.9),
    by('caustic', ['black', 'bright-fizz'], 'caustic soda fizzes on it'),
    under('Ti', 50),
  ],
  'zinc-die-cast': [
    STICKS,
    COPPERY,
    LIGHT,
    SPARKS,
    weighed(6.2, 7.0),
    by('sulphate', ['stays'], 'copper sulphate leaves it alone: zinc plates with copper'),
    by('colour', ['bright', 'pink-silver'], 'scraped, it is bright silver: zinc is blue grey'),
    by('torch', ['glows'], 'it glows before it melts'),
    { test: 'hardness', over: 150, words: 'it is harder than 150 HB', source: CONTENTS },
    under('Zn', 60),
  ],
  lead: [
    STICKS,
    COPPERY,
    SPARKS,
    FIZZES,
    by('heft', ['very-light', 'light', 'half', 'steel'], 'it is no heavier than steel'),
    weighed(10, 12),
    by('colour', ['bright', 'white', 'pink-silver'], 'scraped, it is bright or white'),
    by('file', ['bites', 'hard', 'skates'], 'a file has to bite'),
    by('ring', ['rings'], 'it rings'),
    { test: 'hardness', over: 30, words: 'it is harder than 30 HB', source: CONTENTS },
    under('Pb', 50),
  ],
  'leaded-brass': UNLEADED,
  'leaded-red-brass': UNLEADED,
  'leaded-tin-bronze': UNLEADED,
  'beryllium-copper': [
    STICKS,
    NOT_COPPERY,
    LIGHT,
    SPARKS,
    FIZZES,
    weighed(8.0, 8.95),
    {
      test: 'conductivity',
      outside: [14.5, 65],
      words: 'conductivity under 14.5 or over 65 %',
      source: CONTENTS,
    },
    over('Zn', 5),
    over('Sn', 2),
    over('Al', 3),
    over('Ni', 5),
    over('Si', 1),
    {
      test: 'chemistry',
      element: 'Be',
      under: 0.05,
      seen: true,
      words: 'an analyser that sees it finds no beryllium',
      source: CONTENTS,
    },
  ],
  'white-iron': [
    by('look', ['rolled', 'extruded'], 'it is rolled: white iron is only ever cast'),
    by('file', ['soft', 'bites'], 'a file bites'),
    by('chip', ['curl', 'short'], 'a chisel raises a chip'),
    by('fracture', ['sooty', 'fibrous', 'bright-grey'], 'the break is not white'),
    by('magnet', ['none'], 'no magnet holds on it'),
    by(
      'spark',
      ['straw-long', 'bursts-some', 'bursts-many', 'spear', 'straw-short', 'none'],
      'long or bursting sparks, or none',
    ),
    { test: 'hardness', under: 300, words: 'it is softer than 300 HB', source: CONTENTS },
  ],
  'sintered-metal': [
    by('look', ['rolled', 'extruded', 'cast-sand', 'cast-die'], 'it is rolled or cast'),
    by('chip', ['curl'], 'a chisel raises a long curl'),
    by('fracture', ['fibrous'], 'the break is torn and fibrous'),
    by('ring', ['rings'], 'it rings', OUR_JUDGEMENT),
    weighed(0, 7.7),
  ],
};

/** What clears a metal; nothing where it needs no clearing. */
export const clearingOf = (family: FamilyId): readonly ClearingResult[] => CLEARING[family] ?? [];
