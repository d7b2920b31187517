import { DEMO_KIT } from '../../../demo/kit';
import { demoJob } from '../../../../tests/support/demo';
import { assess } from '../../plan/assess';

const window = (edits: Record<string, unknown>) =>
  assess(
    demoJob('ramp-guard', { 'joint.thicknessA_mm': 25, 'rod.size': '1/8', ...edits }),
    DEMO_KIT,
  ).rooms.find(({ id }) => id === 'warmth-window');

describe('window of warmth', () => {
  // Common practice: hard wear plate wants 150 to 175 °C and stands 200; cold iron is kept at 40 to 65 °C; 1045 has room to 315 °C.
  test('is tight where 30 °C are not left between what is asked and what is stood', () => {
    const hard = window({
      'metal.sideA.family': 'quenched-tempered-wear-plate',
      'metal.sideA.grade': 'wear500',
      'rod.rodClass': 'E7018',
      'heat.restraint': 'high',
    });
    expect(['tight', 'snug']).toContain(hard?.state);
    expect(window({ 'metal.sideA.family': 'gray-iron', 'rod.rodClass': 'ENi-CI' })?.state).toBe('tight');
    const easy = window({
      'metal.sideA.family': 'medium-carbon-steel',
      'metal.sideA.grade': '1045',
      'rod.rodClass': 'E7018',
    });
    expect(easy?.state).toBe('roomy');
    expect(easy?.left?.nominal).toBeCloseTo(315 - 30 - 215, -1);
  });

  test('there is none where nothing is asked', () => {
    expect(
      window({ 'metal.sideA.family': 'austenitic-stainless', 'rod.rodClass': 'E308L-16' }),
    ).toBeUndefined();
  });
});
