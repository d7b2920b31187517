import { DEPOSITS } from '../data/deposits';
import { TYPICAL_METALS } from '../data/typicalMetals';
import { mixed, type Chemistry } from './chemistry';
import {
  andrewsMs_C,
  deLongEquivalents,
  deLongFN,
  eichelmanHullMs_C,
  schaefflerEquivalents,
  seferianFerrite_pct,
} from './equivalents';
import { fieldName } from './schaeffler';
import { fanShare, settingMode } from './setting';
import { judgeWeld, type JudgedWeld } from './weld';

/** Deposits and base metals are typical analyses from memory; bands are how such joints are known to come out (published diagrams, from memory). */
const rod = (id: keyof typeof DEPOSITS): Chemistry => DEPOSITS[id].percent;
const base = (family: keyof typeof TYPICAL_METALS): Chemistry => TYPICAL_METALS[family].percent;
const A36 = base('low-carbon-steel');
const L304 = {
  C: 0.022,
  Mn: 1.6,
  Si: 0.45,
  Cr: 18.2,
  Ni: 8.2,
  Mo: 0.25,
  N: 0.075,
  Cu: 0.3,
  P: 0.03,
  S: 0.005,
};
const L316 = { C: 0.02, Mn: 1.5, Si: 0.5, Cr: 16.8, Ni: 10.2, Mo: 2.08, N: 0.05, Cu: 0.3, P: 0.03, S: 0.005 };
const S409 = { C: 0.01, Mn: 0.25, Si: 0.55, Cr: 11.2, Ni: 0.15, N: 0.01, Ti: 0.2, Al: 0.03 };
const S304 = base('austenitic-stainless');
const S4140 = base('low-alloy-steel');

/** A joint of two sides that give alike; the same side twice is an overlay or a joint to itself. */
const joint = (deposit: Chemistry, a: Chemistry, b: Chemistry, dilution: number): JudgedWeld =>
  judgeWeld(mixed(deposit, a, b, { dilution, shareA: 0.5 }));
const alone = (metal: Chemistry): JudgedWeld => judgeWeld(metal);

interface Case {
  what: string;
  weld: JudgedWeld;
  at: [creq: number, nieq: number];
  field?: string;
  ferrite?: [number, number];
  fn?: [number, number];
  chart?: boolean;
}

