import { types } from 'node:util';
import { DEMO_KIT } from '../../../demo/kit';
import { demoJob } from '../../../../tests/support/demo';
import { setPath } from '../../formats/edits';
import type { Job } from '../../formats/job';
import type { Situation } from '../../judge/situation';
import { memoizeOf, situationOf } from '.';
import { graphOf, whole } from '../../judge/graph';

const at = (job: Job): Situation =>
  situationOf({ entered: job, kit: DEMO_KIT, system: 'metric', now_ms: null, preferred: null });
const JOB = demoJob('cradle-arm');
const WHAT_IS_MADE = [
  'wants',
  'machine',
  'plate',
  'rod',
  'joint',
  'beads',
  'heat',
  'mix',
  'blow',
  'order',
  'runs',
  'pull',
  'timeline',
  'draw',
] as const satisfies readonly (keyof Situation)[];

/** Stages that an edit makes anew. */
function remade(path: string, value: unknown): string[] {
  const before = at(JOB);
  WHAT_IS_MADE.forEach((name) => before[name]);
  const after = at(setPath(JOB, path, value));
  return WHAT_IS_MADE.filter((name) => !Object.is(before[name], after[name]));
}

describe('what an edit works out again', () => {
  // Our design: each of these is counted, so that a stage which begins to read too much is seen.
  test.each([
    ['a title', 'title', 'Another name', []],
    ['a clamp moved', 'order.clampAlong_mm', 40, ['blow', 'order', 'runs']],
    ['a stop-work answer that stops nothing', 'look.stopWork', { ...JOB.look.stopWork, tyre: 'no' }, []],
    ['a rest after each rod', 'rod.rest_s', 30, ['order', 'runs', 'timeline']],
    ['a cord', 'power.cordLength_m', 40, ['draw']],
    [
      'the width of the piece',
      'heat.pieceWidth_mm',
      180,
      ['heat', 'blow', 'order', 'runs', 'pull', 'timeline'],
    ],
  ])('%s', (_, path, value, names) => expect(remade(path, value)).toEqual(names));

  test('amps leave metal, joint, machine and rod as they are', () => {
    const names = remade('rod.current_A', 91);
    expect(names).toEqual(expect.arrayContaining(['beads', 'heat', 'timeline', 'draw']));
    expect(names).not.toEqual(expect.arrayContaining(['wants']));
    for (const kept of ['wants', 'machine', 'plate', 'rod', 'joint']) expect(names).not.toContain(kept);
  });
});

describe('the graph', () => {
  test('nothing that a stage makes holds on to the record that it was read through', () => {
    const found: string[] = [];
    const look = (value: unknown, path: string, depth: number): void => {
      if (typeof value !== 'object' || value === null || depth > 7) return;
      if (types.isProxy(value)) found.push(path);
      else for (const [key, inner] of Object.entries(value)) look(inner, `${path}.${key}`, depth + 1);
    };
    for (const id of ['cradle-arm', 'galley-tray', 'bollard-cap', 'hatch-frame']) {
      const situation = at(setPath(demoJob(id), 'joint.gap_mm', -4));
      for (const name of WHAT_IS_MADE) look(situation[name], `${id}.${name}`, 0);
      look(situation.job, `${id}.job`, 0);
    }
    expect(found).toEqual([]);
  });

  test('a stage nobody asks for is not worked out; one asked for twice is worked out once', () => {
    let made = 0;
    const graph = graphOf<
      { entered: Job },
      { double: (reads: never) => number; idle: (reads: never) => number }
    >(['entered'], {
      double: ({ entered }: { entered: Job }) => {
        made += 1;
        return 2 * (entered.rod.current_A ?? 0);
      },
      idle: () => {
        throw new Error('asked for');
      },
    });
    const hot = setPath(JOB, 'rod.current_A', 60);
    const one = graph.of({ entered: hot });
    expect([one.double, one.double, made]).toEqual([120, 120, 1]);
    // Another field of the same part of the job.
    expect(graph.of({ entered: setPath(hot, 'rod.rest_s', 5) }).double).toBe(120);
    expect(made).toBe(1);
    expect(graph.of({ entered: setPath(hot, 'rod.current_A', 70) }).double).toBe(140);
    expect(made).toBe(2);
  });

  test('what is read of a whole record counts as all of it', () => {
    const title = memoizeOf(({ entered }) => whole(entered).title);
    expect(title(at(JOB))).toBe(JOB.title);
    expect(title(at(setPath(JOB, 'title', 'Another')))).toBe('Another');
  });

  test('a room asked again is the same room until something it reads has changed', () => {
    let asked = 0;
    const wind = memoizeOf(({ job }) => {
      asked += 1;
      return job.look.wind_m_s;
    });
    wind(at(JOB));
    wind(at(setPath(JOB, 'look.air_C', 3)));
    expect(asked).toBe(1);
    wind(at(setPath(JOB, 'look.wind_m_s', 9)));
    expect(asked).toBe(2);
  });
});
