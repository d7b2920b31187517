import fc from 'fast-check';
import Qty from 'js-quantities';
import {
  CURRENT,
  DISTANCE,
  DURATION,
  PERCENT,
  SIZE,
  TEMPERATURE,
  VOLTAGE,
  WIND,
  type QuantityKind,
} from './kinds';
import { parseQuantity } from './parse';

const value = (text: string, kind: QuantityKind, system: 'metric' | 'inch' = 'metric') => {
  const read = parseQuantity(text, kind, system);
  if (!read.ok) throw new Error(read.message);
  return read.value.value;
};
const message = (text: string, kind: QuantityKind = SIZE, system: 'metric' | 'inch' = 'metric') => {
  const read = parseQuantity(text, kind, system);
  return read.ok ? `read as ${read.value.value}` : read.message;
};

describe('quantities as spoken', () => {
  test.each([
    ['3/32', 2.38125],
    ['1/8"', 3.175],
    ['1/8 in', 3.175],
    ['⅛', 3.175],
    ['1 1/2', 38.1],
    ['1-1/2"', 38.1],
    ['3 1/8', 79.375],
    ['4 mm', 4],
    ['4mm', 4],
    ['2 cm', 20],
    ['.125 in', 3.175],
    ["1'", 304.8],
  ])('%s is %f mm (the inch is 25.4 mm by definition)', (text, mm) => {
    expect(value(text, SIZE)).toBeCloseTo(mm, 6);
  });

  test('a bare number takes the unit of the system; a bare fraction is inches in both', () => {
    expect(value('6', SIZE, 'metric')).toBe(6);
    expect(value('.25', SIZE, 'inch')).toBeCloseTo(6.35);
    expect(value('1/4', SIZE, 'metric')).toBeCloseTo(6.35);
  });

  test('200F, 70 F and -5 C are understood', () => {
    expect(value('200F', TEMPERATURE)).toBeCloseTo(93.333, 3);
    expect(value('70', TEMPERATURE, 'inch')).toBeCloseTo(21.111, 3);
    expect(value('-5 C', TEMPERATURE)).toBe(-5);
  });

  test.each([
    ['1/0', /divides by nothing/],
    ['3,2', /Type 3\.2 with a point/],
    ['.125', /of what\? Type 0\.125 in or 0\.125 mm/],
    ['banana', /"banana" is not a size\. Type 3\.2 mm/],
    ['-3', /cannot be below zero/],
    ['4 furlongs', /"furlongs" is not a unit/],
    ['16 ga', /16 ga steel \(1\.52 mm\), 16 ga aluminium \(1\.29 mm\), 16 ga stainless \(1\.59 mm\)/],
    ['99 ga', /no 99 ga sheet here/],
    ['7 ga galv', /no 7 ga here for galvanised/],
    ['', /Type a size, such as 3\.2 mm/],
    ['9'.repeat(50), /Too long/],
  ])('%s is answered with what to type', (text, expected) => {
    expect(message(text)).toMatch(expected);
  });

  // An independent conversion library as the outside reference.
  test.each([
    [DISTANCE, '75 ft', 'm'],
    [DISTANCE, '30 m', 'm'],
    [DISTANCE, '500 cm', 'm'],
    [WIND, '10 mph', 'm/s'],
    [WIND, '36 km/h', 'm/s'],
    [WIND, '12 knots', 'm/s'],
    [SIZE, '0.375 in', 'mm'],
    [DURATION, '3 min', 's'],
    [DURATION, '2 h', 's'],
    [CURRENT, '90 A', 'A'],
    [VOLTAGE, '230 V', 'V'],
  ])('%o %s agrees with js-quantities', (kind, text, unit) => {
    const words = text.replace('mph', 'mi/h').replace('knots', 'kt');
    expect(value(text, kind)).toBeCloseTo(new Qty(words).to(unit).scalar, 6);
  });

  test('any typed text parses to a finite number or gives a message; it never throws', () => {
    const kinds = [SIZE, DISTANCE, CURRENT, VOLTAGE, PERCENT, TEMPERATURE, WIND, DURATION];
    const likely = fc.stringMatching(/^[0-9 .,/\-"'a-zA-Z°%½]{0,14}$/);
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), likely),
        fc.constantFrom(...kinds),
        fc.constantFrom('metric', 'inch' as const),
        (text, kind, system) => {
          const read = parseQuantity(text, kind, system as 'metric');
          return read.ok ? Number.isFinite(read.value.value) : read.message.length > 10;
        },
      ),
      { numRuns: 3000 },
    );
  });
});
