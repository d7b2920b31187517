import fc from 'fast-check';
import { applyEdits } from '@core/formats/edits';
import { assess } from '@core/plan/assess';
import type { BlowPlan } from '@core/field/blowPlan';
import { DEMO_KIT } from '@/demo/kit';
import { demoJob } from '../../../../tests/support/demo';
import { movedEdits } from '../movedEdits';
import { gripsOf, oppositeClamp, pieceShown, saidWhile } from './moves';
import { fieldAt, fieldX, trayOf } from './tray';
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
  expect(pieceShown(blow.piece, held).clamps[0]).toMatchObject({ x: 120, y: 110 });
  expect(saidWhile(held, blow, say)).toBe('Clamp 120 mm along, 35 mm to side A');
  expect(saidWhile({ what: 'seam', mm: 40 }, blow, say)).toBe('Seam 40 mm from the lower edge');
  const grips = (id: string) => {
    const shown = blowOf(id);
    return gripsOf(shown, viewOf(shown, 360)).map(({ what }) => what);
  };
  expect(grips('hatch-frame')).toEqual(['length', 'width']);
  expect(grips('gangway-trolley')).not.toContain('seam');
});

describe('the tray under the piece', () => {
  const trayFor = (id: string, edits: Record<string, unknown> = {}, fixed = false) => {
    const blow = blowOf(id, edits);
    return { blow, tray: trayOf(blow, viewOf(blow, 340), fixed) };
  };
  const lies = (id: string, edits = {}, fixed = false) =>
    trayFor(id, edits, fixed).tray.slots.map(({ what }) => what);

  test('only what the piece takes: no tabs round a pipe or on a frame, no second clamp where the first may not move', () => {
    expect(lies('pier-ladder', PLATE)).toEqual(['clamp', 'tabs', 'lead']);
    expect(lies('pier-ladder', PLATE, true)).toEqual(['tabs', 'lead']);
    expect(lies('hatch-frame')).toEqual(['clamp', 'lead']);
    expect(lies('pier-ladder', { ...PLATE, 'order.piece': 'ring' })).toEqual(['clamp', 'lead']);
  });

  test('a field is read off its scale as it was put there; next to nothing is nothing; more than the scale stays', () => {
    const { tray } = trayFor('pier-ladder', PLATE);
    fc.assert(
      fc.property(fc.integer({ min: -100, max: 100 }), (G) => {
        expect(fieldAt(tray, fieldX(tray, G))).toBe(Math.abs(G) < 2 ? 0 : G);
      }),
    );
    const more = trayFor('pier-ladder', { ...PLATE, 'order.residual_G': 260 }).tray;
    expect(fieldAt(more, fieldX(more, 260))).toBe(260);
    expect(more.field.x + 260 * more.field.scale).toBeLessThanOrEqual(340);
  });

  test('a second clamp goes on at the other end and comes off with what was typed for it', () => {
    const job = demoJob('pier-ladder', { ...PLATE, 'order.clampAlong_mm': 40 });
    const blow = blowOf('pier-ladder', { ...PLATE, 'order.clampAlong_mm': 40 });
    const two = applyEdits(job, movedEdits({ what: 'clamp', nth: 1, at: oppositeClamp(blow.piece) }, blow));
    const after = assess(two, DEMO_KIT).situation.blow;
    expect(after?.piece.clamps.map(({ x }) => x)).toEqual([40, 260]);
    const typed = applyEdits(two, [{ path: 'typed.order.clamp2Along_mm', value: '26 cm' }]);
    const one = applyEdits(typed, movedEdits({ what: 'clamp-off' }, blow));
    expect(one.order).toEqual(job.order);
    expect(one.typed).toEqual(job.typed);
  });

  test('wherever the first clamp sits, the second is put well away from it', () => {
    for (const [id, edits] of [
      ['pier-ladder', { ...PLATE, 'order.clampAlong_mm': 150 }],
      ['pier-ladder', { ...PLATE, 'order.clampAlong_mm': 290 }],
      ['hatch-frame', {}],
    ] as const) {
      const { piece } = blowOf(id, edits);
      const [first] = piece.clamps;
      const second = oppositeClamp(piece);
      expect(Math.hypot(second.x - (first?.x ?? 0), second.y - (first?.y ?? 0))).toBeGreaterThan(100);
    }
  });

  test('tabs, lead and field are written as picked; while the field is dragged the arc is pushed by it', () => {
    const job = demoJob('pier-ladder', PLATE);
    const blow = blowOf('pier-ladder', PLATE);
    const edits = [
      ...movedEdits({ what: 'tabs', on: true }, blow),
      ...movedEdits({ what: 'lead', lead: 'up' }, blow),
      ...movedEdits({ what: 'residual', G: -25 }, blow),
    ];
    const after = applyEdits(job, edits);
    expect(after.order).toMatchObject({ tabs: true, lead: 'up', residual_G: -25 });
    expect(applyEdits(after, movedEdits({ what: 'residual', G: 0 }, blow)).order.residual_G).toBeNull();
    expect(assess(after, DEMO_KIT).situation.blow?.piece).toMatchObject({
      tabs: true,
      lead: 'up',
      residual: { x: -25, y: 0 },
    });
    expect(pieceShown(blow.piece, { what: 'residual', G: 30 }).residual.x).toBe(30);
    expect(saidWhile({ what: 'residual', G: -25 }, blow, say)).toBe('Before any arc: 25 G to the left');
  });
});
