import fc from 'fast-check';
import { TIN_EVENT_IDS } from '../../data/tinEvents';
import { ROD_CLASS_IDS } from '../../data/rods';
import type { Tin, TinEvent } from '../../formats/kit';
import { exposureOf, outLimit_h } from './airTime';
import { rodHydrogen } from './hydrogen';
import { marksOf } from './marks';
import { reminders, tinVerdict } from './verdict';

const at = (hour: number, kind: TinEvent['kind']): TinEvent => ({
  at: new Date(Date.UTC(2026, 2, 2, 0, 0) + hour * 3_600_000).toISOString(),
  kind,
});
const clock = (hour: number) => Date.UTC(2026, 2, 2) + hour * 3_600_000;
const tin = (events: TinEvent[], more: Partial<Tin> = {}): Tin => ({
  id: 't',
  rodClass: 'E7018',
  size: '1/8',
  printed: '',
  count: 10,
  low_A: null,
  high_A: null,
  length_mm: null,
  note: '',
  events,
  typed: {},
  ...more,
});
const out = (events: TinEvent[], hour: number) => exposureOf(events, 4, clock(hour)).out_h;

describe('hours out of the oven (AWS D1.1, from memory)', () => {
  test('open intervals add up within an issue; sealed and oven ones do not count', () => {
    const day = [at(6, 'sealed'), at(7, 'opened'), at(8.5, 'oven'), at(10, 'out')];
    expect(out(day, 6.5)).toEqual({ low: 0, high: 0 });
    expect(out(day, 8)).toEqual({ low: 1, high: 1 });
    // An hour and a half in the oven is too short to start afresh.
    expect(out(day, 11).high).toBeCloseTo(2.5, 9);
  });

  test('four hours in the oven make good what was within the limit, and nothing that was over it', () => {
    expect(out([at(7, 'opened'), at(9, 'oven'), at(13, 'out')], 14).high).toBeCloseTo(1, 9);
    expect(out([at(7, 'opened'), at(12, 'oven'), at(17, 'out')], 18).high).toBeCloseTo(6, 9);
  });

  test('an event that is missing makes it unknown, not nothing', () => {
    for (const events of [
      [],
      [at(7, 'out')],
      [at(7, 'oven'), at(12, 'out')],
      [at(6, 'opened'), at(7, 'out')],
      [at(6, 'opened'), at(7, 'oven'), at(9, 'oven')],
    ])
      expect(exposureOf(events, 4, clock(14))).toMatchObject({
        out_h: { high: Infinity },
        missing: expect.stringMatching(/\w/),
      });
  });

  test('a re-bake clears what was unknown or over, once; wet rods are scrap whatever follows', () => {
    expect(exposureOf([at(7, 'out'), at(8, 'rebaked'), at(12, 'out')], 4, clock(13))).toMatchObject({
      out_h: { low: 1, high: 1 },
      missing: '',
      rebakes: 1,
    });
    const twice = [at(1, 'opened'), at(7, 'rebaked'), at(10, 'out'), at(20, 'rebaked')];
    expect(tinVerdict(tin(twice), clock(22)).state).toBe('scrap');
    expect(tinVerdict(tin([at(1, 'opened'), at(2, 'wet'), at(3, 'rebaked')]), clock(9)).state).toBe('scrap');
  });

  test('what has not happened yet does not count', () => {
    expect(out([at(7, 'opened'), at(9, 'oven')], 8)).toEqual({ low: 1, high: 1 });
  });

  test('whatever is written down, in any order: hours are never less than nothing, and time in the air never runs back', () => {
    const events = fc.array(
      fc.record({ hour: fc.integer({ min: 0, max: 40 }), kind: fc.constantFrom(...TIN_EVENT_IDS) }),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(events, fc.integer({ min: 0, max: 60 }), (list, hour) => {
        const written = list.map(({ hour: h, kind }) => at(h, kind));
        const { out_h } = exposureOf(written, 4, clock(hour));
        const shuffled = exposureOf([...written].reverse(), 4, clock(hour)).out_h;
        const sameHour = new Set(list.map(({ hour: h }) => h)).size < list.length;
        return out_h.low >= 0 && out_h.high >= out_h.low && (sameHour || shuffled.high === out_h.high);
      }),
    );
  });
});

