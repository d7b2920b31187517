import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { blankJob } from '../formats/blankJob';
import type { Job } from '../formats/job';
import { BEAD_OVERLAP } from '../data/limits';
import { jointGeometry } from '../joint/geometry';
import { fillRegion } from '../joint/region';
import { planBeads } from './beads';
import type { BurnedRod } from './hand';
import { layOut } from './layout';
import { usualMove, widestOf } from './moves';

const ROD: BurnedRod = { rodClass: 'E7018', size: '1/8', current_A: 120 };

function planOf(change: Partial<Job['joint']>, more: Partial<Parameters<typeof planBeads>[0]> = {}) {
  const joint = { ...blankJob('j', '2026-01-01T00:00:00.000Z').joint, ...change };
  const geometry = jointGeometry(joint);
  const plan = planBeads({
    rod: ROD,
    area_mm2: geometry.area_mm2 ?? 0,
    region: fillRegion(joint, geometry),
    length_mm: 300,
    ...more,
  });
  return { ...plan, beads: plan.layout ? layOut(plan.layout) : [] };
}
const v = (thickness: number, more = {}) =>
  planOf({ kind: 'v-butt', thicknessA_mm: thickness, gap_mm: 2, rootFace_mm: 1.5 }, more);
const fillet = (leg: number, more = {}) =>
  planOf({ kind: 't-fillet', thicknessA_mm: 25, leg_mm: leg, gap_mm: 0 }, more);
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('passes in the section', () => {
  test('fill the whole of it: their outlines add up to the joint, by an independent package', () => {
    for (const plan of [v(6), v(12), v(20), fillet(5), fillet(8), fillet(14)]) {
      const drawn = sum(
        plan.beads.map(({ outline }) => Math.abs(polygonArea(outline.map(([x, y]) => [x, y])))),
      );
      expect(drawn / plan.wanted_mm2).toBeCloseTo(1, 1);
      expect(sum(plan.beads.map(({ area_mm2 }) => area_mm2)) / plan.wanted_mm2).toBeCloseTo(1, 1.7);
    }
  });

  test('whatever the joint: areas add up, and no bead lies on its neighbour by more than its share', () => {
    fc.assert(
      fc.property(mm(3, 35), fc.constantFrom<'stringer' | 'weave'>('stringer', 'weave'), (t, move) => {
        const plan = v(t, { move });
        const filled = sum(plan.passes.map(({ area_mm2 }) => area_mm2));
        // One bead alone may be more than the joint asks.
        const full = plan.passes.length === 1 || Math.abs(filled / plan.wanted_mm2 - 1) < 1e-6;
        return full && plan.beads.every(({ overlap }) => overlap <= BEAD_OVERLAP.usual);
      }),
      { numRuns: 60 },
    );
  });

  test('are named from the root up: one alone, three in a fillet, root, hot, fill and cap in a V', () => {
    expect(fillet(4).beads.map(({ role }) => role)).toEqual(['single']);
    const roles = new Set(v(20).beads.map(({ role }) => role));
    expect([...roles]).toEqual(['root', 'hot', 'fill', 'cap']);
    expect(fillet(9).beads[0]?.role).toBe('root');
    expect(fillet(9).beads.at(-1)?.role).toBe('cap');
  });

  test('a layer is never wider than its beads are run: more go side by side as a V opens', () => {
    const { beads } = v(25);
    const across = (layer: number) => beads.filter((bead) => bead.layer === layer).length;
    expect(across(0)).toBe(1);
    const last = Math.max(...beads.map(({ layer }) => layer));
    expect(across(last)).toBeGreaterThan(2);
  });

  test('a weave lays a layer in fewer beads than stringers', () => {
    const wide = (move: 'stringer' | 'weave') =>
      v(25, { move, rod: { rodClass: 'E6013', size: '1/8', current_A: 110 } });
    const inCap = (move: 'stringer' | 'weave') =>
      wide(move).beads.filter(({ role }) => role === 'cap').length;
    expect(inCap('weave')).toBeLessThanOrEqual(inCap('stringer'));
  });

  test('the welder may ask for more passes, and for one to be bigger', () => {
    const plan = fillet(9, { count: 5 });
    expect(plan.passes).toHaveLength(5);
    const shared = fillet(9, { count: 3, shares: [2, 1, 1] });
    const [first, second] = shared.passes;
    expect((first?.area_mm2 ?? 0) / (second?.area_mm2 ?? 1)).toBeCloseTo(2, 6);
    expect(sum(shared.passes.map(({ area_mm2 }) => area_mm2))).toBeCloseTo(shared.wanted_mm2, 6);
  });

  test('another rod for the root lays the root alone, and the rest keeps the section full', () => {
    const root: BurnedRod = { rodClass: 'E6010', size: '3/32', current_A: 65 };
    const plan = v(12, { root });
    expect(plan.passes[0]?.rod).toEqual(root);
    expect(plan.passes.slice(1).every(({ rod }) => rod === ROD)).toBe(true);
    expect(sum(plan.passes.map(({ area_mm2 }) => area_mm2))).toBeCloseTo(plan.wanted_mm2, 6);
  });
});

