import { arc, compressor, dice, grinder, hammer, radio, RATE_Hz, shop } from '../../../tests/support/sounds';
import { Ear, type HeardArc } from './ear';

const SIZE = 1024;

/** Hears a sound to its end. */
function heardOf(sound: (n: number) => number, seconds: number): { arcs: HeardArc[]; ear: Ear } {
  const ear = new Ear(RATE_Hz, SIZE);
  const arcs: HeardArc[] = [];
  const frame = new Float32Array(SIZE);
  for (let at = 0; at + SIZE <= seconds * RATE_Hz; at += SIZE) {
    for (let n = 0; n < SIZE; n++) frame[n] = sound(at + n);
    const ended = ear.hear(frame, (at + SIZE) / RATE_Hz);
    if (ended) arcs.push(ended);
  }
  return { arcs, ear };
}

describe('an arc is heard', () => {
  // How loud it comes from the bench, from a pocket and from across the shop.
  test.each([0.5, 0.2, 0.08])(
    'at loudness %s its beginning and end are told within half a second, 19 of 20',
    (loud) => {
      let [right, all] = [0, 0];
      for (let seed = 1; seed <= 20; seed++) {
        const roll = dice(1000 + seed);
        const [from, long] = [3.2 + 0.8 * roll(), 1.5 + 2 * roll()];
        const [noise, burn] = [shop(seed), arc(500 + seed, loud, seed % 3 === 0)];
        const { arcs } = heardOf(
          (n) => {
            const at = n / RATE_Hz;
            return noise(n) + (at >= from && at < from + long ? burn(n) : 0);
          },
          from + long + 2,
        );
        all += 1;
        const [one] = arcs;
        if (
          arcs.length === 1 &&
          one &&
          Math.abs(one.from_s - from) <= 0.5 &&
          Math.abs(one.to_s - from - long) <= 0.5
        )
          right += 1;
      }
      expect(right / all).toBeGreaterThanOrEqual(0.95);
    },
  );

  test('while it burns it says so, and how sure it is; first it learns the floor', () => {
    const [noise, burn] = [shop(7), arc(8, 0.3, false)];
    expect(heardOf(noise, 1).ear.now().state).toBe('learning');
    expect(heardOf(noise, 5).ear.now().state).toBe('quiet');
    const { ear } = heardOf((n) => noise(n) + (n > 4 * RATE_Hz ? burn(n) : 0), 7);
    expect(ear.now().state).toBe('arc');
    expect(ear.now().from_s).toBeGreaterThan(3.5);
    expect(ear.now().from_s).toBeLessThan(4.5);
    expect(ear.now().sure).toBeGreaterThan(0.5);
  });
});

describe('what is no arc', () => {
  test.each([
    ['grinder', grinder],
    ['hammer', hammer],
    ['compressor', compressor],
    ['radio', radio],
  ] as const)('%s, near and far: never taken for one', (_, make) => {
    for (const [seed, loud] of [
      [11, 0.6],
      [12, 0.25],
      [13, 0.1],
    ] as const) {
      const [noise, sound] = [shop(seed), make(100 + seed, loud)];
      const { arcs, ear } = heardOf((n) => noise(n) + (n > 4 * RATE_Hz ? sound(n) : 0), 24);
      expect([seed, arcs, ear.now().state]).toEqual([seed, [], 'quiet']);
    }
  });
});
