import fc from 'fast-check';
import { COUNTED_ON } from '../data/limits';
import { cornersOf, pathOf, planRuns } from './along';
import { planBeads } from './beads';
import { mixRods } from './mix';

const tube = pathOf('rectangle', 240, { width_mm: 60, height_mm: 60 });
const straight = (mm: number) => pathOf('t-fillet', mm, { width_mm: null, height_mm: null });
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** Millimetres welded, counted along the path. */
const covered = (runs: ReturnType<typeof planRuns>['runs']) =>
  runs.reduce((sum, { start_mm, end_mm }) => sum + Math.abs(end_mm - start_mm), 0);

describe('runs along a joint', () => {
  test('backstep on a square tube: one run a side, each back onto the start before it (common practice)', () => {
    const { runs, tieIns } = planRuns(tube, 90, 'backstep');
    expect(runs).toEqual([
      { number: 1, start_mm: 60, end_mm: 0 },
      { number: 2, start_mm: 120, end_mm: 60 },
      { number: 3, start_mm: 180, end_mm: 120 },
      { number: 4, start_mm: 240, end_mm: 180 },
    ]);
    expect(tieIns).toHaveLength(4);
  });

  test('a side longer than a rod is split in even runs, the tie-in mid-side, never nearer a corner (common practice)', () => {
    const long = pathOf('rectangle', 400, { width_mm: 100, height_mm: 100 });
    const { runs, tieIns } = planRuns(long, 80, 'backstep');
    expect(runs).toHaveLength(8);
    expect(tieIns.map(({ at_mm }) => at_mm)).toContain(50);
    expect(
      tieIns.filter(({ toCorner_mm }) => toCorner_mm > 0).every(({ toCorner_mm }) => toCorner_mm === 50),
    ).toBe(true);
  });

  test('on round: tie-ins are moved off the corners (common practice)', () => {
    const { tieIns, runs } = planRuns(tube, 140, 'straight');
    expect(runs).toHaveLength(2);
    for (const { toCorner_mm } of tieIns) expect(toCorner_mm).toBeGreaterThan(5);
  });

  test('one run that the rod reaches has no tie-in; an open joint none at its ends', () => {
    expect(planRuns(straight(100), 150, 'straight')).toMatchObject({ tieIns: [], longest_mm: 100 });
    expect(planRuns(straight(300), 120, 'straight').tieIns.map(({ at_mm }) => Math.round(at_mm))).toEqual([
      108, 216,
    ]);
  });

  test('plugs are pieces apart: a run ends where its hole does', () => {
    const { runs, tieIns } = planRuns(
      pathOf('plug', 24, { width_mm: null, height_mm: null }, 4),
      100,
      'straight',
    );
    expect(runs).toHaveLength(4);
    expect(tieIns).toEqual([]);
  });

  test('whatever the path: all of it is welded once, and no run asks more of a rod than is counted on', () => {
    const sides = fc.tuple(mm(20, 400), mm(20, 400));
    fc.assert(
      fc.property(
        sides,
        mm(20, 500),
        fc.constantFrom<'backstep' | 'straight'>('backstep', 'straight'),
        ([w, h], bead, order) => {
          for (const path of [pathOf('rectangle', 0, { width_mm: w, height_mm: h }), straight(w + h)]) {
            const plan = planRuns(path, bead, order);
            if (Math.abs(covered(plan.runs) - plan.total_mm) > 1e-6) return false;
            if (plan.longest_mm > bead * COUNTED_ON.share + 1e-6) return false;
            if (plan.tieIns.some(({ toCorner_mm }) => toCorner_mm < 0)) return false;
          }
          return true;
        },
      ),
    );
  });

  test('corners are where sides meet; a straight joint and a ring have none', () => {
    expect(cornersOf(tube)).toEqual([0, 60, 120, 180]);
    expect(cornersOf(straight(100))).toEqual([]);
    expect(cornersOf(pathOf('ring', 200, { width_mm: null, height_mm: null }))).toEqual([]);
  });
});

describe('finishing with another size', () => {
  const main = { rodClass: 'E7018', size: '1/8', current_A: 120 } as const;
  const thin = { rodClass: 'E7018', size: '3/32', current_A: 90 } as const;
  const plan = planBeads({ rod: main, area_mm2: 60, length_mm: 500 });
  const volume = (passes: typeof plan.passes) =>
    passes.reduce((sum, { area_mm2, from_mm, to_mm }) => sum + area_mm2 * (to_mm - from_mm), 0);

  test('the section stays full, whatever there is of either', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 60 }), (have, more) => {
        const mixed = mixRods(plan, main, have, [{ rod: thin, count: more }]);
        return volume(mixed.passes) >= volume(plan.passes) * (1 - 1e-9);
      }),
    );
  });

  test('no more of the first is burned than there are, spoil counted in, while the second lasts', () => {
    const mixed = mixRods(plan, main, 4, [{ rod: thin, count: 100 }]);
    const burned = mixed.passes.filter(({ rod }) => rod === main).reduce((sum, { rods }) => sum + rods, 0);
    expect(burned).toBeCloseTo(4 / 1.1, 6);
    expect(mixed.passes.some(({ rod }) => rod === thin)).toBe(true);
  });

  test('a thicker rod that cannot lay so small a bead lays a bigger one; one too thin for it is left in its tin', () => {
    const small = planBeads({ rod: thin, area_mm2: 5, length_mm: 400 });
    const thick = mixRods(small, thin, 1, [{ rod: main, count: 20 }]).passes.at(-1);
    expect(thick?.rod).toBe(main);
    expect(thick?.area_mm2).toBeGreaterThan(5);
    const big = planBeads({ rod: { ...main, size: '3/16', current_A: 240 }, area_mm2: 55, length_mm: 400 });
    const first = big.passes[0];
    if (!first) throw new Error('no pass');
    expect(
      mixRods(big, first.rod, 1, [{ rod: thin, count: 99 }]).passes.some(({ rod }) => rod === thin),
    ).toBe(false);
  });

  test('enough of the first: nothing changes', () => {
    expect(mixRods(plan, main, 500, [{ rod: thin, count: 9 }]).passes).toHaveLength(plan.passes.length);
  });
});
