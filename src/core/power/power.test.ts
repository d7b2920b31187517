import fc from 'fast-check';
import { BREAKERS } from '../data/breakers';
import { CABLE_IDS, resistance_ohm_m, type CableId } from '../data/cables';
import { MACHINE_TYPES } from '../data/machines';
import { blankMachine } from '../formats/blankKit';
import type { Machine } from '../formats/kit';
import { peakTripShare, tripsAt_A } from './breaker';
import { effectiveCurrent_A, effectiveMultiplier, permittedDuty } from './duty';
import { loadVoltage_V } from '../heat/loadVoltage';
import { readPlate } from './plate/nameplate';
import { supplyDraw, type Cord, type DrawQuestion } from './supply';

describe('load voltage (IEC 60974-1)', () => {
  test.each([
    ['stick', 100, 24],
    ['stick', 130, 25.2],
    ['stick', 600, 44],
    ['stick', 700, 44],
    ['tig', 100, 14],
    ['gas-wire', 200, 24],
  ] as const)('%s at %i A is %f V', (process, amps, volts) =>
    expect(loadVoltage_V(process, amps)).toBeCloseTo(volts),
  );
});

describe('duty', () => {
  // I^2 X constant, IEC 60974-1 and NEMA EW-1: 25 % at 170 A gives 72 % at 100 A and 100 % at 85 A.
  test('one rated point scales with current squared', () => {
    const plate = [{ current_A: 170, duty: 0.25 }];
    expect(permittedDuty(plate, 100)).toBeCloseTo(0.7225, 4);
    expect(permittedDuty(plate, 85)).toBeCloseTo(1, 6);
    expect(permittedDuty(plate, 40)).toBe(1);
  });

  test('several points are each met exactly, whatever their order', () => {
    const plate = [
      { current_A: 80, duty: 1 },
      { current_A: 160, duty: 0.25 },
      { current_A: 100, duty: 0.6 },
    ];
    for (const { current_A, duty } of plate) expect(permittedDuty(plate, current_A)).toBeCloseTo(duty, 9);
    expect(permittedDuty([], 100)).toBeNull();
  });

  // NEC 630.11(A), not motor-generator, from memory.
  test.each([
    [1, 1.0],
    [0.9, 0.95],
    [0.8, 0.89],
    [0.7, 0.84],
    [0.6, 0.78],
    [0.5, 0.71],
    [0.4, 0.63],
    [0.3, 0.55],
    [0.2, 0.45],
  ])('the multiplier for duty %f is the NEC 630.11 figure %f', (duty, multiplier) => {
    // The table is printed to two places and rounds 60 % up.
    expect(Math.abs(effectiveMultiplier(duty) - multiplier)).toBeLessThan(0.006);
    expect(effectiveCurrent_A(100, 0, duty) / 100).toBeCloseTo(effectiveMultiplier(duty), 9);
  });

  // NEC 630.11(A), motor-generator, from memory.
  test.each([
    [1, 1.0],
    [0.9, 0.96],
    [0.8, 0.91],
    [0.7, 0.86],
    [0.6, 0.81],
    [0.5, 0.75],
    [0.4, 0.69],
    [0.3, 0.62],
    [0.2, 0.55],
  ])('a motor-generator set draws while it idles: at duty %f its multiplier is %f', (duty, multiplier) => {
    const { idleShare } = MACHINE_TYPES['motor-generator'];
    expect(Math.abs(effectiveCurrent_A(1, idleShare, duty) - multiplier)).toBeLessThan(0.006);
  });

  test('the duty a plate permits never rises with amps', () => {
    const point = fc.record({
      current_A: fc.integer({ min: 20, max: 300 }),
      share: fc.double({ min: 0.3, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 10, max: 400 }),
        fc.integer({ min: 0, max: 100 }),
        (raw, amps, more) => {
          // A plate is honest: more amps, less duty.
          const sorted = [...raw].sort((a, b) => a.current_A - b.current_A);
          let duty = 1;
          const plate = sorted.map(({ current_A, share }) => ({ current_A, duty: (duty *= share) }));
          return (permittedDuty(plate, amps + more) ?? 0) <= (permittedDuty(plate, amps) ?? 0) + 1e-9;
        },
      ),
    );
  });
});

const machine = (change: Partial<Machine> = {}): Machine => ({
  ...blankMachine('m', 'Machine'),
  min_A: 10,
  max_A: 160,
  ...change,
});
const AROUND = { air_C: null, cooling: null } as const;
const cordOf = (length_m: number, size: CableId): Cord => ({ length_m, size, lie: 'straight' });

/** A question about a machine on a supply: single phase of 230 V and one cord unless said otherwise. */
function ask(
  change: Partial<DrawQuestion> & { machine?: Partial<Machine> } = {},
  cord: Cord | null = cordOf(20, 'mm2-2.5'),
): DrawQuestion {
  const { machine: plateChange, ...rest } = change;
  const { volts_V, phases } = { volts_V: 230, phases: 1 as const, ...rest };
  return {
    process: 'stick',
    current_A: 130,
    plate: readPlate(machine(plateChange), { volts_V, phases }, AROUND),
    volts_V,
    phases,
    cords: cord ? [cord] : [],
    source_ohm: 0,
    ...rest,
  };
}

