import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { TIN_EVENT_IDS } from '../data/tinEvents';
import { ROD_CLASS_IDS } from '../data/rods';
import { ROD_SIZE_IDS } from '../data/rodSizes';
import { previewImport, rebaseKit } from './merge';
import { readFile } from './files';
import { blankJob } from './blankJob';
import { writeArchive, writeJobFile, writeKitFile } from './write';
import { jsonSchemas } from './jsonSchema';
import { EMPTY_KIT } from './blankKit';
import type { Kit, Tin } from './kit';
import { readTinsCsv, writeTinsCsv } from './tinsCsv';

const ROOT = join(__dirname, '..', '..', '..');
const demo = (name: string) => readFileSync(join(ROOT, 'demo', 'jobs', `${name}.json`), 'utf8');
const job = blankJob('a', '2026-01-01T00:00:00.000Z');
const tin = (change: Partial<Tin> = {}): Tin => ({
  id: 't',
  rodClass: 'E7018',
  size: '1/8',
  printed: '',
  events: [],
  count: 5,
  low_A: null,
  high_A: null,
  note: '',
  typed: {},
  ...change,
});
const kit: Kit = { ...EMPTY_KIT, tins: [tin()] };
const messageOf = (text: string) => {
  const read = readFile(text);
  return read.ok ? 'accepted' : read.message;
};

describe('any file of the app', () => {
  test('archive, kit and job come back as they went out', () => {
    expect(readFile(writeArchive([job, { ...job, id: 'b' }], kit))).toEqual({
      ok: true,
      value: { jobs: [job, { ...job, id: 'b' }], kit },
    });
    expect(readFile(writeKitFile(kit))).toEqual({ ok: true, value: { jobs: [], kit } });
    expect(readFile(writeJobFile(job, kit))).toEqual({ ok: true, value: { jobs: [job], kit } });
  });

  test.each([1, 2, 3, 4, 5, 6, 7])(
    'a job file of version %i is brought up to this one, with nothing changed that was in it',
    (version) => {
      const old = readFileSync(join(ROOT, 'tests', 'fixtures', `job-v${version}.json`), 'utf8');
      const read = readFile(old);
      const { job } = JSON.parse(old);
      // How runs follow one another is said once now, with the order of the segments.
      const { runs, ...rod } = job.rod;
      const order = runs === 'continuous' ? { order: { ...job.order, pattern: 'straight' } } : {};
      expect(read).toMatchObject({ ok: true, value: { jobs: [{ ...job, rod, ...order }] } });
      expect(read.ok && read.value.jobs[0]?.order).toMatchObject({ piece: null, tackEvery_mm: null });
      expect(read.ok && read.value.jobs[0]?.power.leadsId).toBeNull();
      expect(read.ok && read.value.jobs[0]?.metal.oldWeld.evidence).toEqual({});
      expect(read.ok && read.value.kit.supplies[0]).toMatchObject({
        kind: 'socket',
        ...(version < 4 ? { plug_A: null, fuel: null } : {}),
      });
      expect(read.ok && read.value.jobs[0]?.heat).toMatchObject({ preheat_C: null, goStraightOn: false });
      expect(read.ok && read.value.jobs[0]?.metal.sideA.grade).toBeNull();
      expect(read.ok && read.value.jobs[0]).toMatchObject({
        look: { service_C: null, wet: null, food: false },
        weld: { dilution_pct: null, favour: null, butter: false, covering: null },
        casting: { way: null, machined: null, movable: null },
      });
      expect(read.ok && read.value.jobs[0]?.rod).toMatchObject({ mix: false, root: { rodClass: null } });
      expect(read.ok && read.value.kit.tins[0]?.events).toEqual([]);
      expect(read.ok && read.value.kit.machines[0]?.rated[0]).toMatchObject({
        process: 'stick',
        volts_V: null,
      });
    },
  );

  test.each([
    ['cut short', () => demo('vent-cowl').slice(0, 900), /not whole JSON/],
    ['empty', () => '', /not whole JSON/],
    ['over 5 MB', () => `"${'x'.repeat(5_000_001)}"`, /over 5 MB/],
    ['deep', () => `${'['.repeat(200_000)}${']'.repeat(200_000)}`, /no file of this app|not whole JSON/],
    [
      'newer',
      () => demo('vent-cowl').replace(/"version": \d+/, '"version": 99'),
      /version 99; this app reads 1 to 8/,
    ],
    ['of another app', () => '{"format":"something-else","version":1}', /its format is "something-else"/],
    [
      'with a prototype in it',
      () => '{"format":"elbow-room-kit","version":2,"kit":{"__proto__":{"machines":[]}}}',
      /kit\.machines/,
    ],
    [
      'with a job that is none',
      () => '{"format":"elbow-room-archive","version":2,"kit":null,"jobs":[7]}',
      /jobs|kit/,
    ],
    [
      'with amps as words',
      () => demo('vent-cowl').replace('"current_A": 48', '"current_A": "lots"'),
      /job\.rod\.current_A: Amps: expected a number/,
    ],
    [
      'with amps beyond reason',
      () => demo('vent-cowl').replace('"current_A": 48', '"current_A": 4800'),
      /job\.rod\.current_A: Amps: 4800 A is over 600 A/,
    ],
  ])('a file %s is refused with what is wrong', (_, text, message) => {
    expect(messageOf(text())).toMatch(message);
  });

  test('a thousand mangled files: never a throw, never a half-read job', () => {
    const whole = demo('pier-ladder');
    const mangled = fc
      .tuple(
        fc.nat(whole.length - 1),
        fc.nat(40),
        fc.oneof(
          fc.string({ maxLength: 12 }),
          fc.constantFrom('null', '-1', '1e999', '{}', '[]', '"', '__proto__'),
        ),
      )
      .map(([at, cut, put]) => whole.slice(0, at) + put + whole.slice(at + cut));
    fc.assert(
      fc.property(mangled, (text) => {
        const read = readFile(text);
        if (!read.ok) return /\w+ \w+/.test(read.message);
        return messageOf(writeArchive(read.value.jobs, read.value.kit)) === 'accepted';
      }),
      { numRuns: 1000 },
    );
  });
});