describe('how long a tin may be out (AWS D1.1 and A5.5, from memory)', () => {
  test.each([
    ['7018', 4],
    ['E7018-1 H4R', 9],
    ['7018 H8', 4],
    ['E8018-C3', 2],
    ['9018-B3', 1],
    ['E11018-M', 0.5],
    ['', 4],
  ])('%s: %f h', (printed, hours) => expect(outLimit_h(tin([], { printed })).value).toBe(hours));

  test('cellulosic and rutile rods have no clock; cellulosic ones in an oven are spoilt', () => {
    expect(tinVerdict(tin([at(1, 'opened')], { rodClass: 'E6013' }), clock(300)).state).toBe('no-clock');
    expect(tinVerdict(tin([at(1, 'opened')], { rodClass: 'E6011' }), clock(300)).state).toBe('no-clock');
    expect(tinVerdict(tin([at(1, 'oven')], { rodClass: 'E6011' }), clock(3))).toMatchObject({
      state: 'over',
      act: expect.stringMatching(/scrap/),
    });
  });

  test('every class says how it is kept, and an aluminium pack once open runs out', () => {
    for (const id of ROD_CLASS_IDS)
      expect(tinVerdict(tin([], { rodClass: id }), clock(1)).keeping.store).toMatch(/\w/);
    expect(tinVerdict(tin([at(1, 'opened')], { rodClass: 'E4043' }), clock(9)).state).toBe('over');
  });
});

describe('the verdict, now and at the time of use', () => {
  const opened = tin([at(7, 'opened')]);
  test('dry while there is time, then over, with what to do', () => {
    expect(tinVerdict(opened, clock(9))).toMatchObject({ state: 'dry', left_h: 2 });
    expect(tinVerdict(opened, clock(12))).toMatchObject({
      state: 'over',
      act: expect.stringMatching(/260 to 430/),
    });
  });

  test('half an hour before its end it is called out, and not before', () => {
    expect(reminders([opened], clock(10))).toEqual([]);
    expect(reminders([opened], clock(10.6))).toEqual([
      { id: 't', words: expect.stringMatching(/E7018 1\/8: 24 min/) },
    ]);
    expect(reminders([opened], clock(11.2))[0]?.words).toMatch(/time out of the oven is over/);
    expect(reminders([opened], clock(14))).toEqual([]);
  });
});

describe('hydrogen', () => {
  const of = (t: Tin, hour: number) => rodHydrogen(t.rodClass, t, tinVerdict(t, clock(hour))).ml;

  test('by covering: cellulosic 30 and more, rutile 15 to 30, basic 5 to 10 (handbook, from memory)', () => {
    expect(of(tin([], { rodClass: 'E6010' }), 1).low).toBe(30);
    expect(of(tin([], { rodClass: 'E6013' }), 1)).toMatchObject({ low: 15, high: 30 });
    expect(of(tin([at(1, 'sealed')]), 2)).toMatchObject({ low: 5, high: 10 });
  });

  test('a mark is a limit; a damp basic rod counts as rutile; an unknown one as anything between (common practice)', () => {
    expect(of(tin([at(1, 'sealed')], { printed: '7018-1 H4R' }), 2).high).toBe(4);
    expect(of(tin([at(1, 'opened')]), 30).high).toBe(30);
    expect(of(tin([]), 30)).toMatchObject({ low: 5, high: 30 });
  });

  test('marks are read loosely typed', () => {
    expect(marksOf('e7018-1 h4r', 'E7018')).toEqual({ limit_ml: 4, resistant: true, ksi: 70 });
    expect(marksOf('E 42 5 B 42 H5', 'E7018').limit_ml).toBe(5);
    expect(marksOf('7018', 'E7018')).toEqual({ limit_ml: null, resistant: false, ksi: 70 });
    expect(marksOf('E308L-16', 'E308L-16')).toMatchObject({ limit_ml: null, ksi: null });
  });
});
