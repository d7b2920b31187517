import fc from 'fast-check';
import { CALIBRATION_ARC as arc, CALIBRATION_PLATE } from '../../../tests/support/calibrationPlate';
import { pushAt } from './blow';
import { flowPast, potentialAt, seamOn, type Seam } from './flow';
import { feedsOf } from './joined';
import { flowBetween } from './plates';
import { flowOnSlitGrid } from '../../../tests/support/slitGrid';
import { solveDense } from './linear';
import { pushOfFrame_G, cornersOf, onFrame, roundOf } from './frame';
import type { BlowPiece } from './piece';
import { segmentField_G } from './segment';
import { judgeSeam, sweep } from './sweep';

const two = (edits: Partial<BlowPiece> = {}): BlowPiece => ({
  ...CALIBRATION_PLATE,
  kind: 'two-plates',
  tacks: [8, 100, 200, 292],
  ...edits,
});
const evenly = (mm: number) => Array.from({ length: Math.floor(300 / mm) + 1 }, (_, n) => n * mm);
const HALF = { x_mm: 300, y_mm: 75, ring: false };
const halves = (): [Seam, Seam] => [
  seamOn(HALF, 0, [{ at: { x: 20, y: 20 }, share: 1 }], 8),
  seamOn(HALF, 0, [], 8),
];
const strip = (x: number, half_mm = 8) => ({ x, half_mm });

describe('equations', () => {
  test('what is solved fits again (by putting it in), and what is not settled is said', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 12, maxLength: 12 }),
        (numbers) => {
          const rows = [0, 1, 2].map((r) => Float64Array.from(numbers.slice(4 * r, 4 * r + 4)));
          for (const [n, row] of rows.entries()) row[n] = (row[n] ?? 0) + 20;
          const kept = rows.map((row) => row.slice());
          const found = solveDense(rows);
          for (const row of kept) {
            const sum = [0, 1, 2].reduce((all, k) => all + (row[k] ?? 0) * (found?.[k] ?? NaN), 0);
            expect(sum).toBeCloseTo(row[3] ?? NaN, 8);
          }
        },
      ),
    );
    expect(solveDense([Float64Array.from([1, 1, 2]), Float64Array.from([2, 2, 4])])).toBeNull();
  });
});

