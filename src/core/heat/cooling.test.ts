import fc from 'fast-check';
import { heatProperties } from '../data/heatProperties';
import { coolingOf, correctionBy, fallsAfter_s, HeatLog, LONGEST_WAIT_s } from './cooling';
import { surfaceLoss_W_m2K } from './loss';
import { passLeaves_K_J, pieceLoss_per_s, PLAIN_PIECE, preheatLeft, tabulated, type Piece } from './piece';
import { spreadShare_per_mm } from './spread';
import { torchWork } from './torch';
import { ampsOnWarm_A, stillToMelt } from './warmPlate';
import { arcHeat_W } from './arcEnergy';

const piece = (change: Partial<Piece> = {}): Piece => ({ ...PLAIN_PIECE, ...change });

describe('spreading along one side', () => {
  test('all of the heat stays on the side, wherever it was put and however long ago', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 30, max: 1e5, noNaN: true }),
        (one, other, spread_mm2) => {
          const [from_mm, to_mm] = [200 * Math.min(one, other), 200 * Math.max(one, other)];
          let sum = 0;
          for (let at_mm = 0.5; at_mm < 200; at_mm++)
            sum += spreadShare_per_mm({ side_mm: 200, from_mm, to_mm, at_mm, spread_mm2 });
          expect(Math.abs(sum - 1)).toBeLessThan(0.01);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('early on a point source is the bell of an endless plate: 1 / sqrt(4 pi s) (handbook heat conduction)', () => {
    const share = spreadShare_per_mm({ side_mm: 400, from_mm: 200, to_mm: 200, at_mm: 210, spread_mm2: 50 });
    expect(share).toBeCloseTo(Math.exp(-100 / 200) / Math.sqrt(4 * Math.PI * 50), 6);
  });
});

describe('losing heat', () => {
  test('black surface at 200 °C in still air of 20 °C: 5.7 + 13.2 W/m2K (radiation worked by hand)', () => {
    const radiated = (5.670374e-8 * (473.15 ** 4 - 293.15 ** 4)) / 180;
    expect(surfaceLoss_W_m2K(200, 20, 0, 1)).toBeCloseTo(5.7 + radiated, 6);
    expect(surfaceLoss_W_m2K(200, 20, 5, 0)).toBeCloseTo(5.7 + 19, 6);
  });

  test('wind, a thinner piece and a cooler surface each do what a welder expects', () => {
    const loss = (change: Partial<Piece>) => pieceLoss_per_s(piece(change));
    expect(loss({ wind_m_s: 5 })).toBeGreaterThan(2 * loss({}));
    expect(loss({ thickness_mm: 5 })).toBeCloseTo(2 * loss({ thickness_mm: 10 }), 9);
    expect(loss({ about_C: 60 })).toBeLessThan(loss({}));
    expect(loss({ metal: heatProperties('austenitic-stainless') })).toBeLessThan(loss({}));
  });
});

describe('between beads', () => {
  const pass_J = 300_000;
  const wait = (change: Partial<Piece>, down_to_C = 100) => {
    const log = new HeatLog(coolingOf(piece(change)));
    log.laid(0, pass_J);
    return log.wait_s(0, down_to_C);
  };

  test('a piece with no wind and no bounds ends at the heat it holds over its mass', () => {
    const still = piece({ about_C: 15, wind_m_s: 0, metal: { ...PLAIN_PIECE.metal, emissivity: 0 } });
    const mass = still.metal.heatCapacity_J_mm3K * 500 * 400 * 10;
    const after_s = 4000;
    const held = passLeaves_K_J(still, after_s) / Math.exp(-pieceLoss_per_s(still) * after_s);
    expect(held * pass_J).toBeCloseTo(pass_J / mass, 0);
  });

  test('wind shortens the wait, a small piece and a lower ceiling lengthen it', () => {
    expect(wait({ wind_m_s: 6 }, 50)).toBeLessThan(wait({}, 50));
    expect(wait({ width_mm: 120, length_mm: 320 })).toBeGreaterThan(wait({}));
    expect(wait({}, 60)).toBeGreaterThan(wait({}));
    expect(wait({}, 900)).toBe(0);
  });

  test('a ceiling under the air is never reached, and that is said', () => {
    expect(wait({ air_C: 30 }, 20)).toBe(LONGEST_WAIT_s);
  });

  test('what is waited for is there after the wait, and not before', () => {
    const log = new HeatLog(coolingOf(piece()));
    log.warmed(0, 150);
    log.laid(120, pass_J);
    const wait_s = log.wait_s(121, 130);
    expect(wait_s).toBeGreaterThan(10);
    expect(log.at(121 + wait_s)).toBeCloseTo(130, 0);
    expect(log.at(121 + wait_s - 10)).toBeGreaterThan(130);
  });

  test('the torch brings the metal to what was asked, and it falls from there', () => {
    const log = new HeatLog(coolingOf(piece({ thickness_mm: 25 })));
    log.warmed(10, 180);
    expect(log.at(11)).toBeCloseTo(180, -1);
    expect(log.at(600)).toBeLessThan(160);
    expect(preheatLeft(piece({ length_mm: 200, width_mm: 100, weldLength_mm: 200 }), 1)).toBeGreaterThan(
      0.99,
    );
  });

  test('many small passes leave as much as one that is as big, once all is long ago', () => {
    const many = new HeatLog(coolingOf(piece()));
    for (let n = 0; n < 200; n++) many.laid(n, pass_J / 200);
    const one = new HeatLog(coolingOf(piece()));
    one.laid(100, pass_J);
    expect(Math.abs(many.at(3000) - one.at(3000))).toBeLessThan(1);
  });

  test('a table of the curve is the curve, within a percent', () => {
    const curve = (after_s: number) => preheatLeft(piece(), after_s);
    const table = tabulated(curve);
    for (const t of [1, 7, 33, 410, 5200]) expect(Math.abs(table(t) - curve(t))).toBeLessThan(0.01);
  });
});

