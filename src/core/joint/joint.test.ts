import fc from 'fast-check';
import { blankJob } from '../formats/blankJob';
import type { Job } from '../formats/job';
import { JOINTS } from '../data/joints';
import { idsOf } from '../data/words';
import { checkJoint } from './check';
import { jointGeometry, leastFillet_mm, legByRule_mm } from './geometry';
import { vGrooveArea_mm2 } from './shapes/butt';
import { filletArea_mm2 } from './shapes/shape';
import { sectionOf } from './section';

const MM2_PER_IN2 = 645.16;
const STEEL_LB_PER_IN3 = 0.2836;
const joint = (change: Partial<Job['joint']>): Job['joint'] => ({
  ...blankJob('j', '2026-01-01T00:00:00.000Z').joint,
  ...change,
});

describe('weld metal by weight, handbook: flat 45 degree fillet, 0.2836 lb/in3', () => {
  test.each([
    [1 / 4, 0.106],
    [3 / 8, 0.239],
    [1 / 2, 0.425],
  ])('a %f in fillet weighs %f lb a foot', (leg_in, lbPerFoot) => {
    const area_in2 = filletArea_mm2(leg_in * 25.4) / MM2_PER_IN2;
    expect(area_in2 * 12 * STEEL_LB_PER_IN3).toBeCloseTo(lbPerFoot, 3);
  });

  test('a 60 degree V, 10 mm, 2 mm gap, 2 mm face, by hand: 20 + 64 tan 30', () => {
    expect(vGrooveArea_mm2(10, 2, 2, 60)).toBeCloseTo(20 + 64 * Math.tan(Math.PI / 6), 9);
  });
});

describe('leg by rule (AWS D1.1 minimum single-pass fillet, from memory)', () => {
  test.each([
    [6, 6, 4.2],
    [6.35, 12.7, 4.76],
    [10, 19, 7],
    [12, 25, 8.4],
    [3, 12, 3.9],
    [1.5, 6, 1.95],
  ])('%f to %f mm wants about %f mm', (thin, thick, leg) =>
    expect(legByRule_mm(thin, thick)).toBeCloseTo(leg, 1),
  );

  // Common practice: sheet legs run 1.3 to 1.7 times the sheet, a rod lays no less.
  test('never larger than the thinner part, but for what a rod lays on sheet', () => {
    const mm = fc.double({ min: 0.5, max: 60, noNaN: true });
    fc.assert(
      fc.property(
        mm,
        mm,
        (a, b) =>
          legByRule_mm(Math.min(a, b), Math.max(a, b)) <=
          Math.max(Math.min(a, b), Math.min(1.3 * Math.min(a, b), 3.9)) + 1e-9,
      ),
    );
  });
});

describe('geometry', () => {
  test('blank stays unknown; one thickness serves both sides until told otherwise', () => {
    expect(jointGeometry(joint({ kind: 'lap' })).area_mm2).toBeNull();
    expect(jointGeometry(joint({ kind: 'lap', thicknessA_mm: 5 }))).toMatchObject({
      thin_mm: 5,
      thick_mm: 5,
      ratio: 1,
    });
    const unequal = jointGeometry(
      joint({ kind: 'lap', thicknessA_mm: 6, thicknessB_mm: 2, sameThickness: false }),
    );
    expect(unequal).toMatchObject({ thin_mm: 2, thick_mm: 6, ratio: 3 });
  });

  test('a wider gap or a bigger leg never takes less weld metal, in any joint', () => {
    const kinds = fc.constantFrom(
      'flare-bevel',
      'lap',
      't-fillet',
      'square-butt',
      'v-butt',
      'outside-corner' as const,
    );
    fc.assert(
      fc.property(
        kinds,
        fc.double({ min: 1, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (kind, t, gap, more) => {
          const area = (g: number) =>
            jointGeometry(joint({ kind: kind as 'lap', thicknessA_mm: t, gap_mm: g })).area_mm2 ?? 0;
          return area(gap + more) >= area(gap) - 1e-9 && area(gap) > 0;
        },
      ),
    );
  });

  test('every joint is drawn whole, its weld inside the frame', () => {
    for (const kind of idsOf(JOINTS)) {
      const j = joint({ kind, thicknessA_mm: 4, thicknessB_mm: 8, sameThickness: false, gap_mm: 1 });
      const section = sectionOf(j, jointGeometry(j));
      expect(section?.parts).toHaveLength(kind === 'pad' || kind === 'gouge' ? 1 : 2);
      for (const [x, y] of section?.weld.flat() ?? []) {
        expect(x).toBeGreaterThanOrEqual((section?.bounds.left ?? 0) - 1e-9);
        expect(y).toBeLessThanOrEqual((section?.bounds.top ?? 0) + (section?.bounds.height ?? 0) + 1e-9);
      }
    }
    expect(sectionOf(joint({}), jointGeometry(joint({})))).toBeNull();
  });
});

describe('sizes that cannot be so', () => {
  test('leg over twice the thin side names the leg', () => {
    const problems = checkJoint(joint({ kind: 'lap', thicknessA_mm: 3, leg_mm: 7 }), null);
    expect(problems).toEqual([
      {
        path: 'joint.leg_mm',
        message: expect.stringMatching(/^Leg: 7 mm is over twice the thin side\. Type 6 mm or less/),
      },
    ]);
  });

  test('root face over thickness names the root face', () => {
    const problems = checkJoint(joint({ kind: 'v-butt', thicknessA_mm: 5, rootFace_mm: 6 }), null);
    expect(problems[0]).toMatchObject({
      path: 'joint.rootFace_mm',
      message: expect.stringMatching(/Type 5 mm or less/),
    });
  });

  test('gap over the rod and a half names the gap, in the units in use', () => {
    const problems = checkJoint(joint({ kind: 'lap', thicknessA_mm: 5, gap_mm: 4 }), '3/32', 'inch');
    expect(problems[0]).toMatchObject({
      path: 'joint.gap_mm',
      message: expect.stringMatching(/in is over what this rod can bridge/),
    });
    expect(checkJoint(joint({ kind: 'lap', thicknessA_mm: 5, gap_mm: 3.5 }), '3/32')).toEqual([]);
  });
});

// AWS D1.1 and D1.1M, from memory: 3, 5, 6 and 8 mm, or 1/8, 3/16, 1/4 and 5/16 in; the smaller of the two counts.
test.each([
  [6, 6, 3],
  [12, 12, 4.76],
  [19, 19, 6],
  [20, 20, 6],
  [21, 21, 7.94],
  [30, 30, 7.94],
  [2, 30, 2],
])('least fillet of %f mm chilled by %f mm is %f mm', (thin, chilled, least) =>
  expect(leastFillet_mm(thin, chilled)).toBeCloseTo(least, 2),
);

// A fair fit: a fillet is made no bigger for a gap to 1.6 mm (AWS D1.1, from memory); an open butt is filled.
test('a blank gap takes nothing of a fillet, a millimetre of a butt', () => {
  const area = (change: Partial<Job['joint']>) =>
    jointGeometry(joint({ thicknessA_mm: 6, ...change })).area_mm2 ?? 0;
  const fillet = { kind: 't-fillet', leg_mm: 6 } as const;
  // 6 x 6 / 2, and an eighth for how convex it comes out (common practice: 10 to 15 %).
  expect(area(fillet)).toBeCloseTo(18 * 1.12, 6);
  expect(area({ ...fillet, gap_mm: 1.6 })).toBeGreaterThan(1.2 * area(fillet));
  expect(area({ kind: 'square-butt' })).toBeCloseTo(area({ kind: 'square-butt', gap_mm: 1 }), 9);
});
