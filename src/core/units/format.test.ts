import fc from 'fast-check';
import { formatBoth, formatQuantity, inchText, trimmed, midSentence, unparted } from './format';
import { CURRENT, DURATION, SIZE, TEMPERATURE } from './kinds';
import { parseQuantity } from './parse';

describe('quantities as shown', () => {
  test.each([
    [2.381, '3/32 in'],
    [3.175, '1/8 in'],
    [38.1, '1 1/2 in'],
    [25.4, '1 in'],
    [1.519, '0.06 in'],
  ])('%f mm is %s', (mm, text) => expect(formatQuantity(mm, SIZE, 'inch')).toBe(text));

  test('both systems, the asked one first', () => {
    expect(formatBoth(3.175, SIZE, 'inch')).toBe('1/8 in · 3.2 mm');
    expect(formatBoth(90, CURRENT, 'metric')).toBe('90 A');
    expect(formatBoth(20, TEMPERATURE, 'metric')).toBe('20 °C · 68 °F');
  });

  test('a number keeps its unit beside it at the end of a line, and nothing else', () => {
    expect(unparted('38 °C, 1 1/2 in; 0.8 kJ/mm, 5 % of 3 tins in all, 45 G')).toBe(
      '38\u00a0°C, 1 1/2\u00a0in; 0.8\u00a0kJ/mm, 5\u00a0% of 3 tins in all, 45\u00a0G',
    );
    expect(unparted('6 min arc, 6 minutes, 4 men')).toBe('6\u00a0min arc, 6 minutes, 4 men');
  });

  test('nothing known, or nonsense, is a question mark and never NaN', () => {
    expect(formatQuantity(null, SIZE, 'metric')).toBe('?');
    expect(formatQuantity(NaN, SIZE, 'inch')).toBe('?');
    expect(trimmed(-0.0001, 1)).toBe('0');
  });

  test('what is shown in millimetres or inches reads back within its own rounding', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 400, noNaN: true }),
        fc.constantFrom('metric' as const, 'inch' as const),
        (mm, system) => {
          const read = parseQuantity(formatQuantity(mm, SIZE, system), SIZE, system);
          return read.ok && Math.abs(read.value.value - mm) <= 0.06;
        },
      ),
    );
    expect(inchText(0.0598)).toBe('0.06');
  });
});

describe('times and words', () => {
  test('seconds, minutes, and from three hours on hours', () => {
    expect(formatQuantity(90, DURATION, 'metric')).toBe('90 s');
    expect(formatQuantity(600, DURATION, 'metric')).toBe('10 min');
    expect(formatQuantity(8 * 3600, DURATION, 'metric')).toBe('8 h');
  });

  test('a name inside a sentence loses its capital, an abbreviation keeps it', () => {
    expect(midSentence('Stick rods')).toBe('stick rods');
    expect(midSentence('TIG torch')).toBe('TIG torch');
    expect(midSentence('')).toBe('');
  });
});
