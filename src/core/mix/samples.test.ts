import fc from 'fast-check';
import { DEPOSIT_SCATTER, DEPOSITS } from '../data/deposits';
import { NITROGEN } from '../data/constitution';
import type { BaseMetal } from './baseMetal';
import { mixed, MIX_ELEMENTS, percentOf, type Chemistry } from './chemistry';
import { drawBeads } from './samples';

const rod = DEPOSITS['E309L-16'].percent;
const base = (percent: Chemistry, width = 0): BaseMetal =>
  ({
    elements: Object.fromEntries(
      Object.entries(percent).map(([element, nominal]) => [
        element,
        { low: nominal * (1 - width), nominal, high: nominal * (1 + width) },
      ]),
    ),
  }) as unknown as BaseMetal;
const percent = fc.record({
  C: fc.double({ min: 0.01, max: 1, noNaN: true }),
  Cr: fc.double({ min: 0, max: 25, noNaN: true }),
  Ni: fc.double({ min: 0, max: 20, noNaN: true }),
  Mn: fc.double({ min: 0.2, max: 14, noNaN: true }),
});
const share = fc.double({ min: 0, max: 1, noNaN: true });

test('beads of two known metals lie where the stirring of them says, but for what the rod itself may differ by', () => {
  fc.assert(
    fc.property(percent, percent, share, share, (a, b, dilution, shareA) => {
      const question = {
        deposit: rod,
        sideA: base(a),
        sideB: base(b),
        dilution: { low: dilution, nominal: dilution, high: dilution },
        shareA,
      };
      const told = mixed(rod, a, b, { dilution, shareA });
      const scatter: Readonly<Record<string, number>> = { ...DEPOSIT_SCATTER, N: NITROGEN.doubt };
      for (const bead of drawBeads(question, 5, false))
        for (const element of MIX_ELEMENTS) {
          const apart = Math.abs(percentOf(bead, element) - percentOf(told, element));
          expect(apart).toBeLessThanOrEqual((1 - dilution) * (scatter[element] ?? 0) + 1e-9);
        }
    }),
    { numRuns: 40 },
  );
});

test('one piece of metal on both sides is drawn once: the share that comes from either side tells nothing', () => {
  const side = base({ C: 0.2, Cr: 5, Mn: 1 }, 0.5);
  const beads = (shareA: number) => [
    ...drawBeads(
      { deposit: rod, sideA: side, sideB: side, dilution: { low: 0.3, nominal: 0.3, high: 0.3 }, shareA },
      50,
      true,
    ),
  ];
  beads(0).forEach((bead, n) => {
    for (const element of MIX_ELEMENTS)
      expect(percentOf(bead, element)).toBeCloseTo(percentOf(beads(1)[n] ?? {}, element), 9);
  });
});
