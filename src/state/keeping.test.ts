import fc from 'fast-check';
import { DATA_VERSION } from '@core/formats/upgrade';
import { LONGEST } from '@core/formats/limits';
import { DEMO_JOBS, DEMO_KIT } from '@/demo/yard';
import { pageText } from './journal';
import { jobKey, JOURNAL_PREFIX, KIT_KEY, LAID_PREFIX } from './keys';
import type { LastWords } from './lastWords';
import { JobRecord, KitRecord } from './record';
import {
  jobIn,
  MemoryStorage,
  openTab,
  powerOut,
  settled,
  sharedLocks,
} from '../../tests/support/memoryStorage';

/** What is entered is kept: whatever else happens to it, to the storage, or in another window. */

const ID = 'ramp-guard';
const kitIn = (storage: MemoryStorage) =>
  KitRecord.parse(JSON.parse(storage.held.get(KIT_KEY) ?? 'null').data).kit;
const gap = (value: number | null) => [{ path: 'joint.gap_mm', value }];

beforeEach(() => {
  Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
});

describe('taking over from the small storage', () => {
  /** A storage as an earlier app left it, journal included. */
  async function older() {
    const storage = new MemoryStorage();
    await openTab(storage);
    const before = new Map([...storage.held].filter(([key]) => !key.endsWith('taken-over')));
    storage.held.clear();
    before.forEach((text, key) => storage.held.set(key, text));
    storage.held.set(
      `${JOURNAL_PREFIX}1-00000001-abcd`,
      JSON.stringify({
        jobId: ID,
        at: '2026-03-01T08:00:00.000Z',
        title: 'Gap',
        edits: [{ path: 'joint.gap_mm', value: 4 }],
      }),
    );
    return storage;
  }

  test('everything comes over once, journal included, and only then the old place is emptied', async () => {
    const [from, to] = [await older(), new MemoryStorage()];
    const tab = await openTab(to, from);
    expect(from.held.size).toBe(0);
    expect(Object.keys(tab.useApp.getState().jobs).sort()).toEqual(DEMO_JOBS.map(({ id }) => id).sort());
    expect(tab.useApp.getState().jobs[ID]?.job.joint.gap_mm).toBe(4);
    expect(jobIn(to, ID).job.joint.gap_mm).toBe(4);
    expect(tab.useApp.getState().kit.kit).toEqual(DEMO_KIT);
  });

  test('broken off anywhere, nothing is lost and it begins again', async () => {
    for (let powerFor = 1; powerFor < 12; powerFor++) {
      const [from, to] = [await older(), new MemoryStorage()];
      to.powerFor = powerFor;
      await powerOut(to, openTab(to, from));
      to.powerFor = Infinity;
      Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
      const tab = await openTab(to, from);
      expect(tab.useApp.getState().jobs[ID]?.job.joint.gap_mm).toBe(4);
      expect(Object.keys(tab.useApp.getState().jobs)).toHaveLength(DEMO_JOBS.length);
    }
  });

  test('full from the start: what was kept before still opens, and stays where it is', async () => {
    const [from, to] = [await older(), new MemoryStorage()];
    const count = from.held.size;
    to.full = true;
    await openTab(to, from);
    expect(from.held.size).toBe(count);
  });

  test('an old window writes on after it: its job stands beside the one that was changed here', async () => {
    const [from, to] = [await older(), new MemoryStorage()];
    const text = from.held.get(jobKey(ID)) ?? '';
    const tab = await openTab(to, from);
    await tab.layOnJob(ID, gap(5), 'Gap');
    from.held.set(jobKey(ID), text);
    const again = (await openTab(to, from)).useApp.getState().jobs;
    expect(again[ID]?.job.joint.gap_mm).toBe(5);
    expect(again[`${ID}-older`]?.job).toMatchObject({ joint: { gap_mm: 1 } });
    expect(again[`${ID}-older`]?.job.title).toMatch(/from the older window$/);
    expect(from.held.size).toBe(0);
  });
});

