import fc from 'fast-check';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { applyEdits } from '../formats/edits';
import type { Job } from '../formats/job';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import { clashInWords, fireWatch_s, hasPermit, hotWork } from './permit';

const AT_8 = Date.parse('2026-03-12T08:00:00.000Z');
const at = (hour: number) => AT_8 + (hour - 8) * 3_600_000;
const iso = (hour: number) => new Date(at(hour)).toISOString();
const clock = (ms: number) => new Date(ms).toISOString().slice(11, 16);

const job = (edits: Record<string, unknown> = {}): Job =>
  demoJob('ramp-guard', { 'look.startAt': null, ...edits });
const card = (
  edits: Record<string, unknown>,
  elapsed_s: number | null,
  now_ms = AT_8,
  ran?: Parameters<typeof hotWork>[3],
) => hotWork(assess(job(edits), DEMO_KIT).situation, elapsed_s, now_ms, ran);

describe('the hot-work card', () => {
  test('the watch is an hour after the last arc where nobody asked for longer (NFPA 51B, from memory), and never less', () => {
    expect(fireWatch_s(job())).toBe(3600);
    expect(fireWatch_s(job({ 'permit.watch_s': 7200 }))).toBe(7200);
    expect(
      makePlan(assess(job({ 'permit.watch_s': 7200 }), DEMO_KIT))
        .steps.flatMap(({ holds }) => holds)
        .join(),
    ).toMatch(/at least 2 h after/);
  });

  // Two hours of work from eight and an hour of watch: eleven o'clock.
  test.each<[string, Record<string, unknown>, string]>([
    ['long enough to the minute', { 'permit.from': iso(7), 'permit.until': iso(11) }, ''],
    ['a quarter of an hour short', { 'permit.from': iso(7), 'permit.until': iso(10.75) }, 'too-short'],
    ['from nine only', { 'permit.from': iso(9), 'permit.until': iso(12) }, 'before'],
    ['backwards', { 'permit.from': iso(12), 'permit.until': iso(9) }, 'backwards'],
    ['from yesterday', { 'permit.from': iso(-20), 'permit.until': iso(-10) }, 'over'],
    ['begun later', { 'look.startAt': iso(9), 'permit.until': iso(11) }, 'too-short'],
    ['watched longer', { 'permit.watch_s': 7200, 'permit.until': iso(11) }, 'too-short'],
    ['none written', {}, ''],
  ])('a permit %s', (_, edits, clash) => {
    expect(
      card(edits, 7200)
        .clashes.map(({ kind }) => kind)
        .join(),
    ).toBe(clash);
  });

  test('too short, it says by when to strike; past that, only that it has to be given longer', () => {
    const [clash] = card({ 'look.startAt': iso(9), 'permit.until': iso(11) }, 7200).clashes;
    expect(clash && clashInWords(clash, AT_8 - 60_000, clock)).toMatch(
      /last till 12:00, and it ends at 11:00: strike by 08:00, or have it given longer\./,
    );
    expect(clash && clashInWords(clash, at(8.5), clock)).toMatch(/11:00: have it given longer\./);
  });

  test('no plan yet: nothing is said of its end', () => {
    expect(card({ 'permit.until': iso(8.2) }, null).clashes).toEqual([]);
  });

  test('at work the watch goes by the last arc that really burned; finished, by that alone', () => {
    const ran = { begun_ms: at(8), lastArc_ms: at(8.5), over: true };
    expect(card({}, 7200, at(9), ran).watchEnds_ms).toBe(at(9.5));
    expect(card({}, 7200, at(8.6), { ...ran, over: false }).watchEnds_ms).toBe(at(11));
    // Longer at it than planned.
    expect(card({}, 7200, at(12), { ...ran, lastArc_ms: at(12), over: false }).watchEnds_ms).toBe(at(13));
    // Run out in the middle of the watch.
    expect(card({ 'permit.until': iso(9) }, 7200, at(9.2), ran).clashes.map(({ kind }) => kind)).toEqual([
      'over',
    ]);
    expect(card({ 'permit.until': iso(9) }, 7200, at(9.6), ran).clashes.map(({ kind }) => kind)).toEqual([
      'too-short',
    ]);
  });

  test('only what belongs here is asked: air inside, what lies below overhead, an engine where one feeds it', () => {
    const ids = (edits: Record<string, unknown>) => card(edits, 60).lines.map(({ id }) => id);
    expect(ids({ 'look.place': 'outdoors', 'look.position': 'flat' })).not.toEqual(
      expect.arrayContaining(['gas']),
    );
    expect(ids({ 'look.place': null })).toEqual(expect.arrayContaining(['gas', 'air']));
    expect(ids({ 'look.position': 'overhead' })).toContain('below');
    expect(ids({ 'look.position': 'flat' })).not.toContain('below');
    const fed = (kind: string) => DEMO_KIT.supplies.find((supply) => supply.kind === kind)?.id ?? '';
    expect(ids({ 'power.supplyId': fed('generator') })).toContain('engine');
    expect(ids({ 'power.supplyId': fed('socket') })).not.toContain('engine');
  });

  test('a line that does not belong here counts as no longer left; one that was answered neither', () => {
    const before = card({ 'look.position': 'flat', 'look.place': 'outdoors' }, 60);
    const after = card(
      {
        'look.position': 'flat',
        'look.place': 'outdoors',
        'permit.lines.clear': 'done',
        'permit.lines.screens': 'not-here',
      },
      60,
    );
    expect(before.left).toBe(before.lines.length);
    expect(after.left).toBe(before.left - 2);
  });

  test('what must be is not answered by its not being here: there is no hot work without a watch', () => {
    const lines = (answer: string) =>
      card({ 'look.place': null, 'permit.lines.watcher': answer, 'permit.lines.screens': answer }, 60).lines;
    const of = (answer: string, id: string) => lines(answer).find((line) => line.id === id)?.answer;
    expect(of('not-here', 'watcher')).toBeNull();
    expect(of('not-here', 'screens')).toBe('not-here');
    expect(of('done', 'watcher')).toBe('done');
    for (const must of ['clear', 'behind', 'extinguisher', 'watcher', 'gas', 'air'])
      expect(lines('done').find(({ id }) => id === must)?.must).toBe(true);
  });

  test('it goes along where the site wants one or somebody began it', () => {
    const bare = (edits: Record<string, unknown>) =>
      hasPermit(
        applyEdits(
          job({ 'look.stopWork': {} }),
          Object.entries(edits).map(([path, value]) => ({ path, value })),
        ),
      );
    expect(bare({})).toBe(false);
    expect(bare({ 'look.stopWork.permit': 'will-meet' })).toBe(true);
    expect(bare({ 'permit.issuer': 'Harbour office' })).toBe(true);
    expect(bare({ 'permit.lines.clear': 'done' })).toBe(true);
    expect(bare({ 'permit.until': iso(9) })).toBe(true);
  });

  test('the watch never ends before an hour after the last arc, however the times lie', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 86_400 }),
        fc.integer({ min: 0, max: 86_400 }),
        fc.boolean(),
        (begun_s, long_s, over) => {
          const begun_ms = AT_8 + 1000 * begun_s;
          const lastArc_ms = begun_ms + 1000 * long_s;
          const { watchEnds_ms, lastArc_ms: told } = card({}, 1800, AT_8, { begun_ms, lastArc_ms, over });
          return watchEnds_ms >= lastArc_ms + 3_600_000 && told >= lastArc_ms;
        },
      ),
      { numRuns: 50 },
    );
  });
});
