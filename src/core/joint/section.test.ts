import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { JOINTS, type JointKind } from '../data/joints';
import { idsOf } from '../data/words';
import { jointGeometry } from './geometry';
import { gripped, gripsOf, sectionOf } from './section';

const jointOf = (kind: JointKind, edits: Record<string, unknown> = {}) =>
  demoJob('ramp-guard', {
    'joint.kind': kind,
    'joint.thicknessA_mm': 12,
    'joint.sameThickness': true,
    'joint.gap_mm': 2,
    ...edits,
  }).joint;
const grips = (kind: JointKind, edits: Record<string, unknown> = {}) => {
  const joint = jointOf(kind, edits);
  return gripsOf(joint, jointGeometry(joint));
};
const grip = (kind: JointKind, size: string, edits: Record<string, unknown> = {}) => {
  const found = grips(kind, edits).find((one) => one.size === size);
  if (!found) throw new Error(`no grip ${size}`);
  return found;
};

describe('what of a section can be taken hold of', () => {
  test.each<[JointKind, string, Record<string, unknown>, number]>([
    ['t-fillet', 'leg_mm', { 'joint.leg_mm': 7 }, 7],
    ['v-butt', 'includedAngle_deg', { 'joint.includedAngle_deg': 70 }, 70],
    ['v-butt', 'rootFace_mm', { 'joint.rootFace_mm': 2 }, 2],
    ['gouge', 'depth_mm', { 'joint.depth_mm': 6, 'joint.topWidth_mm': 14 }, 6],
    ['gouge', 'topWidth_mm', { 'joint.depth_mm': 6, 'joint.topWidth_mm': 14 }, 14],
  ])('%s: left where it is, %s is what it was', (kind, size, edits, value) => {
    const one = grip(kind, size, edits);
    expect(gripped(one, one.at, 12)).toBeCloseTo(value, 6);
  });

  // By hand: a V of 12 mm with a face of 2 and a gap of 2 is 13.55 mm wide at 60 degrees (2 + 2 · 10 · tan 30°), 22 mm at 90.
  test('the edge of a V dragged out to 11 mm from its middle is 90 degrees', () => {
    const one = grip('v-butt', 'includedAngle_deg', {
      'joint.rootFace_mm': 2,
      'joint.includedAngle_deg': 60,
    });
    expect(one.at[0]).toBeCloseTo(13.547 / 2, 2);
    expect(gripped(one, [11, 0], 12)).toBe(90);
  });

  test('no deeper than the part, no less than the field takes, and on half millimetres', () => {
    const deep = grip('gouge', 'depth_mm', { 'joint.depth_mm': 6, 'joint.topWidth_mm': 14 });
    expect(gripped(deep, [0, 40], 12)).toBe(12);
    expect(gripped(deep, [0, -4], 12)).toBe(0.5);
    expect(gripped(deep, [0, 7.3], 12)).toBe(7.5);
  });

  test('every grip of every kind lies in its picture, and reads a number wherever it is dragged', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...idsOf(JOINTS)),
        fc.double({ min: -200, max: 200, noNaN: true }),
        fc.double({ min: -200, max: 200, noNaN: true }),
        (kind, x, y) => {
          const joint = jointOf(kind, { 'joint.depth_mm': 5, 'joint.topWidth_mm': 12, 'joint.leg_mm': 6 });
          const geometry = jointGeometry(joint);
          const box = sectionOf(joint, geometry)?.bounds;
          return gripsOf(joint, geometry).every((one) => {
            const [px, py] = one.at;
            const inside =
              box !== undefined &&
              px >= box.left - 1e-9 &&
              px <= box.left + box.width + 1e-9 &&
              py >= box.top - 1e-9 &&
              py <= box.top + box.height + 1e-9;
            return inside && Number.isFinite(gripped(one, [x, y], geometry.thin_mm));
          });
        },
      ),
    );
  });

  test('nothing to hold where nothing is known', () => {
    expect(grips('gouge', { 'joint.depth_mm': null })).toEqual([]);
    expect(grips('v-butt', { 'joint.thicknessA_mm': null })).toEqual([]);
  });
});
