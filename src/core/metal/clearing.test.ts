import { CLEARING, clearingOf } from '../data/clearing';
import { FAMILY_IDS, type FamilyId } from '../data/families';
import { HAZARD_IDS } from '../data/hazards';
import { METAL_TESTS, metalTest } from '../data/metalTests';
import { PART_KIND_IDS } from '../data/partKinds';
import type { TestId } from '../data/testIds';
import { blankJob, blankSide } from '../formats/blankJob';
import type { Evidence } from '../formats/evidence';
import type { Side } from '../formats/job';
import { evidenceOf } from '../../../tests/support/found';
import { beliefOf } from './belief';
import { clears, isCleared, shownBy, unclearedHazards } from './clearing';
import { looksLike } from './lookAlike';
import { lockOf } from './locks';
import { whatJointWants } from './wants';

type Finding = Parameters<typeof evidenceOf>[0];
const side = (found: readonly Finding[], more: Partial<Side> = {}): Side => ({
  ...blankSide(),
  ...more,
  evidence: Object.fromEntries(found.map((one, n) => [`t${n}`, evidenceOf(one)])),
});
const verdictOf = (at: Side) => {
  const belief = beliefOf(at);
  return whatJointWants(belief, belief).verdict;
};

/** Every outcome of every test that is picked rather than read. */
const OUTCOMES: readonly Evidence[] = Object.entries(METAL_TESTS).flatMap(([test, { outcomes }]) =>
  Object.keys(outcomes).map((outcome) => evidenceOf([test as TestId, outcome])),
);
const clearsNot = (hazard: FamilyId, entry: Evidence): boolean => {
  const shown = shownBy(entry);
  return shown === null || !clearingOf(hazard).some((result) => clears(result, shown));
};

describe('a metal that burns or poisons is cleared only by a test of its own', () => {
  test.each(HAZARD_IDS)(
    '%s: on every kind of part, by nothing that clears it not, is any plan let go',
    (hazard) => {
      const idle = OUTCOMES.filter((entry) => clearsNot(hazard, entry));
      expect(idle.length).toBeGreaterThan(20);
      // All that clears nothing at once, one outcome a test, is the strongest there is against it.
      const tests = [...new Set(idle.map(({ test }) => test))];
      const strongest = tests.flatMap((test) => idle.filter((entry) => entry.test === test).slice(-1));
      for (const part of PART_KIND_IDS) {
        for (const entry of idle) {
          const at = { ...blankSide(), part, evidence: { a: entry } };
          expect(beliefOf(at).uncleared).toContain(hazard);
          if (verdictOf(at) === 'yes' || verdictOf(at) === 'last-resort')
            throw new Error(`${part} let go by ${JSON.stringify(entry)}`);
        }
        const all = {
          ...blankSide(),
          part,
          evidence: Object.fromEntries(strongest.map((e, n) => [`t${n}`, e])),
        };
        expect(['unknown', 'never']).toContain(verdictOf(all));
      }
    },
  );

  test('neither age nor place nor name clears; a magnet that sticks hard clears all that no magnet holds, at once', () => {
    for (const age of ['before-1900', 'since'] as const)
      expect(unclearedHazards(side([], { age, setting: 'building', part: 'plate-bracket' }))).toEqual(
        HAZARD_IDS,
      );
    expect(unclearedHazards(side([['magnet', 'strong']]))).toEqual([]);
    expect(unclearedHazards(side([['magnet', 'weak']]))).toEqual(HAZARD_IDS);
  });

  test('on what may be plated the magnet and the drop see the plating, unless they were done below it', () => {
    const plated = { coatingLook: 'mirror' } as const;
    expect(unclearedHazards(side([['magnet', 'strong']], plated))).toEqual(HAZARD_IDS);
    expect(isCleared('zinc-die-cast', side([['sulphate', 'stays']], plated))).toBe(false);
    const below = side([['sulphate', 'stays']], plated);
    const dug = { ...below, evidence: { t0: { ...below.evidence.t0, below: true } as Evidence } };
    expect(isCleared('zinc-die-cast', dug)).toBe(true);
    // Zinc dipped on is thin and no magnet: the steel below is felt through it.
    expect(unclearedHazards(side([['magnet', 'strong']], { coatingLook: 'spangle' }))).toEqual([]);
  });

  test('a doubtful test clears nothing, and one that was done twice with two answers does not either', () => {
    const doubtful = { ...blankSide(), evidence: { a: evidenceOf(['magnet', 'strong'], 'doubtful') } };
    expect(unclearedHazards(doubtful)).toEqual(HAZARD_IDS);
    expect(
      unclearedHazards(
        side([
          ['magnet', 'strong'],
          ['magnet', 'none'],
        ]),
      ),
    ).toEqual(HAZARD_IDS);
  });

  // Densities from metals handbooks, from memory: magnesium 1.74 to 1.83, aluminium 2.7, titanium 4.5, zinc castings 6.6, lead 11.3 g/cm3.
  test.each([
    ['magnesium', 1.8, false],
    ['magnesium', 2.7, true],
    ['titanium', 4.5, false],
    ['titanium', 2.7, true],
    ['zinc-die-cast', 6.6, false],
    ['zinc-die-cast', 7.9, true],
    ['lead', 11.3, false],
    ['lead', 8.9, true],
    ['beryllium-copper', 8.3, false],
    ['beryllium-copper', 7.6, true],
  ] as const)('%s weighed at %d g/cm3: cleared %s', (family, density, cleared) => {
    expect(isCleared(family, side([['density', density]]))).toBe(cleared);
  });

  test('beryllium is cleared by what it never holds, not by an X-ray that cannot see it', () => {
    expect(isCleared('beryllium-copper', side([['chemistry', { Cu: 97.5, Ni: 0.3 }]]))).toBe(false);
    expect(isCleared('beryllium-copper', side([['chemistry', { Cu: 88, Sn: 10, Zn: 2 }]]))).toBe(true);
    expect(isCleared('leaded-tin-bronze', side([['chemistry', { Cu: 88, Sn: 10, Zn: 2 }]]))).toBe(true);
    expect(isCleared('leaded-tin-bronze', side([['chemistry', { Cu: 83, Sn: 7, Pb: 7, Zn: 3 }]]))).toBe(
      false,
    );
  });

  test('every one has clearing tests, the quickest of them harmless and under a minute, each with its source', () => {
    for (const hazard of HAZARD_IDS) {
      const quick = clearingOf(hazard).filter(
        ({ test }) => metalTest(test).minutes <= 1 && metalTest(test).harm <= 1,
      );
      expect([hazard, quick.length > 0]).toEqual([hazard, true]);
      for (const { source, words } of clearingOf(hazard))
        expect([source.name, words].every((w) => w !== '')).toBe(true);
    }
    expect(Object.keys(CLEARING)).toEqual(
      expect.arrayContaining([...HAZARD_IDS, 'white-iron', 'sintered-metal']),
    );
  });
});

