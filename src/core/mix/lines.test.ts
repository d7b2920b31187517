import fc from 'fast-check';
import { DEPOSITS } from '../data/deposits';
import { FERRITE_LINES, FN_LINES } from '../data/constitution';
import { TYPICAL_METALS } from '../data/typicalMetals';
import { mixed } from './chemistry';
import { acrossAt } from './curve';
import { schaefflerEquivalents, wrcEquivalents } from './equivalents';
import { overMartensite, schaefflerFerrite_pct, schaefflerField } from './schaeffler';
import { wrcFN } from './wrc';

const rods = fc.constantFrom(
  ...Object.values(DEPOSITS).map(({ percent }) => percent as Record<string, number>),
);
const metals = fc.constantFrom(...Object.values(TYPICAL_METALS).map(({ percent }) => percent));
const share = fc.double({ min: 0, max: 1, noNaN: true });
const point = fc.record({
  creq: fc.double({ min: 0, max: 40, noNaN: true }),
  nieq: fc.double({ min: 0, max: 30, noNaN: true }),
});

describe('the tie line', () => {
  test('no dilution is the rod’s own point, all of it is the base metal’s', () => {
    fc.assert(
      fc.property(rods, metals, metals, share, (deposit, a, b, shareA) => {
        const at = (dilution: number) => schaefflerEquivalents(mixed(deposit, a, b, { dilution, shareA }));
        expect(at(0).creq).toBeCloseTo(schaefflerEquivalents(deposit).creq, 9);
        const [pa, pb] = [schaefflerEquivalents(a), schaefflerEquivalents(b)];
        expect(at(1).creq).toBeCloseTo(shareA * pa.creq + (1 - shareA) * pb.creq, 9);
        expect(at(1).nieq).toBeCloseTo(shareA * pa.nieq + (1 - shareA) * pb.nieq, 9);
      }),
    );
  });

  test('the bead moves along it, straight and in proportion, on both diagrams', () => {
    fc.assert(
      fc.property(rods, metals, metals, share, share, (deposit, a, b, shareA, dilution) => {
        for (const equivalents of [schaefflerEquivalents, wrcEquivalents]) {
          const at = (d: number) => equivalents(mixed(deposit, a, b, { dilution: d, shareA }));
          const [from, to, here] = [at(0), at(1), at(dilution)];
          expect(here.creq).toBeCloseTo(from.creq + dilution * (to.creq - from.creq), 9);
          expect(here.nieq).toBeCloseTo(from.nieq + dilution * (to.nieq - from.nieq), 9);
        }
      }),
    );
  });
});

describe('the lines', () => {
  test('of equal ferrite never cross, and those of equal ferrite number neither', () => {
    for (let nieq = 0; nieq <= 30; nieq += 0.25) {
      const at = FERRITE_LINES.map(({ points }) => acrossAt(points, nieq));
      expect([...at].sort((a, b) => a - b)).toEqual(at);
    }
    for (let nieq = 6; nieq <= 22; nieq += 0.25) {
      const at = FN_LINES.map(({ at9, slope }) => at9 + slope * (nieq - 9));
      expect([...at].sort((a, b) => a - b)).toEqual(at);
    }
  });

  test('more chromium never means less ferrite, more nickel never more', () => {
    fc.assert(
      fc.property(point, share, ({ creq, nieq }, more) => {
        const here = { creq, nieq };
        expect(schaefflerFerrite_pct({ creq: creq + more, nieq })).toBeGreaterThanOrEqual(
          schaefflerFerrite_pct(here) - 1e-9,
        );
        expect(wrcFN({ creq: creq + more, nieq })).toBeGreaterThanOrEqual(wrcFN(here) - 1e-9);
        if (nieq < 9) return;
        expect(wrcFN({ creq, nieq: nieq + more })).toBeLessThanOrEqual(wrcFN(here) + 1e-9);
      }),
    );
  });

  test('every point lies in one field, and over the martensite line there is none', () => {
    fc.assert(
      fc.property(point, (at) => {
        const field = schaefflerField(at);
        expect(field.austenite || field.martensite || field.ferrite).toBe(true);
        if (overMartensite(at) > 0 && field.austenite) expect(field.martensite).toBe(false);
        expect(schaefflerFerrite_pct(at) > 0).toBe(field.ferrite);
      }),
    );
  });
});
