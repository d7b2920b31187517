import fc from 'fast-check';
import { STOP_WORK_QUESTIONS } from '../data/stopWork';
import { formatQuantity } from '../units/format';
import { NUMBER_FIELDS, numberField, readField, refuseNumber, steppedValue, type NumberPath } from './fields';
import { applyEdits, readPath, setPath } from './edits';
import { blankJob } from './blankJob';
import { Job } from './job';
import { MOST_TEXT, readJobFile } from './jobFile';
import { writeJobFile } from './write';
import { EMPTY_KIT } from './blankKit';
import { Kit } from './kit';

const PATHS = (Object.keys(NUMBER_FIELDS) as NumberPath[]).filter((path) =>
  /^(look|joint|power|rod|heat)\./.test(path),
);
const blank = blankJob('a', '2026-01-01T00:00:00.000Z');

/** A job with some of its fields filled at random, all within their ends. */
const anyJob = fc
  .record({
    title: fc.string({ maxLength: 100 }),
    broke: fc.string({ maxLength: 300 }),
    numbers: fc.array(fc.tuple(fc.constantFrom(...PATHS), fc.double({ min: 0, max: 1, noNaN: true })), {
      maxLength: 8,
    }),
    typed: fc.dictionary(fc.constantFrom(...PATHS), fc.string({ maxLength: 60 })),
    answers: fc.dictionary(
      fc.constantFrom(...STOP_WORK_QUESTIONS.map(({ id }) => id)),
      fc.constantFrom('no', 'yes', 'will-meet', 'cannot-meet'),
    ),
    family: fc.constantFrom('low-carbon-steel', 'gray-iron', null),
  })
  .map(({ title, broke, numbers, typed, answers, family }) =>
    applyEdits(blank, [
      { path: 'title', value: title },
      { path: 'look.broke', value: broke },
      { path: 'look.stopWork', value: answers },
      { path: 'metal.sideA.family', value: family },
      ...numbers.map(([path, share]) => {
        const { min, max } = numberField(path);
        return { path, value: min + share * (max - min) };
      }),
      ...Object.entries(typed).map(([path, text]) => ({ path: `typed.${path}`, value: text })),
    ]),
  );

describe('job files', () => {
  test('export then import is the same job, whatever is in it', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const read = readJobFile(writeJobFile(job, EMPTY_KIT));
        expect(read).toEqual({ ok: true, value: expect.objectContaining({ job, kit: EMPTY_KIT }) });
      }),
    );
  });

  test('a file cut anywhere is refused with words, and never throws', () => {
    const text = writeJobFile(blank, EMPTY_KIT);
    for (let end = 0; end < text.length - 2; end += 7) {
      const read = readJobFile(text.slice(0, end));
      expect(read).toEqual({ ok: false, message: expect.stringMatching(/\w+ \w+/) });
    }
  });

  test('junk is refused with words, and never throws', () => {
    fc.assert(fc.property(fc.json(), (text) => !readJobFile(text).ok));
    // As long as a text that is too long; making one would cost half a gigabyte.
    expect(readJobFile({ length: MOST_TEXT + 1 } as string)).toMatchObject({
      ok: false,
      message: expect.stringMatching(/over 256 MB/),
    });
  });

  test('keys nobody knows are dropped, and a prototype cannot be reached', () => {
    const text = writeJobFile(blank, EMPTY_KIT).replace(
      '"title": ""',
      '"title": "", "__proto__": {"polluted": 1}, "extra": 2',
    );
    const read = readJobFile(text);
    expect(read.ok && 'extra' in read.value.job).toBe(false);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });
});

describe('schemas', () => {
  test('a blank job and an empty kit are valid', () => {
    expect(Job.safeParse(blank).success).toBe(true);
    expect(Kit.safeParse(EMPTY_KIT).success).toBe(true);
  });

  test('numbers outside their ends are refused by schema, field and message alike', () => {
    for (const path of PATHS) {
      const { max, label } = numberField(path);
      expect(Job.safeParse(setPath(blank, path, max + 1)).success).toBe(false);
      expect(Job.safeParse(setPath(blank, path, NaN)).success).toBe(false);
      expect(refuseNumber(path, -999, 'metric')).toContain(label);
    }
  });
});

describe('fields', () => {
  test.each([
    ['joint.thicknessA_mm', '0', /Thickness, side A: must be more than zero/],
    ['joint.length_mm', '-5', /Weld length: A size cannot be below zero/],
    ['rod.current_A', '0', /Amps: must be more than zero/],
    ['rod.current_A', 'banana', /Amps: "banana" is not a current\. Type 90 A/],
    ['joint.includedAngle_deg', '0', /Included angle: must be more than zero/],
    ['joint.includedAngle_deg', '180', /Included angle: 180° is over 179°/],
    ['joint.thicknessA_mm', '900', /Thickness, side A: 900 mm is over 150 mm/],
    ['supply.rating_kW', '6 kVA', /Generator, running kW: "kva" is not a unit/],
    ['joint.thicknessA_mm', '16 ga', /Thickness, side A: A gauge means/],
  ] as const)('%s typed %s', (path, text, message) => {
    expect(readField(path, text, 'metric')).toEqual({ ok: false, message: expect.stringMatching(message) });
  });
});

describe('steppers', () => {
  test('step on the grid of the system in use, never past the ends', () => {
    expect(steppedValue('joint.thicknessA_mm', 3.2, 1, 'metric')).toBe(3.5);
    expect(steppedValue('joint.thicknessA_mm', 3.2, -1, 'metric')).toBe(3);
    expect(steppedValue('joint.thicknessA_mm', 3.175, 1, 'inch')).toBeCloseTo(25.4 * (3 / 16), 5);
    expect(steppedValue('joint.gap_mm', 0, -1, 'metric')).toBe(0);
    expect(steppedValue('supply.volts_V', null, -1, 'metric')).toBe(230);
    expect(
      formatQuantity(steppedValue('look.air_C', 15, 1, 'inch'), numberField('look.air_C').kind, 'inch'),
    ).toBe('60 °F');
    fc.assert(
      fc.property(
        fc.constantFrom(...PATHS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(1 as const, -1 as const),
        fc.constantFrom('metric' as const, 'inch' as const),
        (path, share, direction, system) => {
          const { min, max } = numberField(path);
          const value = min + share * (max - min);
          const next = steppedValue(path, value, direction, system);
          return (
            next >= min && next <= max && (direction === 1 ? next >= value - 1e-6 : next <= value + 1e-6)
          );
        },
      ),
    );
  });
});

describe('edits', () => {
  test('paths reach what they name, typed texts stand under the whole path of their field', () => {
    const job = setPath(blank, 'typed.joint.gap_mm', 'banana');
    expect(job.typed).toEqual({ 'joint.gap_mm': 'banana' });
    expect(readPath(job, 'typed.joint.gap_mm')).toBe('banana');
    expect(setPath(job, 'typed.joint.gap_mm', undefined).typed).toEqual({});
    expect(blank.typed).toEqual({});
  });

  test('a path into a list sets its one row, and the list stays a list', () => {
    const record = { rows: [{ a: 1 }, { a: 2 }], typed: {} };
    const after = setPath(record, 'rows.1.a', 5);
    expect(after.rows).toEqual([{ a: 1 }, { a: 5 }]);
    expect(Array.isArray(after.rows)).toBe(true);
    expect(after.rows[0]).toBe(record.rows[0]);
  });

  test('what an edit does not touch is the very same object', () => {
    const job = setPath(blank, 'rod.current_A', 90);
    expect(job.look).toBe(blank.look);
    expect(job.rod).not.toBe(blank.rod);
  });
});