describe('a start never hangs on writing', () => {
  test('full storage: jobs and kit are shown, and what waited in the journal with them', async () => {
    const storage = new MemoryStorage();
    const first = await openTab(storage);
    storage.powerFor = 1;
    await powerOut(storage, first.layOnJob(ID, gap(7), 'Gap'));
    storage.powerFor = Infinity;
    storage.full = true;
    Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
    const { jobs, kit, saveProblem } = (await openTab(storage)).useApp.getState();
    expect(jobs[ID]?.job.joint.gap_mm).toBe(7);
    expect(kit.kit).toEqual(DEMO_KIT);
    expect(saveProblem).toMatch(/full/);
  });

  test.each([
    [
      'of a job that is gone',
      { record: jobKey('gone'), path: 'joint.gap_mm', value: 2 },
      /not here any more/,
    ],
    ['that does not fit', { record: jobKey(ID), path: 'joint.gap_mm', value: -5 }, /Gap/],
  ])('a page %s waits and is said; the rest goes on', async (_, { record, path, value }, why) => {
    const storage = new MemoryStorage();
    await openTab(storage);
    const page = (n: number, edits: object[], of = record) =>
      storage.held.set(
        `${JOURNAL_PREFIX}${n}`,
        JSON.stringify({ version: 8, record: of, at: '2026-03-01T08:00:00.000Z', title: 'Typed', edits }),
      );
    page(1, [{ path, value }]);
    page(2, [{ path: 'joint.length_mm', value: 432 }], jobKey(ID));
    const { jobs, damaged } = (await openTab(storage)).useApp.getState();
    expect(jobs[ID]?.job.joint).toMatchObject({ length_mm: 432, gap_mm: 1 });
    expect(damaged).toMatchObject([{ key: record, reason: expect.stringMatching(why) }]);
    expect(storage.held.get(`${JOURNAL_PREFIX}1`)).toContain('"Typed"');
    expect(storage.held.get(`${JOURNAL_PREFIX}2`) ?? '').toBe('');
  });
});

describe('nothing invalid is written', () => {
  test.each([
    ['a text too long', [{ path: 'title', value: 'x'.repeat(LONGEST.title + 1) }], /120 characters/],
    ['a number past its ends', gap(-3), /Gap/],
    ['a moment that is none', [{ path: 'look.startAt', value: '+020260-01-01' }], /moment/],
    ['a word that is none', [{ path: 'look.position', value: 'sideways' }], /expected one of/],
  ])('%s is refused with a word, and nothing changes', async (_, edits, words) => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const [shown, held] = [tab.useApp.getState().jobs[ID], storage.held.get(jobKey(ID))];
    expect(await tab.layOnJob(ID, edits, 'Set')).toBe(false);
    expect(tab.useApp.getState().jobs[ID]).toBe(shown);
    expect(storage.held.get(jobKey(ID))).toBe(held);
    expect(tab.useApp.getState().notice?.words).toMatch(words);
  });

  test('whatever is edited however, every record that was ever written passes its check', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const value = fc.oneof(
      fc.constantFrom(null, undefined, -1, 0, 5, 1e9, NaN, 'x', 'flat', {}, []),
      fc.string({ maxLength: 1100 }),
    );
    const path = fc.constantFrom(
      ...['title', 'look.broke', 'look.position', 'joint.gap_mm', 'rod.beadShares', 'metal.sideA', 'typed.x'],
      ...['order.pattern', 'look.stopWork.dry', 'id', 'createdAt', 'power.out'],
    );
    await fc.assert(
      fc.asyncProperty(path, value, async (at, to) => {
        await tab.layOnJob(ID, [{ path: at, value: to }], 'any');
        const item = DEMO_KIT.machines[0]?.id ?? '';
        await tab.editKitAt([{ path: `machines.${item}.max_A`, value: to }], 'any');
        await tab.editKitAt([{ path: `machines.${item}.name`, value: to }], 'any');
      }),
      { numRuns: 120 },
    );
    for (const [key, text] of storage.put) {
      if (key === KIT_KEY) expect(KitRecord.safeParse(JSON.parse(text).data).success).toBe(true);
      if (key === jobKey(ID)) expect(JobRecord.safeParse(JSON.parse(text).data).success).toBe(true);
    }
    const again = await openTab(storage);
    expect(again.useApp.getState().damaged).toEqual([]);
  });

  test('of a record with one part wrong only the part is set aside, and it goes back once it fits', async () => {
    const storage = new MemoryStorage();
    await openTab(storage);
    const { version, data } = JSON.parse(storage.held.get(KIT_KEY) ?? 'null');
    data.kit.machines[1].max_A = 123456;
    data.kit.tins[0].note = 'n'.repeat(LONGEST.note + 50);
    storage.held.set(KIT_KEY, JSON.stringify({ version, data }));
    const tab = await openTab(storage);
    const { kit, damaged } = tab.useApp.getState();
    const id = DEMO_KIT.machines[1]?.id ?? '';
    expect(kit.kit.machines.map((machine) => machine.id)).toEqual(DEMO_KIT.machines.map((m) => m.id));
    expect(kit.kit.machines[1]?.max_A).toBeNull();
    expect(kit.kit.tins[0]?.note).toHaveLength(LONGEST.note);
    expect(damaged.map(({ part }) => part)).toEqual([
      `machines.${id}.max_A`,
      `tins.${DEMO_KIT.tins[0]?.id}.note`,
    ]);
    const [amps] = damaged;
    expect(amps && (await tab.putBack(amps))).toBe(false);
    expect(amps && (await tab.putBack({ ...amps, text: '140' }))).toBe(true);
    expect(kitIn(storage).machines[1]?.max_A).toBe(140);
    expect((await openTab(storage)).useApp.getState().damaged).toHaveLength(1);
  });
});

