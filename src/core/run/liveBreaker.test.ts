import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { BREAKERS } from '../data/breakers';
import { assess } from '../plan/assess';
import { carriesFor_s, heatNow } from '../power/breaker';
import { liveBreaker } from './liveBreaker';

const SECOND = 1000;

describe('the breaker, live', () => {
  // IEC 60898: carries 1.13 of its rating for ever; at 2.55 it goes between 1 and 60 s, the middle of the band taken as 8 s; 1.45 within the hour.
  test('cold, it carries what its standard says', () => {
    const { early, middle, late } = BREAKERS.C;
    expect(carriesFor_s(0, 1.12 * 16, 16, early)).toBeNull();
    expect(carriesFor_s(0, 2.55 * 16, 16, early)).toBeCloseTo(1, 6);
    expect(carriesFor_s(0, 2.55 * 16, 16, middle)).toBeCloseTo(8, 6);
    expect(carriesFor_s(0, 2.55 * 16, 16, late)).toBeCloseTo(60, 6);
  });

  test('it goes just then: warm from whatever went before, after so long it stands at what it trips at', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            duration_s: fc.double({ min: 0, max: 300, noNaN: true }),
            current_A: fc.double({ min: 0, max: 22, noNaN: true }),
          }),
          { maxLength: 12 },
        ),
        fc.double({ min: 24, max: 60, noNaN: true }),
        (before, current_A) => {
          const edge = BREAKERS.B.middle;
          const heat = heatNow(before, 16, edge);
          const carries = carriesFor_s(heat, current_A, 16, edge);
          if (carries === null) return current_A / 16 <= edge.holds + 1e-9;
          if (heat >= 1) return carries === 0;
          const then = heatNow([...before, { duration_s: carries, current_A }], 16, edge);
          return Math.abs(then - 1) < 1e-6;
        },
      ),
    );
  });

  test('second by second it comes to the same', () => {
    const edge = BREAKERS.C.middle;
    const stretches = [
      { duration_s: 60, current_A: 24 },
      { duration_s: 90, current_A: 1 },
      { duration_s: 45, current_A: 24 },
    ];
    let heat = 0;
    for (const { duration_s, current_A } of stretches)
      for (let n = 0; n < duration_s * 200; n++)
        heat += (((current_A / 16) ** 2 / edge.holds ** 2 - heat) / edge.tau_s) * 0.005;
    expect(heatNow(stretches, 16, edge)).toBeCloseTo(heat, 2);
  });

  const situation = (edits: Record<string, unknown> = {}) =>
    assess(demoJob('ramp-guard', edits), {
      ...DEMO_KIT,
      supplies: DEMO_KIT.supplies.map((one) => ({ ...one, breaker_A: 10, breakerKind: 'B' as const })),
    }).situation;
  const arc = (from_s: number, to_s: number | null, current_A = 120) => ({
    from_ms: from_s * SECOND,
    to_ms: to_s === null ? null : to_s * SECOND,
    burned_s: (to_s ?? 60) - from_s,
    current_A,
  });

  test('warmer after each rod, cooler after each rest; a warm one carries the next arc for less', () => {
    const at = situation();
    const cold = liveBreaker(at, [], 0, 160);
    const warm = liveBreaker(at, [arc(0, 50)], 50 * SECOND, 160);
    const rested = liveBreaker(at, [arc(0, 50)], 350 * SECOND, 160);
    expect(cold?.heat).toBeCloseTo(0, 6);
    expect(warm?.heat).toBeGreaterThan(0.3);
    expect(rested?.heat ?? 1).toBeLessThan(warm?.heat ?? 0);
    expect(warm?.carries_s ?? Infinity).toBeLessThan(cold?.carries_s ?? 0);
  });

  test('nothing is said of a battery, or of a breaker that nobody knows', () => {
    const battery = DEMO_KIT.machines.find(({ type }) => type === 'battery')?.id;
    expect(battery).toBeDefined();
    expect(liveBreaker(situation({ 'power.machineId': battery }), [], 0, 100)).toBeNull();
    const unknown = assess(demoJob('ramp-guard'), {
      ...DEMO_KIT,
      supplies: DEMO_KIT.supplies.map((one) => ({ ...one, breaker_A: null })),
    }).situation;
    expect(liveBreaker(unknown, [], 0, 100)).toBeNull();
  });
});
