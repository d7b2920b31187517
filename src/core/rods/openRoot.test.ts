import { fullTin } from '../../../tests/support/tins';
import { DEMO_KIT } from '../../demo/kit';
import { blankJob } from '../formats/blankJob';
import { applyEdits } from '../formats/edits';
import type { JobEdit } from '../formats/paths';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import type { RodClassId } from '../data/rods';

/** A V of mild steel, 10 mm, 3 mm open, on a machine that reaches everything. */
function judged(rodClass: RodClassId, change: Record<string, unknown> = {}) {
  const values = {
    'metal.sameBothSides': true,
    'metal.sideA.family': 'low-carbon-steel',
    'metal.sideA.coating': 'none',
    'look.surface': 'bright',
    'look.position': 'flat',
    'joint.kind': 'v-butt',
    'joint.thicknessA_mm': 10,
    'joint.gap_mm': 3,
    'joint.length_mm': 200,
    'rod.rodClass': rodClass,
    'rod.size': '1/8',
    ...change,
  };
  const edits = Object.entries(values).map(([path, value]) => ({ path, value }) as JobEdit);
  return assess(applyEdits(blankJob('v', '2026-01-01T00:00:00.000Z'), edits), {
    ...DEMO_KIT,
    machines: DEMO_KIT.machines.map((machine) => ({ ...machine, max_A: 400, poles: ['DCEP', 'DCEN', 'AC'] })),
    tins: [fullTin(rodClass, '1/8')],
  });
}
const ampsOf = (assessment: ReturnType<typeof judged>) =>
  assessment.situation.beads?.passes.map(({ rod }) => rod.current_A) ?? [];

describe('an open root is run cooler than what is laid on it', () => {
  // Everyday settings: 1/8 cellulosic roots at 75 to 95 A; basic ones of 1/8 at 85 to 100 A under a fill of 120 to 145 (common practice).
  test.each([
    ['E7018', 85, 102],
    ['E6010', 75, 95],
  ] as const)('%s from %i to %i A', (rodClass, low, high) => {
    const [root = 0, ...rest] = ampsOf(judged(rodClass));
    expect(root).toBeGreaterThanOrEqual(low);
    expect(root).toBeLessThanOrEqual(high);
    expect(Math.min(...rest)).toBeGreaterThan(root);
  });

  test('not where it is closed, backed, cut out from behind, or set by the welder', () => {
    for (const change of [
      { 'joint.gap_mm': 1 },
      { 'joint.backing': 'steel' },
      { 'joint.back': 'gouged' },
      { 'rod.current_A': 125 },
      { 'joint.kind': 't-fillet' },
    ])
      expect(new Set(ampsOf(judged('E7018', change))).size).toBe(1);
  });

  test('the sheet tells its amps, and those of the rest in one line', () => {
    const words = JSON.stringify(makePlan(judged('E7018')).steps);
    expect(words).toMatch(/Root: E7018 1\/8 at \d+ A\.","Passes 2 to 6: E7018 1\/8 at 130 A/);
  });
});

describe('how big a bead is planned', () => {
  // Q and T plate: 50 to 65 °C at 16 mm, stringers of about 20 mm2; one pass of 6 mm at 110 to 130 A on 12 mm (common practice).
  test('plate that is quenched too fast gets slower and bigger ones than mild steel, and no bigger than a hand lays well', () => {
    const wear = { 'metal.sideA.family': 'quenched-tempered-wear-plate', 'joint.thicknessA_mm': 12 };
    const fillet = { 'joint.kind': 't-fillet', 'joint.gap_mm': null, 'joint.leg_mm': 6 };
    expect(ampsOf(judged('E7018', { ...wear, ...fillet }))).toHaveLength(1);
    expect(ampsOf(judged('E7018', { ...fillet, 'joint.thicknessA_mm': 12 }))).toHaveLength(2);
    const passes = judged('E7018', { ...wear, 'joint.thicknessA_mm': 16 }).situation.beads?.passes ?? [];
    expect(Math.max(...passes.map(({ area_mm2 }) => area_mm2))).toBeLessThan(24);
  });

  // Everyday setting: stainless, 1.5 to 2 mm open, 3/32 at 50 to 80 A, 105 to 160 mm a minute (common practice).
  test('an open square butt is filled in one, slowly', () => {
    const butt = judged('E316L-16', {
      'metal.sideA.family': 'austenitic-stainless',
      'joint.kind': 'square-butt',
      'joint.thicknessA_mm': 4,
      'joint.gap_mm': 2,
      'rod.size': '3/32',
      'rod.current_A': 75,
    });
    const [pass, ...more] = butt.situation.beads?.passes ?? [];
    expect(more).toEqual([]);
    expect((pass?.travel_mm_s ?? 0) * 60).toBeGreaterThan(104);
    expect((pass?.travel_mm_s ?? 0) * 60).toBeLessThan(130);
  });
});
