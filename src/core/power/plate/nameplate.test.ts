import fc from 'fast-check';
import { MACHINE_TYPES, MACHINE_TYPE_IDS } from '../../data/machines';
import { BLANK_INPUT, BLANK_POINT, blankMachine, blankSupply } from '../../formats/blankKit';
import { checkMachine, checkSupply, soundMachine } from '../../formats/checkKit';
import type { Machine } from '../../formats/kit';
import { derated, permittedDuty } from '../duty';
import { loadVoltage_V } from '../../heat/loadVoltage';
import { coolingShare, readPlate } from './nameplate';

const AROUND = { air_C: null, cooling: null } as const;
const one = (volts_V: number) => ({ volts_V, phases: 1 as const });
const three = (volts_V: number) => ({ volts_V, phases: 3 as const });
const machine = (change: Partial<Machine> = {}): Machine => ({ ...blankMachine('m', 'Machine'), ...change });
const point = (current_A: number, duty_pct: number, change: Partial<typeof BLANK_POINT> = {}) => ({
  ...BLANK_POINT,
  current_A,
  duty_pct,
  ...change,
});

/** A dual-voltage plate: 120 V gives less, and both columns have their own points. */
const DUAL = machine({
  max_A: 160,
  min_A: 10,
  processes: ['stick', 'tig'],
  inputs: [
    { ...BLANK_INPUT, volts_V: 230, inputMax_A: 36, inputEff_A: 18 },
    { ...BLANK_INPUT, volts_V: 120, inputMax_A: 30, inputEff_A: 15, top_A: 90 },
  ],
  rated: [
    point(160, 25, { volts_V: 230 }),
    point(80, 100, { volts_V: 230 }),
    point(90, 20, { volts_V: 120 }),
    point(120, 20, { volts_V: 120, process: 'tig' }),
  ],
});

describe('a plate on a supply', () => {
  test('a dual-voltage plate gives each supply its own column, points and largest current', () => {
    const high = readPlate(DUAL, one(230), AROUND);
    const low = readPlate(DUAL, one(120), AROUND);
    expect(high.max_A?.range.nominal).toBe(160);
    expect(high.points).toHaveLength(2);
    expect(low.max_A?.range.nominal).toBe(90);
    expect(low.points).toEqual([{ current_A: 90, duty: 0.2 }]);
    expect(low.inputMax_A).toMatchObject({ by: 'plate', range: { nominal: 30 } });
    // The same machine in TIG: other points, and more amps on the same volts.
    expect(readPlate(DUAL, one(120), AROUND, 'tig').points).toEqual([{ current_A: 120, duty: 0.2 }]);
  });

  test('volts off every column, and phases that are not there, are said', () => {
    expect(readPlate(DUAL, one(400), AROUND).misfit).toMatch(/wants 230 V or 120 V; this supply has 400 V/);
    expect(readPlate(DUAL, three(400), AROUND).misfit).toMatch(/wants one phase; this supply has three/);
    const big = machine({ type: 'inverter-3ph', max_A: 300 });
    expect(readPlate(big, one(230), AROUND).misfit).toMatch(/wants three phases; this supply has one/);
    expect(readPlate(big, three(400), AROUND).misfit).toBe('');
    expect(readPlate(DUAL, one(240), AROUND).misfit).toBe('');
  });

  test('what a blank plate would say is a range of its kind, and what was read stands', () => {
    fc.assert(
      fc.property(fc.constantFrom(...MACHINE_TYPE_IDS), fc.integer({ min: 60, max: 400 }), (type, max_A) => {
        const plate = readPlate(machine({ type, max_A }), three(400), AROUND);
        const row = MACHINE_TYPES[type];
        for (const figure of [plate.efficiency, plate.powerFactor, plate.ocv_V, plate.min_A]) {
          expect(figure?.by).toBe('kind');
          expect(figure?.range.low).toBeLessThanOrEqual(figure?.range.nominal ?? NaN);
          expect(figure?.range.nominal).toBeLessThanOrEqual(figure?.range.high ?? NaN);
        }
        expect(plate.points).toEqual([{ current_A: max_A, duty: row.duty.nominal }]);
        expect(plate.capacity.low).toBeCloseTo(row.duty.low / row.duty.nominal, 9);
        expect(plate.inputMax_A === null).toBe(row.feeds !== 'mains');
        const marked = readPlate(machine({ type, max_A, efficiency_pct: 80, ocv_V: 63 }), three(400), AROUND);
        expect(marked.efficiency).toMatchObject({ by: 'plate', range: { nominal: 0.8 } });
        expect(marked.ocv_V.range).toEqual({ low: 63, nominal: 63, high: 63 });
      }),
    );
  });

  test('the largest amps, where they are not on the plate, come from its points or what its supply amps feed', () => {
    expect(readPlate(machine({ rated: [point(140, 30)] }), one(230), AROUND).max_A).toEqual({
      range: { low: 140, nominal: 140, high: 140 },
      by: 'reckoned',
    });
    const fed = machine({
      efficiency_pct: 80,
      powerFactor: 0.7,
      inputs: [{ ...BLANK_INPUT, volts_V: 230, inputMax_A: 36 }],
    });
    const max = readPlate(fed, one(230), AROUND).max_A?.range.nominal ?? NaN;
    // IEC 60974-1 load line: I1 = U2 I2 / (eta PF U1).
    expect((loadVoltage_V('stick', max) * max) / (0.8 * 0.7 * 230)).toBeCloseTo(36, 6);
    expect(readPlate(machine(), null, AROUND).max_A).toBeNull();
  });

  test('effective current where only the largest is on the plate: sqrt(I1max^2 X + I0^2 (1 - X)), IEC 60974-1', () => {
    const plate = readPlate(
      machine({
        max_A: 160,
        idle_A: 2,
        rated: [point(160, 25)],
        inputs: [{ ...BLANK_INPUT, inputMax_A: 36 }],
      }),
      one(230),
      AROUND,
    );
    expect(plate.inputEff_A?.range.nominal).toBeCloseTo(Math.sqrt(36 ** 2 * 0.25 + 2 ** 2 * 0.75), 9);
  });
});

