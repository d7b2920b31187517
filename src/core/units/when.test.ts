import fc from 'fast-check';
import { isBetween, parseWhen, sayWhen } from './when';

/** Noon by the wall, two hours ahead of the world. */
const clock = { now_ms: Date.UTC(2026, 2, 2, 10, 0), offset_min: -120 };
const iso = (typed: string) => {
  const read = parseWhen(typed, clock);
  return read.ok ? new Date(read.value).toISOString().slice(0, 16) : read.message;
};

describe('a moment as it is said', () => {
  test.each([
    ['7:30', '2026-03-02T05:30'],
    ['yesterday 16:00', '2026-03-01T14:00'],
    ['7.00 tomorrow', '2026-03-03T05:00'],
    ['2 h ago', '2026-03-02T08:00'],
    ['90 min ago', '2026-03-02T08:30'],
    ['in 3 hours', '2026-03-02T13:00'],
    ['now', '2026-03-02T10:00'],
    ['in 2 weeks', '2026-03-16T10:00'],
    ['1 hr ago', '2026-03-02T09:00'],
    ['2026-03-01 07:30', '2026-03-01T05:30'],
  ])('%s', (typed, at) => expect(iso(typed)).toBe(at));

  // From memory of what people type: months are no minutes, and nothing lies a thousand years off.
  test.each([
    '25:00',
    '2026-02-30 07:00',
    'noonish',
    '',
    '7',
    'in 2 months',
    '3 moons',
    '99999999999 d ago',
    '9999-01-01',
  ])('%s is refused with what to type', (typed) => expect(iso(typed)).toMatch(/Type 7:30/));

  test('what is said back is read as the same minute', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -500, max: 500 }),
        fc.integer({ min: -720, max: 720 }),
        (hours, offset_min) => {
          const wall = { ...clock, offset_min };
          const at = clock.now_ms + hours * 3_600_000;
          const read = parseWhen(sayWhen(at, wall), wall);
          return read.ok && read.value === at;
        },
      ),
    );
  });
});

test('an hour between two, over midnight too; the end is out', () => {
  const at = (hour: number) => isBetween(60 * hour, 22 * 60, 6 * 60);
  expect([21, 22, 23.9, 0, 5.9, 6, 12].map(at)).toEqual([false, true, true, true, true, false, false]);
  expect([11, 12, 12.9, 13].map((hour) => isBetween(60 * hour, 720, 780))).toEqual([
    false,
    true,
    true,
    false,
  ]);
  expect(isBetween(600, 600, 600)).toBe(false);
});
