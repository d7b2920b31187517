import fc from 'fast-check';
import { HEAT_PLATE } from '../../../../tests/support/heatPlate';
import { INTERPASS_AT_mm } from '../../data/heatLimits';
import { STEEL_HEAT } from '../../data/heatProperties';
import { peakBeside_K } from '../rosenthal';
import { temperatureAt } from './face';
import { after, newPlate, type PlateEvent, type PlateQuestion } from './plate';
import { inPieces, runPlate, type PlateRun } from './run';

const PLATE: PlateQuestion = { ...HEAT_PLATE, length_mm: 200, width_mm: 120 };
const AT = INTERPASS_AT_mm.value;
const weld = (
  from: [number, number],
  to: [number, number],
  duration_s: number,
  power_W = 2500,
): PlateEvent => ({
  kind: 'weld',
  from: { x_mm: from[0], y_mm: from[1] },
  to: { x_mm: to[0], y_mm: to[1] },
  duration_s,
  power_W,
});
const runOf = (events: PlateEvent[], starts: PlateRun['starts'], plate = PLATE): PlateRun => ({
  plate,
  events,
  starts,
  columns: 20,
  rows: 12,
  levels_C: [],
  probes: [],
});
const place = fc.tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 120 }));

test('an event cut in pieces is the same event, whichever way the arc runs', () => {
  fc.assert(
    fc.property(
      place,
      place,
      place,
      fc.array(fc.double({ min: 0.1, max: 70, noNaN: true }), { maxLength: 6 }),
      fc.constantFrom('straight', 'square', 'aslant'),
      (from, to, at, cuts, way) => {
        const end: [number, number] = [
          way === 'square' ? from[0] : to[0],
          way === 'straight' ? from[1] : to[1],
        ];
        const whole = weld(from, end, 60);
        const pieces = inPieces(whole, cuts);
        expect(pieces.reduce((sum, { duration_s }) => sum + duration_s, 0)).toBeCloseTo(60, 9);
        const spot = { x_mm: at[0], y_mm: at[1] };
        const once = temperatureAt(after(newPlate(PLATE), whole), spot);
        const cut = temperatureAt(pieces.reduce(after, newPlate(PLATE)), spot);
        expect(cut).toBeCloseTo(once, 5);
      },
    ),
    { numRuns: 30 },
  );
});

test('along and across are alike: a square plate turned over its diagonal has the same heat', () => {
  const square = { ...PLATE, width_mm: 200 };
  const along = after(newPlate(square), weld([30, 80], [150, 80], 50));
  const across = after(newPlate(square), weld([80, 30], [80, 150], 50));
  const aslant = after(newPlate(square), weld([30, 80], [150, 80 + 1e-7], 50));
  for (const [x_mm, y_mm] of [
    [60, 90],
    [140, 40],
    [10, 190],
  ] as const) {
    const C = temperatureAt(along, { x_mm, y_mm });
    expect(temperatureAt(across, { x_mm: y_mm, y_mm: x_mm })).toBeCloseTo(C, 6);
    expect(temperatureAt(aslant, { x_mm, y_mm })).toBeCloseTo(C, 3);
  }
});

describe('the metal where arcs are struck', () => {
  test('beside a fast run on a wide plate it peaks as the travelling field says (Rosenthal 1941)', () => {
    const wide = { ...PLATE, length_mm: 600, width_mm: 400, loss_per_s: 0, bead_mm: 4 };
    const [frame] = [
      ...runPlate(
        runOf(
          [weld([50, 200], [550, 200], 25, 20_000)],
          [{ event: 0, at: { x_mm: 300, y_mm: 200 + AT } }],
          wide,
        ),
      ),
    ];
    const expected = peakBeside_K(1000, 6, AT, STEEL_HEAT.heatCapacity_J_mm3K);
    const risen = (frame?.starts[0]?.peak_C ?? 0) - 20;
    expect(Math.abs(risen - expected) / expected).toBeLessThan(0.1);
  });

  test('before its arc it is what the plate has there; its peak never falls, and looking for it changes nothing', () => {
    const events: PlateEvent[] = [
      weld([100, 60], [180, 60], 40),
      { kind: 'rest', duration_s: 30 },
      weld([20, 60], [100, 60], 40),
      { kind: 'rest', duration_s: 200 },
    ];
    const spots = [
      { event: 0, at: { x_mm: 100, y_mm: 60 + AT } },
      { event: 2, at: { x_mm: 20, y_mm: 60 + AT } },
    ];
    const frames = [...runPlate(runOf(events, spots))];
    const blind = [...runPlate(runOf(events, []))];
    frames.forEach(({ hottest_C }, n) => expect(hottest_C).toBeCloseTo(blind[n]?.hottest_C ?? NaN, 3));
    const [first, second] = frames.at(-1)?.starts ?? [];
    const before = events.slice(0, 2).reduce(after, newPlate(PLATE));
    expect(second?.before_C).toBeCloseTo(temperatureAt(before, { x_mm: 20, y_mm: 60 + AT }), 5);
    expect(first?.before_C).toBeCloseTo(20, 6);
    // The second run ends on the start of the first: that is heated once more, and hotter.
    const once = frames[1]?.starts[0]?.peak_C ?? 0;
    expect(first?.peak_C).toBeGreaterThan(once + 50);
    for (const [n, frame] of frames.entries())
      frame.starts.forEach(({ peak_C }, k) =>
        expect(peak_C).toBeGreaterThanOrEqual(frames[n - 1]?.starts[k]?.peak_C ?? -Infinity),
      );
  });

  test('it is caught within two degrees in a hundred of what looking every half second finds', () => {
    const events: PlateEvent[] = [
      weld([100, 60], [180, 60], 30),
      { kind: 'rest', duration_s: 40 },
      weld([20, 60], [180, 60], 64),
      { kind: 'rest', duration_s: 60 },
    ];
    const starts = [
      { event: 0, at: { x_mm: 100, y_mm: 60 + AT } },
      { event: 2, at: { x_mm: 20, y_mm: 60 + AT } },
    ];
    const found = [...runPlate(runOf(events, starts))].at(-1)?.starts ?? [];
    const every = Array.from({ length: 130 }, (_, n) => (n + 1) / 2);
    let plate = newPlate(PLATE);
    const peaks = [20, 20];
    for (const [event, happening] of events.entries())
      for (const piece of inPieces(happening, every)) {
        plate = after(plate, piece);
        starts.forEach((start, n) => {
          if (start.event <= event) peaks[n] = Math.max(peaks[n] ?? 0, temperatureAt(plate, start.at));
        });
      }
    peaks.forEach((peak, n) => {
      expect(found[n]?.peak_C ?? 0).toBeLessThanOrEqual(peak + 0.5);
      expect(found[n]?.peak_C ?? 0).toBeGreaterThan(20 + 0.98 * (peak - 20));
    });
  });
});
