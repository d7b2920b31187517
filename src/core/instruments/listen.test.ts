import fc from 'fast-check';
import { About, type Reading } from '../formats/instrument';
import type { InstrumentId } from '../data/instruments';
import { BELIEVED } from '../data/instruments';
import { ArcByAmps } from './arcByAmps';
import { hear, NOTHING_HEARD, readAbout, standingOf, takeReading, type Listening } from './listen';

const NOW = Date.parse('2026-03-02T09:00:00Z');
const about = (kind: InstrumentId, every_ms = 500): About => ({
  format: 'elbow-room-instrument',
  version: 1,
  kind,
  name: 'Yard instrument',
  serial: 'HB-7',
  every_ms,
});
const reading = (n: number, values: Reading['values'], change: Partial<Reading> = {}): string =>
  JSON.stringify({
    format: 'elbow-room-reading',
    version: 1,
    serial: 'HB-7',
    n,
    at: new Date(NOW + 500 * n).toISOString(),
    quality: 'good',
    values,
    ...change,
  });
const value = (what: string, v: number | null, unit: string, error: number | null = 1) => [
  { what, value: v, unit, error },
];
/** So many readings half a second apart. */
const heard = (kind: InstrumentId, values: readonly Reading['values'][number][][]): Listening =>
  values.reduce<Listening>(
    (was, one, n) => hear(was, about(kind), reading(n, one), NOW + 500 * n),
    NOTHING_HEARD,
  );
const after = (n: number) => NOW + 500 * (n - 1);

describe('what is believed', () => {
  const one = (text: string, kind: InstrumentId = 'thermometer') =>
    hear(NOTHING_HEARD, about(kind), text, NOW);

  test('a reading in any unit of its kind comes out in ours, its error with it', () => {
    // 212 °F is 100 °C, and 9 K of error in °F are 5 in °C: by definition of the scales.
    const got = one(reading(0, value('temperature', 212, 'F', 9)));
    expect(got.problem).toBeNull();
    expect(got.recent[0]?.values.temperature).toEqual({
      value: expect.closeTo(100, 6),
      error: expect.closeTo(5, 6),
    });
    // 1 mT is 10 gauss: SI.
    expect(
      one(reading(0, value('field', 1, 'mT')), 'field-meter').recent[0]?.values.field?.value,
    ).toBeCloseTo(10, 6);
  });

  test.each([
    ['no JSON', '{"n": NaN}', /cannot be read/],
    ['cut off', reading(0, value('temperature', 20, '°C')).slice(0, -9), /cannot be read/],
    ['another schema', '{"temp": 20}', /no reading/],
    ['a megabyte', ' '.repeat(1_000_000), /more than a reading/],
    [
      'infinity',
      reading(0, value('temperature', 20, '°C')).replace('"value":20', '"value":1e999'),
      /no reading|no number/,
    ],
    ['no number', reading(0, value('temperature', null, '°C')), /no number/],
    ['a wrong unit', reading(0, value('temperature', 20, 'V')), /temperature in "V": °C/],
    ['another quantity', reading(0, value('mass', 20, 'g')), /"mass", which a spot thermometer does not/],
    ['what cannot be', reading(0, value('temperature', 4000, '°C')), /cannot be/],
    ['a future time', reading(0, value('temperature', 20, '°C'), { at: '2026-03-02T10:00:00Z' }), /ahead/],
    [
      'one that is late',
      reading(0, value('temperature', 20, '°C'), { at: '2026-03-02T08:59:00Z' }),
      /60 s old/,
    ],
    ['another serial', reading(0, value('temperature', 20, '°C'), { serial: 'X' }), /Another instrument/],
    ['no signal', reading(0, value('temperature', 20, '°C'), { quality: 'no-signal' }), /no signal/],
    [
      'past its range',
      reading(0, value('temperature', 20, '°C'), { quality: 'out-of-range' }),
      /past the end/,
    ],
    ['a name of every object', reading(0, value('constructor', 20, '°C')), /does not/],
  ])('%s is refused with its reason, and what was heard before stays', (_, text, why) => {
    const got = one(text);
    expect(got.problem).toMatch(why);
    expect(got).toMatchObject({ recent: [], refused: 1 });
    expect(standingOf(got, about('thermometer'), NOW).state).toBe('doubted');
  });

  test('never throws, and refuses or takes whatever it is sent', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.json(), fc.constant(reading(3, value('temperature', 20, '°C')))),
        (text) => {
          const got = one(text);
          return got.recent.length + got.refused === 1;
        },
      ),
    );
  });

  test('ten thousand a second are thinned to ten, and no more are kept than are looked at', () => {
    let was = NOTHING_HEARD;
    for (let n = 0; n < 10_000; n++)
      was = hear(
        was,
        about('thermometer'),
        reading(n, value('temperature', 20, '°C'), { at: new Date(NOW).toISOString() }),
        NOW + n / 10,
      );
    expect(was.thinned).toBe(9_990);
    expect(was.recent.length).toBe(10);
  });

  test('switched off and on, it begins anew', () => {
    const before = heard(
      'scale',
      Array.from({ length: 5 }, () => value('mass', 500, 'g')),
    );
    const got = hear(
      before,
      about('scale'),
      reading(0, value('mass', 80, 'g'), { at: new Date(NOW + 9000).toISOString() }),
      NOW + 9000,
    );
    expect(got).toMatchObject({ restarts: 1, problem: null });
    expect(got.recent).toHaveLength(1);
  });

  test('what it says of itself is read, or said what is wrong', () => {
    expect(readAbout(JSON.stringify(about('scale')))).toEqual({ ok: true, value: about('scale') });
    expect(readAbout('<!doctype html>')).toMatchObject({
      ok: false,
      message: expect.stringMatching(/no instrument/),
    });
    expect(readAbout('{"format":"elbow-room-instrument","version":1}')).toMatchObject({
      ok: false,
      message: expect.stringMatching(/kind is not right/),
    });
  });
});

