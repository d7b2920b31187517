import fc from 'fast-check';
import { FAMILY_IDS } from '../data/families';
import { LIKELIHOODS, type OutcomeTestId } from '../data/likelihoods';
import { METAL_TESTS, metalTest } from '../data/metalTests';
import { TEST_IDS } from '../data/testIds';
import { PART_KINDS, PART_KIND_IDS } from '../data/partKinds';
import { blankSide } from '../formats/blankJob';
import type { Evidence } from '../formats/evidence';
import type { Side } from '../formats/job';
import { sideOf, evidenceOf } from '../../../tests/support/found';
import { beliefOf, effectsOn, posterior, priorOf } from './belief';
import { EXPECTED, likelihoodOf } from './likelihood';
import { weigh } from './weigh';

const OUTCOME_TESTS = Object.keys(LIKELIHOODS) as OutcomeTestId[];
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
const shareOf = (side: Side, family: string) =>
  beliefOf(side).shares.find((entry) => entry.family === family)?.share ?? 0;
const side = (found: Parameters<typeof sideOf>[0]['found'], more: Partial<Side> = {}): Side => ({
  ...sideOf({ part: null, found }),
  ...more,
});

/** Any finding of any outcome test. */
const finding = fc
  .constantFrom(...OUTCOME_TESTS)
  .chain((test) =>
    fc.constantFrom(...Object.keys(metalTest(test).outcomes)).map((outcome) => [test, outcome] as const),
  );

describe('the tables', () => {
  test.each(OUTCOME_TESTS)('%s: every family stands in it once, with a weight for each outcome', (id) => {
    const named = LIKELIHOODS[id].flatMap(([, ...families]) => families);
    expect([...named].sort()).toEqual([...FAMILY_IDS].sort());
    const outcomes = Object.keys(METAL_TESTS[id].outcomes).length;
    for (const [weights] of LIKELIHOODS[id]) expect(weights).toHaveLength(outcomes);
  });

  test.each(TEST_IDS)('%s: the answers expected of a family sum to one, and none is impossible', (id) => {
    FAMILY_IDS.forEach((_, n) => {
      const column = EXPECTED[id].map((row) => row[n] ?? 0);
      expect(sum(column)).toBeCloseTo(1, 6);
      expect(Math.min(...column)).toBeGreaterThan(0);
    });
  });

  test('at least sixty kinds of part, each naming what it is usually made of', () => {
    expect(PART_KIND_IDS.length).toBeGreaterThanOrEqual(60);
    for (const { made } of Object.values(PART_KINDS)) expect(sum(Object.values(made))).toBeGreaterThan(0);
  });
});

describe('Bayes over families', () => {
  test('shares sum to one and nothing is ever ruled out, whatever was found', () => {
    fc.assert(
      fc.property(
        fc.array(finding, { maxLength: 8 }),
        fc.constantFrom(null, ...PART_KIND_IDS),
        (found, part) => {
          const { shares } = beliefOf({ ...side(found), part });
          expect(sum(shares.map(({ share }) => share))).toBeCloseTo(1, 9);
          expect(shares).toHaveLength(FAMILY_IDS.length);
          expect(Math.min(...shares.map(({ share }) => share))).toBeGreaterThan(0);
        },
      ),
    );
  });

  test('the order in which things were found does not matter', () => {
    fc.assert(
      fc.property(fc.uniqueArray(finding, { minLength: 2, maxLength: 7 }), (found) => {
        const forth = sideOf({ part: 'shaft', found });
        const entries = Object.values(forth.evidence).reverse();
        const back = { ...forth, evidence: Object.fromEntries(entries.map((entry, n) => [`r${n}`, entry])) };
        FAMILY_IDS.forEach((family) => expect(shareOf(back, family)).toBeCloseTo(shareOf(forth, family), 9));
      }),
    );
  });

  test('against brute force: the product of prior and chances, for tests that share no cause', () => {
    const found = [
      ['magnet', 'none'],
      ['colour', 'yellow'],
      ['chip', 'short'],
      ['torch', 'green-flame'],
    ] as const;
    const at = side(found);
    const prior = priorOf(at);
    const raw = FAMILY_IDS.map((_, n) =>
      found.reduce((product, entry) => product * (likelihoodOf(evidenceOf(entry))?.[n] ?? 0), prior[n] ?? 0),
    );
    FAMILY_IDS.forEach((family, n) => expect(shareOf(at, family)).toBeCloseTo((raw[n] ?? 0) / sum(raw), 9));
  });

  test('tests that share a cause count for less than two, and for no less than one', () => {
    const one = shareOf(side([['fracture', 'sooty']]), 'gray-iron');
    const two = shareOf(
      side([
        ['fracture', 'sooty'],
        ['ring', 'dull'],
      ]),
      'gray-iron',
    );
    const prior = priorOf(blankSide());
    const whole = posterior(prior, [
      { says: likelihoodOf(evidenceOf(['fracture', 'sooty'])) ?? [] },
      { says: likelihoodOf(evidenceOf(['ring', 'dull'])) ?? [] },
    ]);
    expect(two).toBeGreaterThan(one);
    expect(two).toBeLessThan(whole[FAMILY_IDS.indexOf('gray-iron')] ?? 0);
  });

  test('doubtful counts in part, undone not at all, a repeat for less than a second test', () => {
    const with_ = (standing: Evidence['standing']) =>
      shareOf(
        { ...blankSide(), evidence: { a: evidenceOf(['magnet', 'none'], standing) } },
        'low-carbon-steel',
      );
    const none = shareOf(blankSide(), 'low-carbon-steel');
    expect(with_('undone')).toBe(none);
    expect(with_('doubtful')).toBeGreaterThan(with_('sound'));
    expect(with_('doubtful')).toBeLessThan(none);
    const file = evidenceOf(['file', 'skates']);
    const times = (n: number) =>
      shareOf(
        {
          ...blankSide(),
          evidence: Object.fromEntries(Array.from({ length: n }, (_, k) => [`f${k}`, file])),
        },
        'white-iron',
      );
    expect(times(2)).toBeGreaterThan(times(1));
    expect(times(2) / times(1)).toBeLessThan(times(1) / times(0));
  });

  test('a repeat that says the opposite leaves both in doubt, and the order of the two is nothing', () => {
    const both = (a: string, b: string) =>
      side([
        ['magnet', a],
        ['magnet', b],
      ]);
    expect(shareOf(both('strong', 'none'), 'low-carbon-steel')).toBeCloseTo(
      shareOf(both('none', 'strong'), 'low-carbon-steel'),
      12,
    );
  });

  test('age and setting move the start: wrought iron is old, titanium is not', () => {
    const at = (age: Side['age']) => shareOf({ ...blankSide(), age }, 'wrought-iron');
    expect(at('before-1900')).toBeGreaterThan(10 * at('since'));
    expect(shareOf({ ...blankSide(), setting: 'electrical' }, 'copper')).toBeGreaterThan(
      shareOf(blankSide(), 'copper'),
    );
  });

  test('what every test did to a family is its share with it over its share without', () => {
    const at = side([
      ['magnet', 'strong'],
      ['spark', 'red-short'],
    ]);
    const effects = effectsOn(at, 'gray-iron');
    expect(effects.map(({ id }) => id)).toEqual(['t0', 't1']);
    expect(effects[1]?.times).toBeCloseTo(
      shareOf(at, 'gray-iron') / shareOf(side([['magnet', 'strong']]), 'gray-iron'),
      9,
    );
  });
});

