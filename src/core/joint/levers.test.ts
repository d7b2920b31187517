import { applyEdits } from '../formats/edits';
import { DEMO_JOBS, DEMO_KIT } from '../../demo/yard';
import { assess } from '../plan/assess';
import { legChanges } from './levers';

const [bracket] = DEMO_JOBS;
if (!bracket) throw new Error('no job');
const offered = (leg_mm: number | null, thickness: [number, number]) =>
  legChanges(
    assess(
      applyEdits(bracket, [
        { path: 'joint.kind', value: 't-fillet' },
        { path: 'joint.leg_mm', value: leg_mm },
        { path: 'joint.thicknessA_mm', value: thickness[0] },
        { path: 'joint.thicknessB_mm', value: thickness[1] },
        { path: 'joint.sameThickness', value: false },
      ]),
      DEMO_KIT,
    ).situation,
  );

describe('a smaller leg', () => {
  test('says what it gives up: strength of a fillet goes with its throat, and that with its leg', () => {
    expect(offered(5, [6, 6])).toMatchObject([
      { title: 'Leg of 4 mm', cost: 'carries 20 % less', edits: [{ path: 'joint.leg_mm', value: 4 }] },
      { title: 'Leg of 3 mm', cost: 'carries 40 % less', edits: [{ path: 'joint.leg_mm', value: 3 }] },
    ]);
  });

  // AWS D1.1, from memory: 6 mm (1/4 in) at the least on plate over 12 to 19 mm, 5 mm (3/16 in) on 6 to 12 mm, 3 mm to 6 mm.
  test('never under what the thicker side asks', () => {
    expect(offered(8, [16, 16]).map(({ title }) => title)).toEqual(['Leg of 7 mm', 'Leg of 6 mm']);
    expect(offered(7, [16, 16]).map(({ title }) => title)).toEqual(['Leg of 6 mm']);
    expect(offered(6, [10, 10]).map(({ title }) => title)).toEqual(['Leg of 5 mm']);
    expect(offered(6, [16, 16])).toEqual([]);
  });

  // Common practice: the smallest fillet that is laid by hand is about 1.5 mm, on sheet under 1 mm.
  test('one and two millimetres less are tried, and nothing smaller than a hand lays', () => {
    expect(offered(8, [10, 10]).map(({ title }) => title)).toEqual(['Leg of 7 mm', 'Leg of 6 mm']);
    expect(offered(2.4, [1.2, 1.2]).map(({ title }) => title)).toEqual(['Leg of 1.5 mm']);
    expect(offered(2, [1.2, 1.2])).toEqual([]);
  });

  test('none where there is no fillet or no thickness', () => {
    const flat = applyEdits(bracket, [{ path: 'joint.kind', value: 'square-butt' }]);
    expect(legChanges(assess(flat, DEMO_KIT).situation)).toEqual([]);
  });
});