/** Schaeffler points worked from the equivalents by hand, to 0.1. */
const CASES: readonly Case[] = [
  { what: '308L undiluted', weld: alone(rod('E308L-16')), at: [20.8, 11.2], field: 'A+F', fn: [5, 14] },
  { what: '309L undiluted', weld: alone(rod('E309L-16')), at: [24.7, 14.2], field: 'A+F', fn: [8, 20] },
  { what: '309LMo undiluted', weld: alone(rod('E309LMo-16')), at: [26.4, 14], field: 'A+F', fn: [15, 30] },
  { what: '310 undiluted', weld: alone(rod('E310-16')), at: [26.9, 24.7], field: 'A', fn: [0, 0] },
  { what: '312 undiluted', weld: alone(rod('E312-16')), at: [30.3, 13], field: 'A+F', fn: [25, 110] },
  { what: '316L undiluted', weld: alone(rod('E316L-16')), at: [22.1, 13.2], field: 'A+F', fn: [3, 10] },
  { what: '347 undiluted', weld: alone(rod('E347-16')), at: [20.9, 11.7], field: 'A+F', fn: [4, 12] },
  { what: '2209 undiluted', weld: alone(rod('E2209-16')), at: [27, 10.4], field: 'A+F', fn: [30, 60] },
  { what: '410NiMo undiluted', weld: alone(rod('E410NiMo-16')), at: [13, 6], field: 'M+F', ferrite: [0, 10] },
  { what: '304L by itself', weld: alone(L304), at: [19.1, 9.7], field: 'A+M+F', fn: [3, 12] },
  { what: '316L by itself', weld: alone(L316), at: [19.6, 11.5], field: 'A+F', fn: [1, 10] },
  {
    what: '2205 by itself',
    weld: alone(base('duplex-stainless')),
    at: [26.1, 7],
    field: 'A+F',
    fn: [60, 110],
  },
  { what: '430 by itself', weld: alone(base('ferritic-stainless')), at: [16.9, 1.9], field: 'M+F' },
  {
    what: '410 by itself',
    weld: alone(base('martensitic-stainless')),
    at: [12.5, 4.1],
    field: 'M+F',
    ferrite: [0, 20],
  },
  {
    what: '309L, A36 to 304, 30 %',
    weld: joint(rod('E309L-16'), A36, S304, 0.3),
    at: [20.2, 12.4],
    field: 'A+F',
    ferrite: [2, 8],
  },
  {
    what: '309L, A36 to 304, 40 %',
    weld: joint(rod('E309L-16'), A36, S304, 0.4),
    at: [18.7, 11.8],
    field: 'A+F',
    ferrite: [0, 6],
  },
  {
    what: '308L, A36 to 304, 30 %',
    weld: joint(rod('E308L-16'), A36, S304, 0.3),
    at: [17.5, 10.3],
    field: 'A+M+F',
  },
  {
    what: '308L, A36 to 304, 40 %',
    weld: joint(rod('E308L-16'), A36, S304, 0.4),
    at: [16.4, 10],
    field: 'A+M+F',
  },
  {
    what: '308L laid on A36, 30 %',
    weld: joint(rod('E308L-16'), A36, A36, 0.3),
    at: [14.7, 9.6],
    field: 'A+M',
  },
  {
    what: '309L laid on A36, 20 %',
    weld: joint(rod('E309L-16'), A36, A36, 0.2),
    at: [19.8, 12.5],
    field: 'A+F',
    ferrite: [1, 8],
  },
  {
    what: '309L laid on A36, 30 %',
    weld: joint(rod('E309L-16'), A36, A36, 0.3),
    at: [17.4, 11.7],
    ferrite: [0, 4],
  },
  {
    what: '310 laid on A36, 30 %',
    weld: joint(rod('E310-16'), A36, A36, 0.3),
    at: [18.9, 19],
    field: 'A',
    ferrite: [0, 0],
  },
  {
    what: '312, A36 to 4140, 30 %',
    weld: joint(rod('E312-16'), A36, S4140, 0.3),
    at: [21.5, 11.9],
    field: 'A+F',
    ferrite: [5, 25],
  },
  {
    what: '7018, A36 to 304, 30 %',
    weld: joint(rod('E7018'), A36, S304, 0.3),
    at: [3.5, 4.1],
    field: 'M',
    chart: false,
  },
  {
    what: '7018 on 304, 30 %',
    weld: joint(rod('E7018'), S304, S304, 0.3),
    at: [6.3, 4.8],
    field: 'M',
    chart: false,
  },
  {
    what: '309L, manganese steel to A36, 30 %',
    weld: joint(rod('E309L-16'), base('manganese-steel'), A36, 0.3),
    at: [17.5, 17],
    field: 'A',
    fn: [0, 0],
  },
  { what: '303 by itself', weld: alone(base('free-machining-stainless')), at: [18.4, 11.6], fn: [0, 6] },
];

