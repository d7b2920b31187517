import { PRACTICE } from '../units/sources';
import type { CoolingTime } from '../heat/cooling85';
import { hardKept } from './hardKept';

const CEILING = { value_C: 200, words: 'By its chart.', source: PRACTICE };
const INPUT = { least_kJ_mm: 1, most_kJ_mm: 1, most_kJ_in: 30 };

/** The ceiling where a bead begun at a temperature cools in so many seconds. */
const kept = (aim_C: number, seconds: (from_C: number, heat_kJ_mm: number) => number) =>
  hardKept(CEILING, {
    families: ['quenched-tempered-wear-plate'],
    input: INPUT,
    aim_C,
    cools: (heat, from_C) => {
      const governing_s = seconds(from_C, heat);
      return { governing_s, thick_s: governing_s, thin_s: governing_s, governs: 'thin' } as CoolingTime;
    },
  })?.value_C;

// Common practice: thin hardened plate is let cool to 75 to 150 °C between beads; it stays hard where it cools in 20 s (plate makers, from memory).
describe('the ceiling of hardened plate', () => {
  test('stays where the hottest bead cools in 20 s, and comes down by 25 °C at a time where it does not', () => {
    expect(kept(0, () => 19.9)).toBe(200);
    // Begun 10 °C under the ceiling, at 140 °C it is still too slow.
    expect(kept(0, (from_C) => (from_C <= 140 ? 20 : 21))).toBe(150);
    expect(kept(0, (from_C) => (from_C < 140 ? 20 : 21))).toBe(125);
    // A hand gives a bead up to fifteen hundredths more than it is reckoned.
    expect(kept(0, (_, heat) => (heat > 1.14 ? 21 : 19))).toBe(75);
  });

  test('never under 75 °C, nor closer than 30 °C to what is asked', () => {
    expect(kept(0, () => 99)).toBe(75);
    expect(kept(95, () => 99)).toBe(125);
    expect(kept(96, () => 99)).toBe(150);
  });

  test('other steels keep theirs', () => {
    expect(
      hardKept(CEILING, {
        families: ['low-carbon-steel'],
        input: INPUT,
        aim_C: 0,
        cools: () => ({ governing_s: 99 }) as CoolingTime,
      }),
    ).toBe(CEILING);
  });
});
