import fc from 'fast-check';
import { inUnitsOf, toldThroughout } from './inUnitsOf';

const inch = (words: string) => inUnitsOf(words, 'inch');

// 9/5 C + 32, 25.4 mm to the inch (definitions); rules of thumb as handbooks round them, from memory.
test.each([
  ['Preheat 95 to 260 °C, more for more carbon.', 'Preheat 203 to 500 °F, more for more carbon.'],
  ['Below 0 °C warm it to 20 °C first.', 'Below 32 °F warm it to 68 °F first.'],
  ['warm it to -20 °C', 'warm it to -4 °F'],
  ['never above 200 °C (some grades 150 °C)', 'never above 390 °F (some grades 300 °F)'],
  ['dull red, 600 to 700 °C', 'dull red, 1110 to 1290 °F'],
  ['no faster than 50 °C an hour to 300 °C', 'no faster than 90 °F an hour to 570 °F'],
  ['Grind the zinc back 50 mm each side.', 'Grind the zinc back 2 in each side.'],
  ['beads of 25 mm, peen each', 'beads of 1 in, peen each'],
  ['150 °C before the next bead (175 °C at the most)', '300 °F before the next bead (345 °F at the most)'],
  ['beads 25 mm long, 75 mm apart, 10 mm off', 'beads 1 in long, 3 in apart, 3/8 in off'],
  ['150 mm, 300 mm', '6 in, 12 in'],
  ['up to about 8 m/s', 'up to about 18 mph'],
  ['a 13.3 mm² bead at 2.5 mm/s', 'a 0.021 in² bead at 5.9 in/min'],
])('%s', (metric, expected) => {
  expect(inch(metric)).toBe(expected);
  expect(inUnitsOf(metric, 'metric')).toBe(metric);
});

test('what is said in both systems, a cord’s section, heat input and hydrogen stay as they are', () => {
  for (const words of [
    '3/32 in · 2.4 mm',
    '11 m (35 ft) clear',
    '10 m of 6 mm² carries 40 A',
    '0.7 kJ/mm',
    '5 ml in 100 g',
  ])
    expect(inch(words)).toBe(words);
});

test('told once it is told: nothing is told twice, and a record keeps its shape', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(fc.integer({ min: -40, max: 900 }), fc.constantFrom('°C', 'mm', 'm/s', 'kg', 'A', 'min')),
        { maxLength: 5 },
      ),
      (figures) => {
        const words = `It is ${figures.map(([n, unit]) => `${n} ${unit}`).join(' here; ')}.`;
        const once = inch(words);
        expect(inch(once)).toBe(once);
        expect(once).not.toMatch(/ (°C|mm|m\/s|kg)\b/);
        expect(toldThroughout({ a: [words, 7, null], b: { c: words } }, 'inch')).toEqual({
          a: [once, 7, null],
          b: { c: once },
        });
      },
    ),
  );
});