describe('corrected by a thermometer', () => {
  const curve = (after_s: number) => 20 + 200 * Math.exp(-after_s / 600);

  test('a reading on the curve changes nothing; one that is lower means it cools faster, by just so much', () => {
    expect(correctionBy(curve, curve(300), 300)).toMatchObject({ kind: 'corrected' });
    const twice = correctionBy(curve, curve(600), 300);
    expect(twice).toMatchObject({ kind: 'corrected' });
    expect(twice.kind === 'corrected' && twice.faster).toBeCloseTo(2, 3);
  });

  test.each([500, -30, 21])('a reading of %d °C that no cooling explains is doubted', (reading_C) => {
    expect(correctionBy(curve, reading_C, 300)).toMatchObject({ kind: 'doubted' });
  });

  test('a curve falls through a value when it does', () => {
    const when = 600 * Math.log(2);
    expect(fallsAfter_s(curve, 120)).toBeCloseTo(when, 1);
  });
});

describe('the torch', () => {
  const thick = piece({ thickness_mm: 25, weldLength_mm: 200 });

  test('without losses it is heat over mass: 150 mm of zone, 25 mm thick, by hand', () => {
    const alone = piece({
      thickness_mm: 25,
      length_mm: 300,
      width_mm: 150,
      weldLength_mm: 300,
      metal: { ...PLAIN_PIECE.metal, emissivity: 0 },
    });
    const heat_J = alone.metal.heatCapacity_J_mm3K * 300 * 150 * 25 * (120 - 15);
    const { time_s } = torchWork(alone, 120, 15);
    expect(time_s?.nominal).toBeGreaterThan(heat_J / (15_000 * 0.27));
    expect(time_s?.nominal).toBeLessThan((1.1 * heat_J) / (15_000 * 0.27));
  });

  test('hotter, thicker and windier take longer; gas goes with time', () => {
    const time = (change: Partial<Piece>, to_C = 150) => torchWork({ ...thick, ...change }, to_C, 15);
    const usual = time({});
    expect(time({}, 200).time_s?.nominal).toBeGreaterThan(usual.time_s?.nominal ?? NaN);
    expect(time({ wind_m_s: 8 }).time_s?.nominal).toBeGreaterThan(usual.time_s?.nominal ?? NaN);
    expect(usual.propane_kg).toBeCloseTo((15 * (usual.time_s?.nominal ?? 0)) / 46_000, 6);
    expect(usual.time_s?.low).toBeLessThan(usual.time_s?.nominal ?? 0);
    expect(usual.time_s?.high).toBeGreaterThan(usual.time_s?.nominal ?? Infinity);
  });

  test('a small torch on a big block does not get there, and how far it gets is told', () => {
    const work = torchWork(piece({ thickness_mm: 60, length_mm: 2000, width_mm: 2000, wind_m_s: 6 }), 250, 2);
    expect(work.time_s).toBeNull();
    expect(work.reaches_C).toBeLessThan(100);
  });
});

describe('metal that has warmed up', () => {
  test('halfway to its melting point the arc needs half its heat', () => {
    const amps = ampsOnWarm_A(120, 320, 20, 620);
    expect(stillToMelt(320, 20, 620)).toBeCloseTo(0.5, 9);
    expect(arcHeat_W(amps)).toBeCloseTo(0.5 * arcHeat_W(120), 0);
  });

  test('cold metal takes all of it, and the arc is never turned down under half', () => {
    expect(ampsOnWarm_A(120, 20, 20, 620)).toBeCloseTo(120, 3);
    expect(ampsOnWarm_A(120, 610, 20, 620)).toBe(60);
  });
});
