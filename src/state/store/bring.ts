import { changesBetween } from '@core/formats/changes';
import { readPath, type Edit } from '@core/formats/edits';
import type { Job } from '@core/formats/job';
import type { Kit } from '@core/formats/kit';
import { kitChanges } from '@core/formats/kitEdits';
import { mergeKit, withoutKit } from '@core/formats/merge';
import { DEMO_IDS } from '@/demo/ids';
import { envelope, jobKey } from '../keys';
import { get, dismissNotice, isForRoom, kept, notify, set } from './app';
import { binJob, layOnJob, restoreJob, takeBack } from './jobs';
import { editKitAt, takeKitBack, wayBack } from './kit';
import { makeRoom } from './room';
import { announce } from './tabs';

/** Throws the invented yard away, jobs and kit; what is your own stays, and all of it can be had back. */
export async function clearDemo(): Promise<void> {
  const { DEMO_KIT } = await import('@/demo/yard');
  const { jobs, kit } = get();
  const shown = DEMO_IDS.filter((id) => jobs[id] && jobs[id].deletedAt === null);
  shown.forEach((id) => void binJob(id));
  const edits = kitChanges(kit.kit, withoutKit(kit.kit, DEMO_KIT));
  const back = wayBack(edits);
  void editKitAt(edits, 'Cleared the demo yard');
  notify('The demo yard is cleared', () => {
    shown.forEach(restoreJob);
    takeKitBack(edits, back, 'Brought the demo yard back');
    dismissNotice();
  });
}

/** So many new jobs are stored in one transaction. */
const AT_A_TIME = 40;
const TOOK_IN = 'Took in from a file';

/** What taking a file in came to. */
export type TakenIn = { ok: true } | { ok: false; message: string };

/**
 * Takes in what a file brought. New jobs are stored, all of them or none; a job that is here already is edited to what the file says, as
 * an act of its history; the kit is added to. It is said to be taken in once it lies on disk, and can be had back at one press: what was
 * done after it stays.
 * @param onDone called as it goes: so many of so many jobs
 */
export async function takeInFile(
  { jobs, kit }: { jobs: readonly Job[]; kit: Kit },
  onDone: (done: number, of: number) => void = () => undefined,
): Promise<TakenIn> {
  const fresh = jobs.filter(({ id }) => !get().jobs[id]);
  const known = jobs.filter(({ id }) => get().jobs[id]);
  const stored = await storeNew(fresh, (done) => onDone(done, jobs.length));
  if (!stored.ok) return stored;

  const acts: { id: string; edits: Edit[]; before: Edit[]; wasBinned: boolean }[] = [];
  for (const job of known) {
    const record = get().jobs[job.id];
    if (!record) continue;
    const edits = changesBetween(record.job, job).filter(({ path }) => path !== 'id' && path !== 'createdAt');
    const before = edits.map(({ path }) => ({ path, value: readPath(record.job, path) }));
    const wasBinned = record.deletedAt !== null;
    if (wasBinned) restoreJob(job.id);
    if (edits.length > 0 && !(await layOnJob(job.id, edits, TOOK_IN))) return refusal();
    acts.push({ id: job.id, edits, before, wasBinned });
    onDone(fresh.length + acts.length, jobs.length);
  }

  const kitEdits = kitChanges(get().kit.kit, mergeKit(get().kit.kit, kit));
  const kitBack = wayBack(kitEdits);
  if (kitEdits.length > 0 && !(await editKitAt(kitEdits, 'Took in kit from a file'))) return refusal();

  notify(`Taken in: ${wordsFor(jobs)}`, () => {
    fresh.forEach(({ id }) => void binJob(id));
    for (const { id, edits, before, wasBinned } of acts) {
      if (edits.length > 0) takeBack(id, edits, before, 'Undid taking in a file');
      if (wasBinned) void binJob(id);
    }
    takeKitBack(kitEdits, kitBack, 'Undid taking in a file');
    dismissNotice();
  });
  return { ok: true };
}

const refusal = (): TakenIn => ({
  ok: false,
  message: get().saveProblem ?? get().notice?.words ?? 'It could not be stored.',
});

function wordsFor(jobs: readonly Job[]): string {
  const [first] = jobs;
  if (jobs.length === 1 && first) return first.title || 'Untitled job';
  return jobs.length === 0 ? 'kit' : `${jobs.length} jobs`;
}

/** Stores jobs that are not here yet: all of them, or none. */
async function storeNew(jobs: readonly Job[], onDone: (done: number) => void): Promise<TakenIn> {
  const records = jobs.map((job) => ({ job, history: [], deletedAt: null }));
  const done: string[] = [];
  for (let n = 0; n < records.length; n += AT_A_TIME) {
    const some = records.slice(n, n + AT_A_TIME);
    const entries = Object.fromEntries(some.map((record) => [jobKey(record.job.id), envelope(record)]));
    try {
      await storeSome(entries);
    } catch (error) {
      await kept.storage.removeMany(done).catch(() => undefined);
      return {
        ok: false,
        message: (await isForRoom(error))
          ? `Storage is full: there was room for ${n} of ${jobs.length} jobs, so none was taken in. Delete jobs or pictures, then take it in again.`
          : 'This browser refuses to store anything: nothing was taken in.',
      };
    }
    done.push(...Object.keys(entries));
    onDone(done.length);
  }
  set(({ jobs: here }) => ({
    jobs: { ...here, ...Object.fromEntries(records.map((record) => [record.job.id, record])) },
  }));
  if (done.length > 0) announce(done);
  return { ok: true };
}

async function storeSome(entries: Record<string, string>): Promise<void> {
  try {
    await kept.storage.setMany(entries);
  } catch (error) {
    if (!(await isForRoom(error)) || !(await makeRoom())) throw error;
    await storeSome(entries);
  }
}