describe('what the course of readings gives away', () => {
  const standing = (kind: InstrumentId, course: readonly number[], what: string, unit: string, error = 1) =>
    standingOf(
      heard(
        kind,
        course.map((v) => value(what, v, unit, error)),
      ),
      about(kind),
      after(course.length),
    );
  const wobble = (n: number) => [0.3, -0.4, 0.1, -0.2, 0.4, -0.1][n % 6] as number;
  const many = (make: (n: number) => number) => Array.from({ length: 20 }, (_, n) => make(n));

  test('a cooling plate, an arc, and a scale that stands still are believed', () => {
    expect(
      standing(
        'thermometer',
        many((n) => 300 - 4 * n + wobble(n)),
        'temperature',
        '°C',
      ).state,
    ).toBe('live');
    expect(
      standing(
        'ammeter',
        many((n) => 90 + 12 * wobble(n)),
        'current',
        'A',
      ).state,
    ).toBe('live');
    expect(
      standing(
        'scale',
        many(() => 500),
        'mass',
        'g',
      ).state,
    ).toBe('live');
    expect(
      standing(
        'ammeter',
        many(() => 0),
        'current',
        'A',
      ).state,
    ).toBe('live');
  });

  test.each([
    ['hot metal that does not cool', 'thermometer', many(() => 300), 'temperature', '°C', /not moved/],
    ['a loose probe', 'thermometer', many((n) => 200 + 30 * wobble(n)), 'temperature', '°C', /jumps about/],
    ['a field that creeps', 'field-meter', many((n) => 12 + 0.5 * n + wobble(n) / 4), 'field', 'G', /creeps/],
    [
      'amps with no arc',
      'ammeter',
      many((n) => 7 + wobble(n)),
      'current',
      'A',
      /reads 7 A with no arc|reads 6\.\d A with no arc/,
    ],
  ] as const)('%s: said, and not to be taken', (_, kind, course, what, unit, why) => {
    const got = standing(kind, course, what, unit);
    expect(got).toMatchObject({ state: 'doubted', words: expect.stringMatching(why) });
    const all = heard(
      kind,
      course.map((v) => value(what, v, unit)),
    );
    expect(takeReading(all, about(kind), what, after(course.length))).toMatchObject({ ok: false });
  });

  test('where it begins to be doubted (our judgement): fifteen the same, four of its own errors, ten seconds late', () => {
    const same = (n: number) =>
      standing(
        'thermometer',
        Array.from({ length: n }, () => 300),
        'temperature',
        '°C',
      ).state;
    expect([same(14), same(15)]).toEqual(['live', 'doubted']);
    // From one to the next by twice a, up and down: a scatter of a root of two.
    const swings = (errors: number) =>
      standing(
        'thermometer',
        many((n) => 200 + ((n % 2 === 0 ? 1 : -1) * errors) / Math.SQRT2),
        'temperature',
        '°C',
      ).state;
    expect([swings(3.6), swings(4.4)]).toEqual(['live', 'doubted']);
    const late = (s: number) =>
      hear(
        NOTHING_HEARD,
        about('thermometer'),
        reading(0, value('temperature', 20, '°C'), { at: new Date(NOW - 1000 * s).toISOString() }),
        NOW,
      ).refused;
    expect([late(9), late(11)]).toEqual([0, 1]);
  });

  test('gone quiet is said with how long, and too old is not taken', () => {
    const all = heard('thermometer', [value('temperature', 20, '°C')]);
    expect(standingOf(all, about('thermometer'), NOW + BELIEVED.quiet_ms + 1000)).toMatchObject({
      state: 'quiet',
      words: expect.stringMatching(/for 5 s/),
    });
    expect(takeReading(all, about('thermometer'), 'temperature', NOW + BELIEVED.stale_ms + 1)).toMatchObject({
      ok: false,
    });
    // A slow one is not quiet yet.
    expect(standingOf(all, about('thermometer', 20_000), NOW + 30_000).state).toBe('live');
  });
});

