import fc from 'fast-check';
import { FAMILY_IDS } from '../data/families';
import { DEFAULT_LOSSES } from '../data/losses';
import { metalTest } from '../data/metalTests';
import { TEST_IDS } from '../data/testIds';
import { PART_KIND_IDS } from '../data/partKinds';
import { TOOL_IDS, type ToolId } from '../data/tools';
import { blankSide } from '../formats/blankJob';
import type { Side } from '../formats/job';
import { evidenceOf, sideOf } from '../../../tests/support/found';
import { beliefIn, beliefOf } from './belief';
import { USUAL_SHARES } from './doubt';
import { lockOf } from './locks';
import { expectedLoss, lossOf } from './loss';
import { entropy_bits, nextTests } from './next';
import { plausible } from './plausible';
import { whatJointWants } from './wants';

const next = (side: Side, tools: readonly ToolId[] = TOOL_IDS) =>
  nextTests({ side, other: null, tools, losses: DEFAULT_LOSSES, shares: USUAL_SHARES });
const side = (found: Parameters<typeof sideOf>[0]['found'], part: Side['part'] = null): Side => ({
  ...sideOf({ part: null, found }),
  part,
});
const finding = fc
  .constantFrom(...TEST_IDS.filter((id) => metalTest(id).kind === 'outcome'))
  .chain((id) =>
    fc.constantFrom(...Object.keys(metalTest(id).outcomes)).map((outcome) => [id, outcome] as const),
  );