describe('two plates that touch at their tacks', () => {
  test('what is fed to each plate is drained from it, and every tack gives what it takes (Kirchhoff)', () => {
    const places = [strip(150, 5), ...[8, 100, 200, 292].map((x) => strip(x))];
    const plates = halves();
    const fed = feedsOf(plates, places);
    const [a, b] = fed;
    const sum = (shares: number[]) => shares.reduce((all, share) => all + share, 0);
    expect(sum(a)).toBeCloseTo(1, 9);
    expect(sum(b)).toBeCloseTo(0, 9);
    for (let k = 0; k < places.length; k++)
      expect((a[k] ?? NaN) + (b[k] ?? NaN)).toBeCloseTo(k === 0 ? 1 : 0, 9);
    // And both stand at the same potential at every tack, but for what the plates stand apart as a whole.
    const rod = 2 * Math.exp(-1.5);
    const at = (s: 0 | 1, x: number) =>
      places.reduce(
        (all, of, k) => all + (fed[s][k] ?? NaN) * plates[s].potential(x, of.x, rod * of.half_mm),
        plates[s].drained(x),
      );
    const apart = places.map(({ x }) => at(0, x) - at(1, x));
    for (const one of apart) expect(one).toBeCloseTo(apart[0] ?? NaN, 8);
  });

  test('without a tack all of it goes to the plate with the clamp; tacked all along, half to each (limits)', () => {
    const fed = (places: number[], s: 0 | 1) =>
      feedsOf(halves(), [strip(150, 5), ...places.map((x) => strip(x, 5))])[s][0];
    expect(fed([], 0)).toBe(1);
    expect(fed([], 1)).toBe(0);
    const close = evenly(10).filter((x) => Math.abs(x - 150) > 5);
    expect(fed(close, 1)).toBeGreaterThan(0.35);
    expect(fed([8, 292], 1)).toBeLessThan(fed(close, 1) ?? 0);
  });

  test('a seam reads what the images of a sheet add from its tables, as the images themselves have it', () => {
    const clamp = { at: { x: 60, y: 40 }, share: 1 };
    for (const seam_mm of [0, 70]) {
      const sheet = { x_mm: 240, y_mm: 150, ring: false };
      const seam = seamOn(sheet, seam_mm, [clamp], 8);
      const spot = (x: number) => ({ x, y: seam_mm });
      for (const [x, of] of [
        [13, 200],
        [100, 115],
        [231, 7],
      ] as const) {
        // Potentials are told but for a constant: by how much they differ from that at another place.
        const whole = (x: number) => potentialAt(spot(x), spot(of), sheet, 4);
        expect(seam.potential(x, of, 4) - seam.potential(150, of, 4)).toBeCloseTo(whole(x) - whole(150), 2);
        const drained = (x: number) => -potentialAt(spot(x), clamp.at, sheet, 8);
        expect(seam.drained(x) - seam.drained(150)).toBeCloseTo(drained(x) - drained(150), 2);
        const feeds = [
          { at: spot(of), share: 1 },
          { at: clamp.at, share: -1 },
        ];
        const flow = seam.flow(x, [{ x: of, share: 1 }], 3.2);
        const direct = flowPast(spot(x), feeds, sheet, 3.2);
        expect(flow.x).toBeCloseTo(direct.x, 3);
        expect(flow.y).toBeCloseTo(direct.y, 3);
      }
    }
  });

  test('the push along is that of one plate of both (by symmetry of equal halves)', () => {
    fc.assert(
      fc.property(fc.double({ min: 30, max: 270, noNaN: true }), (x) => {
        const at = { x, y: 75 };
        const one = pushAt(CALIBRATION_PLATE, arc, at);
        expect(pushAt(two(), arc, at).x).toBeCloseTo(one.x, 0);
      }),
      { numRuns: 20 },
    );
  });

  /** A small pair of plates, 120 x 60, and what crosses under the arc at 80 on a grid of half a millimetre. */
  const small = (edits: Partial<BlowPiece>): BlowPiece =>
    two({ length_mm: 120, width_mm: 60, seam_mm: 30, web_mm: 40, clamps: [{ x: 20, y: 45 }], ...edits });
  const onGrid = (piece: BlowPiece) =>
    flowOnSlitGrid({
      piece,
      arc_mm: { x: 80, up: arc.arc_mm },
      half_mm: { pool: 5, tack: 8 },
      cell_mm: 0.5,
    });

  test.each([
    ['no tack at all', []],
    ['one at either end', [8, 112]],
    ['one beside the pool', [8, 62]],
    ['all along', [0, 15, 30, 45, 60, 75, 90, 105, 120]],
  ])('what crosses under the arc, and what flows past it: %s (an independent grid)', (_, tacks) => {
    const piece = small({ tacks });
    const grid = onGrid(piece);
    const found = flowBetween(piece, arc, 80);
    const whole = Math.hypot(grid.x, grid.y);
    expect(Math.abs(found.x - grid.x)).toBeLessThan(0.08 * whole);
    expect(Math.abs(found.y - grid.y)).toBeLessThan(0.12 * whole);
  });

  test('tacked all along two plates are one (limit), with the clamp on either and off the middle', () => {
    for (const [x, y] of [
      [20, 95],
      [20, 55],
      [150, 140],
      [280, 100],
    ] as const)
      for (const at of [60, 130, 240]) {
        const piece = two({ tacks: evenly(10), clamps: [{ x, y }] });
        const joined = flowBetween(piece, arc, at);
        const one = flowPast(
          { x: at, y: 75 },
          [
            { at: { x: at, y: 75 }, share: 1 },
            { at: { x, y }, share: -1 },
          ],
          { x_mm: 300, y_mm: 150, ring: false },
          arc.arc_mm,
        );
        // In A/mm for every ampere: for 130 A on steel 0.0005 is under a gauss.
        expect(Math.abs(joined.x - one.x)).toBeLessThan(0.0005);
        expect(Math.abs(joined.y - one.y)).toBeLessThan(0.0005);
      }
  });

  test('the arc is pushed over to the plate without the clamp, most where the tacks are far (common practice)', () => {
    const across = (tacks: number[]) => pushAt(two({ tacks }), arc, { x: 150, y: 75 }).y;
    expect(across([8, 292])).toBeLessThan(across(evenly(20)));
    expect(across([8, 292])).toBeLessThan(0);
    const below = pushAt(two({ clamps: [{ x: 20, y: 55 }] }), arc, { x: 150, y: 75 });
    const above = pushAt(two(), arc, { x: 150, y: 75 });
    expect(below.y).toBeCloseTo(-above.y, 6);
    expect(below.x).toBeCloseTo(above.x, 6);
  });
});

