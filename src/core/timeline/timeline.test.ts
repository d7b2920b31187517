import fc from 'fast-check';
import { planBeads } from '../rods/beads';
import { buildTimeline, worstWindowArc_s, type Timeline, type TimelineEvent } from './timeline';

/** A job of arcs and pauses, whole seconds. */
const schedule = fc.array(
  fc.record({ arc: fc.integer({ min: 1, max: 120 }), pause: fc.integer({ min: 0, max: 200 }) }),
  { minLength: 1, maxLength: 25 },
);

function timelineOf(stretches: readonly { arc: number; pause: number }[]): Timeline {
  const events: TimelineEvent[] = [];
  let clock = 0;
  let arc_s = 0;
  for (const { arc, pause } of stretches) {
    const shared = { pass: 1, rod: 1, position: null } as const;
    events.push({ kind: 'arc', start_s: clock, duration_s: arc, current_A: 100, ...shared });
    events.push({ kind: 'change', start_s: clock + arc, duration_s: pause, current_A: 0, ...shared });
    clock += arc + pause;
    arc_s += arc;
  }
  return { events, arc_s, elapsed_s: clock, starts: [] };
}

/** The same answer by counting seconds one by one. */
function bruteForce_s(timeline: Timeline, window_s: number): number {
  const burning = Array.from({ length: timeline.elapsed_s }, (_, second) =>
    timeline.events.some(
      ({ current_A, start_s, duration_s }) =>
        current_A > 0 && second >= start_s && second < start_s + duration_s,
    )
      ? 1
      : 0,
  );
  let worst = 0;
  for (let start = 0; start < burning.length; start++) {
    worst = Math.max(
      worst,
      burning.slice(start, start + window_s).reduce<number>((sum, one) => sum + one, 0),
    );
  }
  return worst;
}

describe('the worst ten minutes', () => {
  test('agrees with a second-by-second count over random schedules', () => {
    fc.assert(
      fc.property(schedule, fc.constantFrom(60, 300, 600), (stretches, window_s) => {
        const timeline = timelineOf(stretches);
        return Math.abs(worstWindowArc_s(timeline, window_s) - bruteForce_s(timeline, window_s)) < 1e-6;
      }),
      { numRuns: 150 },
    );
  });

  test('is a window, not an average: a busy stretch counts whole', () => {
    const timeline = timelineOf([
      { arc: 100, pause: 10 },
      { arc: 100, pause: 10 },
      { arc: 100, pause: 3000 },
    ]);
    expect(worstWindowArc_s(timeline, 600)).toBe(300);
  });
});

