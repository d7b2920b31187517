import type * as StoreModule from '@/state/store';
import { jobKey } from '@/state/keys';
import { JobRecord } from '@/state/record';
import { noWords, type LastWords } from '@/state/lastWords';
import type { KeyValueStorage } from '@/state/storage';

type Store = typeof StoreModule;

/** A window that is closed takes its timers with it: none of a test's tries again in the next, or after the last. */
const startTimer = globalThis.setTimeout;
const timers: ReturnType<typeof setTimeout>[] = [];
beforeEach(() => {
  const started = (...args: Parameters<typeof setTimeout>) => {
    const timer = startTimer(...args);
    timers.push(timer);
    return timer;
  };
  globalThis.setTimeout = Object.assign(started, startTimer) as typeof setTimeout;
});
afterEach(() => {
  globalThis.setTimeout = startTimer;
  timers.splice(0).forEach(clearTimeout);
});

async function until(isSo: () => boolean): Promise<void> {
  while (!isSo()) await new Promise((go) => setTimeout(go, 1));
}

/** Waits until all that a window entered is on disk. */
export const settled = (tab: Store): Promise<void> => until(() => !tab.isOwing());

/** A storage in memory that can be full, and that lets other work in between, as a real one may. */
export class MemoryStorage implements KeyValueStorage {
  readonly held = new Map<string, string>();
  full = false;
  /** Calls left before the power goes; later ones never answer. */
  powerFor = Infinity;

  /** Every text that was ever put, by key, in the order of its putting. */
  readonly put: [string, string][] = [];

  private async step() {
    if (this.powerFor-- <= 0) await new Promise(() => undefined);
  }
  async getMany(keys: string[]) {
    await this.step();
    await Promise.resolve();
    return Object.fromEntries(keys.map((key) => [key, this.held.get(key) ?? null]));
  }
  // All or none, and taken before it returns, as a transaction that was begun is carried out in its turn.
  setMany(entries: Record<string, string>) {
    if (this.powerFor-- <= 0) return new Promise<void>(() => undefined);
    if (this.full)
      return Promise.reject(new DOMException('the quota has been exceeded', 'QuotaExceededError'));
    for (const [key, value] of Object.entries(entries)) {
      this.held.set(key, value);
      this.put.push([key, value]);
    }
    return Promise.resolve();
  }
  async removeMany(keys: string[]) {
    await this.step();
    keys.forEach((key) => this.held.delete(key));
  }
  async getAllKeys() {
    await this.step();
    return [...this.held.keys()];
  }
}

/** Waits until something that was begun has met the end of the power, or is done before it. */
export async function powerOut(storage: MemoryStorage, begun: Promise<unknown>): Promise<void> {
  let done = false;
  void begun.finally(() => (done = true));
  await until(() => done || storage.powerFor < 0);
}

/** The browser's locks: one queue a name, shared by every tab. */
export function sharedLocks() {
  const chains = new Map<string, Promise<unknown>>();
  return {
    request: (name: string, work: () => Promise<unknown>) => {
      const run = (chains.get(name) ?? Promise.resolve()).then(work, work);
      chains.set(
        name,
        run.catch(() => undefined),
      );
      return run;
    },
  };
}

/** One tab: its own copy of the stores over a shared storage. */
export async function openTab(
  storage: KeyValueStorage,
  older: KeyValueStorage = new MemoryStorage(),
  words: LastWords = noWords,
): Promise<Store> {
  let store: Store | undefined;
  jest.isolateModules(() => {
    store = jest.requireActual<Store>('@/state/store');
  });
  if (!store) throw new Error('no store');
  await store.boot(storage, older, words);
  return store;
}

export const jobIn = (storage: MemoryStorage, id: string) =>
  JobRecord.parse(JSON.parse(storage.held.get(jobKey(id)) ?? 'null').data);
