import fc from 'fast-check';
import elements from 'periodic-table';
import type { FamilyId } from '../data/families';
import { libraryRow } from '../data/library';
import { densityOf, WATER_g_cm3 } from './density';

/** What a scale would show of a piece of known density. */
const weighed = (density: number, air_g: number, scale_g: number) => ({
  air_g,
  water_g: air_g * (1 - WATER_g_cm3 / density),
  scale_g,
});

describe('density from two weighings', () => {
  // Element densities from the periodic-table package, as an outside reference for metals that are nearly pure.
  test.each<[string, FamilyId]>([
    ['Cu', 'copper'],
    ['Ti', 'titanium'],
    ['Pb', 'lead'],
    ['Al', 'al-1xxx-3xxx'],
    ['Mg', 'magnesium'],
    ['Fe', 'low-carbon-steel'],
  ])(
    '%s, weighed exactly, is the density of the element, and the library of its family agrees',
    (symbol, family) => {
      const published = elements.symbols[symbol]?.density ?? NaN;
      const read = densityOf(weighed(published, 500, 0.1));
      expect(read.ok && read.value.nominal).toBeCloseTo(published, 6);
      const { low, high } = libraryRow(family).density_g_cm3.value;
      expect(published).toBeGreaterThan(low * 0.995);
      expect(published).toBeLessThan(high * 1.005);
    },
  );

  test('Archimedes by hand: 540 g in air, 340 g in water is 2.69 g/cm3', () => {
    const read = densityOf({ air_g: 540, water_g: 340, scale_g: 1 });
    expect(read.ok && read.value.nominal).toBeCloseTo((540 * 0.998) / 200, 9);
  });

  test('the error bar holds the truth whatever half step each reading was off, and grows with the step', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.7, max: 11.4, noNaN: true }),
        fc.double({ min: 200, max: 5000, noNaN: true }),
        fc.constantFrom(0.1, 1, 5),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        (truth, air, step, a, w) => {
          const exact = weighed(truth, air, step);
          const read = densityOf({
            air_g: exact.air_g + a * step,
            water_g: exact.water_g + w * step,
            scale_g: step,
          });
          if (!read.ok) return;
          expect(read.value.low).toBeLessThanOrEqual(truth * (1 + 1e-9));
          expect(read.value.high).toBeGreaterThanOrEqual(truth * (1 - 1e-9));
          const finer = densityOf({ ...exact, scale_g: step / 10 });
          const coarse = densityOf(exact);
          if (finer.ok && coarse.ok)
            expect(coarse.value.high - coarse.value.low).toBeGreaterThan(finer.value.high - finer.value.low);
        },
      ),
    );
  });

  test('what cannot be is refused with what to do instead', () => {
    expect(densityOf({ air_g: 300, water_g: 310, scale_g: 1 })).toMatchObject({
      ok: false,
      message: expect.stringMatching(/in air first/),
    });
    expect(densityOf({ air_g: 30, water_g: 26, scale_g: 5 })).toMatchObject({
      ok: false,
      message: expect.stringMatching(/too coarse/),
    });
  });
});
