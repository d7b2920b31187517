import { fixedChance } from '../units/chance';
import { DRIFT, JUDGED, SPREAD, type RanId } from '../data/bench';
import { learnFrom, type Tried } from './learn';

const bead = (set_A: number, ran: RanId | null, more: Partial<Tried> = {}): Tried => ({
  machineId: 'm',
  tinId: 't',
  set_A,
  chart_A: 100,
  read_A: null,
  ran,
  ...more,
});

/** Normal draws of a fixed seed (Box and Muller 1958). */
function normal(seed: number) {
  const chance = fixedChance(seed);
  return (sd: number) => sd * Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
}

/** What a hand says of a bead, and what it sets next. */
function says(set: number, right: number, noise: number): RanId {
  const off = set - right + noise;
  return off > JUDGED.margin ? 'hot' : off < -JUDGED.margin ? 'cold' : 'right';
}

/** A welder with a machine, a tin and a hand of their own, who tries so many beads. */
function triedBy(draw: (sd: number) => number, count: number) {
  const right = draw(SPREAD.machine) + draw(SPREAD.tin) + draw(SPREAD.hand);
  const trials: Tried[] = [];
  let set = 0;
  for (let n = 0; n < count; n++) {
    const ran = says(set, right, draw(JUDGED.sd));
    trials.push(bead(100 * Math.exp(set), ran));
    set += ran === 'hot' ? -0.07 : ran === 'cold' ? 0.07 : 0;
  }
  return { right, trials };
}
const WELDERS = 400;
const among = (count: number) => {
  const draw = normal(2026);
  return Array.from({ length: WELDERS }, () => triedBy(draw, count));
};

describe('learning from beads on scrap', () => {
  test('one that ran right: the closed form of a normal spread with a normal reading', () => {
    const prior = SPREAD.machine ** 2 + DRIFT.sd ** 2 + SPREAD.tin ** 2 + SPREAD.hand ** 2;
    const doubt = JUDGED.sd ** 2 + JUDGED.margin ** 2 / 3;
    const mean = (prior / (prior + doubt)) * Math.log(1.2);
    const sd = Math.sqrt((prior * doubt) / (prior + doubt));
    const { share } = learnFrom([bead(120, 'right')]).together('m', 't');
    expect(share.nominal).toBeCloseTo(Math.exp(mean), 9);
    // Nine in ten of a normal spread lie within 1.645 standard deviations.
    expect(Math.log(share.high)).toBeCloseTo(mean + 1.645 * sd, 3);
    expect(Math.log(share.low)).toBeCloseTo(mean - 1.645 * sd, 3);
  });

  // Common practice: charts and machines differ by about 20 %.
  test('before anything is known nine in ten machines lie within a fifth of the chart', () => {
    const high = learnFrom([bead(100, null)]).machine('m')?.share.high ?? NaN;
    expect(high).toBeGreaterThan(1.19);
    expect(high).toBeLessThan(1.24);
  });

  test('an ammeter on the lead tells the dial from tin and hand', () => {
    const lessons = learnFrom([bead(120, 'right', { read_A: 100 }), bead(120, 'right', { read_A: 100 })]);
    expect(lessons.machine('m')?.share.nominal).toBeCloseTo(1.19, 1);
    expect(Math.abs((lessons.tin('t')?.share.nominal ?? 9) - 1)).toBeLessThan(0.02);
    // The next tin on that machine is expected to run as this one did.
    expect(lessons.together('m', 'other').share.nominal).toBeGreaterThan(1.15);
    expect(lessons.together('other', 't').share.nominal).toBeLessThan(1.03);
  });

  test('hot says less, cold says more, and each narrows', () => {
    const [nothing, hot, cold] = [[], [bead(100, 'hot')], [bead(100, 'cold')]].map(
      (trials) => learnFrom(trials as Tried[]).together('m', 't').share,
    );
    expect(hot?.nominal).toBeLessThan(0.95);
    expect(cold?.nominal).toBeGreaterThan(1.05);
    expect((hot?.nominal ?? 0) * (cold?.nominal ?? 0)).toBeCloseTo(1, 9);
    expect(nothing?.nominal).toBe(1);
    const [one, five] = [1, 5].map((count) =>
      learnFrom(Array.from({ length: count }, () => bead(110, 'right'))).together('m', 't'),
    );
    expect(Math.log((five?.share.high ?? 0) / (five?.share.low ?? 1))).toBeLessThan(
      Math.log((one?.share.high ?? 0) / (one?.share.low ?? 1)),
    );
    expect(five?.share.nominal).toBeGreaterThan(one?.share.nominal ?? Infinity);
    expect(five?.trials).toBe(5);
  });

  test.each([1, 3, 6, 12])('after %i beads nine in ten ranges hold what is right', (count) => {
    const held = among(count).filter(({ right, trials }) => {
      const { low, high } = learnFrom(trials).together('m', 't').share;
      return right >= Math.log(low) && right <= Math.log(high);
    });
    expect(held.length / WELDERS).toBeGreaterThanOrEqual(0.85);
    expect(held.length / WELDERS).toBeLessThanOrEqual(0.95);
  });

  test('from three beads on it is nearer to what is right than the chart alone', () => {
    const missed = (count: number, learned: boolean) =>
      among(count).reduce(
        (sum, { right, trials }) =>
          sum +
          Math.abs(right - (learned ? Math.log(learnFrom(trials).together('m', 't').share.nominal) : 0)),
        0,
      ) / WELDERS;
    expect(missed(3, true)).toBeLessThan(0.6 * missed(3, false));
    expect(missed(12, true)).toBeLessThan(missed(3, true));
  });

  test('the odd one out is named and moves it little', () => {
    const steady = Array.from({ length: 6 }, () => bead(115, 'right'));
    const before = learnFrom(steady).together('m', 't').share.nominal;
    const lessons = learnFrom([...steady, bead(60, 'right')]);
    expect(lessons.odd).toEqual([6]);
    expect(lessons.together('m', 't').share.nominal / before).toBeGreaterThan(0.93);
    expect(learnFrom(steady).odd).toEqual([]);
  });

  test('a machine that drifts is named; one that scatters is not', () => {
    const drifting = Array.from({ length: 10 }, (_, n) => bead(n < 5 ? 100 : 118, 'right'));
    const scattering = Array.from({ length: 10 }, (_, n) => bead(n % 2 ? 104 : 97, 'right'));
    expect(learnFrom(drifting).drifted).toEqual(['m']);
    expect(learnFrom(scattering).drifted).toEqual([]);
  });
});
