import { DEMO_KIT } from '../../../demo/kit';
import { demoJob } from '../../../../tests/support/demo';
import { assess } from '../../plan/assess';
import { handStands, settingIndex } from '../settingIndex';

const setCrack = (edits: Record<string, unknown>) =>
  assess(
    demoJob('ramp-guard', { 'rod.rodClass': 'E7018', 'rod.size': '1/8', ...edits }),
    DEMO_KIT,
  ).rooms.find(({ id }) => id === 'set-crack');

describe('cracks down the middle of plain steel', () => {
  // UCS = 230 C + 190 S + 75 P + 45 Nb - 12.3 Si - 5.4 Mn - 1 (EN 1011-2, annex, from memory), worked by hand.
  test.each([
    [{ C: 0.1, S: 0.02, P: 0.02, Si: 0.3, Mn: 1 }, 18.21],
    [{ C: 0.2, S: 0.1, P: 0.05, Nb: 0.02, Si: 0.2, Mn: 0.8 }, 61.87],
    [{ C: 0.03, Si: 0.5, Mn: 1.4 }, 3.69],
  ] as const)('%j: %d', (bead, expected) => {
    expect(settingIndex(bead)).toBeCloseTo(expected, 2);
  });

  // 20 for a fillet as deep as wide, 9 more for every fifth of it shallower (EN 1011-2, annex, from memory); by hand half as deep as wide.
  test('a bead by hand stands 42', () => {
    expect(handStands()).toBeCloseTo(42.5, 9);
  });

  test('a basic rod on mild steel sets sound; free-machining steel may tear', () => {
    expect(setCrack({ 'metal.sideA.family': 'low-carbon-steel' })?.state).toBe('roomy');
    // Common practice: cellulosic roots on mild steel, and basic rods on 1045, do not tear; rail and springs may.
    expect(setCrack({ 'metal.sideA.family': 'low-carbon-steel', 'rod.rodClass': 'E6010' })?.state).toBe(
      'roomy',
    );
    expect(
      setCrack({ 'metal.sideA.family': 'medium-carbon-steel', 'metal.sideA.grade': '1045' })?.state,
    ).toBe('roomy');
    expect(setCrack({ 'metal.sideA.family': 'high-carbon-steel', 'metal.sideA.grade': '1080' })?.state).toBe(
      'tight',
    );
    const tears = setCrack({ 'metal.sideA.family': 'free-machining-steel' });
    expect(tears).toMatchObject({ state: 'tight', gap: 'may tear as it sets' });
  });

  test('sulphur over 0.05 % of the bead is marked, under it not (from memory)', () => {
    const state = (S: number) =>
      setCrack({
        'metal.sideA.family': 'free-machining-steel',
        'metal.sideA.evidence': {
          read: {
            kind: 'chemistry',
            test: 'chemistry',
            seesCarbon: true,
            standing: 'sound',
            elements: { S: { percent: S, error: 0.005 } },
          },
        },
        'weld.dilution_pct': 25,
      })?.state;
    // A quarter of it, and three quarters of a rod with 0.01 %.
    expect([state(0.16), state(0.18)]).toEqual(['roomy', 'tight']);
  });

  test('stainless weld metal is judged by its own diagram', () => {
    expect(
      setCrack({ 'metal.sideA.family': 'austenitic-stainless', 'rod.rodClass': 'E308L-16' }),
    ).toBeUndefined();
  });
});