describe('joints whose outcome is known (published diagrams, from memory)', () => {
  test.each(CASES.map((one) => [one.what, one] as const))(
    '%s',
    (_, { weld, at, field, ferrite, fn, chart }) => {
      expect(Math.abs(weld.schaeffler.creq - at[0])).toBeLessThan(0.06);
      expect(Math.abs(weld.schaeffler.nieq - at[1])).toBeLessThan(0.06);
      if (field) expect(fieldName(weld.field)).toBe(field);
      if (ferrite) {
        expect(weld.ferrite_pct).toBeGreaterThanOrEqual(ferrite[0]);
        expect(weld.ferrite_pct).toBeLessThanOrEqual(ferrite[1]);
      }
      if (fn) {
        expect(weld.fn).toBeGreaterThanOrEqual(fn[0]);
        expect(weld.fn).toBeLessThanOrEqual(fn[1]);
      }
      expect(weld.scope.id === 'chart').toBe(chart ?? true);
    },
  );

  test('309L on A36 to 304 at 30 % lies over both martensite lines; 308L between them; 7018 under both', () => {
    expect(joint(rod('E309L-16'), A36, S304, 0.3).martensite).toBe('none');
    expect(joint(rod('E308L-16'), A36, S304, 0.3).martensite).toBe('some');
    expect(joint(rod('E7018'), A36, S304, 0.3).martensite).toBe('much');
  });

  test('low-nickel stainless goes by its own fan: 409 nearly all ferrite, 430 mixed, 410 martensite', () => {
    expect(alone(S409).martensite).toBe('none');
    expect(fanShare(S409)).toBeGreaterThanOrEqual(0.8);
    expect(alone(base('ferritic-stainless')).martensite).toBe('some');
    expect(alone(base('martensitic-stainless')).martensite).toBe('much');
  });

  test('how they set (Hammar and Svensson, from memory)', () => {
    expect(settingMode(rod('E308L-16'))).toBe('ferrite-then-austenite');
    expect(settingMode(rod('E310-16'))).toBe('austenite');
    expect(settingMode(base('duplex-stainless'))).toBe('ferrite');
  });

  test('303 cracks hot for its sulphur, 310 for its clean margin does not unless dirty, 309L joints do not', () => {
    expect(alone(base('free-machining-stainless')).cracksHot).toBe(true);
    expect(alone({ ...rod('E310-16'), S: 0.02, P: 0.03 }).cracksHot).toBe(true);
    expect(alone({ ...rod('E310-16'), S: 0.005, P: 0.01 }).cracksHot).toBe(false);
    expect(joint(rod('E309L-16'), A36, S304, 0.3).cracksHot).toBe(false);
  });

  test('starts of martensite: 1045 300 to 360 °C, 4140 300 to 350 °C (Andrews); 304L under -50 °C (Eichelman and Hull)', () => {
    expect(andrewsMs_C(base('medium-carbon-steel'))).toBeGreaterThan(300);
    expect(andrewsMs_C(base('medium-carbon-steel'))).toBeLessThan(360);
    expect(andrewsMs_C(S4140)).toBeGreaterThan(300);
    expect(andrewsMs_C(S4140)).toBeLessThan(350);
    expect(eichelmanHullMs_C(L304)).toBeLessThan(-50);
  });

  test('DeLong’s figures of undiluted deposits: 308L 9.2, 309L 14.5, 316L 8.5 FN (worked from the formula)', () => {
    const fn = (id: keyof typeof DEPOSITS) => deLongFN(deLongEquivalents(rod(id)));
    expect(fn('E308L-16')).toBeCloseTo(9.2, 0);
    expect(fn('E309L-16')).toBeCloseTo(14.5, 0);
    expect(fn('E316L-16')).toBeCloseTo(8.5, 0);
  });
});

describe('when the diagrams have nothing to say', () => {
  test.each([
    ['nickel rod on steel to stainless', joint(rod('ENiCrFe-3'), A36, S304, 0.3), 'nickel'],
    ['nickel on gray iron', joint(rod('ENi-CI'), base('gray-iron'), base('gray-iron'), 0.25), 'nickel'],
    [
      'nickel-iron on ductile iron',
      joint(rod('ENiFe-CI'), base('ductile-iron'), base('ductile-iron'), 0.25),
      'nickel',
    ],
    ['aluminium', joint(rod('E4043'), base('al-6xxx'), base('al-6xxx'), 0.4), 'aluminium'],
    ['aluminium bronze on steel', joint(rod('ECuAl-A2'), A36, A36, 0.15), 'copper'],
    ['plain steel', alone(A36), 'plain-steel'],
    ['plain rod on plain steel', joint(rod('E7018'), A36, S4140, 0.3), 'plain-steel'],
    ['cast iron by itself', alone(base('gray-iron')), 'iron-graphite'],
    ['manganese steel by itself', alone(base('manganese-steel')), 'manganese'],
    ['nickel rod on steel to nickel', joint(rod('ENi-1'), A36, base('nickel'), 0.3), 'nickel'],
    ['nickel-copper rod on nickel-copper', joint(rod('ENiCu-7'), base('nickel-copper'), A36, 0.2), 'nickel'],
  ] as const)('%s', (_, weld, scope) => {
    expect(weld.scope.id).toBe(scope);
    expect(weld.scope.instead).not.toBe('');
  });

  test('carbon rod on stainless keeps the field’s name, so that the warning fires, and no figure', () => {
    const weld = joint(rod('E7018'), A36, S304, 0.3);
    expect(weld.scope.id).not.toBe('chart');
    expect(fieldName(weld.field)).toBe('M');
  });
});

test('Seferian and the diagram agree where both hold, up to 10 % (by how the lines were drawn)', () => {
  for (const weld of CASES.map(({ weld }) => weld)) {
    const { austenite, martensite } = weld.field;
    if (!austenite || martensite || weld.ferrite_pct <= 0 || weld.ferrite_pct > 10) continue;
    expect(
      Math.abs(weld.ferrite_pct - seferianFerrite_pct(schaefflerEquivalents(weld.percent))),
    ).toBeLessThan(1);
  }
});
