import fc from 'fast-check';
import { applyEdits } from '@core/formats/edits';
import { assess } from '@core/plan/assess';
import type { BlowPlan } from '@core/plan/order/blowPlan';
import { DEMO_KIT } from '@/demo/kit';
import { demoJob } from '../../../../tests/support/demo';
import { movedEdits } from '../movedEdits';
import { clampsShown, gripsOf, saidWhile } from './moves';
import { viewOf } from './view';

const blowOf = (id: string, edits: Record<string, unknown> = {}): BlowPlan => {
  const { blow } = assess(demoJob(id, edits), DEMO_KIT).situation;
  if (!blow) throw new Error('no field');
  return blow;
};
const PLATE = { 'heat.pieceLength_mm': 300, 'heat.pieceWidth_mm': 150, 'order.piece': 'plate' };
const say = (mm: number) => `${mm} mm`;
const px = fc.double({ min: 30, max: 1200, noNaN: true });

test('a place on the piece is where it was after it has been drawn and read back', () => {
  const blow = blowOf('pier-ladder', PLATE);
  fc.assert(
    fc.property(
      px,
      fc.double({ min: 0, max: 300, noNaN: true }),
      fc.double({ min: 0, max: 150, noNaN: true }),
      (width, x, y) => {
        const view = viewOf(blow, width + 100);
        const back = view.toSpot(view.x(x), view.y(y));
        expect(back.x).toBeCloseTo(x, 6);
        expect(back.y).toBeCloseTo(y, 6);
      },
    ),
  );
});

test('the picture holds seam and clamps, whatever its width', () => {
  for (const id of ['pier-ladder', 'ramp-guard', 'hatch-frame', 'gangway-trolley']) {
    const blow = blowOf(id);
    const view = viewOf(blow, 360);
    for (const { x, y } of [...blow.piece.clamps, ...(blow.piece.kind === 'frame' ? [] : [blow.seam.from])]) {
      expect(view.x(x)).toBeGreaterThanOrEqual(0);
      expect(view.x(x)).toBeLessThanOrEqual(360);
      expect(view.y(y)).toBeGreaterThanOrEqual(0);
      expect(view.y(y)).toBeLessThanOrEqual(view.height);
    }
  }
});

test('a clamp that is let go anywhere lies on the piece, and on a frame on its tubes', () => {
  for (const id of ['pier-ladder', 'ramp-guard', 'hatch-frame'] as const) {
    const job = demoJob(id);
    const blow = blowOf(id);
    fc.assert(
      fc.property(
        fc.integer({ min: -500, max: 3000 }),
        fc.integer({ min: -500, max: 3000 }),
        fc.constantFrom<0 | 1>(0, 1),
        (x, y, nth) => {
          const moved = applyEdits(job, movedEdits({ what: 'clamp', nth, at: { x, y } }, blow));
          const after = assess(moved, DEMO_KIT).situation.blow;
          const clamp = after?.piece.clamps[nth];
          if (!after || !clamp) throw new Error('no clamp');
          const { length_mm, width_mm, tube_mm } = after.piece;
          expect(clamp.x).toBeGreaterThanOrEqual(0);
          expect(clamp.x).toBeLessThanOrEqual(length_mm);
          expect(clamp.y).toBeGreaterThanOrEqual(0);
          expect(clamp.y).toBeLessThanOrEqual(width_mm);
          if (id === 'hatch-frame') {
            const inside = (at: number, whole: number) =>
              at > tube_mm / 2 + 1e-6 && at < whole - tube_mm / 2 - 1e-6;
            expect(inside(clamp.x, length_mm) && inside(clamp.y, width_mm)).toBe(false);
          }
        },
      ),
      { numRuns: 25 },
    );
  }
});

test('an end is not dragged past the weld, an edge not to nothing, a seam not off its piece', () => {
  const job = demoJob('pier-ladder', PLATE);
  const blow = blowOf('pier-ladder', PLATE);
  const after = (what: 'length' | 'width' | 'seam', mm: number) =>
    applyEdits(job, movedEdits({ what, mm }, blow));
  expect(after('length', 10).heat.pieceLength_mm).toBe(Math.round(blow.seam.to.x - blow.seam.from.x));
  expect(after('length', 412.4).heat.pieceLength_mm).toBe(412);
  expect(after('width', -30).heat.pieceWidth_mm).toBe(20);
  expect(after('seam', 900).order.seamSide_mm).toBe(150);
  expect(after('seam', -5).order.seamSide_mm).toBe(0);
});

test('what was typed in a field does not stand once its handle is dragged', () => {
  const job = demoJob('pier-ladder', { ...PLATE, 'typed.order.clampAlong_mm': '40 mm' });
  const moved = applyEdits(
    job,
    movedEdits({ what: 'clamp', nth: 0, at: { x: 77, y: 90 } }, blowOf('pier-ladder', PLATE)),
  );
  expect(moved.order.clampAlong_mm).toBe(77);
  expect(moved.typed['order.clampAlong_mm']).toBeUndefined();
});

test('while it is dragged the clamp is shown where it is held, and said; only what can be held has a grip', () => {
  const blow = blowOf('pier-ladder', PLATE);
  const held = { what: 'clamp', nth: 0, at: { x: 120, y: 110 } } as const;
  expect(clampsShown(blow.piece, held)[0]).toMatchObject({ x: 120, y: 110 });
  expect(saidWhile(held, blow, say)).toBe('Clamp 120 mm along, 35 mm to side A');
  expect(saidWhile({ what: 'seam', mm: 40 }, blow, say)).toBe('Seam 40 mm from the lower edge');
  const grips = (id: string) => {
    const shown = blowOf(id);
    return gripsOf(shown, viewOf(shown, 360)).map(({ what }) => what);
  };
  expect(grips('hatch-frame')).toEqual(['length', 'width']);
  expect(grips('gangway-trolley')).not.toContain('seam');
});
