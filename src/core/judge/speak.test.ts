import { exactly } from '../units/range';
import { ofThumb, over, under } from './room';
import { speakAmount, speakLeft, speakRoom, speakState } from './speak';

const WORDS = { now: 'now', gap: 'over the floor', past: 'too cold', until: 'then', reasons: [] };

describe('an amount as it is said', () => {
  test('one is one, and two are two', () => {
    expect([1, 0.6, 2, 0].map((n) => speakAmount(n, 'rods', 'metric'))).toEqual([
      '1 rod',
      '1 rod',
      '2 rods',
      '0 rods',
    ]);
    expect(speakAmount(1, 'starts', 'metric')).toBe('1 start');
    expect(speakAmount(1, 'A', 'metric')).toBe('1 A');
  });

  test('where only the bad end fails no nought is said, but that it may', () => {
    const body = ofThumb(
      over('A', exactly(46), { low: 45, nominal: 49, high: 53 }, WORDS),
      'may only be wetted',
    );
    expect([speakLeft(body, 'metric'), speakRoom(body, 'metric'), speakState(body)]).toEqual([
      null,
      'may only be wetted',
      'tight',
    ]);
  });

  test('what is past its limit is said by how much, and what is left too', () => {
    expect(speakRoom(under('A', exactly(48), exactly(31), WORDS), 'metric')).toBe('17 A too cold');
    expect(speakRoom(under('A', exactly(20), exactly(31), WORDS), 'metric')).toBe('11 A over the floor');
  });
});