test('the preview tells what would be added and replaced, before anything is', () => {
  const here = { jobs: [{ ...job, title: 'Here' }], kit: EMPTY_KIT };
  expect(previewImport({ jobs: [job, { ...job, id: 'b', title: 'New' }], kit }, here)).toEqual({
    adds: ['New'],
    replaces: ['Untitled job'],
    kitAdds: 1,
  });
  expect(previewImport({ jobs: [], kit }, { jobs: [], kit })).toEqual({ adds: [], replaces: [], kitAdds: 0 });
});

describe('published schemas', () => {
  const schemas = jsonSchemas();

  test.each(Object.keys(schemas))(
    'docs/formats/%s.schema.json is what the app checks with; `npm run schemas` writes it',
    (name) => {
      expect(JSON.parse(readFileSync(join(ROOT, 'docs', 'formats', `${name}.schema.json`), 'utf8'))).toEqual(
        JSON.parse(JSON.stringify(schemas[name])),
      );
    },
  );

  test('every exported file validates against them, by an independent validator', () => {
    const ajv = new Ajv2020({ strict: false, validateFormats: false });
    const validate = ajv.compile(schemas.job ?? {});
    for (const name of readdirSync(join(ROOT, 'demo', 'jobs'))) {
      expect([name, validate(JSON.parse(readFileSync(join(ROOT, 'demo', 'jobs', name), 'utf8')))]).toEqual([
        name,
        true,
      ]);
    }
    expect(ajv.compile(schemas.archive ?? {})(JSON.parse(writeArchive([job], kit)))).toBe(true);
    expect(validate({ ...JSON.parse(demo('vent-cowl')), version: 'two' })).toBe(false);
    const tooThick = JSON.parse(demo('vent-cowl'));
    tooThick.job.joint.thicknessA_mm = 900;
    expect(validate(tooThick)).toBe(false);
  });
});

describe('tins as a table', () => {
  const anyTin = fc
    .record({
      rodClass: fc.constantFrom(...ROD_CLASS_IDS),
      size: fc.constantFrom(...ROD_SIZE_IDS),
      count: fc.option(fc.integer({ min: 0, max: 500 })),
      events: fc.array(
        fc.record({
          kind: fc.constantFrom(...TIN_EVENT_IDS),
          at: fc.constantFrom('2026-03-02T07:00:00.000Z', '2026-03-02T09:30:00.000Z'),
        }),
        { maxLength: 4 },
      ),
      note: fc.oneof(
        fc.string({ maxLength: 60 }),
        fc.constantFrom('=1+1', '@cmd', '+x', '-y', 'a,b', '"quoted"', 'two\nlines'),
      ),
    })
    .filter(({ note }) => !note.includes('\r') && !note.startsWith("'") && !note.startsWith('\t'))
    .map((change) => tin(change));

  test('goes out and comes back the same', () => {
    fc.assert(
      fc.property(fc.array(anyTin, { minLength: 1, maxLength: 8 }), (tins) => {
        expect(readTinsCsv(writeTinsCsv(tins), () => 't')).toEqual({ ok: true, value: tins });
      }),
    );
  });

  test('no cell starts as a formula a spreadsheet would run', () => {
    for (const note of ['=HYPERLINK("x")', '+1', '-1', '@x']) {
      expect(writeTinsCsv([tin({ note })])).toMatch(/'[=+\-@]/);
    }
  });

  test.each([
    ['nothing,at,all', /Line 1: no column class/],
    ['class,size_in,rods,low_A,high_A,note\nE7018,1/8,5,,,\nE9999,1/8,5,,,', /Line 3: class: one of E6010/],
    ['class,size_in,rods,low_A,high_A,note\nE7018,9/8,5,,,', /Line 2: size_in: one of 1\/16/],
    ['class,size_in,rods,low_A,high_A,note\nE7018,1/8,many,,,', /Line 2: count: Rods left/],
    ['class,size_in,rods,low_A,high_A,note\nE7018,1/8,-4,,,', /Line 2: count: Rods left/],
    [
      'class,size_in,rods,low_A,high_A,note,events\nE7018,1/8,4,,,,boiled noon',
      /Line 2: events: such as opened/,
    ],
  ])('%s is refused with the line', (text, message) => {
    expect(readTinsCsv(text, () => 't')).toEqual({ ok: false, message: expect.stringMatching(message) });
  });
});

describe('a kit changed in two windows', () => {
  const kitWith = (...names: string[]): Kit => ({
    ...EMPTY_KIT,
    cords: names.map((name) => ({
      id: name.split(' ')[0] ?? '',
      name,
      length_m: 10,
      size: 'mm2-4',
      typed: {},
    })),
  });
  const names = (kit: Kit) => kit.cords.map(({ name }) => name);

  test('additions, edits and removals of both are kept', () => {
    const before = kitWith('a', 'b', 'c');
    const mine = kitWith('a', 'b longer', 'd');
    const here = kitWith('a renamed', 'b', 'c', 'e');
    expect(names(rebaseKit(here, before, mine))).toEqual(['a renamed', 'b longer', 'e', 'd']);
  });

  test('undone where nobody else was at it, the order is as before', () => {
    const before = kitWith('a', 'b', 'c');
    const without = kitWith('a', 'c');
    expect(rebaseKit(without, without, before)).toEqual(before);
  });
});
