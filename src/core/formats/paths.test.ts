import { metalFamily } from '../data/metals';
import { metalTest } from '../data/metalTests';
import { rodClass } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { leversFor } from '../plan/levers/levers';
import { blankJob } from './blankJob';
import { applyEdits, readPath } from './edits';
import { Job } from './job';
import { editAt, type ItemEdit, type JobEdit } from './paths';

/** The compiler is what fails here: each slip is expected to be an error, and is one that nothing else would have caught. */
test('a slip in a path, a value, or the name of a room, rod, family, test or size does not compile', () => {
  const slips: readonly (() => unknown)[] = [
    // @ts-expect-error a path
    (): JobEdit => ({ path: 'joint.gapmm', value: 2 }),
    // @ts-expect-error a value
    (): JobEdit => ({ path: 'look.position', value: 'sideways' }),
    // @ts-expect-error a number where a word stands
    (): JobEdit => ({ path: 'rod.size', value: 3.2 }),
    // @ts-expect-error a field of the kit
    (): ItemEdit<'machines'> => ({ path: 'max_Amps', value: 160 }),
    // @ts-expect-error a path put together
    () => editAt(`metal.${'sideC' as 'sideA' | 'sideC'}.family`, 'brass'),
    // @ts-expect-error a room
    () => leversFor('burnthrough', []),
    // @ts-expect-error a rod
    () => rodClass('E7081'),
    // @ts-expect-error a family
    () => metalFamily('grey-iron'),
    // @ts-expect-error a test
    () => metalTest('sparks'),
    // @ts-expect-error a size
    () => ROD_SIZES['3/34'],
  ];
  expect(slips.length).toBeGreaterThanOrEqual(7);
});

test('paths are of the job, of its collections, and of what lies in them; a path put together knows its value', () => {
  const edits: JobEdit[] = [
    { path: 'joint.gap_mm', value: 2 },
    { path: 'look.stopWork.container', value: 'no' },
    { path: 'typed.joint.gap_mm', value: '2' },
    { path: 'metal.sideB.family', value: 'brass' },
    editAt(`metal.${'sideA' as 'sideA' | 'sideB'}.part`, 'shaft'),
  ];
  const job = applyEdits(blankJob('x', '2026-11-28T00:00:00.000Z'), edits);
  expect(Job.safeParse(job).success).toBe(true);
  expect(edits.map(({ path }) => readPath(job, path))).toEqual([2, 'no', '2', 'brass', 'shaft']);
});
