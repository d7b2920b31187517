import { EMPTY_KIT } from '@core/formats/blankKit';
import fc from 'fast-check';
import { readFile } from '@core/formats/files';
import { writeArchive } from '@core/formats/write';
import { jobKey, KIT_KEY } from './keys';
import { JobRecord } from './record';
import { jobIn, MemoryStorage, openTab, sharedLocks } from '../../tests/support/memoryStorage';

const ID = 'ramp-guard';

beforeEach(() => {
  Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
});

describe('first visit and after', () => {
  test('opens with the demo yard, and never brings it back once jobs are gone', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    expect(Object.keys(tab.useApp.getState().jobs).length).toBeGreaterThanOrEqual(6);
    storage.held.forEach((_, key) => key.includes('/job/') && storage.held.delete(key));
    expect(Object.keys((await openTab(storage)).useApp.getState().jobs)).toHaveLength(0);
  });

  test('an edit is there after a restart, with its history', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    await tab.editJob(ID, [{ path: 'joint.gap_mm', value: 2 }], 'Gap');
    const again = (await openTab(storage)).useApp.getState().jobs[ID];
    expect(again?.job.joint.gap_mm).toBe(2);
    expect(again?.history).toMatchObject([
      { title: 'Gap', changes: [{ path: 'joint.gap_mm', before: 1, after: 2 }] },
    ]);
  });
});

describe('undo', () => {
  test('takes the last act back, and keystrokes of one entry are one act', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const before = tab.useApp.getState().jobs[ID]?.job;
    for (const text of ['1', '12', '12 m'])
      await tab.editJob(ID, [{ path: 'typed.joint.gap_mm', value: text }], 'Gap');
    expect(tab.useApp.getState().jobs[ID]?.history).toHaveLength(1);
    tab.undoJob(ID);
    expect(tab.useApp.getState().jobs[ID]?.job).toEqual(before);
  });

  test('going back to before an act gives the job as it stood then, and can itself be undone', async () => {
    const tab = await openTab(new MemoryStorage());
    const job = () => tab.useApp.getState().jobs[ID]?.job;
    const before = job();
    await tab.editJob(ID, [{ path: 'joint.gap_mm', value: 2 }], 'Gap');
    await tab.editJob(ID, [{ path: 'typed.joint.gap_mm', value: '2 mm' }], 'Typed');
    await tab.editJob(ID, [{ path: 'joint.gap_mm', value: 3 }], 'Gap again');
    const after = job();
    tab.goBackTo(ID, 0);
    expect(job()).toEqual(before);
    tab.undoJob(ID);
    expect(job()).toEqual(after);
  });

  test('a deleted job comes back whole', async () => {
    const tab = await openTab(new MemoryStorage());
    const before = tab.useApp.getState().jobs[ID];
    tab.deleteJob(ID);
    expect(tab.useApp.getState().jobs[ID]?.deletedAt).not.toBeNull();
    tab.useApp.getState().notice?.undo?.();
    expect(tab.useApp.getState().jobs[ID]).toEqual(before);
  });
});

test('the demo yard cleared leaves what is one’s own, and comes back at one press', async () => {
  const tab = await openTab(new MemoryStorage());
  const before = tab.useApp.getState();
  const own = { ...(before.kit.kit.tins[0] ?? fail()), id: 'own' };
  await tab.editKit({ ...before.kit.kit, tins: [...before.kit.kit.tins, own] }, 'Own tin');
  await tab.clearDemo();
  expect(Object.values(tab.useApp.getState().jobs).every(({ deletedAt }) => deletedAt !== null)).toBe(true);
  expect(tab.useApp.getState().kit.kit).toEqual({ ...EMPTY_KIT, tins: [own] });
  tab.useApp.getState().notice?.undo?.();
  expect(tab.useApp.getState().jobs).toEqual(before.jobs);
});

