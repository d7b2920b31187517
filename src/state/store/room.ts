import { jobKey } from '../keys';
import { sweepPhotos } from '../photos';
import { giveReserve } from '../reserve';
import type { JobRecord } from '../record';
import { readOne, withLock } from '../storage';
import { loadChecks } from '../lazyChecks';
import { get, kept, notify } from './app';
import { kindOf } from './records';
import { announce } from './tabs';

/** Jobs thrown away, the latest first. */
export const binOf = (jobs: Readonly<Record<string, JobRecord>>): JobRecord[] =>
  Object.values(jobs)
    .filter(({ deletedAt }) => deletedAt !== null)
    .sort((a, b) => (b.deletedAt ?? '').localeCompare(a.deletedAt ?? ''));

/** Takes jobs out of the bin for good; one that was brought back in another window meanwhile stays. @returns how many went */
export async function takeOutOfBin(ids: readonly string[]): Promise<number> {
  let gone = 0;
  for (const id of ids) {
    const key = jobKey(id);
    const out = await withLock(key, async () => {
      const stored = (await loadChecks()).readJobRecord(await readOne(kept.storage, key), key);
      if (stored.kind === 'newer' || (stored.kind === 'ok' && stored.data.deletedAt === null)) return false;
      await kept.storage.removeMany([key]);
      return true;
    });
    if (!out) continue;
    gone += 1;
    kindOf(key)?.show(key, null);
    announce([key]);
  }
  return gone;
}

/** Pictures that the kit, a job, or what was done to one still names. */
const namedPhotos = (): string => JSON.stringify([get().kit, get().jobs]);

/** Empties the bin and sweeps away pictures that nothing names; what was deleted makes room at once. */
export async function emptyBin(): Promise<number> {
  const gone = await takeOutOfBin(binOf(get().jobs).map(({ job }) => job.id));
  await sweepPhotos(namedPhotos()).catch(() => 0);
  if (gone > 0) await giveReserve();
  return gone;
}

/** Makes room where the storage has none left: the bin goes, and pictures that nothing names. @returns whether there is more room now */
export async function makeRoom(): Promise<boolean> {
  const swept = await sweepPhotos(namedPhotos()).catch(() => 0);
  const gone = await takeOutOfBin(binOf(get().jobs).map(({ job }) => job.id)).catch(() => 0);
  const given = await giveReserve();
  if (gone > 0) notify(`Storage was full: ${gone === 1 ? 'one job' : `${gone} jobs`} in the bin made room.`);
  return swept > 0 || gone > 0 || given;
}