describe('what is welded already', () => {
  const at = (edits: Partial<BlowPiece>, x = 150) => flowBetween(two({ tacks: [], ...edits }), arc, x);

  test('all along it is one plate (limit)', () => {
    const all = at({ welded: 'all', weld_mm: [0, 300] });
    const tacked = at({ tacks: evenly(10) });
    expect(all.x).toBeCloseTo(tacked.x, 4);
    expect(all.y).toBeCloseTo(tacked.y, 4);
  });

  test('behind the arc it eases the push, and more the longer it is; run the other way it is the mirror of it (by symmetry)', () => {
    const run = (welded: BlowPiece['welded'], x: number) =>
      at({ welded, weld_mm: [0, 300], tacks: [8, 292] }, x);
    const bare = Math.abs(run('nowhere', 150).y);
    expect(Math.abs(run(1, 150).y)).toBeLessThan(0.6 * bare);
    expect(Math.abs(run(1, 250).y)).toBeLessThan(Math.abs(run(1, 60).y));
    const mirrored = at({ welded: -1, weld_mm: [0, 300], tacks: [8, 292], clamps: [{ x: 280, y: 95 }] }, 190);
    expect(mirrored.y).toBeCloseTo(run(1, 110).y, 6);
    expect(mirrored.x).toBeCloseTo(-run(1, 110).x, 6);
  });

  test('in a thick plate what crosses lies deep: it pushes less, in a thin one as in a sheet', () => {
    const thick = (thick_mm: number) => Math.abs(at({ tacks: [8, 292], thick_mm }).y);
    expect(thick(0.1)).toBeCloseTo(thick(0), 3);
    expect(thick(10)).toBeLessThan(0.6 * thick(0));
    expect(thick(25)).toBeLessThan(thick(10));
  });
});

describe('an upright on a plate', () => {
  const tee = (edits: Partial<BlowPiece> = {}): BlowPiece => ({
    ...CALIBRATION_PLATE,
    kind: 'tee',
    web_mm: 100,
    tacks: [8, 150, 292],
    ...edits,
  });

  test('with the clamp on the upright it is pushed out over the plate, with it on the plate towards the upright', () => {
    const on = (upright: boolean) =>
      pushAt(tee({ clamps: [{ x: 20, y: 95, upright }] }), arc, { x: 220, y: 75 });
    expect(on(true).y).toBeGreaterThan(on(false).y);
    // Along the seam it is driven away from the clamp on either.
    expect(on(true).x).toBeGreaterThan(0);
    expect(on(false).x).toBeGreaterThan(0);
  });

  test('a clamp on the upright instead of the flange turns the arc as an independent grid has it, tacked little and much', () => {
    for (const tacks of [
      [8, 112],
      [0, 30, 60, 90, 120],
    ]) {
      const one = (upright: boolean) =>
        tee({
          length_mm: 120,
          width_mm: 60,
          seam_mm: 30,
          web_mm: 40,
          tacks,
          clamps: [{ x: 20, y: 45, upright }],
        });
      // In the very corner a grid never settles; what a clamp changes does.
      const grid = [true, false].map((upright) =>
        flowOnSlitGrid({
          piece: one(upright),
          arc_mm: { x: 80, up: arc.arc_mm },
          half_mm: { pool: 5, tack: 8 },
          cell_mm: 0.5,
        }),
      );
      const found = [true, false].map((upright) => flowBetween(one(upright), arc, 80));
      const changed = (flows: { y: number }[]) => (flows[0]?.y ?? NaN) - (flows[1]?.y ?? NaN);
      expect(changed(found) / changed(grid)).toBeGreaterThan(0.75);
      expect(changed(found) / changed(grid)).toBeLessThan(1.35);
      for (const k of [0, 1])
        expect(Math.abs((found[k]?.x ?? NaN) - (grid[k]?.x ?? NaN))).toBeLessThan(0.002);
    }
  });

  test('a tee that is tacked all along takes a third up the upright, and is pushed neither way by that (limit)', () => {
    const all = tee({ tacks: evenly(10), clamps: [{ x: 10, y: 75 }] });
    const far = flowBetween(all, arc, 220);
    const few = flowBetween(tee({ tacks: [8, 292], clamps: [{ x: 20, y: 95, upright: true }] }), arc, 220);
    expect(Math.abs(far.y)).toBeLessThan(0.001);
    expect(few.y).toBeLessThan(-0.003);
  });

  test('mirrored end for end, the push is mirrored (by symmetry)', () => {
    const here = pushAt(tee({ tacks: [8, 100] }), arc, { x: 220, y: 75 });
    const there = pushAt(tee({ tacks: [292, 200], clamps: [{ x: 280, y: 95 }] }), arc, { x: 80, y: 75 });
    expect(there.x).toBeCloseTo(-here.x, 6);
    expect(there.y).toBeCloseTo(here.y, 6);
  });
});