describe('two tabs', () => {
  test('edits to different fields both stay, however they interleave', async () => {
    const storage = new MemoryStorage();
    const [one, two] = [await openTab(storage), await openTab(storage)];
    await Promise.all([
      one.editJob(ID, [{ path: 'joint.gap_mm', value: 2 }], 'Gap'),
      two.editJob(ID, [{ path: 'joint.length_mm', value: 500 }], 'Length'),
      one.editJob(ID, [{ path: 'rod.current_A', value: 99 }], 'Amps'),
      two.editJob(ID, [{ path: 'look.position', value: 'flat' }], 'Position'),
    ]);
    expect(jobIn(storage, ID).job).toMatchObject({
      joint: { gap_mm: 2, length_mm: 500 },
      rod: { current_A: 99 },
      look: { position: 'flat' },
    });
    expect(jobIn(storage, ID).history).toHaveLength(4);
  });

  test('on the same field the newer shows, the older stays in the history, and it is said', async () => {
    const storage = new MemoryStorage();
    const [one, two] = [await openTab(storage), await openTab(storage)];
    await one.editJob(ID, [{ path: 'joint.gap_mm', value: 2 }], 'Gap');
    await two.editJob(ID, [{ path: 'joint.gap_mm', value: 3 }], 'Gap');
    const { job, history } = jobIn(storage, ID);
    expect(job.joint.gap_mm).toBe(3);
    expect(history.map(({ changes }) => changes[0]?.after)).toEqual([2, 3]);
    expect(two.useApp.getState().notice?.words).toMatch(/Another window changed the same entry/);
    expect(one.useApp.getState().notice).toBeNull();
  });

  test('what one tab stores the other takes in', async () => {
    const storage = new MemoryStorage();
    const [one, two] = [await openTab(storage), await openTab(storage)];
    await one.editJob(ID, [{ path: 'joint.gap_mm', value: 2 }], 'Gap');
    await two.takeIn([jobKey(ID)]);
    expect(two.useApp.getState().jobs[ID]?.job.joint.gap_mm).toBe(2);
  });
});