describe('a name from papers', () => {
  test('passes the clearing tests of what looks like it: light metals and coppery ones, not steel', () => {
    expect(looksLike('magnesium', 'al-cast')).toBe(true);
    expect(looksLike('leaded-brass', 'brass')).toBe(true);
    expect(looksLike('beryllium-copper', 'tin-bronze')).toBe(true);
    expect(beliefOf(side([], { family: 'low-carbon-steel' })).uncleared).toEqual([]);
    expect(beliefOf(side([], { family: 'austenitic-stainless' })).uncleared).toEqual([]);
    expect(beliefOf(side([], { family: 'gray-iron' })).uncleared).toEqual([]);
    expect(beliefOf(side([], { family: 'al-cast' })).uncleared).toEqual(['magnesium']);
    expect(verdictOf(side([], { family: 'al-cast' }))).toBe('unknown');
    expect(verdictOf(side([['density', 2.68]], { family: 'al-cast' }))).toBe('yes');
  });

  test('that two weighings speak against halts', () => {
    const at = side([['density', 1.8]], { family: 'al-cast', part: 'al-casting' });
    expect(beliefOf(at).conflict).not.toBeNull();
    expect(verdictOf(at)).toBe('unknown');
  });
});

describe('locks', () => {
  test('grinder and torch open only by a clearing test, whatever the part', () => {
    for (const part of PART_KIND_IDS) {
      for (const tool of ['spark', 'torch', 'file', 'chip'] as const) {
        expect(lockOf(tool, side([], { part }))).not.toBeNull();
        expect(lockOf(tool, side([['magnet', 'none']], { part }))).not.toBeNull();
        expect(lockOf(tool, side([['magnet', 'strong']], { part }))).toBeNull();
      }
    }
    expect(
      lockOf(
        'file',
        side([
          ['magnet', 'none'],
          ['heft', 'steel'],
          ['colour', 'red-gold'],
        ]),
      )?.why,
    ).toMatch(/beryllium/);
    expect(
      lockOf(
        'file',
        side([
          ['magnet', 'none'],
          ['heft', 'steel'],
          ['colour', 'bright'],
        ]),
      ),
    ).toBeNull();
  });
});

describe('what merely fails', () => {
  test('does not hold a mild-steel bracket back: magnet, look, and what is on it', () => {
    const at = side(
      [
        ['magnet', 'strong'],
        ['look', 'rolled'],
      ],
      { part: 'plate-bracket', coating: 'none' },
    );
    expect(verdictOf(at)).toBe('yes');
    expect(verdictOf(side([['magnet', 'strong']], { part: 'plate-bracket' }))).toBe('unknown');
  });

  test.each(['plate-bracket', 'square-tube', 'handrail', 'sheet-panel'] as const)(
    '%s: let go on magnet and a rolled look',
    (part) =>
      expect(
        verdictOf(
          side(
            [
              ['magnet', 'strong'],
              ['look', 'rolled'],
            ],
            { part },
          ),
        ),
      ).toBe('yes'),
  );

  test.each([
    'shaft',
    'gear',
    'pawl',
    'leaf-spring',
    'pump-casing',
    'bolt',
    'hand-tool',
    'rail',
    'bucket-edge',
    'pedal-lever',
  ] as const)('%s waits for a test that tells cast, hardened and leaded apart, and says which', (part) => {
    const at = side(
      [
        ['magnet', 'strong'],
        ['look', 'forged'],
      ],
      { part },
    );
    expect(verdictOf(at)).toBe('unknown');
    expect(beliefOf(at).waits).toMatch(/cast, hardened, leaded or heat-treated: one test/);
  });
});

test('galvanised steel is no metal of its own any more, and every family that is has its rows', () => {
  expect(FAMILY_IDS as readonly string[]).not.toContain('galvanised-steel');
  expect(new Set(FAMILY_IDS).size).toBe(FAMILY_IDS.length);
  expect(blankJob('a', '2026-01-01T00:00:00.000Z').metal.sideA.skipped).toEqual([]);
});
