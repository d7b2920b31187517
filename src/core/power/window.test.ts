import fc from 'fast-check';
import { permittedDuty, type RatedPoint } from './duty';
import {
  fullest,
  restNeeded_s,
  rodRhythm,
  runsOver_s,
  windowFill,
  withoutPause_A,
  type Burn,
} from './window';

const PLATE: readonly RatedPoint[] = [{ current_A: 170, duty: 0.25 }];

/** Bursts laid one after another. */
const laid = (bursts: readonly { burn: number; pause: number; amps: number }[]): Burn[] => {
  let clock = 0;
  return bursts.map(({ burn, pause, amps }) => {
    const start_s = clock;
    clock += burn + pause;
    return { start_s, duration_s: burn, current_A: amps };
  });
};
const bursts = fc.array(
  fc.record({
    burn: fc.integer({ min: 5, max: 200 }),
    pause: fc.integer({ min: 0, max: 400 }),
    amps: fc.integer({ min: 40, max: 170 }),
  }),
  { minLength: 1, maxLength: 25 },
);

describe('how full the ten minutes stand', () => {
  test('agrees with a second-by-second count over random schedules', () => {
    fc.assert(
      fc.property(bursts, (raw) => {
        const burns = laid(raw);
        const end = burns.reduce((last, b) => Math.max(last, b.start_s + b.duration_s), 0);
        const used = new Float64Array(end + 601);
        for (const { start_s, duration_s, current_A } of burns)
          for (let s = 0; s < duration_s; s++)
            used[start_s + s] = 1 / (600 * (permittedDuty(PLATE, current_A) ?? 1));
        let [sum, most] = [0, 0];
        used.forEach((second, n) => {
          sum += second - (n >= 600 ? (used[n - 600] ?? 0) : 0);
          most = Math.max(most, sum);
        });
        expect(fullest(windowFill(burns, PLATE))).toBeCloseTo(most, 6);
      }),
      { numRuns: 60 },
    );
  });

  // IEC 60974-1: 25 % at 170 A is 2.5 minutes in ten.
  test('one steady burn fills it at the duty of the plate, and runs over there', () => {
    const burn = (duration_s: number) => [{ start_s: 0, duration_s, current_A: 170 }];
    expect(fullest(windowFill(burn(150), PLATE))).toBeCloseTo(1, 9);
    expect(runsOver_s(windowFill(burn(150), PLATE))).toBeNull();
    expect(runsOver_s(windowFill(burn(300), PLATE))).toBeCloseTo(150, 6);
  });

  test('it empties again: the same burn ten minutes on fills no more', () => {
    const twice = laid([
      { burn: 150, pause: 450, amps: 170 },
      { burn: 150, pause: 0, amps: 170 },
    ]);
    expect(fullest(windowFill(twice, PLATE))).toBeCloseTo(1, 9);
  });

  test('at the amps without a pause an endless burn never fills it; a few amps more and it does', () => {
    const steady = withoutPause_A(PLATE, 170) ?? NaN;
    // Constant I^2 X: 170 sqrt(0.25) = 85 A, IEC 60974-1.
    expect(steady).toBeCloseTo(85, 3);
    const long = (amps: number) => windowFill([{ start_s: 0, duration_s: 7200, current_A: amps }], PLATE);
    expect(runsOver_s(long(steady))).toBeNull();
    expect(runsOver_s(long(steady + 3))).not.toBeNull();
  });

  test('a plate without a point says nothing', () => {
    expect(windowFill([{ start_s: 0, duration_s: 60, current_A: 100 }], [])).toEqual([]);
    expect(withoutPause_A([], 170)).toBeNull();
  });
});

describe('rest', () => {
  const job = (rods: number, burn: number) => (rest: number) =>
    laid(Array.from({ length: rods }, () => ({ burn, pause: 25 + rest, amps: 170 })));

  test('is the shortest with which the window never runs over', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 20, max: 140 }), (rods, burn) => {
        const rest = restNeeded_s(job(rods, burn), PLATE);
        if (rest === null) return;
        expect(runsOver_s(windowFill(job(rods, burn)(rest), PLATE))).toBeNull();
        if (rest > 0) expect(runsOver_s(windowFill(job(rods, burn)(rest - 1), PLATE))).not.toBeNull();
      }),
      { numRuns: 40 },
    );
  });

  test('none helps where one rod alone is too much', () => {
    expect(restNeeded_s(job(1, 200), PLATE)).toBeNull();
  });

  test('rods and pauses as they are said: two rods of a minute, then the rest of the ten', () => {
    expect(rodRhythm(0.25, 70, 25)).toEqual({ rods: 2, pause_s: 600 - 140 - 25 });
    expect(rodRhythm(0.9, 70, 25)).toBeNull();
    expect(rodRhythm(0.1, 70, 25)).toMatchObject({ rods: 0 });
  });

  test('said so, the window is never over', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.7, noNaN: true }),
        fc.integer({ min: 20, max: 100 }),
        (duty, arc) => {
          const rhythm = rodRhythm(duty, arc, 25);
          if (!rhythm || rhythm.rods === 0) return;
          const round = Array.from({ length: rhythm.rods }, (_, n) => ({
            burn: arc,
            pause: n === rhythm.rods - 1 ? rhythm.pause_s : 25,
            amps: 100,
          }));
          const course = windowFill(laid([...round, ...round, ...round]), [{ current_A: 100, duty }]);
          expect(fullest(course)).toBeLessThanOrEqual(1 + 1e-6);
        },
      ),
    );
  });
});
