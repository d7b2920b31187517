import { EMPTY_KIT } from '@core/formats/blankKit';
import type * as Checks from '../checks';
import { DAMAGED_PREFIX, JOB_PREFIX, jobKey, KIT_KEY, SETTINGS_KEY, writeRecord } from '../keys';
import { checks } from '../late';
import type { JobRecord } from '../record';
import { deviceStorage, type KeyValueStorage } from '../storage';
import { DEFAULT_SETTINGS, get, hush, kept, saveWords, saving, say, set, type Damaged } from './app';
import { settle } from './jobs';

const KEEP_DELETED_ms = 7 * 24 * 3600 * 1000;

/** Reads everything stored. A damaged record is set aside and reported; the rest opens. First visit: the demo yard. */
export async function boot(from: KeyValueStorage = deviceStorage): Promise<void> {
  kept.storage = from;
  const damaged: Damaged[] = [];
  const jobs: Record<string, JobRecord> = {};
  try {
    const checking = await checks();
    for (const page of await checking.readJournal(kept.storage)) await settle(page, null, null);
    const keys = await kept.storage.getAllKeys();
    const first = !keys.includes(KIT_KEY);
    damaged.push(...(await checking.readSetAside(kept.storage)));
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
        await kept.storage.removeItem(key);
      else jobs[record.job.id] = record;
    }
    if (demo && Object.keys(jobs).length === 0) {
      for (const job of demo.DEMO_JOBS) jobs[job.id] = { job, history: [], deletedAt: null };
      for (const record of Object.values(jobs))
        await writeRecord(kept.storage, jobKey(record.job.id), record);
      await writeRecord(kept.storage, KIT_KEY, kit);
    }
    // A kit that had to be set aside leaves an empty one behind, or the next start would take this for a first visit.
    if (damaged.some(({ key }) => key === KIT_KEY) && (await kept.storage.getItem(KIT_KEY)) === null) {
      await writeRecord(kept.storage, KIT_KEY, kit);
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
  const stored = await checking.readRecord(kept.storage, key, schema);
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
    await kept.storage.setItem(heldAt, JSON.stringify(found));
    await kept.storage.removeItem(found.key);
    return { ...found, heldAt };
  } catch {
    return { ...found, heldAt: found.key };
  }
}

/** Lets go of a damaged record that was set aside; it can be had back. */
export async function letGo(damaged: Damaged): Promise<void> {
  const text = await kept.storage.getItem(damaged.heldAt);
  await saving(() => kept.storage.removeItem(damaged.heldAt));
  const before = get().damaged;
  set({ damaged: before.filter(({ heldAt }) => heldAt !== damaged.heldAt) });
  say('Let go of a damaged record', () => {
    if (text !== null) void saving(() => kept.storage.setItem(damaged.heldAt, text));
    set({ damaged: before });
    hush();
  });
}

/** Takes in what another tab stored. */
export async function takeIn(key: string | null): Promise<void> {
  const { readRecord, JobRecord: CheckedJob, KitRecord: CheckedKit } = await checks();
  if (key?.startsWith(JOB_PREFIX)) {
    const stored = await readRecord(kept.storage, key, CheckedJob);
    if (stored.kind === 'ok') set(({ jobs }) => ({ jobs: { ...jobs, [stored.data.job.id]: stored.data } }));
  } else if (key === KIT_KEY) {
    const stored = await readRecord(kept.storage, KIT_KEY, CheckedKit);
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
