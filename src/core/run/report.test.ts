import Ajv2020 from 'ajv/dist/2020';
import Papa from 'papaparse';
import { DEMO_KIT } from '../../demo/kit';
import { demoJob } from '../../../tests/support/demo';
import { jsonSchemas } from '../formats/jsonSchema';
import { Report } from '../formats/report';
import type { RunEvent } from '../formats/run';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import { findPast, totalsByMonth } from './past';
import { passLine, reportCsv, reportMarkdown, reportOf } from './report';
import { runState } from './run';

const T0 = Date.parse('2026-03-02T08:00:00.000Z');
const ROD = { rodClass: 'E7018', size: '1/8', current_A: 120 } as const;
const told: RunEvent[] = [
  { kind: 'step', n: 0, at: T0, step: 'Clean', state: 'skipped', words: '=HYPERLINK("x") bright already' },
  { kind: 'arc-on', n: 1, at: T0 + 60_000, pass: 1, ...ROD },
  { kind: 'arc-off', n: 2, at: T0 + 120_000 },
  { kind: 'reading', n: 3, at: T0 + 130_000, temperature_C: 140 },
  { kind: 'trouble', n: 4, at: T0 + 140_000, what: 'stuck', pass: 1, words: '' },
  { kind: 'note', n: 5, at: T0 + 150_000, words: 'wind got *up*' },
  { kind: 'pass-done', n: 6, at: T0 + 200_000, pass: 1, full: 'planned' },
  { kind: 'finished', n: 7, at: T0 + 210_000 },
];
const job = {
  ...demoJob('ramp-guard'),
  readings: {
    r: {
      at: '2026-03-02T07:50:00.000Z',
      name: 'Bench *meter*',
      serial: 'F-1',
      kind: 'field-meter' as const,
      says: '12 G',
      of: 5,
      into: 'order.residual_G',
    },
  },
  run: { events: Object.fromEntries(told.map((event) => [`e${event.n}`, event])) },
};
const judged = assess(job, DEMO_KIT);
const report = reportOf(judged, runState(judged, makePlan(judged), job, T0 + 300_000));

describe('the report', () => {
  test('says what was planned and what happened, and passes its own schema', () => {
    expect(Report.parse(report)).toEqual(report);
    const ajv = new Ajv2020({ strict: false, validateFormats: false });
    expect(ajv.validate(jsonSchemas()['report'] ?? {}, report)).toBe(true);
    const [pass] = report.passes;
    expect(pass).toMatchObject({ current_A: 120, arc_s: 60, full: 'planned', planned: { current_A: 120 } });
    expect(pass?.done).toBe('2026-03-02T08:03:20.000Z');
    expect(report.rods).toEqual([{ rodClass: 'E7018', size: '1/8', count: 1 }]);
    expect(report.steps.find(({ step }) => step === 'Clean')?.state).toBe('skipped');
  });

  test('a pass by another process is told by that, and never by the rod of the others', () => {
    const [first] = report.passes;
    if (!first?.planned) throw new Error('no pass');
    const byTig = {
      ...report,
      passes: [{ ...first, planned: { ...first.planned, by: 'TIG, ER70S-2 2.4 mm' } }],
    };
    expect(Report.parse(byTig)).toEqual(byTig);
    const [head, row] = Papa.parse<string[]>(reportCsv(byTig)).data;
    const at = (name: string) => row?.[head?.indexOf(name) ?? -1];
    expect(at('rod')).toBe('TIG, ER70S-2 2.4 mm');
    expect(at('size')).toBe('');
    const [tig = '', rods = ''] = [byTig, report].map(({ passes }) =>
      passLine(passes[0] ?? first, () => '1 min'),
    );
    expect(tig).toMatch(/planned 120 A, 1 min, TIG, ER70S-2/);
    expect(tig).not.toMatch(/rods/);
    expect(rods).toMatch(/rods/);
  });

  test('as a table nothing in it is a formula, and it reads back', () => {
    const evil = { ...report, passes: report.passes.map((one) => ({ ...one, title: '=1+1' })) };
    const rows = Papa.parse<string[]>(reportCsv(evil)).data;
    expect(rows[0]).toContain('planned A');
    expect(rows[1]?.[1]).toBe("'=1+1");
    expect(rows[1]?.[5]).toBe('120');
  });

  test('as text it has every part, and typed words make no marks', () => {
    const text = reportMarkdown(report, 'metric', (iso) => iso);
    for (const head of ['Passes', 'Rods', 'Steps', 'Temperatures read', 'What went wrong', 'Notes'])
      expect(text).toContain(`## ${head}`);
    expect(text).toContain('wind got \\*up\\*');
    expect(text).toContain('Field before any arc 12 G, Bench \\*meter\\*, number F-1');
    expect(text).toContain('Rod stuck, pass 1, OPEN');
    expect(text).toContain('140 °C');
    expect(reportMarkdown(report, 'inch', (iso) => iso)).toContain('284 °F');
  });
});

describe('past work', () => {
  const planned = { ...demoJob('pier-ladder') };
  const jobs = [planned, job];

  test('is found by metal, joint, thickness, rod and any word, what was run first', () => {
    const ids = (asked: string) => findPast(jobs, DEMO_KIT, asked).map(({ id }) => id);
    expect(ids('')).toEqual(['ramp-guard', 'pier-ladder']);
    expect(ids('7018')).toEqual(['ramp-guard']);
    expect(ids('carbon ladder')).toEqual(['pier-ladder']);
    // The ladder is 8 mm: 15 % on either side counts as that.
    expect(ids('9 mm ladder')).toEqual(['pier-ladder']);
    expect(ids('9.3 mm ladder')).toEqual(['pier-ladder']);
    expect(ids('9.6 mm ladder')).toEqual([]);
    expect(ids('12 mm ladder')).toEqual([]);
    expect(ids('wind got')).toEqual(['ramp-guard']);
    expect(findPast(jobs, DEMO_KIT, 'guard')[0]).toMatchObject({
      ran: ['E7018 1/8 at 120 A'],
      rods: 1,
      arc_s: 60,
      troubles: 1,
    });
  });

  test('a month adds up rods, hours and what went through the arc', () => {
    const [month] = totalsByMonth(jobs, (ms) => new Date(ms).toISOString().slice(0, 7));
    // IEC 60974-1: 20 V and 0.04 V an ampere, 24.8 V at 120 A; a minute of it is 0.0496 kWh.
    expect(month).toMatchObject({ month: '2026-03', jobs: 1 });
    expect(month?.arc_kWh).toBeCloseTo((24.8 * 120 * 60) / 3.6e6, 6);
    expect(month?.arc_h).toBeCloseTo(1 / 60, 6);
    expect(totalsByMonth([planned], () => '2026-03')).toEqual([]);
  });
});
