import { DEMO_KIT } from '../../../demo/kit';
import { demoJob } from '../../../../tests/support/demo';
import { assess } from '../../plan/assess';

const crack = (edits: Record<string, unknown> = {}) =>
  assess(
    demoJob('ramp-guard', {
      'metal.sideA.family': 'gray-iron',
      'metal.sideA.grade': null,
      'rod.rodClass': 'ENi-CI',
      'casting.way': 'cold',
      'joint.sameThickness': true,
      'heat.restraint': 'low',
      ...edits,
    }),
    DEMO_KIT,
  ).rooms.find(({ id }) => id === 'casting-crack')?.state;

// Common practice: beads of 12 to 50 mm, peened, never bead after bead; stiff or uneven castings crack beside the weld.
describe('cold iron', () => {
  test('short beads that are waited for are open; long ones and straight on are shut', () => {
    expect(crack()).toBe('roomy');
    expect([crack({ 'order.segment_mm': 50 }), crack({ 'order.segment_mm': 51 })]).toEqual(['roomy', 'none']);
    expect(crack({ 'heat.goStraightOn': true })).toBe('none');
  });

  test('held fast, or thick beside thin, is marked', () => {
    expect(crack({ 'heat.restraint': 'high' })).toBe('tight');
    const uneven = { 'joint.sameThickness': false, 'joint.thicknessA_mm': 8 };
    expect(crack({ ...uneven, 'joint.thicknessB_mm': 17 })).toBe('tight');
    expect(crack({ ...uneven, 'joint.thicknessB_mm': 15.5 })).toBe('roomy');
  });

  test('brazed iron and steel have no such limit', () => {
    expect(crack({ 'casting.way': 'braze' })).toBeUndefined();
    expect(crack({ 'metal.sideA.family': 'low-carbon-steel' })).toBeUndefined();
  });
});