describe('rods needed', () => {
  const rods = (plan: ReturnType<typeof planOf>) => sum(plan.passes.map((pass) => pass.rods));

  test('never fall when the leg grows, at fixed class, diameter and amps', () => {
    fc.assert(
      fc.property(mm(2, 25), mm(0, 6), (leg, more) => rods(fillet(leg + more)) >= rods(fillet(leg)) - 1e-9),
      { numRuns: 80 },
    );
  });

  test('nor when a V grows thicker', () => {
    fc.assert(
      fc.property(mm(3, 30), mm(0, 8), (t, more) => rods(v(t + more)) >= rods(v(t)) - 1e-9),
      { numRuns: 60 },
    );
  });

  test('a 1/4 in fillet weighs what the handbook says a foot takes: 0.106 lb flat, an eighth more convex', () => {
    const plan = fillet(6.35, { length_mm: 304.8 });
    const cm3 = (sum(plan.passes.map(({ area_mm2 }) => area_mm2)) * 304.8) / 1000;
    const lb = (cm3 * 7.85) / 453.6;
    expect(lb / 1.12).toBeCloseTo(0.106, 3);
  });
});

describe('up a wall', () => {
  const up = (rodClass: 'E7018' | 'E308L-16', current_A: number) =>
    fillet(8, { position: 'vertical', rod: { rodClass, size: '1/8', current_A } }).passes.length;

  // Everyday setting: 8 mm leg upwards with 7018 1/8 in two passes of 18 mm2, worked from side to side; stainless is not weaved wide (common practice).
  test('a basic rod is worked from side to side, stainless is not', () => {
    expect(up('E7018', 115)).toBe(2);
    expect(up('E308L-16', 90)).toBeGreaterThan(2);
    expect(usualMove('E7018', 'vertical')).toBe('weave');
    expect(usualMove('E7018', 'overhead')).toBe('stringer');
    expect(usualMove('E308L-16', 'vertical')).toBe('stringer');
    // Half an inch with a 1/8 rod (common practice).
    expect(widestOf({ rodClass: 'E7018' }, 'vertical', null) * 3.2).toBeCloseTo(12.7, 0);
    expect(widestOf({ rodClass: 'E7018' }, 'vertical', null)).toBeGreaterThan(3.8);
  });
});

// By hand: 60 mm, gap 2, 60°: 120 + 58.5² tan 30° = 2096 mm2 and a cap; at about 25 mm2 a pass 80 to 100 passes.
test('a V in thick plate is laid in beads that a hand lays, however many', () => {
  const { passes } = v(60, { rod: { rodClass: 'E7018', size: '5/32', current_A: 170 }, position: 'flat' });
  expect(passes.length).toBeGreaterThanOrEqual(80);
  expect(passes.length).toBeLessThanOrEqual(105);
});
