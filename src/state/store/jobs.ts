import { blankJob } from '@core/formats/blankJob';
import { sameValue } from '@core/formats/changes';
import { readPath, type Edit } from '@core/formats/edits';
import type { Job } from '@core/formats/job';
import { LONGEST } from '@core/formats/limits';
import type { JobEdit } from '@core/formats/paths';
import { newId } from '../ids';
import { jobKey } from '../keys';
import { get, dismissNotice, now, notify } from './app';
import { edit, put } from './queue';
import { THROWN_AWAY } from './records';

/**
 * Edits a job: checked, shown at once, on disk at once. Laid on what is stored by then, so two windows editing different fields both
 * keep theirs; on the same field the newer shows, the older stays in the history, and that is said.
 * @returns whether it is on disk
 */
export const editJob = (id: string, edits: readonly JobEdit[], title: string): Promise<boolean> =>
  layOnJob(id, edits, title);

/** The same with edits that are no more than text yet, as a history or a file holds them: they are checked as they are laid. */
export const layOnJob = (id: string, edits: readonly Edit[], title: string): Promise<boolean> =>
  edit(jobKey(id), edits, title);

/** Edits a job and offers to take just that back: what was done after it stays. */
export const editWithUndo = (id: string, edits: readonly JobEdit[], title: string, words: string): void =>
  layWithUndo(id, edits, title, words);

/** The same with edits that are no more than text yet. */
export function layWithUndo(id: string, edits: readonly Edit[], title: string, words: string): void {
  const job = get().jobs[id]?.job;
  if (!job) return;
  const before = edits.map(({ path }) => ({ path, value: readPath(job, path) }));
  void layOnJob(id, edits, title);
  // Refused, it has said why already.
  if (get().jobs[id]?.job === job) return;
  notify(words, () => {
    takeBack(id, edits, before, `Undid: ${title}`);
    dismissNotice();
  });
}

/** Puts back what stood before edits, wherever it has not been changed again since. */
export function takeBack(id: string, edits: readonly Edit[], before: readonly Edit[], title: string): void {
  const job = get().jobs[id]?.job;
  if (!job) return;
  const back = before.filter((_, n) => sameValue(readPath(job, edits[n]?.path ?? ''), edits[n]?.value));
  void layOnJob(id, [...back].reverse(), title.slice(0, LONGEST.title));
}

/** Takes the last act on a job back, as an act of its own. */
export function undoJob(id: string): void {
  const record = get().jobs[id];
  const last = record?.history.at(-1);
  if (!record || !last) return;
  const edits = [...last.changes].reverse().map(({ path, before }) => ({ path, value: before }));
  void layOnJob(id, edits, `Undid: ${last.title}`);
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
  void layOnJob(id, edits, `Went back to before: ${target.title}`.slice(0, LONGEST.title));
}

/** A new blank job; answers its id. */
export function newJob(): string {
  const id = newId();
  putJob(blankJob(id, now()));
  return id;
}

/** A job that was made elsewhere; its id is its own. */
export function putJob(job: Job): void {
  void put(jobKey(job.id), { job, history: [], deletedAt: null });
}

/** A copy of a job under a name of its own; answers its id. @param another for another piece: what may kill is asked again */
export function duplicateJob(id: string, another = false): string | null {
  const record = get().jobs[id];
  if (!record) return null;
  const copy: Job = {
    ...record.job,
    // What was done and found belongs to the one it was done on.
    run: { events: {} },
    checks: {},
    permit: blankJob('', '').permit,
    ...(another ? { look: { ...record.job.look, startAt: null, stopWork: {} } } : {}),
    id: newId(),
    createdAt: now(),
    title: `${record.job.title || 'Untitled job'}, copy`.slice(0, LONGEST.title),
  };
  putJob(copy);
  return copy.id;
}

const putAway = (id: string, deletedAt: string | null): Promise<boolean> =>
  edit(
    jobKey(id),
    [{ path: THROWN_AWAY, value: deletedAt }],
    deletedAt === null ? 'Brought back' : 'Deleted',
  );

/** Throws a job into the bin; it can be had back until the bin is emptied. */
export function deleteJob(id: string): void {
  const record = get().jobs[id];
  if (!record) return;
  void binJob(id);
  if (get().jobs[id] === record) return;
  notify(`Deleted: ${record.job.title || 'Untitled job'}. It lies in the bin.`, () => restoreJob(id));
}

/** Into the bin, without a word. */
export const binJob = (id: string): Promise<boolean> => putAway(id, now());

export function restoreJob(id: string): void {
  if (get().jobs[id]) void putAway(id, null);
  dismissNotice();
}