describe('evidence that does not go together', () => {
  test('an aluminium weight and a magnet that sticks: said, and the magnet is named against two others', () => {
    const at = side([
      ['heft', 'light'],
      ['colour', 'white'],
      ['magnet', 'strong'],
      ['caustic', 'bright-fizz'],
    ]);
    const { conflict } = beliefOf(at);
    expect(conflict).not.toBeNull();
    expect(conflict?.suspect).toBe('t2');
  });

  test('no story that hangs together is called a conflict', () => {
    for (const found of [
      [
        ['magnet', 'strong'],
        ['spark', 'straw-long'],
        ['look', 'rolled'],
      ],
      [
        ['magnet', 'none'],
        ['heft', 'light'],
        ['look', 'extruded'],
      ],
      [
        ['magnet', 'weak'],
        ['sulphate', 'stays'],
        ['stain', 'tea'],
      ],
    ] as const)
      expect(beliefOf(side(found)).conflict).toBeNull();
  });

  test('a name that the tests speak against is contradicted; one they bear out is not', () => {
    const found = [
      ['magnet', 'none'],
      ['heft', 'light'],
      ['colour', 'white'],
    ] as const;
    expect(beliefOf(side(found, { family: 'low-carbon-steel' })).conflict).not.toBeNull();
    expect(beliefOf(side(found, { family: 'al-6xxx' })).conflict).toBeNull();
    expect(beliefOf(side([], { family: 'low-carbon-steel' })).conflict).toBeNull();
  });
});

describe('what cannot be read tells nothing', () => {
  test.each<[string, Evidence]>([
    ['an outcome that is none', { kind: 'outcome', test: 'magnet', outcome: 'sideways', standing: 'sound' }],
    [
      'a number test told as an outcome',
      { kind: 'outcome', test: 'density', outcome: 'strong', standing: 'sound' },
    ],
    [
      'half a weighing',
      { kind: 'weighings', test: 'density', air_g: 500, water_g: null, scale_g: 1, standing: 'sound' },
    ],
    [
      'heavier in water',
      { kind: 'weighings', test: 'density', air_g: 500, water_g: 510, scale_g: 1, standing: 'sound' },
    ],
    ['no hardness', { kind: 'hardness', test: 'hardness', hardness_HB: null, standing: 'sound' }],
    [
      'an analysis without elements',
      { kind: 'chemistry', test: 'chemistry', elements: {}, seesCarbon: false, standing: 'sound' },
    ],
  ])('%s', (_, evidence) => {
    expect(likelihoodOf(evidence)).toBeNull();
    expect(weigh({ ...blankSide(), evidence: { a: evidence } })).toEqual([]);
    expect(beliefOf({ ...blankSide(), evidence: { a: evidence } }).tested).toBe(false);
  });

  test('carbon from an instrument that cannot see it is not believed', () => {
    const at = (seesCarbon: boolean): Side => ({
      ...blankSide(),
      evidence: {
        a: {
          kind: 'chemistry',
          test: 'chemistry',
          seesCarbon,
          standing: 'sound',
          elements: { Fe: { percent: 98.5, error: 0.2 }, C: { percent: 0.9, error: 0.02 } },
        },
      },
    });
    expect(shareOf(at(true), 'high-carbon-steel')).toBeGreaterThan(
      5 * shareOf(at(false), 'high-carbon-steel'),
    );
  });
});