describe('a reading taken', () => {
  const taken = (kind: InstrumentId, course: readonly number[], what: string, unit: string) => {
    const got = takeReading(
      heard(
        kind,
        course.map((v) => value(what, v, unit, 200)),
      ),
      about(kind),
      what,
      after(course.length),
    );
    return got.ok ? got.value : null;
  };

  test('is the mean of hardness, the middle of a scale, and the last of a thermometer', () => {
    expect(taken('hardness-tester', [180, 190, 200], 'hardness', 'HB')).toMatchObject({ value: 190, of: 3 });
    expect(taken('scale', [500, 500, 560], 'mass', 'g')).toMatchObject({ value: 500, of: 3 });
    expect(taken('thermometer', [150, 140, 130], 'temperature', '°C')).toMatchObject({ value: 130, of: 1 });
  });
});

describe('arcs by the ammeter', () => {
  /** Amps at every tenth of a second. */
  const run = (course: readonly number[], set_A: number | null = 100) => {
    const arcs = new ArcByAmps();
    const ended = course.flatMap((amps, n) => arcs.take(amps, 100 * n, set_A) ?? []);
    return { ended, burning: arcs.burning, arcs };
  };
  const of = (amps: number, n: number) => Array.from({ length: n }, () => amps);

  test('an arc has its beginning, its end and the middle of its amps', () => {
    const { ended } = run([...of(0, 10), 160, ...of(96, 50), ...of(0, 10)]);
    expect(ended).toEqual([{ from_ms: 1000, to_ms: 6100, current_A: 96 }]);
  });

  test('a blink of the arc is held through; a touch of the rod is none', () => {
    expect(run([...of(95, 20), ...of(0, 4), ...of(95, 20), ...of(0, 10)]).ended).toHaveLength(1);
    expect(run([...of(0, 5), 180, 180, ...of(0, 10)])).toMatchObject({ ended: [], burning: null });
  });

  test('out for six tenths of a second it has ended, and no sooner (our judgement)', () => {
    expect(run([...of(95, 20), ...of(0, 6)]).ended).toHaveLength(0);
    expect(run([...of(95, 20), ...of(0, 7)]).ended).toHaveLength(1);
  });

  test('what an idle machine draws is no arc, whatever is set', () => {
    expect(run(of(11, 30), null).burning).toBeNull();
    expect(run(of(20, 30), 100).burning).toBeNull();
    expect(run(of(30, 30), 100).burning).not.toBeNull();
  });

  test('a clamp the wrong way round sees the same arc; a gap in what comes ends none', () => {
    expect(run([...of(-96, 50), ...of(0, 10)]).ended).toEqual([{ from_ms: 0, to_ms: 5000, current_A: 96 }]);
    const arcs = new ArcByAmps();
    for (const at_ms of [0, 200, 400, 9000]) expect(arcs.take(95, at_ms, 100)).toBeNull();
    expect(arcs.burning).toBe(0);
  });
});
