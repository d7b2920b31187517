import { speakAmount } from './speak';

describe('an amount in its own unit', () => {
  test.each([
    [12, 'V', '12 V'],
    [4.25, 'min', '4.3 min'],
    [90, 'min', '90 min'],
    [91, 'min', '1.5 h'],
    [600, 'min', '10 h'],
    [6.4, 'A', '6 A'],
    [1, 'rods', '1 rod'],
    [2, 'starts', '2 starts'],
    [3.2, 'mm', '3.2 mm'],
    [40, '%', '40 %'],
    [0.824, 'kJ/mm', '0.82 kJ/mm'],
    [5.5, 'kVA', '5.5 kVA'],
  ] as const)('%f %s is %s', (amount, unit, said) => expect(speakAmount(amount, unit, 'metric')).toBe(said));

  test('sizes, wind and degrees in inches, knots or miles, and Fahrenheit', () => {
    expect(speakAmount(3.175, 'mm', 'inch')).toBe('1/8 in');
    // A difference of 10 °C is one of 18 °F.
    expect(speakAmount(10, '°C', 'inch')).toBe('18 °F');
  });
});
