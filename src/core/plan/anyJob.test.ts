import fc from 'fast-check';
import { changes, kitChanges } from '../../../tests/support/anyJob';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { applyEdits } from '../formats/edits';
import { Job } from '../formats/job';
import { Kit } from '../formats/kit';
import { assess } from './assess';
import { fieldRun } from '../order/fieldRun';
import { findLevers } from './levers/levers';
import { makePlan } from './plan';
import type { Room } from './rooms';

/** Whatever the schema lets through is judged: the welder's worst day is in here somewhere. */

/** Every text and number in a record, wherever it stands. */
function each(record: unknown, see: (value: string | number) => void): void {
  if (typeof record === 'string' || typeof record === 'number') see(record);
  else if (record !== null && typeof record === 'object')
    Object.values(record).forEach((inner) => each(inner, see));
}

/** Words that no welder should ever read. */
const NONSENSE = /NaN|undefined|Infinity|\[object|\d\.\d{4,}|\s{2}|\.\.(?!\.)/;

/** What a room says, without its sources. */
const spoken = ({ now, gap, past, until, ask, reasons }: Room) => [
  now,
  gap,
  past,
  until,
  ask,
  reasons.map(({ words }) => words),
];
const measured = ({ value, limit, left, fraction }: Room) => [value, limit, left, fraction];

const job = (id: string, edits: Parameters<typeof applyEdits>[1]) => applyEdits(demoJob(id), edits);

test('any job is judged and planned in words and whole numbers of digits, and its plate has nothing but numbers', () => {
  fc.assert(
    fc.property(changes(), ([id, edits]) => {
      const changed = job(id, edits);
      expect(Job.safeParse(changed).success).toBe(true);
      const judged = assess(changed, DEMO_KIT);
      const { steps, halts, summary } = makePlan(judged);
      each([judged.rooms.map(measured)], (value) => expect(value).not.toBeNaN());
      each([judged.rooms.map(spoken), steps, halts, summary], (value) =>
        expect(String(value)).not.toMatch(NONSENSE),
      );
      const run = fieldRun(judged.situation);
      each([run?.plate, run?.events, run?.starts], (value) => {
        if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
      });
    }),
    { numRuns: 40 },
  );
});

test('any job is judged alike in inches, and there no word of its rooms and steps is left in metric', () => {
  fc.assert(
    fc.property(changes(), ([id, edits]) => {
      const changed = job(id, edits);
      const [metric, inch] = [assess(changed, DEMO_KIT), assess(changed, DEMO_KIT, 'inch')];
      const states = ({ rooms }: typeof metric) => rooms.map((room) => [room.id, room.state]);
      expect(states(inch)).toEqual(states(metric));
      const plan = makePlan(inch);
      expect(plan.verdict).toBe(makePlan(metric).verdict);
      // What stands in both already, and a cord's section, is sold so everywhere.
      each(
        [
          inch.rooms.map(spoken),
          plan.steps.map(({ actions, holds, cautions }) => [actions, holds, cautions]),
        ],
        (value) =>
          expect(String(value).replace(/· [\d.]+ mm|\d+ m \(/g, '')).not.toMatch(
            /\d (mm(?!²)|°C|m\/s|kg|m)(?![\w/])/,
          ),
      );
    }),
    { numRuns: 30 },
  );
});

test('any kit is judged with any job: what its plates say may be nonsense, what is said of it is not', () => {
  fc.assert(
    fc.property(changes(6), kitChanges(), ([id, edits], kitEdits) => {
      const kit = applyEdits(DEMO_KIT, kitEdits);
      expect(Kit.safeParse(kit).success).toBe(true);
      const judged = assess(job(id, edits), kit);
      each(judged.rooms.map(measured), (value) => expect(value).not.toBeNaN());
      each([judged.rooms.map(spoken), makePlan(judged).steps], (value) =>
        expect(String(value)).not.toMatch(NONSENSE),
      );
    }),
    { numRuns: 30 },
  );
});

test('any lever of any job says what it changes, and pulled it leaves a job that the schema lets through', () => {
  fc.assert(
    fc.property(changes(12), ([id, edits]) => {
      const changed = job(id, edits);
      for (const lever of findLevers(changed, DEMO_KIT)) {
        expect(lever.title).not.toMatch(/NaN|undefined|^$/);
        expect(Job.safeParse(applyEdits(changed, lever.edits)).success).toBe(true);
      }
    }),
    {
      numRuns: 10,
      // Five amps less than the least there is.
      examples: [[['bollard-cap', [{ path: 'rod.current_A', value: 5 }]]]],
    },
  );
});