describe('supply and cord', () => {
  // Common practice: 130 A on 120 V through 30 m of 14 AWG has no working point at all.
  test('a long thin cord leaves a constant-power machine no working point', () => {
    expect(supplyDraw(ask({ volts_V: 120 }, cordOf(30, 'awg14'))).holds).toBe(false);
    expect(supplyDraw(ask({ volts_V: 120 }, cordOf(5, 'awg10'))).holds).toBe(true);
  });

  test('a transformer on the same cord gives less instead of failing', () => {
    const draw = supplyDraw(ask({ volts_V: 120, machine: { type: 'transformer' } }, cordOf(30, 'awg14')));
    expect(draw.holds).toBe(true);
    expect(draw.dropShare.nominal).toBeGreaterThan(0.1);
  });

  test('no cord loses nothing and draws what the power asks: I = U2 I2 / (eta PF U1)', () => {
    const draw = supplyDraw(ask({}, null));
    const { efficiency, powerFactor } = MACHINE_TYPES.inverter;
    expect(draw.current_A.nominal).toBeCloseTo(
      (25.2 * 130) / (efficiency.nominal * powerFactor.nominal * 230),
      6,
    );
    expect(draw.dropShare.high).toBe(0);
  });

  test('what leaves the socket is what the machine takes and the cord burns (Kirchhoff)', () => {
    const draw = supplyDraw(ask());
    const straight = supplyDraw(ask({}, null)).current_A.nominal;
    const machine_V = 230 * (1 - draw.dropShare.nominal);
    expect(machine_V * draw.current_A.nominal).toBeCloseTo(230 * straight, 4);
  });

  test('more cord never raises the volts, a heavier one never lowers them', () => {
    const cords = CABLE_IDS.filter((id) => id.startsWith('mm2'));
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 120 }),
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom(...cords),
        fc.constantFrom('inverter' as const, 'inverter-pfc' as const, 'transformer' as const),
        fc.integer({ min: 20, max: 160 }),
        (length_m, more, size, type, current_A) => {
          const drop = (length: number, id: CableId) =>
            supplyDraw(ask({ machine: { type }, current_A }, cordOf(length, id))).dropShare.nominal;
          const heavier = cords[cords.indexOf(size) + 1] ?? size;
          return (
            drop(length_m + more, size) >= drop(length_m, size) - 1e-12 &&
            drop(length_m, heavier) <= drop(length_m, size) + 1e-12
          );
        },
      ),
    );
  });

  test('two cords one after another are one as long; a line before the socket is one more', () => {
    const split = supplyDraw(ask({ cords: [cordOf(12, 'mm2-4'), cordOf(8, 'mm2-4')] }));
    const whole = supplyDraw(ask({}, cordOf(20, 'mm2-4')));
    expect(split.current_A.nominal).toBeCloseTo(whole.current_A.nominal, 9);
    expect(split.cordShares[0]).toBeCloseTo(12 / 20, 9);
    // 20 m of 4 mm2 at 45 °C, there and back: copper, IACS.
    const line = supplyDraw(ask({ source_ohm: 40 * resistance_ohm_m('mm2-4', 45) }, null));
    expect(line.dropShare.nominal).toBeCloseTo(whole.dropShare.nominal, 9);
    expect(line.lineShare).toBe(1);
  });

  test('a cord on its drum is hot and loses more', () => {
    const straight = supplyDraw(ask({}, cordOf(40, 'mm2-4'))).dropShare.nominal;
    expect(supplyDraw(ask({}, { ...cordOf(40, 'mm2-4'), lie: 'drum' })).dropShare.nominal).toBeGreaterThan(
      straight,
    );
  });

  test('a cord of no length is no cord', () => {
    const none = supplyDraw(ask({}, null)).current_A.nominal;
    expect(supplyDraw(ask({}, cordOf(1e-9, 'mm2-1.5'))).current_A.nominal).toBeCloseTo(none, 6);
  });

  test('three phases carry the same power on less', () => {
    const one = supplyDraw(ask({}, null)).current_A.nominal;
    expect(supplyDraw(ask({ phases: 3 }, null)).current_A.nominal).toBeCloseTo(one / Math.sqrt(3), 6);
  });
});

describe('breaker', () => {
  const rod = (arc_s: number, rest_s: number, rods: number, amps: number) =>
    Array.from({ length: rods }, () => [
      { duration_s: arc_s, current_A: amps },
      { duration_s: rest_s, current_A: 0 },
    ]).flat();

  // IEC 60898, from memory: 1.13 holds an hour, 1.45 trips within the hour.
  test('holds at 1.13 times its rating for an hour and is gone at 1.45', () => {
    expect(peakTripShare([{ duration_s: 3600, current_A: 16 * 1.129 }], 16, BREAKERS.B.early)).toBeLessThan(
      1,
    );
    expect(peakTripShare([{ duration_s: 3600, current_A: 16 * 1.451 }], 16, BREAKERS.B.late)).toBeGreaterThan(
      1,
    );
  });

  test('heat carries over from rod to rod, and rest takes it off', () => {
    const { late } = BREAKERS.C;
    const one = peakTripShare(rod(60, 30, 1, 24), 16, late);
    expect(peakTripShare(rod(60, 30, 5, 24), 16, late)).toBeGreaterThan(one);
    expect(peakTripShare(rod(60, 300, 5, 24), 16, late)).toBeLessThan(
      peakTripShare(rod(60, 30, 5, 24), 16, late),
    );
  });

  test('the amps named are the ones that just trip it', () => {
    const share = peakTripShare(rod(60, 30, 4, 20), 16, BREAKERS.C.middle);
    const amps = tripsAt_A(20, share);
    expect(peakTripShare(rod(60, 30, 4, amps), 16, BREAKERS.C.middle)).toBeCloseTo(1, 9);
    expect(tripsAt_A(20, 0)).toBe(Infinity);
  });
});
