import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from '../plan/assess';
import { dutyPlan } from './dutyPlan';
import { findLevers } from '../plan/levers/levers';
import { worstWindowArc_s } from '../timeline/timeline';

const long = (edits: Record<string, unknown> = {}) =>
  demoJob('ramp-guard', { 'joint.length_mm': 4000, 'rod.current_A': 155, 'rod.rest_s': 0, ...edits });
const planOf = (edits?: Record<string, unknown>) => dutyPlan(assess(long(edits), DEMO_KIT).situation);

describe('the ten-minute window along a job', () => {
  test('a long run near the top of the plate runs over; the rest it names keeps it from it', () => {
    const plan = planOf();
    expect(plan?.over_s).toBeGreaterThan(0);
    expect(plan?.rest_s).toBeGreaterThan(0);
    expect(planOf({ 'rod.rest_s': plan?.rest_s })?.over_s).toBeNull();
    expect(planOf({ 'rod.rest_s': (plan?.rest_s ?? 0) - 1 })?.over_s).not.toBeNull();
  });

  test('the amps without a pause are the 100 % point of the plate, and nothing runs over there', () => {
    const plan = planOf();
    expect(plan?.steady_A).toBeCloseTo(80, 3);
    expect(planOf({ 'rod.current_A': 80 })).toMatchObject({ over_s: null, rest_s: 0 });
  });

  test('the rest is a lever, and makes the duty of the job roomy enough', () => {
    const lever = findLevers(long(), DEMO_KIT).find(({ id }) => id === 'rest-needed');
    const effect = lever?.effects.find(({ roomId }) => roomId === 'duty');
    expect(effect?.gain).toBeGreaterThan(0);
    expect(findLevers(long({ 'rod.current_A': 80 }), DEMO_KIT).some(({ id }) => id === 'rest-needed')).toBe(
      false,
    );
  });

  test('left blank it is planned so that the machine never cuts out, and a twelfth is left over', () => {
    const { situation, rooms } = assess(long({ 'rod.rest_s': null }), DEMO_KIT);
    const needed = planOf()?.rest_s ?? NaN;
    expect(situation.rest.by).toBe('app');
    expect(situation.rest_s).toBeGreaterThan(needed);
    expect(planOf({ 'rod.rest_s': situation.rest_s })?.over_s).toBeNull();
    expect(rooms.find(({ id }) => id === 'duty')?.state).toBe('tight');
    // On a seam whose tacks do not fill the window by themselves: 0.92 of it at the bad end of the dial, 0.89 at its face value.
    const short = { 'joint.length_mm': 1500 };
    const rest_s = assess(long({ ...short, 'rod.rest_s': null }), DEMO_KIT).situation.rest_s;
    const filled = (after_s: number) =>
      Math.max(...(planOf({ ...short, 'rod.rest_s': after_s })?.course ?? []).map(({ fill }) => fill));
    expect(filled(rest_s)).toBeLessThanOrEqual(0.89);
    expect(filled(rest_s - 30)).toBeGreaterThan(0.89);
    const quiet = assess(long({ 'rod.rest_s': null, 'rod.current_A': 80 }), DEMO_KIT).situation;
    expect(quiet.rest).toMatchObject({ value: 0, by: 'app' });
  });

  test('says nothing while machine, plate or joint are not known', () => {
    expect(planOf({ 'joint.kind': null })).toBeNull();
    const machines = DEMO_KIT.machines.map((m) => ({ ...m, rated: [], max_A: null, inputs: [] }));
    expect(dutyPlan(assess(long(), { ...DEMO_KIT, machines }).situation)).toBeNull();
  });
});

describe('cord heat', () => {
  const heatOf = (edits: Record<string, unknown>) =>
    assess(long(edits), DEMO_KIT).rooms.find(({ id }) => id === 'cord-heat');

  test('is the supply current times the root of the busiest ten minutes, against what the cord carries', () => {
    const edits = { 'power.cordLength_m': 10, 'power.cordSize': 'mm2-4' };
    const { draw, hurried, plate } = assess(long(edits), DEMO_KIT).situation;
    const room = heatOf(edits);
    if (!draw || !hurried || !plate) throw new Error('nothing drawn');
    const busy = worstWindowArc_s(hurried, 600) / 600;
    // IEC 60974-1: effective current sqrt(I1^2 X + I0^2 (1 - X)).
    const heat = draw.current_A.nominal ** 2 * busy + plate.idle_A ** 2 * (1 - busy);
    expect(room?.value?.nominal).toBeCloseTo(Math.sqrt(heat), 9);
    // Flexible cord of 4 mm2, from memory.
    expect(room?.limit?.nominal).toBe(32);
  });

  // NEC 310.15(B)(1), 60 °C conductors, from memory: printed for the middle of each band.
  test.each([
    [35, 0.91],
    [40, 0.82],
    [45, 0.71],
    [50, 0.58],
  ])('in %i °C of air it carries %f of what it does in 30', (air_C, share) => {
    const cord = { 'power.cordLength_m': 10, 'power.cordSize': 'mm2-4' };
    const cool = heatOf({ ...cord, 'look.air_C': 10 })?.limit?.nominal ?? NaN;
    expect((heatOf({ ...cord, 'look.air_C': air_C })?.limit?.nominal ?? NaN) / cool).toBeCloseTo(share, 2);
    expect(cool).toBe(32);
  });

  test('on its drum it carries about a third of what it does laid out', () => {
    const cord = { 'power.cordLength_m': 10, 'power.cordSize': 'mm2-4' };
    const straight = heatOf(cord)?.limit?.nominal ?? NaN;
    const drum = heatOf({ ...cord, 'power.cordLie': 'drum' });
    // Common practice.
    expect(drum?.limit?.nominal).toBeCloseTo(0.33 * straight, 9);
    const lever = findLevers(long({ ...cord, 'power.cordLie': 'drum' }), DEMO_KIT).find(
      ({ id }) => id === 'off-the-drum',
    );
    expect(lever?.effects.find(({ roomId }) => roomId === 'cord-heat')?.gain).toBeGreaterThan(0);
  });

  test('more rest heats it less; no cord has no heat', () => {
    const cord = { 'power.cordLength_m': 10, 'power.cordSize': 'mm2-1.5' };
    const hot = heatOf(cord)?.left?.nominal ?? NaN;
    expect(heatOf({ ...cord, 'rod.rest_s': 300 })?.left?.nominal).toBeGreaterThan(hot);
    expect(heatOf({ 'power.cordLie': 'none' })).toBeUndefined();
  });
});
