import fc from 'fast-check';
import { coolingTime85, heatForCooling_kJ_mm, transitionThickness_mm } from './cooling85';
import { arcEnergy_kJ_in, heatInput_kJ_mm } from './arcEnergy';
import { hardenedZone_HV, martensite_HV } from './hardness';

describe('cooling from 800 to 500 °C (EN 1011-2 annex D, from memory)', () => {
  const at = (heat_kJ_mm: number, thickness_mm: number, start_C: number) =>
    coolingTime85({ heat_kJ_mm, thickness_mm, start_C });

  test('1 kJ/mm from 20 °C: 5.29 s in thick plate, 11.36 s in 10 mm, which governs', () => {
    const time = at(1, 10, 20);
    expect(time.thick_s).toBeCloseTo(5.29, 2);
    expect(time.thin_s).toBeCloseTo(11.36, 2);
    expect(time).toMatchObject({ governs: 'thin', governing_s: time.thin_s });
  });

  test('1.2 kJ/mm on 15 mm from 100 °C: 8.0 s and 10.4 s, transition at 17.2 mm', () => {
    const time = at(1.2, 15, 100);
    expect(time.thick_s).toBeCloseTo(8.0, 1);
    expect(time.thin_s).toBeCloseTo(10.4, 1);
    expect(transitionThickness_mm(1.2, 100)).toBeCloseTo(17.2, 1);
  });

  test('at the transition thickness the two agree: 14.7 mm at 1 kJ/mm and 20 °C', () => {
    const edge = transitionThickness_mm(1, 20);
    expect(edge).toBeCloseTo(14.7, 1);
    const { thick_s, thin_s } = at(1, edge, 20);
    expect(thick_s).toBeCloseTo(thin_s, 6);
  });

  test('more heat and warmer metal cool slower, and the heat for a time gives that time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.double({ min: 2, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 350, noNaN: true }),
        (heat, thickness, start) => {
          const time = at(heat, thickness, start).governing_s;
          expect(at(heat * 1.1, thickness, start).governing_s).toBeGreaterThan(time);
          expect(at(heat, thickness, start + 20).governing_s).toBeGreaterThan(time);
          const back = heatForCooling_kJ_mm(time, { thickness_mm: thickness, start_C: start });
          expect(back).toBeCloseTo(heat, 4);
        },
      ),
    );
  });
});

test('heat input of 130 A at 2.5 mm/s: 0.8 x 25.2 V x 130 A / 2.5 mm/s (EN 1011-1), and 33.3 kJ/in of arc energy', () => {
  expect(heatInput_kJ_mm(130, 2.5)).toBeCloseTo(1.048, 3);
  expect(arcEnergy_kJ_in(130, 2.5)).toBeCloseTo((60 * 25.2 * 130) / (1000 * ((2.5 * 60) / 25.4)), 6);
});

describe('hardened zone (published 1981, from memory)', () => {
  /** A plain structural steel, weight percent. The figures were handed down without their steel: this is one that they fit. */
  const PLAIN = { C: 0.18, Si: 0.22, Mn: 1.1 };

  test.each([
    [5, 360],
    [10, 290],
    [20, 219],
  ])('a plain structural steel cooled in %d s: about %d HV (from memory)', (t85_s, expected) => {
    expect(Math.abs((hardenedZone_HV(PLAIN, t85_s) ?? 0) - expected)).toBeLessThan(3);
  });

  test('never harder than martensite of its carbon, and silent over 0.32 % carbon', () => {
    expect(hardenedZone_HV({ ...PLAIN, C: 0.3, Cr: 1 }, 0.5)).toBeCloseTo(martensite_HV(0.3), 6);
    expect(martensite_HV(0.3)).toBeCloseTo(545.6, 6);
    expect(hardenedZone_HV({ ...PLAIN, C: 0.33 }, 10)).toBeNull();
    expect(hardenedZone_HV(PLAIN, 0)).toBeNull();
    // Thin sheet under a big arc cools for many minutes: ferrite is as soft as it gets (handbooks, from memory).
    expect(hardenedZone_HV(PLAIN, 5000)).toBe(90);
  });
});
