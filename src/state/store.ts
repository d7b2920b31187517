import { nanoid } from 'nanoid/non-secure';
import { create } from 'zustand';
import { applyEdits, readPath, type Edit } from '@core/formats/edits';
import { blankJob } from '@core/formats/blankJob';
import type { Job } from '@core/formats/job';
import { mergeKit, rebaseKit, withoutKit, type Brought } from '@core/formats/merge';
import { DEMO_IDS } from '@/demo/ids';
import { EMPTY_KIT } from '@core/formats/emptyKit';
import type { Kit } from '@core/formats/kit';
import { writeJournal, type JournalPage } from './journal';
import { DAMAGED_PREFIX, JOB_PREFIX, jobKey, KIT_KEY, SETTINGS_KEY, writeRecord } from './keys';
import type * as Checks from './checks';
import { checks } from './late';
import type { HistoryEntry, JobRecord, KitRecord, Settings } from './record';
import { deviceStorage, inTurn, withLock, type KeyValueStorage } from './storage';

/** Something said once across the bottom, with an act to undo where there is one. */
export interface Notice {
  id: string;
  words: string;
  undo?: () => void;
}

/** A record that could not be read: set aside whole, and offered as a file. */
export interface Damaged {
  key: string;
  reason: string;
  text: string;
  /** Where it is kept until somebody lets it go. */
  heldAt: string;
}

export interface AppState {
  /** False until what is stored has been read. */
  ready: boolean;
  jobs: Readonly<Record<string, JobRecord>>;
  kit: KitRecord;
  settings: Settings;
  damaged: readonly Damaged[];
  notice: Notice | null;
  /** Why the last save failed; null while saving works. */
  saveProblem: string | null;
}

const KIT_SHELVES = Object.keys(EMPTY_KIT) as (keyof Kit)[];
const DEFAULT_SETTINGS: Settings = { system: 'metric', theme: 'daylight' };
/** This tab, for as long as it is open. */
const TAB = nanoid(6);
const HISTORY_LENGTH = 200;
const KIT_HISTORY_LENGTH = 20;
const KEEP_DELETED_ms = 7 * 24 * 3600 * 1000;

let storage: KeyValueStorage = deviceStorage;

export const useApp = create<AppState>(() => ({
  ready: false,
  jobs: {},
  kit: { kit: EMPTY_KIT, history: [] },
  settings: DEFAULT_SETTINGS,
  damaged: [],
  notice: null,
  saveProblem: null,
}));

const { setState: set, getState: get } = useApp;
const now = (): string => new Date().toISOString();

/** Reads everything stored. A damaged record is set aside and reported; the rest opens. First visit: the demo yard. */
export async function boot(from: KeyValueStorage = deviceStorage): Promise<void> {
  storage = from;
  const damaged: Damaged[] = [];
  const jobs: Record<string, JobRecord> = {};
  try {
    const checking = await checks();
    for (const page of await checking.readJournal(storage)) await settle(page, null, null);
    const keys = await storage.getAllKeys();
    const first = !keys.includes(KIT_KEY);
    damaged.push(...(await checking.readSetAside(storage)));
    const demo = first ? await import('@/demo/yard') : null;
    const kit = await readOr(
      checking,
      KIT_KEY,
      checking.KitRecord,
      { kit: demo?.DEMO_KIT ?? EMPTY_KIT, history: [] },
      damaged,
    );
    const settings = await readOr(checking, SETTINGS_KEY, checking.Settings, DEFAULT_SETTINGS, damaged);
    for (const key of keys.filter((k) => k.startsWith(JOB_PREFIX))) {
      const record = await readOr<JobRecord | null>(checking, key, checking.JobRecord, null, damaged);
      if (!record) continue;
      if (record.deletedAt !== null && Date.now() - Date.parse(record.deletedAt) > KEEP_DELETED_ms)
        await storage.removeItem(key);
      else jobs[record.job.id] = record;
    }
    if (demo && Object.keys(jobs).length === 0) {
      for (const job of demo.DEMO_JOBS) jobs[job.id] = { job, history: [], deletedAt: null };
      for (const record of Object.values(jobs)) await writeRecord(storage, jobKey(record.job.id), record);
      await writeRecord(storage, KIT_KEY, kit);
    }
    // A kit that had to be set aside leaves an empty one behind, or the next start would take this for a first visit.
    if (damaged.some(({ key }) => key === KIT_KEY) && (await storage.getItem(KIT_KEY)) === null) {
      await writeRecord(storage, KIT_KEY, kit);
    }
    set({ ready: true, jobs, kit, settings, damaged, saveProblem: null, notice: null });
  } catch (error) {
    set({ ready: true, jobs, damaged, saveProblem: saveWords(error) });
  }
}