describe('what a test is worth', () => {
  test('bits are never negative and never more than the doubt there is; nothing is gained from a test already done', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(finding, { maxLength: 5, selector: ([id]) => id }),
        fc.constantFrom(null, ...PART_KIND_IDS),
        (found, part) => {
          const at = side(found, part);
          for (const row of next(at).tests) {
            expect(row.bits).toBeGreaterThanOrEqual(0);
            expect(row.clears).toBeGreaterThanOrEqual(0);
            expect(row.clears).toBeLessThanOrEqual(1);
            expect(row.bits).toBeLessThanOrEqual(Math.log2(FAMILY_IDS.length));
            expect(row.saves).toBeGreaterThanOrEqual(0);
            expect(row.changes).toBeGreaterThanOrEqual(0);
            expect(row.changes).toBeLessThanOrEqual(1 + 1e-9);
            if (found.some(([id]) => id === row.test))
              expect([row.bits, row.saves, row.changes]).toEqual([0, 0, 0]);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test('entropy: one thing sure is 0 bits, n alike are log2 n', () => {
    expect(entropy_bits([1, 0, 0])).toBe(0);
    expect(entropy_bits(Array.from({ length: 8 }, () => 1 / 8))).toBeCloseTo(3, 12);
  });

  test('expected loss never rises with knowledge: the best act on a mixture costs no less than on its parts', () => {
    const shares = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), {
      minLength: FAMILY_IDS.length,
      maxLength: FAMILY_IDS.length,
    });
    const unit = (values: number[]) => {
      const sum = values.reduce((a, b) => a + b, 0) + 1e-12;
      return values.map((v) => v / sum);
    };
    fc.assert(
      fc.property(shares, shares, fc.double({ min: 0, max: 1, noNaN: true }), (rawA, rawB, t) => {
        const [a, b] = [unit(rawA), unit(rawB)];
        const mixed = a.map((p, n) => t * p + (1 - t) * (b[n] ?? 0));
        expect(expectedLoss(mixed, DEFAULT_LOSSES)).toBeGreaterThanOrEqual(
          t * expectedLoss(a, DEFAULT_LOSSES) + (1 - t) * expectedLoss(b, DEFAULT_LOSSES) - 1e-9,
        );
      }),
    );
  });

  // Losses of common practice: right 0, wasted rods 1, cracked 5, part lost 20, person hurt 1000.
  test('losses: right plan nothing, wrong rod cracks, a metal that burns hurts', () => {
    expect(lossOf('low-carbon-steel', 'low-carbon-steel', DEFAULT_LOSSES)).toBe(0);
    expect(lossOf('low-carbon-steel', 'gray-iron', DEFAULT_LOSSES)).toBe(5);
    expect(lossOf('medium-carbon-steel', 'low-carbon-steel', DEFAULT_LOSSES)).toBe(1);
    expect(lossOf('low-carbon-steel', 'magnesium', DEFAULT_LOSSES)).toBe(1000);
    expect(lossOf('low-carbon-steel', 'white-iron', DEFAULT_LOSSES)).toBe(20);
  });

  test('dearer losses make the same test worth more', () => {
    const at = side([['magnet', 'strong']], 'machine-bed');
    const saves = (cracked: number) =>
      nextTests({
        side: at,
        other: null,
        tools: TOOL_IDS,
        losses: { ...DEFAULT_LOSSES, cracked, sentOut: cracked },
        shares: USUAL_SHARES,
      }).tests.reduce((most, row) => Math.max(most, row.saves), 0);
    expect(saves(50)).toBeGreaterThan(saves(5));
  });
});

describe('what is recommended', () => {
  test('a test whose tool is not on the truck stands behind and is never recommended', () => {
    const { tests, best } = next(blankSide(), ['file']);
    expect(best && metalTest(best.test).tools.every((tool) => tool === 'file')).toBe(true);
    const magnet = tests.find(({ test }) => test === 'magnet');
    expect(magnet?.lacks).toEqual(['magnet']);
  });

  test('where nothing would change the plan, it stops and says so', () => {
    const at = side(
      [
        ['magnet', 'none'],
        ['look', 'extruded'],
        ['caustic', 'bright-fizz'],
        ['heft', 'light'],
      ],
      'al-extrusion',
    );
    expect(next(at)).toMatchObject({
      best: null,
      words: expect.stringMatching(/settled/),
    });
  });

  test('gray iron or cast steel: the plan is forced apart, and the test recommended tells them apart', () => {
    const at = side(
      [
        ['magnet', 'strong'],
        ['look', 'cast-sand'],
      ],
      'winch',
    );
    const belief = beliefOf(at);
    const wants = whatJointWants(belief, belief);
    expect(wants.verdict).toBe('unknown');
    expect(wants.apart?.families).toEqual(expect.arrayContaining(['cast-steel']));
    expect(['spark', 'chip', 'fracture', 'ring', 'hardness', 'chemistry', 'density', 'file']).toContain(
      next(at).best?.test,
    );
  });
});

describe('the order that is safe', () => {
  test.each(['spark', 'torch', 'file', 'chip'] as const)(
    '%s is locked on a metal nobody has tried a magnet on',
    (id) => {
      expect(lockOf(id, blankSide())).toMatchObject({ by: expect.arrayContaining(['magnet']) });
    },
  );

  test('a magnet that sticks opens them; one that does not asks for the weight', () => {
    expect(lockOf('spark', side([['magnet', 'strong']]))).toBeNull();
    expect(lockOf('spark', side([['magnet', 'none']]))?.by).toEqual(
      expect.arrayContaining(['heft', 'colour', 'density']),
    );
    expect(
      lockOf(
        'spark',
        side([
          ['magnet', 'none'],
          ['heft', 'steel'],
          ['colour', 'bright'],
        ]),
      ),
    ).toBeNull();
    expect(
      lockOf(
        'spark',
        side([
          ['magnet', 'none'],
          ['heft', 'light'],
          ['density', 2.7],
        ]),
      ),
    ).toBeNull();
  });

  test('under 2.2 g/cm3 nothing opens them, whatever else was found', () => {
    for (const id of ['spark', 'torch', 'file'] as const)
      expect(
        lockOf(
          id,
          side([
            ['magnet', 'strong'],
            ['density', 1.8],
          ]),
        )?.unlock,
      ).toMatch(/Nothing opens/);
  });

  test('a doubtful magnet opens nothing', () => {
    const doubtful: Side = { ...blankSide(), evidence: { a: evidenceOf(['magnet', 'strong'], 'doubtful') } };
    expect(lockOf('spark', doubtful)).not.toBeNull();
  });

  test('coppery spring: no dust while it may hold beryllium', () => {
    const at = side(
      [
        ['magnet', 'none'],
        ['heft', 'heavier'],
        ['colour', 'red-gold'],
      ],
      'small-spring',
    );
    expect(lockOf('file', at)?.why).toMatch(/beryllium/);
    expect(lockOf('spark', at)?.why).toMatch(/beryllium/);
  });

  test('a conductivity meter is not put on a magnetic metal', () => {
    expect(lockOf('conductivity', side([['magnet', 'strong']]))?.why).toMatch(/magnetic/);
    expect(lockOf('conductivity', side([['magnet', 'none']]))).toBeNull();
  });

  test('nothing locked is ever recommended', () => {
    fc.assert(
      fc.property(fc.array(finding, { maxLength: 5 }), (found) => {
        expect(next(side(found)).best?.lock ?? null).toBeNull();
      }),
      { numRuns: 60 },
    );
  });
});

describe('a plan safe for all that is plausible', () => {
  const belief = (...shares: [(typeof FAMILY_IDS)[number], number][]) => ({
    shares: shares.map(([family, share]) => ({ family, share })),
    tested: true,
    named: null,
    conflict: null,
    uncleared: [] as (typeof FAMILY_IDS)[number][],
    waits: null,
  });
  const wants = (at: ReturnType<typeof belief>, plan: number = USUAL_SHARES.plan) =>
    whatJointWants(at, at, { ...USUAL_SHARES, plan });

  test('plain or medium carbon: low hydrogen, and heat for the harder of them', () => {
    const both = wants(belief(['low-carbon-steel', 0.7], ['medium-carbon-steel', 0.3]));
    expect(both).toMatchObject({
      verdict: 'yes',
      rods: expect.arrayContaining(['E7018']),
      warm: [{ min_C: 95, max_C: 260 }],
    });
    expect(both.rods).not.toContain('E6013');
  });

  // Common practice: steel that may be stainless takes 309L; iron that may be gray or ductile, nickel-iron.
  test('the careful fallbacks of the trade come out', () => {
    expect(wants(belief(['low-carbon-steel', 0.6], ['austenitic-stainless', 0.4])).rods[0]).toBe('E309L-16');
    expect(wants(belief(['gray-iron', 0.5], ['ductile-iron', 0.5])).rods[0]).toBe('ENiFe-CI');
  });

  test('a share under the line is left out, and comes in when the line is lowered', () => {
    const at = belief(['low-carbon-steel', 0.96], ['medium-carbon-steel', 0.04]);
    expect(wants(at).families).toEqual(['low-carbon-steel']);
    expect(wants(at, 0.02).families).toHaveLength(2);
  });

  test('a metal that burns or poisons stays whatever its share, until it is cleared', () => {
    for (const grave of ['magnesium', 'lead', 'titanium', 'beryllium-copper'] as const) {
      const at = belief(['low-carbon-steel', 1 - 1e-7], [grave, 1e-7]);
      expect(wants(at).verdict).toBe('yes');
      const open = { ...at, uncleared: [grave] };
      expect(plausible(open, { plan: 0.5, hurts: 0.001, fails: 0.01 })).toEqual([
        { family: 'low-carbon-steel', share: 1 - 1e-7 },
        { family: grave, share: 0.001 },
      ]);
      expect(wants(open).verdict).toBe('unknown');
    }
  });

  test('one that merely fails stays down to its own share, whatever the line', () => {
    expect(
      plausible(belief(['low-carbon-steel', 0.98], ['white-iron', 0.02]), { ...USUAL_SHARES, plan: 0.5 }),
    ).toHaveLength(2);
    expect(wants(belief(['low-carbon-steel', 0.98], ['white-iron', 0.02])).verdict).toBe('unknown');
    expect(wants(belief(['low-carbon-steel', 0.992], ['white-iron', 0.008])).verdict).toBe('yes');
  });

  test('heat that cannot suit both forces them apart', () => {
    // Manganese steel is kept colder than the hand bears, carbon steel is welded hot: common practice.
    const at = wants(belief(['high-carbon-steel', 0.5], ['manganese-steel', 0.5]));
    expect(at).toMatchObject({ verdict: 'unknown', apart: { why: expect.stringMatching(/more heat than/) } });
  });

  test('where only heat stands between two, soft filler serves both: 150 °C and more, under 200 (common practice)', () => {
    const at = wants(belief(['high-carbon-steel', 0.5], ['quenched-tempered-wear-plate', 0.5]));
    expect(at).toMatchObject({ verdict: 'yes', apart: null, warm: [{ min_C: 150, max_C: 200 }] });
    expect(at.rods).toEqual(expect.arrayContaining(['E309L-16', 'E312-16']));
    expect(at.rods).not.toContain('E7018');
  });

  test('mostly what may not be welded stops it, with what to do instead', () => {
    expect(wants(belief(['titanium', 0.8], ['austenitic-stainless', 0.2]))).toMatchObject({
      verdict: 'never',
      instead: expect.stringMatching(/./),
    });
    expect(wants(belief(['al-5xxx', 0.9], ['al-6xxx', 0.1])).verdict).toBe('never');
    expect(wants(belief(['al-5xxx', 0.3], ['al-6xxx', 0.7])).verdict).toBe('unknown');
  });

  test('a draft on a white metal is not given steel rods, one on a steel is given the careful ones', () => {
    expect(wants(belief(['al-6xxx', 0.7], ['al-5xxx', 0.3]))).toMatchObject({
      verdict: 'unknown',
      rods: ['E4043'],
    });
    expect(wants(belief(['low-carbon-steel', 0.7], ['white-iron', 0.3])).rods[0]).toBe('E312-16');
  });

  test('where the tests disagree it is not called never, whatever it mostly seems; a name from papers is', () => {
    const disagree = {
      ...belief(['magnesium', 0.9], ['low-carbon-steel', 0.1]),
      conflict: { suspect: null, surprise: 0 },
    };
    expect(whatJointWants(disagree, disagree).verdict).toBe('unknown');
    const papers = { ...beliefIn('lead'), conflict: { suspect: null, surprise: 0 } };
    expect(whatJointWants(papers, papers).verdict).toBe('never');
  });

  test('two sides that differ for sure are each warmed by their own rule', () => {
    const joint = whatJointWants(beliefIn('high-carbon-steel'), beliefIn('austenitic-stainless'));
    expect(joint.verdict).toBe('yes');
    expect(joint.apart).toBeNull();
  });

  test('every rod of a plan in doubt is one each of its metals puts up with', () => {
    const share = fc.double({ min: 0.06, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(fc.constantFrom(...FAMILY_IDS), share), {
          minLength: 2,
          maxLength: 4,
          selector: ([f]) => f,
        }),
        (raw) => {
          const total = raw.reduce((sum, [, s]) => sum + s, 0);
          const at = belief(...raw.map(([f, s]) => [f, s / total] as [typeof f, number]));
          const { verdict, rods, families } = wants(at);
          if (verdict === 'yes' || verdict === 'last-resort')
            for (const family of families) expect(lossOf(family, family, DEFAULT_LOSSES)).toBeLessThan(5);
          if (verdict === 'yes') expect(rods.length).toBeGreaterThan(0);
        },
      ),
    );
  });
});