describe('the timeline of a job', () => {
  const beads = planBeads({
    rod: { rodClass: 'E7018', size: '1/8', current_A: 120 },
    area_mm2: 20,
    length_mm: 600,
  });
  const timeline = buildTimeline({
    beads,
    length_mm: 600,
    rest_s: 0,
    position: 'flat',
    tacks: { count: 3, arc_s: 3, move_s: 15 },
    stitch_mm: null,
    heat: null,
  });

  test('runs without gaps or overlaps', () => {
    timeline.events.forEach((event, n) => {
      const before = timeline.events[n - 1];
      expect(event.start_s).toBeCloseTo(before ? before.start_s + before.duration_s : 0, 9);
    });
    const last = timeline.events.at(-1);
    expect((last?.start_s ?? 0) + (last?.duration_s ?? 0)).toBeCloseTo(timeline.elapsed_s, 9);
  });

  test('burns every rod it counts, and rests only where told', () => {
    const rods = beads.passes.reduce((sum, pass) => sum + pass.rods, 0);
    const arcs_s = timeline.events
      .filter(({ kind }) => kind === 'arc')
      .reduce((sum, { duration_s }) => sum + duration_s, 0);
    expect(arcs_s).toBeCloseTo(rods * (beads.passes[0]?.arcPerRod_s ?? 0), 6);
    expect(timeline.events.some(({ kind }) => kind === 'rest')).toBe(false);
    const rested = buildTimeline({
      beads,
      length_mm: 600,
      rest_s: 60,
      position: 'flat',
      tacks: { count: 3, arc_s: 3, move_s: 15 },
      stitch_mm: null,
      heat: null,
    });
    expect(worstWindowArc_s(rested, 600)).toBeLessThan(worstWindowArc_s(timeline, 600) + 1e-9);
  });

  // By hand: one pass of 600 mm in stitches of 60 has nine walks of six seconds, less those that fall on a change of rod.
  test('stitches are walked between, and burn no more', () => {
    const sewn = buildTimeline({
      beads,
      length_mm: 600,
      rest_s: 0,
      position: 'flat',
      tacks: { count: 3, arc_s: 3, move_s: 15 },
      stitch_mm: 60,
      heat: null,
    });
    expect(sewn.arc_s).toBeCloseTo(timeline.arc_s, 6);
    const walks = (sewn.elapsed_s - timeline.elapsed_s) / 6;
    expect(walks).toBeCloseTo(Math.round(walks), 6);
    expect(walks).toBeGreaterThanOrEqual(beads.passes.length * 9 - 6);
    expect(walks).toBeLessThanOrEqual(beads.passes.length * 9);
    const longest = Math.max(
      ...sewn.events.filter(({ kind }) => kind === 'arc').map(({ duration_s }) => duration_s),
    );
    expect(longest).toBeLessThanOrEqual(60 / (beads.passes[0]?.travel_mm_s ?? 1) + 1e-6);
  });

  // By hand: a change is 25 s; what was laid is chipped in 20 s and 0.15 s a millimetre, then half a minute to look and get into place.
  test('every rod is chipped, and the whole of the pass once', () => {
    const chips = timeline.events.filter(({ kind }) => kind === 'chip');
    const rods = Math.max(...timeline.events.map(({ rod }) => rod));
    expect(chips.length).toBeGreaterThanOrEqual(rods);
    const slag_s = chips.reduce((sum, { duration_s }) => sum + duration_s - 20, 0);
    expect(slag_s / 0.15).toBeCloseTo(600 * beads.passes.length, 3);
    expect(timeline.events.find(({ kind, pass }) => kind === 'change' && pass > 0)?.duration_s).toBe(55);
  });

  // Common practice: a hand with a rod burns 20 to 40 % of the time it works.
  test.each(['3/32', '1/8', '5/32'] as const)('a %s rod burns a fifth to two fifths of the time', (size) => {
    const { arc_s, elapsed_s } = buildTimeline({
      beads: planBeads({
        rod: { rodClass: 'E7018', size, current_A: { '3/32': 85, '1/8': 120, '5/32': 160 }[size] },
        area_mm2: 25,
        length_mm: 500,
      }),
      length_mm: 500,
      rest_s: 0,
      position: 'flat',
      tacks: { count: 3, arc_s: 3, move_s: 15 },
      stitch_mm: null,
      heat: null,
    });
    expect(arc_s / elapsed_s).toBeGreaterThan(0.2);
    expect(arc_s / elapsed_s).toBeLessThan(0.41);
  });

  test('in a hurry it is rod on rod, and a rest takes in the chipping', () => {
    const ask = (hand: 'ordinary' | 'hurried', rest_s: number) =>
      buildTimeline({
        beads,
        length_mm: 600,
        rest_s,
        position: 'flat',
        tacks: { count: 3, arc_s: 3, move_s: 15 },
        stitch_mm: null,
        heat: null,
        hand,
      });
    expect(ask('hurried', 0).events.filter(({ kind }) => kind === 'chip')).toHaveLength(beads.passes.length);
    expect(worstWindowArc_s(ask('hurried', 0), 600)).toBeGreaterThan(worstWindowArc_s(timeline, 600));
    const resting = (one: Timeline) => one.events.some(({ kind }) => kind === 'rest');
    expect(resting(ask('hurried', 20))).toBe(true);
    expect(resting(ask('ordinary', 20))).toBe(false);
    expect(resting(ask('ordinary', 300))).toBe(true);
  });
});