async function readOr<T>(
  checking: typeof Checks,
  key: string,
  schema: Parameters<typeof Checks.readRecord<T>>[2],
  otherwise: T,
  damaged: Damaged[],
): Promise<T> {
  const stored = await checking.readRecord(storage, key, schema);
  if (stored.kind === 'ok') return stored.data;
  if (stored.kind === 'damaged') {
    damaged.push(await setAside({ key, reason: stored.reason, text: stored.text }));
  }
  return otherwise;
}

/** Puts a damaged record aside, whole, under a key of its own. Where there is no room for that it stays where it is. */
async function setAside(found: Omit<Damaged, 'heldAt'>): Promise<Damaged> {
  const heldAt = `${DAMAGED_PREFIX}${found.key}/${Date.now()}`;
  try {
    await storage.setItem(heldAt, JSON.stringify(found));
    await storage.removeItem(found.key);
    return { ...found, heldAt };
  } catch {
    return { ...found, heldAt: found.key };
  }
}

/** Lets go of a damaged record that was set aside; it can be had back. */
export async function letGo(damaged: Damaged): Promise<void> {
  const text = await storage.getItem(damaged.heldAt);
  await saving(() => storage.removeItem(damaged.heldAt));
  const before = get().damaged;
  set({ damaged: before.filter(({ heldAt }) => heldAt !== damaged.heldAt) });
  say('Let go of a damaged record', () => {
    if (text !== null) void saving(() => storage.setItem(damaged.heldAt, text));
    set({ damaged: before });
    hush();
  });
}

const saveWords = (error: unknown): string =>
  /quota|full/i.test(`${(error as Error)?.name} ${(error as Error)?.message}`)
    ? 'Storage is full: the last change is not saved. Export your jobs, then delete some.'
    : 'This browser refuses to store anything: nothing is saved. Export your jobs before you close it.';

/** Runs a save; a failure is said and stays said until a save works. */
async function saving(work: () => Promise<void>): Promise<void> {
  try {
    await work();
    if (get().saveProblem !== null) set({ saveProblem: null });
  } catch (error) {
    set({ saveProblem: saveWords(error) });
  }
}

export const say = (words: string, undo?: () => void): void =>
  set({ notice: { id: nanoid(6), words, undo } });
export const hush = (): void => set({ notice: null });

const changesOf = (record: object, edits: readonly Edit[]) =>
  edits.map(({ path, value }) => ({ path, before: readPath(record, path), after: value }));

/** Keystrokes of one entry are one act: joined while they follow one another within so long. */
const SAME_ACT_ms = 8000;

function remember(
  history: readonly HistoryEntry[],
  entry: HistoryEntry,
  length = HISTORY_LENGTH,
): HistoryEntry[] {
  const last = history.at(-1);
  const paths = ({ changes }: HistoryEntry) => changes.map(({ path }) => path);
  const joins =
    last !== undefined &&
    last.by === entry.by &&
    last.title === entry.title &&
    same(paths(last), paths(entry)) &&
    Date.parse(entry.at) - Date.parse(last.at) < SAME_ACT_ms;
  if (!joins) return [...history, entry].slice(-length);
  const changes = entry.changes.map((change, index) => ({ ...change, before: last.changes[index]?.before }));
  return [...history.slice(0, -1), { ...entry, changes }];
}

/**
 * Edits a job: shown at once, saved at once. Before anything else the edit goes into the journal, so that a phone dying in the
 * middle loses nothing. Saving lays the edit on what is stored now, so two tabs editing different fields both keep theirs; on
 * the same field the newer shows, the older stays in the history, and that is said.
 */
