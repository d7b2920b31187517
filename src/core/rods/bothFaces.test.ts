import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { blankJob } from '../formats/blankJob';
import { jointGeometry } from '../joint/geometry';
import { areaInside, fillBack, fillRegion, outlineOf } from '../joint/region';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import { planBeads, type BeadQuestion } from './beads';
import { layOut } from './layout';

const { joint: BLANK } = blankJob('j', '2026-01-01T00:00:00.000Z');
const jointOf = (change: Partial<typeof BLANK>) => ({ ...BLANK, ...change });
const beadsOf = (change: Partial<typeof BLANK>, question: Partial<BeadQuestion> = {}) => {
  const joint = jointOf(change);
  const geometry = jointGeometry(joint);
  return planBeads({
    rod: { rodClass: 'E7018', size: '5/32', current_A: 175 },
    area_mm2: geometry.area_mm2 ?? 0,
    region: fillRegion(joint, geometry),
    back: fillBack(joint, geometry),
    length_mm: 400,
    position: 'flat',
    ...question,
  });
};
const DOUBLE_V = { kind: 'double-v', thicknessA_mm: 40, gap_mm: 3, includedAngle_deg: 60 } as const;

describe('a double V', () => {
  // By hand, 40 mm, gap 3, root face 1.5, 60°: 3 x 40 + 2 x 19.25² x tan 30° = 547.9, and two caps of 2/3 x 1.5 x (3 + 2 x 19.25 x tan 30° + 2).
  test('has the section of two V of half the depth', () => {
    expect(jointGeometry(jointOf(DOUBLE_V)).area_mm2).toBeCloseTo(547.9 + 2 * 27.23, 0);
    expect(jointGeometry(jointOf({ ...DOUBLE_V, kind: 'v-butt' })).area_mm2).toBeGreaterThan(950);
  });

  // Everyday setting: 40 double V 60° g3, 7018 5/32 at 155 to 200 A, 20 to 27 passes of about 25 mm2 (common practice).
  test('takes the passes that are usual', () => {
    const { passes } = beadsOf(DOUBLE_V);
    expect(passes.length).toBeGreaterThanOrEqual(20);
    expect(passes.length).toBeLessThanOrEqual(27);
    expect(passes[0]?.area_mm2).toBeGreaterThan(21);
    expect(passes[0]?.area_mm2).toBeLessThan(30);
  });

  test('is turned over after every three beads, the first from the back over the root that was cut out', () => {
    const { passes } = beadsOf(DOUBLE_V);
    expect(passes.slice(0, 7).map(({ face }) => face)).toEqual([1, 1, 1, 2, 2, 2, 1]);
    expect(passes[0]?.role).toBe('root');
    expect(passes[3]?.role).toBe('back');
    const on = (face: 1 | 2) => passes.filter((pass) => pass.face === face);
    expect(Math.abs(on(1).length - on(2).length)).toBeLessThanOrEqual(1);
    expect(on(2).at(-1)?.role).toBe('cap');
  });

  test('fills the section whole from both faces, whatever the welder makes of the passes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 12, max: 60, noNaN: true }),
        fc.option(fc.integer({ min: 2, max: 40 }), { nil: null }),
        fc.array(fc.double({ min: 0.4, max: 2.5, noNaN: true }), { maxLength: 12 }),
        (thicknessA_mm, count, shares) => {
          const joint = { ...DOUBLE_V, thicknessA_mm };
          const plan = beadsOf(joint, { count, shares });
          const whole = jointGeometry(jointOf(joint)).area_mm2 ?? 0;
          const laid = plan.passes.reduce((sum, { area_mm2 }) => sum + area_mm2, 0);
          expect(laid).toBeGreaterThan(whole * 0.999);
          if (!plan.oversize) expect(laid).toBeLessThan(whole * 1.25 + 1e-6);
          const drawn = plan.layout ? layOut(plan.layout) : [];
          expect(drawn).toHaveLength(plan.passes.length);
          drawn.forEach(({ face, at: [, y] }, n) => {
            expect(face).toBe(plan.passes[n]?.face);
            // The upper face is filled above the middle, the other under it.
            if (face === 1) expect(y).toBeLessThan(thicknessA_mm / 2 + 1e-6);
            else expect(y).toBeGreaterThan(thicknessA_mm / 2 - 1e-6);
          });
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('a root cut out and welded from behind', () => {
  const V = { kind: 'v-butt', thicknessA_mm: 10, gap_mm: 3, includedAngle_deg: 60 } as const;

  // By hand: half an ellipse 6 wide and a quarter of 10 deep, pi/2 x 3 x 2.5 = 11.8, with its cap 2/3 x 1.5 x 8 = 8.
  test('is one small run more, laid last', () => {
    const before = jointGeometry(jointOf(V)).area_mm2 ?? 0;
    const after = jointGeometry(jointOf({ ...V, back: 'gouged' })).area_mm2 ?? 0;
    expect(after - before).toBeCloseTo(11.78 + 8, 1);
    const { passes } = beadsOf(
      { ...V, back: 'gouged' },
      { rod: { rodClass: 'E7018', size: '1/8', current_A: 125 } },
    );
    expect(passes.map(({ face }) => face).at(-1)).toBe(2);
    expect(passes.filter(({ face }) => face === 2).map(({ role }) => role)).toEqual(['back']);
  });

  test('the trench lies in the back of the plate', () => {
    const joint = jointOf({ ...V, back: 'gouged' });
    const back = fillBack(joint, jointGeometry(joint));
    if (!back) throw new Error('no back');
    const outline = outlineOf(back.region);
    expect(areaInside(outline)).toBeCloseTo(back.area_mm2, 0);
    for (const [, y] of outline) expect(y).toBeGreaterThan(10 - 2.6);
  });
});

describe('a face that is filled flush', () => {
  test('has no cap, and takes no metal for one', () => {
    const V = {
      kind: 'v-butt',
      thicknessA_mm: 10,
      gap_mm: 2,
      rootFace_mm: 2,
      includedAngle_deg: 60,
    } as const;
    // By hand: 20 + 64 tan 30° = 56.95.
    expect(jointGeometry(jointOf({ ...V, cap: 'none' })).area_mm2).toBeCloseTo(56.95, 1);
    const joint = jointOf({ ...V, cap: 'none' });
    const region = fillRegion(joint, jointGeometry(joint));
    for (const [, y] of region ? outlineOf(region) : []) expect(y).toBeGreaterThanOrEqual(-1e-9);
    expect(jointGeometry(jointOf({ ...V, cap: 'ground' })).area_mm2).toBe(jointGeometry(jointOf(V)).area_mm2);
  });
});

describe('on the sheet', () => {
  const plan = (edits: Record<string, unknown>) =>
    makePlan(
      assess(
        demoJob('gangway-trolley', {
          'joint.kind': 'v-butt',
          'joint.thicknessA_mm': 12,
          'joint.thicknessB_mm': null,
          'joint.sameThickness': true,
          'joint.length_mm': 200,
          'joint.gap_mm': 2.5,
          'look.access': 'both',
          ...edits,
        }),
        DEMO_KIT,
      ),
    );
  const words = (edits: Record<string, unknown>) => JSON.stringify(plan(edits).steps);

  test('the root is cut out before the first run from the back, and the face ground after', () => {
    expect(words({ 'joint.back': 'gouged' })).toMatch(/gouge or grind the root out/);
    expect(words({ 'joint.kind': 'double-v' })).toMatch(/Turn it over after every 3 beads/);
    expect(words({ 'joint.cap': 'ground' })).toMatch(/Grind the face flush/);
    expect(words({})).not.toMatch(/grind the root out|Turn it over|Grind the face/);
  });

  test('where only one side is reached it closes', () => {
    const assessment = assess(
      demoJob('gangway-trolley', {
        'joint.kind': 'double-v',
        'joint.thicknessA_mm': 20,
        'joint.sameThickness': true,
        'look.access': 'one-side',
      }),
      DEMO_KIT,
    );
    expect(assessment.rooms.find(({ id }) => id === 'reach')).toMatchObject({ state: 'none' });
  });
});

describe('a tee with a fillet on either side', () => {
  const BOTH = { kind: 'double-fillet', thicknessA_mm: 12, thicknessB_mm: 12, leg_mm: 8 } as const;

  // By hand: two of (8 + 0.3/2)² / 2, convex by an eighth.
  test('has the section of two fillets, and the run beyond the standing plate is the other one mirrored', () => {
    const one = jointGeometry(jointOf({ ...BOTH, kind: 't-fillet' })).area_mm2 ?? 0;
    expect(one).toBeCloseTo((8 ** 2 / 2) * 1.12, 1);
    expect(jointGeometry(jointOf(BOTH)).area_mm2).toBeCloseTo(2 * one, 9);
    const joint = jointOf(BOTH);
    const region = fillBack(joint, jointGeometry(joint))?.region;
    expect(region?.at(1, 1)[0]).toBeCloseTo(-12, 9);
    expect(region?.at(0, 1)[0]).toBeCloseTo(-12 - 8, 9);
  });

  // Everyday setting: 8 mm on 12 mm plate, 7018 5/32 at 150 to 185 A, two passes a side (common practice).
  test('takes two passes a side, and nothing is cut out between them', () => {
    const { passes } = beadsOf(BOTH, { position: 'horizontal' });
    expect(passes.map(({ face }) => face)).toEqual([1, 1, 2, 2]);
    const job = demoJob('ramp-guard');
    const words = JSON.stringify(
      makePlan(assess({ ...job, joint: { ...job.joint, ...BOTH, length_mm: 300 } }, DEMO_KIT)).steps,
    );
    expect(words).toMatch(/Change sides after every 3 beads/);
    expect(words).not.toMatch(/grind the root out|Turn it over after/);
  });
});
