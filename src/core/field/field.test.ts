import fc from 'fast-check';
import { fromCurrent, fromEdges, pushAt } from './blow';
import { flowPast } from './flow';
import type { BlowPiece, Spot } from './piece';
import { segmentField_G } from './segment';
import { pushOfSheet_G, residual_A, SheetSolver, snapped, throughCut_A } from './sheet';
import {
  CALIBRATION_ARC,
  CALIBRATION_PLATE,
  CALIBRATION_SEAM,
} from '../../../tests/support/calibrationPlate';
import { blown, judgeSeam, sweep, type Hold, type Travel } from './sweep';

const plate = CALIBRATION_PLATE;
const arc = CALIBRATION_ARC;
const seam = CALIBRATION_SEAM;
const hold: Hold = { arc, arcForce: false, gathers: 1 };
const judged = (piece: BlowPiece, travel: Travel) => {
  const found = judgeSeam(sweep(piece, arc, seam, 100), travel, hold);
  if (!found) throw new Error('nothing judged');
  return found;
};
const AWAY: Travel = 1;
const TOWARDS: Travel = -1;

describe('the facts of practice that the model is fitted to', () => {
  test('welding away from the clamp the arc is never lost', () => {
    expect(judged(plate, AWAY).worst.blown.share).toBeLessThanOrEqual(1);
  });

  test('towards the clamp it is blown back, and only in the last part', () => {
    const { places, worst } = judged(plate, TOWARDS);
    expect(worst.blown).toMatchObject({ kind: 'back' });
    const over = places.filter(({ blown: { share } }) => share > 1).map(({ along_mm }) => along_mm);
    expect(over.length).toBeGreaterThan(0);
    expect(Math.max(...over)).toBeLessThan(90);
  });

  test('two clamps, one at each end: the largest back blow is smaller', () => {
    const two = { ...plate, clamps: [...plate.clamps, { x: 280, y: 95 }] };
    const back = (piece: BlowPiece) => Math.max(...judged(piece, TOWARDS).places.map(({ push }) => push.x));
    expect(back(two)).toBeLessThan(back(plate));
  });

  test('a metal that no magnet holds: lower where steel peaks, and inside its limits throughout', () => {
    const bronze = { ...plate, magnetic: false };
    for (const travel of [AWAY, TOWARDS]) {
      expect(judged(bronze, travel).worst.blown.share).toBeLessThan(1);
      expect(judged(bronze, travel).worst.blown.share).toBeLessThan(judged(plate, travel).worst.blown.share);
    }
  });

  test('alternating current counts a tenth, half the arc stands twice, tabs take the push off the ends', () => {
    const at = { x: 12, y: 75 };
    expect(pushAt(plate, { ...arc, ac: true }, at).x).toBeCloseTo(pushAt(plate, arc, at).x / 10, 9);
    const [place] = sweep(plate, arc, seam, 1);
    if (!place) throw new Error('no place');
    const half = { ...hold, arc: { ...arc, arc_mm: 1.6 } };
    expect(blown(place, AWAY, half).limit_G).toBeCloseTo(2 * blown(place, AWAY, hold).limit_G, 9);
    const edge = (tabs: boolean) => Math.abs(fromEdges({ ...plate, tabs }, arc, { x: 290, y: 75 }).x);
    expect(edge(true)).toBeLessThan(edge(false) / 3);
  });

  test('what is there before the arc is added, and lower amps do not help against it', () => {
    const magnetised = { ...plate, residual: { x: 30, y: 0 } };
    const at = { x: 150, y: 75 };
    const left = (current_A: number) =>
      pushAt(magnetised, { ...arc, current_A }, at).x - pushAt(plate, { ...arc, current_A }, at).x;
    expect(left(130)).toBeCloseTo(30, 9);
    expect(left(60)).toBeCloseTo(30, 9);
  });
});