describe('a frame of tube', () => {
  const frame: BlowPiece = {
    ...CALIBRATION_PLATE,
    kind: 'frame',
    length_mm: 600,
    width_mm: 400,
    tube_mm: 40,
    magnetic: false,
    clamps: [{ x: 580, y: 380 }],
  };
  const bare = { ...arc, arc_mm: 4 };
  const push = (piece: BlowPiece, corner: number) =>
    pushOfFrame_G(piece, bare, corner, cornersOf(piece)[corner] as { x: number; y: number });

  test('a spot finds its place on the tubes, and round it once is the four sides', () => {
    expect(onFrame(frame, { x: 300, y: 5 })).toEqual({ at: { x: 300, y: 20 }, round_mm: 280 });
    expect(onFrame(frame, { x: 599, y: 200 }).round_mm).toBeCloseTo(560 + 180, 9);
    expect(roundOf(frame)).toBe(2 * (560 + 360));
  });

  test('opposite the clamp both ways are as long: half of it each way, and square tubes push as two leads (finite segments)', () => {
    const found = push(frame, 0);
    // Near legs by the formula: from (20, 20) along x and along y, 65 A each, 22 mm above.
    const above = { x: 20, y: 20, z: 22 };
    const near = [
      segmentField_G(65, { x: 20, y: 20, z: 0 }, { x: 580, y: 20, z: 0 }, above),
      segmentField_G(65, { x: 20, y: 20, z: 0 }, { x: 20, y: 380, z: 0 }, above),
    ];
    const x = near.reduce((sum, { y }) => sum + y, 0);
    const y = near.reduce((sum, field) => sum - field.x, 0);
    // The far sides add little: under a twentieth.
    expect(Math.abs(found.x - x)).toBeLessThan(0.05 * Math.hypot(x, y));
    expect(Math.abs(found.y - y)).toBeLessThan(0.05 * Math.hypot(x, y));
    // Away from where it flows to: out of the corner.
    expect(found.x).toBeLessThan(0);
    expect(found.y).toBeLessThan(0);
  });

  test('at the corner it is clamped on nothing flows past; the frame turned over turns its push (by symmetry)', () => {
    const onIt = push({ ...frame, clamps: [{ x: 20, y: 20 }] }, 0);
    expect(Math.hypot(onIt.x, onIt.y)).toBeCloseTo(0, 6);
    const left = push({ ...frame, clamps: [{ x: 200, y: 20 }] }, 2);
    const right = push({ ...frame, clamps: [{ x: 400, y: 20 }] }, 3);
    expect(right.x).toBeCloseTo(-left.x, 6);
    expect(right.y).toBeCloseTo(left.y, 6);
  });

  test('steel doubles it, and a corner far from the clamp is worse than none: every corner is judged', () => {
    const steel = { ...frame, magnetic: true, clamps: [{ x: 300, y: 20 }] };
    const seam = { from: { x: 0, y: 0 }, to: { x: 4 * 56, y: 0 } };
    const places = sweep(steel, bare, seam, 12);
    expect(places).toHaveLength(12);
    const judged = judgeSeam(places, 1, { arc: bare, arcForce: false, gathers: 1.2 });
    expect(judged?.worst.blown.field_G).toBeGreaterThan(0);
    const soft = sweep({ ...steel, magnetic: false }, bare, seam, 12);
    expect(places[4]?.push.x).toBeCloseTo(2 * (soft[4]?.push.x ?? NaN), 9);
  });
});
