import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { TIN_EVENT_IDS } from '../data/tinEvents';
import { ROD_CLASS_IDS } from '../data/rods';
import { ROD_SIZE_IDS } from '../data/rodSizes';
import { previewImport } from './merge';
import { applyKitEdits, kitChanges, readKitPath } from './kitEdits';
import { readFile } from './files';
import { DATA_VERSION } from './upgrade';
import { blankJob } from './blankJob';
import { writeArchive, writeJobFile, writeKitFile } from './write';
import { jsonSchemas } from './jsonSchema';
import { EMPTY_KIT } from './blankKit';
import type { Kit, Tin } from './kit';
import { readTinsCsv, writeTinsCsv } from '../rods/word/tinsCsv';

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
  length_mm: null,
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

  test.each(Array.from({ length: DATA_VERSION - 1 }, (_, n) => n + 1))(
    'a job file of version %i is brought up to this one, with nothing changed that was in it',
    (version) => {
      const old = readFileSync(join(ROOT, 'tests', 'fixtures', `job-v${version}.json`), 'utf8');
      const read = readFile(old);
      const { job } = JSON.parse(old);
      // How runs follow one another is said once now, with the order of the segments.
      const { runs, ...rod } = job.rod;
      // Galvanised steel is plain steel with a coat now.
      const { sideA } = job.metal;
      const coated = { family: 'low-carbon-steel', coating: 'zinc' };
      const metal =
        sideA.family === 'galvanised-steel' ? { ...job.metal, sideA: { ...sideA, ...coated } } : job.metal;
      const order = runs === 'continuous' ? { order: { ...job.order, pattern: 'straight' } } : {};
      expect(read).toMatchObject({ ok: true, value: { jobs: [{ ...job, rod, metal, ...order }] } });
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
    ['deep', () => `${'['.repeat(200_000)}${']'.repeat(200_000)}`, /no file of this app|not whole JSON/],
    [
      'newer',
      () => demo('vent-cowl').replace(/"version": \d+/, '"version": 99'),
      new RegExp(`version 99; this app reads 1 to ${DATA_VERSION}`),
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
    expect(names(applyKitEdits(here, kitChanges(before, mine)))).toEqual(['a renamed', 'b longer', 'e', 'd']);
  });

  test('undone where nobody else was at it, the order is as before', () => {
    const before = kitWith('a', 'b', 'c');
    const without = kitWith('a', 'c');
    expect(applyKitEdits(without, kitChanges(without, before))).toEqual(before);
  });

  test('the edits between any two kits make the one of the other, and reading each path back gives what was put', () => {
    const anyKit = fc
      .uniqueArray(fc.tuple(fc.constantFrom('a', 'b', 'c', 'd', 'e'), fc.integer({ min: 1, max: 3 })), {
        selector: ([id]) => id,
      })
      .map((items) => ({
        ...kitWith(),
        cords: items.map(([id, length_m]) => ({ id, name: id, length_m, size: 'mm2-4' as const, typed: {} })),
      }));
    fc.assert(
      fc.property(anyKit, anyKit, (before, after) => {
        const edits = kitChanges(before, after);
        expect(applyKitEdits(before, edits)).toEqual(after);
        for (const { path, value } of edits) expect(readKitPath(after, path)).toEqual(value);
      }),
    );
  });

  test('an edit of what is not there, or of no shelf, changes nothing', () => {
    const kit = kitWith('a');
    expect(applyKitEdits(kit, [{ path: 'cords.z.length_m', value: 5 }])).toEqual(kit);
    expect(applyKitEdits(kit, [{ path: '__proto__.a', value: { id: 'a' } }])).toEqual(kit);
  });
});

describe('ids in files', () => {
  test.each(['<img src=x>', '../../etc', 'a b', ''])(
    '"%s" is no id: letters, digits and dashes are',
    (id) => {
      expect(messageOf(writeArchive([job, { ...job, id }], kit))).toBe(
        'jobs.1.id: letters, digits and dashes only',
      );
    },
  );

  test('two jobs of one id are two jobs', () => {
    const read = readFile(writeArchive([job, { ...job, title: 'second' }, { ...job, id: 'a-2' }], kit));
    expect(read.ok && read.value.jobs.map(({ id, title }) => [id, title])).toEqual([
      ['a', ''],
      ['a-3', 'second'],
      ['a-2', ''],
    ]);
  });

  test('a message names what was expected in a few words', () => {
    const text = (change: object) => writeArchive([{ ...job, ...change } as typeof job], kit);
    expect(messageOf(text({ look: { ...job.look, position: 'sideways' } }))).toBe(
      'jobs.0.look.position: expected one of 4 words, such as flat'.replace(
        'one of 4 words, such as flat',
        'one of flat, horizontal, vertical, overhead',
      ),
    );
    const rod = messageOf(text({ rod: { ...job.rod, rodClass: 'E9999' } }));
    expect(rod).toMatch(/^jobs\.0\.rod\.rodClass: expected one of \d+ words, such as E6010$/);
    expect(messageOf(text({ createdAt: 'noon' }))).toMatch(/createdAt: expected a moment, such as 2026/);
    expect(messageOf(text({ title: 'x'.repeat(121) }))).toBe('jobs.0.title: expected 120 characters at most');
    expect(messageOf(text({ joint: 5 }))).toBe('jobs.0.joint: expected a group of fields');
  });
});