describe('full storage', () => {
  test('the bin makes room by itself, and that is said', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    tab.deleteJob('vent-cowl');
    await tab.layOnJob(ID, gap(2), 'Gap');
    const real = storage.removeMany.bind(storage);
    storage.full = true;
    storage.removeMany = async (keys) => {
      storage.full = false;
      return real(keys);
    };
    expect(await tab.layOnJob(ID, gap(3), 'Gap')).toBe(true);
    expect(jobIn(storage, ID).job.joint.gap_mm).toBe(3);
    expect(storage.held.has(jobKey('vent-cowl'))).toBe(false);
    expect(tab.useApp.getState()).toMatchObject({
      saveProblem: null,
      notice: { words: expect.stringMatching(/bin made room/) },
    });
  });

  test('what was refused is told until all of it is on disk, in its order', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    storage.full = true;
    await tab.layOnJob(ID, gap(2), 'Gap');
    await tab.layOnJob('vent-cowl', gap(3), 'Gap');
    await tab.layOnJob(ID, [...gap(4), { path: 'joint.length_mm', value: 777 }], 'Both');
    expect(tab.isOwing()).toBe(true);
    storage.full = false;
    expect(await tab.layOnJob('vent-cowl', [{ path: 'look.wind_m_s', value: 3 }], 'Wind')).toBe(true);
    await settled(tab);
    expect(tab.useApp.getState().saveProblem).toBeNull();
    expect(jobIn(storage, ID).job.joint).toMatchObject({ gap_mm: 4, length_mm: 777 });
    expect(jobIn(storage, 'vent-cowl').job).toMatchObject({ joint: { gap_mm: 3 }, look: { wind_m_s: 3 } });
  });

  test('an import is all there, or none of it, and says so', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const job = tab.useApp.getState().jobs[ID]?.job;
    if (!job) throw new Error('no job');
    const many = Array.from({ length: 90 }, (_, n) => ({ ...job, id: `many-${n}` }));
    const real = storage.setMany.bind(storage);
    let left = 2;
    storage.setMany = (entries) => {
      storage.full = left-- <= 0;
      return real(entries);
    };
    const kit = tab.useApp.getState().kit.kit;
    const taken = await tab.takeInFile({ jobs: many, kit });
    expect(taken).toMatchObject({ ok: false, message: expect.stringMatching(/80 of 90 jobs, so none/) });
    expect([...storage.held.keys()].filter((key) => key.includes('/many-'))).toEqual([]);
    expect(tab.useApp.getState().jobs['many-0']).toBeUndefined();
    storage.setMany = real;
    storage.full = false;
    expect(await tab.takeInFile({ jobs: many, kit })).toEqual({ ok: true });
    expect(tab.useApp.getState().notice?.words).toBe('Taken in: 90 jobs');
    expect([...storage.held.keys()].filter((key) => key.includes('/many-'))).toHaveLength(90);
  });
});