describe('trouble', () => {
  test.each([
    ['cut short', '{"version":1,"data":{"job"', /not JSON/],
    ['no version', '{"job":1}', /no version/],
    ['a wrong field', '{"version":1,"data":{"job":{"id":5},"history":[],"deletedAt":null}}', /job\.id/],
  ])('a record that is %s is set aside and reported; the rest opens', async (_, text, reason) => {
    const storage = new MemoryStorage();
    await openTab(storage);
    storage.held.set(jobKey(ID), text);
    const { jobs, damaged } = (await openTab(storage)).useApp.getState();
    expect(damaged).toMatchObject([{ key: jobKey(ID), reason: expect.stringMatching(reason), text }]);
    expect(jobs[ID]).toBeUndefined();
    expect(Object.keys(jobs).length).toBeGreaterThan(4);
    const again = (await openTab(storage)).useApp.getState().damaged;
    expect(again).toEqual(damaged);
  });

  test('a damaged record is reported until it is let go of, and can be had back', async () => {
    const storage = new MemoryStorage();
    await openTab(storage);
    storage.held.set(KIT_KEY, 'not a kit');
    const tab = await openTab(storage);
    const [found] = tab.useApp.getState().damaged;
    expect(found).toMatchObject({ key: KIT_KEY, text: 'not a kit' });
    expect(tab.useApp.getState().kit.kit.machines).toEqual([]);
    await tab.letGo(found ?? fail());
    expect(tab.useApp.getState().damaged).toEqual([]);
    tab.useApp.getState().notice?.undo?.();
    const again = (await openTab(storage)).useApp.getState();
    expect(again.damaged).toEqual([found]);
    expect(again.kit.kit.machines).toEqual([]);
  });

  test('damaged and full at once: it stays where it is, is reported, and the rest opens', async () => {
    const storage = new MemoryStorage();
    await openTab(storage);
    storage.held.set(jobKey(ID), '{');
    storage.full = true;
    const { jobs, damaged } = (await openTab(storage)).useApp.getState();
    expect(damaged).toMatchObject([{ key: jobKey(ID), text: '{' }]);
    expect(Object.keys(jobs).length).toBeGreaterThan(4);
    expect(storage.held.get(jobKey(ID))).toBe('{');
  });

  test('full storage is said at once, what was typed stays on the screen, and a later save takes the word back', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    storage.full = true;
    await tab.editJob(ID, [{ path: 'joint.gap_mm', value: 2 }], 'Gap');
    expect(tab.useApp.getState().saveProblem).toMatch(/Storage is full.*Export/);
    expect(tab.useApp.getState().jobs[ID]?.job.joint.gap_mm).toBe(2);
    storage.full = false;
    await tab.editJob(ID, [{ path: 'joint.length_mm', value: 400 }], 'Length');
    expect(tab.useApp.getState().saveProblem).toBeNull();
    expect(jobIn(storage, ID).job.joint).toMatchObject({ gap_mm: 2, length_mm: 400 });
  });

  test('the power goes at any moment: what was entered is there at the next start', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 0, max: 400 }),
        async (powerFor, length_mm) => {
          const storage = new MemoryStorage();
          const tab = await openTab(storage);
          storage.powerFor = powerFor;
          void tab.editJob(ID, [{ path: 'joint.length_mm', value: 5 + length_mm }], 'Length');
          await new Promise((resolve) => setTimeout(resolve, 5));
          storage.powerFor = Infinity;
          // The dead tab's locks die with it.
          Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
          const again = (await openTab(storage)).useApp.getState();
          expect(again.jobs[ID]?.job.joint.length_mm).toBe(5 + length_mm);
          expect([...storage.held.keys()].some((key) => key.includes('/pending/'))).toBe(false);
        },
      ),
      { numRuns: 25 },
    );
  });

  test('storage refused altogether is said, with an export to be had', async () => {
    const storage = new MemoryStorage();
    storage.getAllKeys = () => Promise.reject(new DOMException('no', 'SecurityError'));
    const tab = await openTab(storage);
    expect(tab.useApp.getState()).toMatchObject({
      ready: true,
      saveProblem: expect.stringMatching(/refuses to store.*Export/),
    });
  });

  test('any run of edits, undos, exports and imports leaves a valid record', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const act = fc.oneof(
      fc.record({
        path: fc.constantFrom('joint.gap_mm', 'rod.current_A', 'joint.length_mm'),
        value: fc.integer({ min: 5, max: 20 }),
      }),
      fc.record({
        path: fc.constantFrom('typed.joint.gap_mm', 'title', 'look.broke'),
        value: fc.string({ maxLength: 40 }),
      }),
      fc.record({
        path: fc.constant('look.stopWork.dry'),
        value: fc.constantFrom('will-meet', 'cannot-meet', undefined),
      }),
      fc.constant('undo' as const),
      fc.constant('out and in' as const),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(act, { maxLength: 12 }), async (acts) => {
        for (const one of acts) {
          if (one === 'undo') tab.undoJob(ID);
          else if (one === 'out and in') {
            const before = tab.useApp.getState().jobs[ID]?.job ?? fail();
            const read = readFile(writeArchive([before], tab.useApp.getState().kit.kit));
            if (!read.ok) throw new Error(read.message);
            await tab.takeInFile(read.value);
            expect(tab.useApp.getState().jobs[ID]?.job).toEqual(before);
          } else await tab.editJob(ID, [one], `set ${one.path}`);
        }
        await tab.editJob(ID, [{ path: 'joint.gap_mm', value: 1 }], 'last');
        expect(jobIn(storage, ID).job).toEqual(JobRecord.parse(tab.useApp.getState().jobs[ID]).job);
      }),
      { numRuns: 30 },
    );
  });
});

describe('import', () => {
  test('takes the job in, fills the kit with what it lacks, and can be undone', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const { jobs, kit } = tab.useApp.getState();
    const job = { ...(jobs[ID]?.job ?? fail()), id: 'brought' };
    const spare = { ...(kit.kit.tins[0] ?? fail()), id: 'spare' };
    await tab.takeInFile({ jobs: [job], kit: { ...kit.kit, tins: [...kit.kit.tins, spare] } });
    expect(tab.useApp.getState().jobs.brought?.job).toEqual(job);
    expect(tab.useApp.getState().kit.kit.tins.map(({ id }) => id)).toContain('spare');
    tab.useApp.getState().notice?.undo?.();
    expect(tab.useApp.getState().jobs.brought?.deletedAt).not.toBeNull();
    expect(tab.useApp.getState().kit.kit).toEqual(kit.kit);
    expect(storage.held.has(KIT_KEY)).toBe(true);
  });
});

function fail(): never {
  throw new Error('missing in the demo');
}
