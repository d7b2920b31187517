import fc from 'fast-check';
import { assess } from '@core/plan/assess';
import { fieldRun } from '@core/order/fieldRun';
import { DEMO_KIT } from '@/demo/kit';
import { demoJob } from '../../../tests/support/demo';
import { frameFaces, mitreOf, type FrameFace } from './frameFaces';

const runFor = (long: number, wide: number, tube: number) => {
  const run = fieldRun(
    assess(
      demoJob('hatch-frame', {
        'order.frameLong_mm': long,
        'order.frameWide_mm': wide,
        'order.tube_mm': tube,
      }),
      DEMO_KIT,
    ).situation,
  );
  if (!run?.frame) throw new Error('no frame');
  return { run, frame: run.frame };
};
const on = ({ matrix: [a, b, c, d, e, f] }: FrameFace, u: number, v: number) => ({
  x: a * u + c * v + e,
  y: b * u + d * v + f,
});

test('whatever the frame, a corner’s line on the unrolled plate lies on its mitre, from both tubes; a tube’s middle lies in its middle', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 200, max: 2000 }),
      fc.integer({ min: 200, max: 2000 }),
      fc.integer({ min: 20, max: 60 }),
      (long, wide, tube) => {
        const { run, frame } = runFor(long, wide, tube);
        const faces = frameFaces(frame, run.plate);
        const { width_mm } = run.plate;
        for (let corner = 0; corner < 4; corner++) {
          const own = faces[2 * corner] as FrameFace;
          const before = faces[(2 * corner + 7) % 8] as FrameFace;
          const mitre = mitreOf(frame, corner);
          const u = frame.corners_mm[corner] ?? NaN;
          for (const face of [own, before])
            for (const [v, spot] of [
              [width_mm / 2 - tube / 2, mitre.from],
              [width_mm / 2 + tube / 2, mitre.to],
            ] as const) {
              const at = on(face, u, v);
              expect(at.x).toBeCloseTo(spot.x, 6);
              expect(at.y).toBeCloseTo(spot.y, 6);
            }
          // A step along the plate is a step along the tube.
          const [one, two] = [on(own, u, width_mm / 2), on(own, u + 10, width_mm / 2)];
          expect(Math.hypot(two.x - one.x, two.y - one.y)).toBeCloseTo(10, 6);
        }
      },
    ),
    { numRuns: 25 },
  );
});

test('all faces together are the ring between the outside of the frame and its inside', () => {
  const { run, frame } = runFor(700, 500, 40);
  const area = (spots: FrameFace['outline']) =>
    Math.abs(
      spots.reduce((sum, { x, y }, n) => {
        const next = spots[(n + 1) % spots.length] ?? { x: 0, y: 0 };
        return sum + (x * next.y - next.x * y) / 2;
      }, 0),
    );
  const whole = frameFaces(frame, run.plate).reduce((sum, { outline }) => sum + area(outline), 0);
  expect(whole).toBeCloseTo(700 * 500 - 620 * 420, 6);
});