describe('undo keeps what came after', () => {
  test('an item taken out comes back in its place, and what was done to others meanwhile stays', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const [first, second] = DEMO_KIT.machines;
    if (!first || !second) throw new Error('no machines');
    tab.editKitWithUndo([{ path: `machines.${first.id}`, value: undefined }], 'Out', 'Taken out');
    const { notice } = tab.useApp.getState();
    await tab.editKitAt([{ path: `machines.${second.id}.max_A`, value: 155 }], 'Amps');
    notice?.undo?.();
    const { machines } = tab.useApp.getState().kit.kit;
    expect(machines.map(({ id }) => id)).toEqual(DEMO_KIT.machines.map(({ id }) => id));
    expect(machines[0]).toEqual(first);
    expect(machines[1]?.max_A).toBe(155);
  });

  test('an import over a job that was edited is an act of its history, and can be taken back after more work', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const job = tab.useApp.getState().jobs[ID]?.job;
    if (!job) throw new Error('no job');
    await tab.layOnJob(ID, gap(3), 'Gap');
    const kit = tab.useApp.getState().kit.kit;
    const file = { ...job, title: 'From the file', joint: { ...job.joint, gap_mm: 2, length_mm: 999 } };
    await tab.takeInFile({ jobs: [file], kit });
    expect(tab.useApp.getState().jobs[ID]?.history.map(({ title }) => title)).toEqual([
      'Gap',
      'Took in from a file',
    ]);
    const { notice } = tab.useApp.getState();
    await tab.layOnJob(ID, [{ path: 'joint.length_mm', value: 500 }], 'Length');
    notice?.undo?.();
    const now = tab.useApp.getState().jobs[ID]?.job;
    expect(now).toMatchObject({ title: job.title, joint: { gap_mm: 3, length_mm: 500 } });
  });

  test('the bin holds what was deleted, whatever the clock says, until it is emptied', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    tab.deleteJob('vent-cowl');
    await tab.layOnJob(ID, gap(2), 'Gap');
    jest.useFakeTimers({ now: Date.now() + 400 * 24 * 3600 * 1000, doNotFake: ['setTimeout'] });
    const later = await openTab(storage);
    jest.useRealTimers();
    expect(later.binOf(later.useApp.getState().jobs).map(({ job }) => job.id)).toEqual(['vent-cowl']);
    expect(await later.emptyBin()).toBe(1);
    expect(storage.held.has(jobKey('vent-cowl'))).toBe(false);
  });
});

