import fc from 'fast-check';
import { HOLDS } from '../data/rodAngles';
import { ROD_CLASS_IDS, rodClass } from '../data/rods';
import { JOINTS } from '../data/joints';
import { AIMS, idsOf, POSITIONS } from '../data/words';
import { penetration_mm, fusionFloor_A } from '../heat/fusion';
import { angleFor_deg, settingsFor, shareAt, type SettingsQuestion } from './settings';

const ask = (change: Partial<SettingsQuestion> = {}) =>
  settingsFor({
    rodClass: 'E7018',
    size: '1/8',
    kind: 't-fillet',
    position: 'flat',
    aim: 'bisect',
    workAngle_deg: null,
    ratio: 1,
    thin_mm: 6,
    ...change,
  });

describe('how the rod is held (common practice)', () => {
  test('even fillets down the middle; sheet laps at the lower plate; butts square', () => {
    expect(ask().work_deg).toBe(45);
    expect(ask({ kind: 'lap', thin_mm: 1.5 }).work_deg).toBe(60);
    expect(ask({ kind: 'v-butt' }).work_deg).toBe(90);
    expect(ask({ kind: 'v-butt', position: 'horizontal' }).work_deg).toBe(100);
  });

  test('309L drags 10 to 25 degrees, aluminium 5 to 10', () => {
    expect(ask({ rodClass: 'E309L-16' }).travel_deg).toEqual([10, 25]);
    expect(ask({ rodClass: 'E4043' }).travel_deg).toEqual([5, 10]);
  });

  test('the aims are the angles at which those shares of heat fall: 45, 57 and 60 degrees', () => {
    expect(shareAt(45)).toBeCloseTo(0.5, 9);
    expect(angleFor_deg(AIMS.lean.thinShare)).toBeCloseTo(57, 0);
    expect(angleFor_deg(AIMS.flick.thinShare)).toBeCloseTo(60, 0);
    expect(ask({ ratio: 4, aim: 'lean' }).work_deg).toBe(57);
    expect(ask({ ratio: 4, workAngle_deg: 70 }).thinShare).toBeLessThan(AIMS.flick.thinShare);
  });

  test('share and angle are one another’s way back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (share) => Math.abs(shareAt(angleFor_deg(share)) - share) < 1e-9,
      ),
    );
  });

  test('every rod in every joint and position has an arc, angles and moves', () => {
    for (const id of ROD_CLASS_IDS)
      for (const kind of idsOf(JOINTS))
        for (const position of idsOf(POSITIONS)) {
          const { arc_mm, travel_deg, moves, work_deg } = ask({ rodClass: id, kind, position });
          expect(arc_mm[0]).toBeLessThanOrEqual(arc_mm[1]);
          expect(travel_deg[0]).toBeLessThanOrEqual(travel_deg[1]);
          expect(work_deg).toBeGreaterThan(0);
          expect(moves.length).toBeGreaterThan(0);
        }
    expect(Object.keys(HOLDS).sort()).toEqual(
      [...new Set(ROD_CLASS_IDS.map((id) => rodClass(id).coating))].sort(),
    );
  });
});

describe('fusion on steel', () => {
  test('5/64 6013 on 1/4 in is fused without slag from about 50 A (common practice)', () => {
    expect(fusionFloor_A('rutile', 2, 6.35, 0.5).nominal).toBeCloseTo(50, 0);
  });

  test('leaning onto the thick side and less slag lower the floor; a thicker rod or side raises it', () => {
    const floor = (coating: 'rutile' | 'cellulosic', core: number, thick: number, share: number) =>
      fusionFloor_A(coating, core, thick, share).nominal;
    expect(floor('rutile', 2, 6.35, 0.7)).toBeLessThan(floor('rutile', 2, 6.35, 0.5));
    expect(floor('cellulosic', 2, 6.35, 0.5)).toBeLessThan(floor('rutile', 2, 6.35, 0.5));
    fc.assert(
      fc.property(
        fc.double({ min: 1.6, max: 5, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (core, thick, more) =>
          floor('rutile', core + more, thick, 0.5) >= floor('rutile', core, thick, 0.5) &&
          floor('rutile', core, thick + more, 0.5) >= floor('rutile', core, thick, 0.5),
      ),
    );
  });

  test('electrode negative is about 0.8 mm shallower with 1/8 6013 on the flat; 6010 digs deepest (common practice)', () => {
    const depth = (negative: boolean) => penetration_mm('rutile', 110, negative).nominal;
    expect(depth(false) - depth(true)).toBeCloseTo(0.8, 1);
    expect(penetration_mm('cellulosic', 110, false).nominal).toBeGreaterThan(
      penetration_mm('basic', 110, false).nominal,
    );
  });
});
