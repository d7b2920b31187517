import older from '@react-native-async-storage/async-storage';
import { JOB_PREFIX, PREFIX, TAKEN_OVER_KEY } from './keys';
import { readOne, type KeyValueStorage } from './storage';

/** Where an earlier app kept everything: the browser's small storage. */
export const olderStorage: KeyValueStorage = older;

/**
 * Takes over what an earlier app kept in the browser's small storage: all of it in one transaction, read back and held against what
 * was there, and only then taken away. Broken off anywhere, it begins again at the next start.
 *
 * What an old window writes there after that is taken over too. Where it is of a job that has been changed here since, it becomes a job
 * of its own beside it, so that neither is lost.
 */
export async function takeOver(from: KeyValueStorage, to: KeyValueStorage): Promise<void> {
  const keys = (await from.getAllKeys()).filter((key) => key.startsWith(PREFIX));
  if (keys.length === 0) return;
  const texts = await from.getMany(keys);
  const isLate = (await readOne(to, TAKEN_OVER_KEY)) !== null;
  const here = isLate ? await to.getMany(keys) : {};
  const entries: Record<string, string> = { [TAKEN_OVER_KEY]: new Date().toISOString() };
  for (const key of keys) {
    const text = texts[key] ?? null;
    if (text === null || here[key] === text) continue;
    if ((here[key] ?? null) === null) entries[key] = text;
    else if (key.startsWith(JOB_PREFIX)) Object.assign(entries, besideIt(key, text));
  }
  await to.setMany(entries);
  const back = await to.getMany(Object.keys(entries));
  if (Object.entries(entries).every(([key, text]) => back[key] === text)) await from.removeMany(keys);
}

/** A job's record under an id of its own. */
function besideIt(key: string, text: string): Record<string, string> {
  const id = `${key.slice(JOB_PREFIX.length)}-older`;
  try {
    const record = JSON.parse(text) as { data: { job: { title: string } } };
    const job = {
      ...record.data.job,
      id,
      title: `${record.data.job.title}, from the older window`.slice(0, 120),
    };
    return { [`${JOB_PREFIX}${id}`]: JSON.stringify({ ...record, data: { ...record.data, job } }) };
  } catch {
    return { [`${JOB_PREFIX}${id}`]: text };
  }
}