describe('windows and versions', () => {
  test('fast typing in one window never reads as another’s, and no name is cut short', async () => {
    const storage = new MemoryStorage();
    // A machine so slow that nothing comes in the order it was asked for.
    let seed = 7;
    const slow = async () => {
      seed = (seed * 16807) % 2147483647;
      await new Promise((go) => setTimeout(go, seed % 4));
    };
    const [get, put] = [storage.getMany.bind(storage), storage.setMany.bind(storage)];
    storage.getMany = async (keys) => (await slow(), get(keys));
    const tab = await openTab(storage);
    let order: Promise<unknown> = Promise.resolve();
    storage.setMany = (entries) => {
      const done = order.then(slow).then(() => put(entries));
      order = done.catch(() => undefined);
      return done;
    };
    const name = 'Ramp hinge guard, the one by the old slip';
    const saved = Array.from(name, (_, n) =>
      tab.layOnJob(ID, [{ path: 'title', value: name.slice(0, n + 1) }], 'Named the job'),
    );
    await Promise.all(saved);
    expect(jobIn(storage, ID).job.title).toBe(name);
    expect(tab.useApp.getState().notice).toBeNull();
    expect(jobIn(storage, ID).history).toHaveLength(1);
  });

  test('two windows edit one item of the kit, and add and take out others: all of it stays', async () => {
    const storage = new MemoryStorage();
    const [one, two] = [await openTab(storage), await openTab(storage)];
    const [first, second, third] = DEMO_KIT.machines.map(({ id }) => id);
    const spare = { ...(DEMO_KIT.tins[0] ?? { id: '' }), id: 'spare' };
    await Promise.all([
      one.editKitAt([{ path: `machines.${first}.max_A`, value: 111 }], 'Amps'),
      two.editKitAt([{ path: `machines.${first}.name`, value: 'Renamed' }], 'Name'),
      two.editKitAt([{ path: `machines.${second}`, value: undefined }], 'Out'),
      one.editKitAt([{ path: `machines.${third}.min_A`, value: 33 }], 'Amps'),
      one.editKitAt([{ path: 'tins.spare', value: spare }], 'Tin'),
    ]);
    const kit = kitIn(storage);
    expect(kit.machines[0]).toMatchObject({ id: first, max_A: 111, name: 'Renamed' });
    expect(kit.machines.some(({ id }) => id === second)).toBe(false);
    expect(kit.machines.find(({ id }) => id === third)?.min_A).toBe(33);
    expect(kit.tins.at(-1)?.id).toBe('spare');
    await one.takeIn([KIT_KEY]);
    await two.takeIn([KIT_KEY]);
    expect(one.useApp.getState().kit.kit).toEqual(kit);
    expect(two.useApp.getState().kit.kit).toEqual(kit);
  });

  test('a record of a newer app is read, never written over, and an edit begun before it came waits for that app', async () => {
    const storage = new MemoryStorage();
    const tab = await openTab(storage);
    const record = jobIn(storage, ID);
    const newer = JSON.stringify({ version: DATA_VERSION + 1, data: { ...record, later: 'field' } });
    storage.held.set(jobKey(ID), newer);
    expect(await tab.layOnJob(ID, gap(9), 'Gap')).toBe(false);
    expect(storage.held.get(jobKey(ID))).toBe(newer);
    expect(
      [...storage.held].some(([key, text]) => key.startsWith(JOURNAL_PREFIX) && /"value":9/.test(text)),
    ).toBe(true);
    const again = await openTab(storage);
    expect(again.useApp.getState().newer).toEqual({ [jobKey(ID)]: record.job.title });
    expect(again.useApp.getState().jobs[ID]?.job.title).toBe(record.job.title);
    expect(await again.layOnJob(ID, gap(8), 'Gap')).toBe(false);
    again.deleteJob(ID);
    expect(storage.held.get(jobKey(ID))).toBe(newer);
    expect(again.useApp.getState().notice?.words).toMatch(/newer version/);
  });

  test('a whole record that an earlier app set aside as too new comes back by itself', async () => {
    const storage = new MemoryStorage();
    await openTab(storage);
    const text = storage.held.get(jobKey(ID)) ?? '';
    storage.held.delete(jobKey(ID));
    const heldAt = `elbow-room/damaged/${jobKey(ID)}/1700000000000`;
    storage.held.set(
      heldAt,
      JSON.stringify({ key: jobKey(ID), reason: 'it was written by a newer app', text }),
    );
    const { jobs, damaged } = (await openTab(storage)).useApp.getState();
    expect(jobs[ID]).toBeDefined();
    expect(damaged).toEqual([]);
    expect(storage.held.has(heldAt)).toBe(false);
    expect(storage.held.has(jobKey(ID))).toBe(true);
  });
});

