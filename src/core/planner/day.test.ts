import fc from 'fast-check';
import { DEMO_JOBS } from '../../demo/jobs';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from '../plan/assess';
import { bakedBy, clockOf, fuelOf, layDay, ovenLoads, planDay, rodsToTake, type DayTerms } from './day';
import { dayJob, type DayJob } from './dayWork';

const TERMS: DayTerms = { begins_min: 420, dark_min: null, walk_min: 5 };
const job = (
  id: string,
  stretches: readonly (readonly [number, number])[],
  more: Partial<DayJob> = {},
): DayJob => ({
  id,
  title: id,
  verdict: 'ready',
  stretches: stretches.map(([work, wait]) => ({ work_s: 60 * work, wait_s: 60 * wait })),
  outdoors: false,
  window_s: null,
  tin: null,
  battery: null,
  oven: null,
  engine: null,
  ...more,
});

describe('a day of several jobs', () => {
  test('the wait of one is filled by another where it goes in whole, there and back', () => {
    const warm = job('warm', [
      [20, 40],
      [20, 0],
    ]);
    const short = job('short', [[25, 0]]);
    const day = planDay([short, warm], TERMS);
    // 20 of work, 5 over, 25 of the other, 5 back, 5 of waiting left, 20 of work.
    expect(day.done_s / 60).toBe(80);
    expect(day.filled_s / 60).toBe(25);
    expect(day.idle_s / 60).toBe(5);
    // One minute longer and it does not go in: one after the other.
    const long = planDay([job('long', [[31, 0]]), warm], TERMS);
    expect(long.filled_s).toBe(0);
    expect(long.done_s / 60).toBe(20 + 40 + 20 + 5 + 31);
  });

  test('outside before dark, inside after', () => {
    const [inside, outside] = [job('inside', [[120, 0]]), job('outside', [[120, 0]], { outdoors: true })];
    const terms = { ...TERMS, dark_min: 420 + 130 };
    expect(planDay([inside, outside], terms)).toMatchObject({ order: ['outside', 'inside'], clashes: [] });
    const both = planDay([job('other', [[120, 0]], { outdoors: true }), outside], terms);
    expect(both.clashes).toMatchObject([
      { about: 'dark', words: expect.stringMatching(/done at 11:05, after dark/) },
    ]);
  });

  test('rods that lie in the air from one job to the next; two jobs that share a tin stand side by side', () => {
    const tin = { id: 't', name: 'E7018 1/8', left_h: 4 };
    const jobs = [job('a', [[100, 0]], { tin }), job('b', [[200, 0]]), job('c', [[100, 0]], { tin })];
    const day = planDay(jobs, TERMS);
    expect(day.clashes).toEqual([]);
    expect(Math.abs(day.order.indexOf('a') - day.order.indexOf('c'))).toBe(1);
    expect(layDay(jobs, TERMS).clashes).toMatchObject([{ about: 'tin', jobIds: ['a', 'c'] }]);
  });

  test('a window that the waits of another would break, and a battery that does not last', () => {
    const tide = job(
      'tide',
      [
        [30, 30],
        [30, 0],
      ],
      { window_s: 5400 },
    );
    expect(planDay([tide, job('other', [[10, 0]])], TERMS).clashes).toEqual([]);
    const late = planDay([{ ...tide, window_s: 3600 }], TERMS);
    expect(late.clashes).toMatchObject([
      { about: 'window', words: expect.stringMatching(/1\.0 h.*takes 1\.5 h/) },
    ]);
    const battery = { name: 'Box', share: 0.6 };
    expect(
      planDay([job('a', [[9, 0]], { battery }), job('b', [[9, 0]], { battery })], TERMS).clashes,
    ).toMatchObject([{ about: 'battery', words: expect.stringMatching(/does for 83 %/) }]);
  });

  const anyJob = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 60 })), {
      minLength: 1,
      maxLength: 4,
    })
    .map((stretches) => stretches);
  test('nothing overlaps, all of it is done, and no order is better than the one that is told (any day)', () => {
    fc.assert(
      fc.property(fc.array(anyJob, { minLength: 1, maxLength: 4 }), fc.boolean(), (all, dark) => {
        const jobs = all.map((stretches, n) => job(`j${n}`, stretches, { outdoors: n % 2 === 0 }));
        const terms = { ...TERMS, dark_min: dark ? 500 : null };
        const day = planDay(jobs, terms);
        day.blocks.forEach((block, n) => expect(block.from_s).toBe(n === 0 ? 0 : day.blocks[n - 1]?.to_s));
        const worked = day.blocks
          .filter(({ kind }) => kind === 'work')
          .reduce((sum, b) => sum + b.to_s - b.from_s, 0);
        expect(worked).toBeCloseTo(
          jobs.flatMap((one) => one.stretches).reduce((sum, s) => sum + s.work_s, 0),
          6,
        );
        const [first, ...rest] = jobs;
        const other = layDay(first ? [...rest, first] : [], terms);
        expect(day.clashes.length).toBeLessThanOrEqual(other.clashes.length);
        if (day.clashes.length === other.clashes.length)
          expect(day.done_s).toBeLessThanOrEqual(other.done_s + 1);
      }),
    );
  });

  test('more jobs than every order is looked at: never worse than by haste, and the same each time', () => {
    const jobs = Array.from({ length: 9 }, (_, n) =>
      job(
        `j${n}`,
        [
          [10 + 7 * n, n % 3 === 0 ? 50 : 0],
          [5, 0],
        ],
        { outdoors: n > 5 },
      ),
    );
    const terms = { ...TERMS, dark_min: 420 + 240 };
    const day = planDay(jobs, terms);
    expect(day).toEqual(planDay(jobs, terms));
    expect(day.clashes.length).toBeLessThanOrEqual(layDay(jobs, terms).clashes.length);
  });

  test('the yard: stretches are as long as the job; what must not be welded takes no time', () => {
    for (const one of DEMO_JOBS) {
      const assessment = assess(one, DEMO_KIT);
      const day = dayJob(assessment);
      const sum = day.stretches.reduce((all, { work_s, wait_s }) => all + work_s + wait_s, 0);
      if (day.verdict === 'stopped') expect(day.stretches).toEqual([]);
      else expect(sum).toBeCloseTo(assessment.situation.timeline?.elapsed_s ?? 0, 3);
    }
  });

  test('rods to take: a tenth over, more the less sure it is (our judgement)', () => {
    expect(rodsToTake(10, { holds: 60, of: 60 })).toBe(11);
    expect(rodsToTake(10, { holds: 30, of: 60 })).toBe(13);
    expect(rodsToTake(10, null)).toBe(11);
    expect(rodsToTake(0, null)).toBe(0);
  });

  test('rods that are baked wait for the oven, and another job is done meanwhile; alike they go in together', () => {
    // 2 h for basic rods: AWS D1.1, drying; 1 h for stainless: common practice.
    const basic = { how: 'two hours', rods: 'E7018 1/8', bake_s: 7200 };
    const stainless = { how: 'one hour', rods: 'E309L-16 3/32', bake_s: 3600 };
    const baked = job('baked', [[30, 0]], { oven: basic });
    expect(layDay([baked], TERMS)).toMatchObject({ done_s: 9000, idle_s: 7200 });
    const other = job('other', [[100, 0]]);
    const day = planDay([baked, other], TERMS);
    expect(day.done_s).toBeLessThanOrEqual(9000);
    expect(planDay([other, baked], TERMS).done_s).toBe(day.done_s);
    const two = job('two', [[30, 0]], { oven: { ...basic, rods: 'E7018 3/32' } });
    const steel = job('steel', [[90, 0]], { oven: stainless });
    expect([...bakedBy([baked, steel, two]).values()]).toEqual([7200, 10800, 7200]);
    // The quicker load first: welded while the other is in the oven.
    expect(planDay([baked, steel], TERMS).order).toEqual(['steel', 'baked']);
    expect(ovenLoads(layDay([baked, two], TERMS), [baked, two])).toEqual([
      { rods: 'E7018 1/8, E7018 3/32', how: 'two hours', in_s: 0, out_s: 7200 },
    ]);
  });

  test('what the engines of a day burn is added up by engine', () => {
    const engine = (fuel_l: number, name = 'Generator') => ({ engine: { name, fuel_l } });
    const jobs = [
      job('a', [[9, 0]], engine(2)),
      job('b', [[9, 0]], engine(3)),
      job('c', [[9, 0]], engine(1, 'Drive')),
    ];
    expect(fuelOf(jobs)).toEqual([
      { name: 'Generator', fuel_l: 5 },
      { name: 'Drive', fuel_l: 1 },
    ]);
    const cap = DEMO_JOBS.find(({ id }) => id === 'ramp-guard');
    expect(cap && dayJob(assess({ ...cap, rod: { ...cap.rod, rebake: true } }, DEMO_KIT)).oven).toMatchObject(
      { bake_s: 7200 },
    );
  });

  test('the clock on the wall', () => {
    expect(clockOf(420, 3600)).toBe('8:00');
    expect(clockOf(420, 3900)).toBe('8:05');
    expect(clockOf(23 * 60, 7200)).toBe('1:00');
  });
});