export function editJob(id: string, edits: readonly Edit[], title: string): Promise<void> {
  const shown = get().jobs[id];
  if (!shown || edits.length === 0) return Promise.resolve();
  const entry: HistoryEntry = { at: now(), by: TAB, title, changes: changesOf(shown.job, edits) };
  set(({ jobs }) => ({
    jobs: {
      ...jobs,
      [id]: { ...shown, job: applyEdits(shown.job, edits), history: remember(shown.history, entry) },
    },
  }));
  return saving(async () => {
    const waiting = [...unsaved.splice(0), { jobId: id, at: entry.at, by: TAB, title, edits: [...edits] }];
    const written = await Promise.allSettled(waiting.map((page) => writeJournal(storage, page)));
    unsaved.unshift(...waiting.filter((_, n) => written[n]?.status === 'rejected'));
    // All of them queue for the job at once, in their order: a later keystroke must not slip in between.
    const settled = written.map((page, n) =>
      page.status === 'fulfilled'
        ? settle(page.value, shown, n === written.length - 1 ? entry : null)
        : false,
    );
    const overruled = (await Promise.all(settled)).at(-1) ?? false;
    if (overruled) say('Another window changed the same entry. Yours shows; theirs is in the history.');
    const refused = written.find((page) => page.status === 'rejected');
    if (refused?.status === 'rejected') throw refused.reason;
  });
}

/** Edits that the storage would not take: tried again, in their order, with the next. */
const unsaved: JournalPage['entry'][] = [];

/**
 * Lays a page of the journal on the stored job and strikes the page out. Nothing happens where another tab has done so already.
 * @returns whether somebody else had changed one of its fields since `entry` was made
 */