describe('last words', () => {
  /** The small storage as the browser keeps it, across a torn-down page. */
  const smallStorage = () => {
    const said = new Map<string, string>();
    const words: LastWords = {
      say: (page) => void said.set(page.key, pageText(page)),
      takeBack: (keys) => keys.forEach((key) => said.delete(key)),
      left: () => new Map(said),
    };
    return { said, words };
  };

  test('a page torn down before the database answered keeps the last key; once it has answered nothing is left said', async () => {
    const storage = new MemoryStorage();
    const { said, words } = smallStorage();
    const tab = await openTab(storage, undefined, words);
    await tab.layOnJob(ID, gap(2), 'Gap');
    expect(said.size).toBe(0);
    storage.powerFor = 0;
    void tab.layOnJob(ID, gap(6), 'Gap');
    expect(said.size).toBe(1);
    storage.powerFor = Infinity;
    Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
    const again = await openTab(storage, undefined, words);
    expect(again.useApp.getState().jobs[ID]?.job.joint.gap_mm).toBe(6);
    expect(jobIn(storage, ID).job.joint.gap_mm).toBe(6);
    expect(said.size).toBe(0);
  });

  test('units chosen in the moment before the page is torn down are there again, on a first visit too', async () => {
    const storage = new MemoryStorage();
    const { said, words } = smallStorage();
    for (const [system, theme] of [
      ['inch', 'daylight'],
      ['inch', 'dark'],
      ['metric', 'dark'],
    ] as const) {
      const tab = await openTab(storage, undefined, words);
      storage.powerFor = 0;
      tab.changeSettings({ system, theme });
      expect(tab.useApp.getState().settings).toMatchObject({ system, theme });
      storage.powerFor = Infinity;
      Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
      const again = await openTab(storage, undefined, words);
      expect(again.useApp.getState().settings).toMatchObject({ system, theme });
      expect(said.size).toBe(0);
    }
    const told = await openTab(storage, undefined, words);
    told.changeSettings({ theme: 'sepia' as never });
    expect(told.useApp.getState().settings.theme).toBe('dark');
    expect(told.useApp.getState().notice?.words).toMatch(/Not kept: theme/);
  });

  test('a word that was taken back, and that the killed browser had not forgotten yet, undoes nothing that came after it', async () => {
    const storage = new MemoryStorage();
    const { said, words } = smallStorage();
    const tab = await openTab(storage, undefined, words);
    const title = (value: string) => tab.layOnJob(ID, [{ path: 'title', value }], 'Title');
    const spoken: [string, string][] = [];
    const say = words.say;
    words.say = (page) => {
      say(page);
      spoken.push([page.key, pageText(page)]);
    };
    await title('To be thro');
    await title('To be thrown away');
    tab.deleteJob(ID);
    await tab.layOnJob(ID, gap(3), 'Gap');
    // What the browser had on its disk: the first of the words, and nothing of their taking back.
    said.clear();
    for (const [key, text] of spoken.slice(0, 1)) said.set(key, text);
    Object.defineProperty(navigator, 'locks', { value: sharedLocks(), configurable: true });
    const again = await openTab(storage, undefined, words);
    expect(again.useApp.getState().jobs[ID]?.job.title).toBe('To be thrown away');
    expect(jobIn(storage, ID)).toMatchObject({ job: { title: 'To be thrown away' } });
    expect(said.size).toBe(0);
    // Two days on the marks that told so are gone.
    const marks = () => [...storage.held.keys()].filter((key) => key.startsWith(LAID_PREFIX));
    expect(marks().length).toBeGreaterThan(0);
    jest.spyOn(Date, 'now').mockReturnValue(Date.now() + 72 * 3600 * 1000);
    await openTab(storage, undefined, words);
    expect(marks()).toEqual([]);
    jest.restoreAllMocks();
  });
});
