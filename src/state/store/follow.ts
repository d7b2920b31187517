import { sameValue } from '@core/formats/changes';
import { JOB_PREFIX, jobKey, nameOf } from '../keys';
import { loadChecks } from '../lazyChecks';
import { READ_AT_A_TIME } from '../storage';
import { get, kept, set } from './app';
import { show } from './queue';
import { kindOf } from './records';
import { hear } from './tabs';

/** Takes in what another window stored. */
export async function takeIn(keys: readonly string[]): Promise<void> {
  const checking = await loadChecks();
  const mine = keys.filter((key) => kindOf(key) !== null);
  const texts = await kept.storage.getMany([...mine]);
  for (const key of mine) {
    const kind = kindOf(key);
    const stored = kind?.read(checking, texts[key] ?? null, key);
    if (stored?.kind === 'ok') {
      if (!sameValue(kind?.shown(key), stored.data)) show(key, stored.data);
    } else if (stored?.kind === 'missing' && key.startsWith(JOB_PREFIX)) show(key, null);
    else if (stored?.kind === 'newer')
      set(({ newer }) => ({ newer: { ...newer, [key]: stored.name || nameOf(key) } }));
  }
}

/**
 * Follows what other windows store: as they tell it, and all of it when this one comes to the front again, since a window that was
 * frozen may have missed some. Answers how to stop.
 */
export function followOtherTabs(): () => void {
  const stop = hear((keys) => void takeIn(keys));
  if (typeof document === 'undefined') return stop;
  const look = () => {
    if (document.visibilityState === 'visible' && get().ready) void catchUp();
  };
  document.addEventListener('visibilitychange', look);
  return () => {
    stop();
    document.removeEventListener('visibilitychange', look);
  };
}

/** Takes in whatever is stored otherwise than it is shown. */
async function catchUp(): Promise<void> {
  try {
    const keys = (await kept.storage.getAllKeys()).filter((key) => kindOf(key) !== null);
    const gone = Object.keys(get().jobs)
      .map(jobKey)
      .filter((key) => !keys.includes(key));
    for (let n = 0; n < keys.length; n += READ_AT_A_TIME) await takeIn(keys.slice(n, n + READ_AT_A_TIME));
    await takeIn(gone);
  } catch {
    // The storage does not answer: what is shown stays.
  }
}