function settle(
  page: JournalPage,
  otherwise: JobRecord | null,
  entry: HistoryEntry | null,
): Promise<boolean> {
  const { jobId, at, by, title, edits } = page.entry;
  return withLock(jobKey(jobId), async () => {
    if ((await storage.getItem(page.key)) === null) return false;
    const { readRecord, JobRecord: Checked } = await checks();
    const stored = await readRecord(storage, jobKey(jobId), Checked);
    const base = stored.kind === 'ok' ? stored.data : otherwise;
    if (base) {
      const history = remember(base.history, { at, by, title, changes: changesOf(base.job, edits) });
      await writeRecord(storage, jobKey(jobId), { ...base, job: applyEdits(base.job, edits), history });
    }
    await storage.removeItem(page.key);
    if (!base || !entry || stored.kind !== 'ok') return false;
    return entry.changes.some(({ path, before }) => !same(readPath(base.job, path), before));
  });
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Takes the last act on a job back, as an act of its own. */
export function undoJob(id: string): void {
  const record = get().jobs[id];
  const last = record?.history.at(-1);
  if (!record || !last) return;
  const edits = [...last.changes].reverse().map(({ path, before }) => ({ path, value: before }));
  void editJob(id, edits, `Undid: ${last.title}`);
}

async function putJob(record: JobRecord): Promise<void> {
  set(({ jobs }) => ({ jobs: { ...jobs, [record.job.id]: record } }));
  await saving(() => writeRecord(storage, jobKey(record.job.id), record));
}

/** A new blank job; answers its id. */
export function newJob(): string {
  const id = nanoid(10);
  void putJob({ job: blankJob(id, now()), history: [], deletedAt: null });
  return id;
}

/** A copy of a job under a name of its own; answers its id. */
export function duplicateJob(id: string): string | null {
  const record = get().jobs[id];
  if (!record) return null;
  const copy: Job = {
    ...record.job,
    id: nanoid(10),
    createdAt: now(),
    title: `${record.job.title || 'Untitled job'}, copy`.slice(0, 120),
  };
  void putJob({ job: copy, history: [], deletedAt: null });
  return copy.id;
}

/** Throws a job away; it can be had back for a week. */
export function deleteJob(id: string): void {
  const record = get().jobs[id];
  if (!record) return;
  void putJob({ ...record, deletedAt: now() });
  say(`Deleted: ${record.job.title || 'Untitled job'}`, () => restoreJob(id));
}

export function restoreJob(id: string): void {
  const record = get().jobs[id];
  if (record) void putJob({ ...record, deletedAt: null });
  hush();
}

/** Throws the invented yard away, jobs and kit; what is your own stays, and all of it can be had back. */
export async function clearDemo(): Promise<void> {
  const { DEMO_KIT } = await import('@/demo/yard');
  const { jobs, kit } = get();
  const shown = DEMO_IDS.flatMap((id) => (jobs[id] && jobs[id].deletedAt === null ? [jobs[id]] : []));
  shown.forEach((record) => void putJob({ ...record, deletedAt: now() }));
  void editKit(withoutKit(kit.kit, DEMO_KIT), 'Cleared the demo yard');
  say('The demo yard is cleared', () => {
    shown.forEach((record) => void putJob(record));
    void editKit(kit.kit, 'Brought the demo yard back');
    hush();
  });
}

/** Takes in what a file brought: jobs of the same id are replaced, kit is added to. All of it can be had back at one press. */
export function takeInFile({ jobs, kit }: Brought): void {
  const before = jobs.map((job) => get().jobs[job.id] ?? null);
  const kitBefore = get().kit.kit;
  jobs.forEach((job, n) => void putJob({ job, history: before[n]?.history ?? [], deletedAt: null }));
  const merged = mergeKit(kitBefore, kit);
  if (!same(merged, kitBefore)) void editKit(merged, 'Took in kit from a file');
  const [first] = jobs;
  const words =
    jobs.length === 1 && first
      ? first.title || 'Untitled job'
      : jobs.length === 0
        ? 'kit'
        : `${jobs.length} jobs`;
  say(`Taken in: ${words}`, () => {
    jobs.forEach((job, n) => void putJob(before[n] ?? { job, history: [], deletedAt: now() }));
    void editKit(kitBefore, 'Undid taking in a file');
    hush();
  });
}

/** Takes a job back to how it stood before an act of its history, as an act of its own. */
export function goBackTo(id: string, index: number): void {
  const record = get().jobs[id];
  const target = record?.history[index];
  if (!record || !target) return;
  const edits = record.history
    .slice(index)
    .reverse()
    .flatMap(({ changes }) => [...changes].reverse().map(({ path, before }) => ({ path, value: before })));
  void editJob(id, edits, `Went back to before: ${target.title}`.slice(0, 120));
}

/**
 * Puts a kit in place of the present one; what stood before stays in its history. What another window did to other items meanwhile
 * is kept.
 */
export function editKit(kit: Kit, title: string): Promise<void> {
  const { kit: before, history } = get().kit;
  const changes = KIT_SHELVES.filter((shelf) => !same(before[shelf], kit[shelf])).map((shelf) => ({
    path: shelf,
    before: before[shelf],
    after: kit[shelf],
  }));
  const record: KitRecord = {
    kit,
    history: remember(history, { at: now(), title, changes }, KIT_HISTORY_LENGTH),
  };
  set({ kit: record });
  // In turn rather than under a lock: a lock takes milliseconds in which a dying phone would lose the keystroke.
  return saving(() =>
    inTurn(KIT_KEY, async () => {
      const { readRecord, KitRecord: Checked } = await checks();
      const stored = await readRecord(storage, KIT_KEY, Checked);
      const rebased = stored.kind === 'ok' ? rebaseKit(stored.data.kit, before, kit) : kit;
      await writeRecord(storage, KIT_KEY, { ...record, kit: rebased });
      if (get().kit === record && !same(rebased, kit)) set({ kit: { ...record, kit: rebased } });
    }),
  );
}

export function changeSettings(change: Partial<Settings>): void {
  const settings = { ...get().settings, ...change };
  set({ settings });
  void saving(() => writeRecord(storage, SETTINGS_KEY, settings));
}

/** Takes in what another tab stored. */
export async function takeIn(key: string | null): Promise<void> {
  const { readRecord, JobRecord: CheckedJob, KitRecord: CheckedKit } = await checks();
  if (key?.startsWith(JOB_PREFIX)) {
    const stored = await readRecord(storage, key, CheckedJob);
    if (stored.kind === 'ok') set(({ jobs }) => ({ jobs: { ...jobs, [stored.data.job.id]: stored.data } }));
  } else if (key === KIT_KEY) {
    const stored = await readRecord(storage, KIT_KEY, CheckedKit);
    if (stored.kind === 'ok') set({ kit: stored.data });
  }
}

/** Follows what other tabs store, where the platform tells. Answers how to stop. */
export function followOtherTabs(): () => void {
  if (typeof window === 'undefined' || !window.addEventListener) return () => undefined;
  const listen = (event: StorageEvent) => void takeIn(event.key);
  window.addEventListener('storage', listen);
  return () => window.removeEventListener('storage', listen);
}