describe('heat and dust', () => {
  test('at 40 °C and below with clean filters the plate holds as it is', () => {
    for (const air_C of [null, -10, 20, 40])
      expect(coolingShare({ air_C, cooling: 'clean' })).toEqual({ low: 1, nominal: 1, high: 1 });
  });

  test('hotter air and dust only ever take away, and the doubt stays in order', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 60 }),
        fc.integer({ min: 0, max: 20 }),
        fc.constantFrom('clean' as const, 'dirty' as const),
        (air_C, more, cooling) => {
          const here = coolingShare({ air_C, cooling });
          const hotter = coolingShare({ air_C: Math.min(60, air_C + more), cooling });
          return (
            hotter.nominal <= here.nominal + 1e-12 &&
            here.low <= here.nominal &&
            here.nominal <= here.high &&
            coolingShare({ air_C, cooling: 'dirty' }).nominal < 1
          );
        },
      ),
    );
  });

  test('a derated plate still keeps current squared times duty the same', () => {
    const points = derated([{ current_A: 170, duty: 0.25 }], 0.8);
    // IEC 60974-1, NEMA EW-1: 25 % at 170 A is 72 % at 100 A; of that four fifths.
    expect(permittedDuty(points, 100)).toBeCloseTo(0.8 * 0.7225, 4);
    expect(permittedDuty(points, 20)).toBe(1);
  });
});

describe('numbers of a plate that cannot be', () => {
  test.each([
    [{ min_A: 80, max_A: 60 }, 'max_A', /Highest amps: 60 A is not over the lowest\. Type more than 80 A/],
    [
      { inputs: [{ ...BLANK_INPUT, inputMax_A: 20, inputEff_A: 30 }] },
      'inputs.0.inputEff_A',
      /I1eff, effective supply amps: 30 A is over I1max\. Type 20 A or less/,
    ],
    [
      { type: 'inverter-3ph' as const, inputs: [BLANK_INPUT] },
      'inputs.0.phases',
      /made for three phases\. Press Three/,
    ],
    [{ max_A: 160, rated: [point(200, 20)] }, 'rated.0.current_A', /200 A is over the highest amps/],
    [{ rated: [point(100, 30), point(160, 60)] }, 'rated.1.duty_pct', /More amps mean less duty: type 30 %/],
    [
      { max_A: 160, inputs: [{ ...BLANK_INPUT, top_A: 170 }] },
      'inputs.0.top_A',
      /170 A is over the highest of the plate/,
    ],
  ])('%j is refused at %s', (change, at, message) => {
    const found = checkMachine(machine(change));
    expect(found).toEqual([{ at, message: expect.stringMatching(message) }]);
  });

  test('are left out of the reckoning and kept as they were typed', () => {
    const wrong = machine({ max_A: 160, rated: [point(100, 60), point(200, 20)] });
    expect(soundMachine(wrong).rated).toEqual([point(100, 60), { ...point(200, 20), current_A: null }]);
    expect(wrong.rated[1]?.current_A).toBe(200);
    expect(checkMachine(DUAL)).toEqual([]);
  });

  test('a generator is no more real than apparent, and surges at least as it runs', () => {
    const set = { ...blankSupply('g', 'Set'), kind: 'generator' as const, rating_kVA: 5 };
    expect(checkSupply({ ...set, rating_kW: 6 })[0]?.message).toMatch(
      /power factor over 1\. Type 5 kVA|Type 5 kW/,
    );
    expect(checkSupply({ ...set, surge_kVA: 4 })[0]?.message).toMatch(/surge kVA: 4 kVA is under/);
    expect(checkSupply({ ...set, rating_kW: 4, surge_kVA: 6 })).toEqual([]);
  });
});
