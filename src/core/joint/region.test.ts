import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { blankJob } from '../formats/blankJob';
import type { Job } from '../formats/job';
import { jointGeometry } from './geometry';
import { areaInside, fillRegion, outlineOf, type Point } from './region';

const joint = (change: Partial<Job['joint']>): Job['joint'] => ({
  ...blankJob('j', '2026-01-01T00:00:00.000Z').joint,
  ...change,
});
/** By an independent package. */
const measured = (points: readonly Point[]) => Math.abs(polygonArea(points.map(([x, y]) => [x, y])));

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('the drawn section holds the weld metal that is counted', () => {
  test.each([
    ['a fillet', { kind: 't-fillet', thicknessA_mm: 8, leg_mm: 6, gap_mm: 1 }],
    ['a lap', { kind: 'lap', thicknessA_mm: 4, gap_mm: 0 }],
    ['a square butt', { kind: 'square-butt', thicknessA_mm: 5, gap_mm: 2 }],
    ['a V', { kind: 'v-butt', thicknessA_mm: 12, gap_mm: 2.4, rootFace_mm: 1.5, includedAngle_deg: 60 }],
    ['an outside corner', { kind: 'outside-corner', thicknessA_mm: 6, gap_mm: 1 }],
    ['a flare bevel', { kind: 'flare-bevel', thicknessA_mm: 4, gap_mm: 0.5, cornerRadius_mm: 8 }],
    [
      'a ground-out crack',
      { kind: 'gouge', thicknessA_mm: 20, depth_mm: 10, topWidth_mm: 16, rootRadius_mm: 4 },
    ],
    ['a shallow one', { kind: 'gouge', thicknessA_mm: 20, depth_mm: 3, topWidth_mm: 14, rootRadius_mm: 6 }],
    ['a pad', { kind: 'pad', thicknessA_mm: 20, padWidth_mm: 40, padHeight_mm: 6 }],
  ] as [string, Partial<Job['joint']>][])('%s, to a hundredth', (_, change) => {
    const j = joint(change);
    const geometry = jointGeometry(j);
    const region = fillRegion(j, geometry);
    const area = region ? measured(outlineOf(region)) : NaN;
    expect(area / (geometry.area_mm2 ?? NaN)).toBeCloseTo(1, 1.7);
  });

  test('of V grooves of any size', () => {
    fc.assert(
      fc.property(mm(3, 40), mm(0, 4), mm(0, 3), mm(20, 90), (t, gap_mm, rootFace_mm, includedAngle_deg) => {
        const j = joint({ kind: 'v-butt', thicknessA_mm: t, gap_mm, rootFace_mm, includedAngle_deg });
        const geometry = jointGeometry(j);
        const region = fillRegion(j, geometry);
        if (!region || geometry.area_mm2 === null) return false;
        return Math.abs(measured(outlineOf(region)) / geometry.area_mm2 - 1) < 0.04;
      }),
    );
  });

  test('areas of our own agree with the package', () => {
    const points = fc.array(fc.tuple(mm(-50, 50), mm(-50, 50)), { minLength: 3, maxLength: 12 });
    fc.assert(fc.property(points, (line) => Math.abs(areaInside(line) - measured(line)) < 1e-6));
  });
});

describe('a ground-out crack', () => {
  const boat = (change: Partial<Job['joint']> = {}) =>
    jointGeometry(
      joint({ kind: 'gouge', thicknessA_mm: 20, depth_mm: 10, topWidth_mm: 16, length_mm: 200, ...change }),
    ).area_mm2 ?? NaN;

  test('takes less metal with ramped ends, and never more with longer ramps', () => {
    expect(boat({ ramp_mm: 30 })).toBeLessThan(boat());
    fc.assert(
      fc.property(mm(0, 100), mm(0, 50), (ramp, more) => {
        return boat({ ramp_mm: ramp + more }) <= boat({ ramp_mm: ramp }) + 1e-9;
      }),
    );
  });

  test('a half-round trench has the area of a half circle and its cap, by hand', () => {
    const round = jointGeometry(
      joint({ kind: 'gouge', thicknessA_mm: 20, depth_mm: 6, topWidth_mm: 12, rootRadius_mm: 6 }),
    );
    // pi r2 / 2, and two thirds of a cap 14 wide and 1.5 high.
    expect(round.area_mm2).toBeCloseTo((Math.PI * 36) / 2 + (2 / 3) * 14 * 1.5, 6);
  });

  test('a slot is a hole with a straight stretch between its halves, by hand', () => {
    const slot = jointGeometry(
      joint({ kind: 'slot', thicknessA_mm: 6, plugDiameter_mm: 10, slotLength_mm: 30, plugCount: 2 }),
    );
    expect((slot.area_mm2 ?? NaN) / 1.12).toBeCloseTo((Math.PI / 4) * 100 + 20 * 10, 6);
    expect(slot.length_mm).toBe(12);
  });
});