describe('the current in the plate', () => {
  const past = (at: Spot, clamp: Spot, x_mm: number, y_mm: number, arc_mm: number, ring = false) =>
    flowPast(
      at,
      [
        { at, share: 1 },
        { at: clamp, share: -1 },
      ],
      { x_mm, y_mm, ring },
      arc_mm,
    );
  const inside = fc.record({
    x: fc.double({ min: 15, max: 285, noNaN: true }),
    y: fc.double({ min: 15, max: 135, noNaN: true }),
  });

  test('far down a strip half of it flows past on the one side: I / 2W (by symmetry)', () => {
    const flow = past({ x: 500, y: 50 }, { x: 20, y: 50 }, 1000, 100, 1e-6);
    expect(flow.x).toBeCloseTo(-1 / 200, 5);
    expect(flow.y).toBeCloseTo(0, 9);
  });

  test('round a ring: opposite the clamp nothing pushes along, and either way round is the same (by symmetry)', () => {
    const ring = (x: number) => past({ x, y: 40 }, { x: 100, y: 40 }, 400, 80, 3, true);
    expect(ring(300).x).toBeCloseTo(0, 5);
    expect(ring(150).x).toBeCloseTo(-ring(50).x, 5);
    expect(Math.abs(ring(120).x)).toBeGreaterThan(Math.abs(ring(200).x));
    expect(ring(399.999).x).toBeCloseTo(ring(-0.001).x, 4);
  });

  test('turned over, the field turns over with it; no push depends on which side is called the first', () => {
    fc.assert(
      fc.property(inside, inside, (at, clamp) => {
        fc.pre(Math.hypot(at.x - clamp.x, at.y - clamp.y) > 10);
        const here = past(at, clamp, 300, 150, 3);
        const over = (s: Spot) => ({ x: 300 - s.x, y: s.y });
        const turned = past(over(at), over(clamp), 300, 150, 3);
        expect(turned.x).toBeCloseTo(-here.x, 8);
        expect(turned.y).toBeCloseTo(here.y, 8);
      }),
    );
  });

  test('by images and by a direct solver on a grid: the same push, within a twentieth', () => {
    const solver = new SheetSolver({ columns: 256, rows: 128, length_mm: 300, width_mm: 150 });
    const clamp = snapped(solver.grid, { x: 20, y: 95 });
    for (const x of [30, 80, 150, 240, 285]) {
      const at = snapped(solver.grid, { x, y: 75 });
      const fed = [
        { at, current_A: 130 },
        { at: clamp, current_A: -130 },
      ];
      const grid = pushOfSheet_G(solver.solve(fed), at, arc.arc_mm);
      const images = fromCurrent({ ...plate, magnetic: false, clamps: [clamp] }, arc, at);
      expect(Math.abs(grid.x - images.x)).toBeLessThan(0.05 * Math.hypot(images.x, images.y));
      expect(Math.abs(grid.y - images.y)).toBeLessThan(0.05 * Math.hypot(images.x, images.y));
    }
  });

  test('the direct solver balances every cell, and as much flows through every cut as is fed (Kirchhoff)', () => {
    const solver = new SheetSolver({ columns: 64, rows: 32, length_mm: 300, width_mm: 150 });
    const fed = [
      { at: { x: 220, y: 70 }, current_A: 100 },
      { at: { x: 30, y: 20 }, current_A: -60 },
      { at: { x: 30, y: 130 }, current_A: -40 },
    ];
    const potential = solver.solve(fed);
    expect(residual_A(potential, fed)).toBeLessThan(1e-8);
    for (const column of [10, 20, 30, 40]) expect(throughCut_A(potential, column)).toBeCloseTo(-100, 6);
    expect(throughCut_A(potential, 55)).toBeCloseTo(0, 6);
  });
});

describe('the lead', () => {
  test('a long straight lead: mu0 I / (2 pi d), 2 G for each ampere and millimetre (Ampere)', () => {
    const field = segmentField_G(100, { x: 0, y: 0, z: -1e5 }, { x: 0, y: 0, z: 1e5 }, { x: 25, y: 0, z: 0 });
    expect(field.y).toBeCloseTo((2 * 100) / 25, 4);
    expect(field.x).toBeCloseTo(0, 9);
  });

  test('seen square from its end a lead gives half of that, and 45° of it sqrt 2 over 2 of the half (Biot and Savart)', () => {
    const long = segmentField_G(100, { x: 0, y: 0, z: 0 }, { x: 0, y: 0, z: 1e6 }, { x: 25, y: 0, z: 0 });
    expect(long.y).toBeCloseTo(100 / 25, 4);
    const short = segmentField_G(100, { x: 0, y: 0, z: 0 }, { x: 0, y: 0, z: 25 }, { x: 25, y: 0, z: 0 });
    expect(short.y).toBeCloseTo((100 / 25) * Math.SQRT1_2, 6);
    expect(segmentField_G(100, { x: 0, y: 0, z: 0 }, { x: 0, y: 0, z: 9 }, { x: 0, y: 0, z: 20 })).toEqual({
      x: 0,
      y: 0,
      z: 0,
    });
  });

  test('standing up from the clamp it pushes the arc away, hanging down it draws it in', () => {
    const at = { x: 150, y: 75 };
    const push = (lead: BlowPiece['lead']) => pushAt({ ...plate, lead }, arc, at).x;
    expect(push('up')).toBeGreaterThan(push('flat'));
    expect(push('down')).toBeLessThan(push('flat'));
  });
});
