import fc from 'fast-check';
import {
  bainiteEquivalent,
  carbonEquivalent,
  cet,
  chemicalCarbon,
  crackingParameter,
  STEEL_ELEMENTS,
} from './carbon';

/** A plate steel, weight percent, worked by hand below with the published formulas. */
const PLATE = { C: 0.18, Si: 0.3, Mn: 1.44, Cr: 0.1, Mo: 0.02, V: 0.03, Ni: 0.12, Cu: 0.15, B: 0.0002 };

describe('chemistry in one number', () => {
  test('CE of the IIW, worked by hand (EN 1011-2): 0.18 + 0.24 + 0.03 + 0.018', () => {
    expect(carbonEquivalent(PLATE)).toBeCloseTo(0.468, 6);
  });

  test('Pcm, worked by hand (Ito and Bessyo 1968): 0.18 + 0.01 + 0.0845 + 0.002 + 0.001333 + 0.003 + 0.001', () => {
    expect(crackingParameter(PLATE)).toBeCloseTo(0.281833, 5);
  });

  test('CET, worked by hand (EN 1011-2 method B): 0.18 + 0.146 + 0.0125 + 0.003', () => {
    expect(cet(PLATE)).toBeCloseTo(0.3415, 6);
  });

  test('chemical carbon, worked by hand (Seferian): (64.8 + 61.6 + 2.4 + 0.56) / 360', () => {
    expect(chemicalCarbon(PLATE)).toBeCloseTo(129.36 / 360, 6);
  });

  test('plain carbon alone is its own equivalent in all of them', () => {
    for (const number of [carbonEquivalent, crackingParameter, cet, chemicalCarbon, bainiteEquivalent])
      expect(number({ C: 0.4 })).toBeCloseTo(0.4, 12);
  });

  test('no element ever lowers one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STEEL_ELEMENTS),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (el, more) => {
          const richer = { ...PLATE, [el]: (PLATE[el] ?? 0) + more };
          for (const number of [carbonEquivalent, crackingParameter, cet, chemicalCarbon, bainiteEquivalent])
            expect(number(richer)).toBeGreaterThanOrEqual(number(PLATE));
        },
      ),
    );
  });
});
