import { nanoid } from 'nanoid/non-secure';
import { blankJob } from '@core/formats/blankJob';
import { applyEdits, readPath, type Edit } from '@core/formats/edits';
import type { Job } from '@core/formats/job';
import { writeJournal, type JournalPage } from '../journal';
import { jobKey, writeRecord } from '../keys';
import { checks } from '../late';
import type { HistoryEntry, JobRecord } from '../record';
import { withLock } from '../storage';
import { get, hush, kept, now, saving, say, set } from './app';
import { changesOf, remember, same } from './history';

/** This tab, for as long as it is open. */
const TAB = nanoid(6);

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
    const written = await Promise.allSettled(waiting.map((page) => writeJournal(kept.storage, page)));
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
export function settle(
  page: JournalPage,
  otherwise: JobRecord | null,
  entry: HistoryEntry | null,
): Promise<boolean> {
  const { jobId, at, by, title, edits } = page.entry;
  return withLock(jobKey(jobId), async () => {
    if ((await kept.storage.getItem(page.key)) === null) return false;
    const { readRecord, JobRecord: Checked } = await checks();
    const stored = await readRecord(kept.storage, jobKey(jobId), Checked);
    const base = stored.kind === 'ok' ? stored.data : otherwise;
    if (base) {
      const history = remember(base.history, { at, by, title, changes: changesOf(base.job, edits) });
      await writeRecord(kept.storage, jobKey(jobId), { ...base, job: applyEdits(base.job, edits), history });
    }
    await kept.storage.removeItem(page.key);
    if (!base || !entry || stored.kind !== 'ok') return false;
    return entry.changes.some(({ path, before }) => !same(readPath(base.job, path), before));
  });
}

/** Takes the last act on a job back, as an act of its own. */
export function undoJob(id: string): void {
  const record = get().jobs[id];
  const last = record?.history.at(-1);
  if (!record || !last) return;
  const edits = [...last.changes].reverse().map(({ path, before }) => ({ path, value: before }));
  void editJob(id, edits, `Undid: ${last.title}`);
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

/** Shows a job as it is given, and stores it. */
export async function putJob(record: JobRecord): Promise<void> {
  set(({ jobs }) => ({ jobs: { ...jobs, [record.job.id]: record } }));
  await saving(() => writeRecord(kept.storage, jobKey(record.job.id), record));
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
