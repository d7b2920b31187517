import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** The few calls the stores make of a key-value storage; tests hand in one that fails or is full. */
export interface KeyValueStorage {
  getAllKeys(): Promise<readonly string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  /** All of them or none: one transaction. */
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
}

export const DATABASE = 'elbow-room';

/** The browser's own database: on disk as soon as a call answers. */
export const deviceStorage: KeyValueStorage = createAsyncStorage(DATABASE);

/** One entry; null where there is none. */
export const readOne = async (storage: KeyValueStorage, key: string): Promise<string | null> =>
  (await storage.getMany([key]))[key] ?? null;

/** Whether a storage refused for want of room. A browser's database that is full refuses without a word; nothing else does. */
export const isFull = (error: unknown): boolean =>
  (error instanceof Error && error.message === '') ||
  /quota|full|no space|disk/i.test(`${(error as Error)?.name} ${(error as Error)?.message}`);

const chains = new Map<string, Promise<unknown>>();

/** Runs work on a key after what this window asked of it before, and at once where there is nothing before it. */
function inTurn<T>(key: string, work: () => Promise<T>): Promise<T> {
  const before = chains.get(key) ?? Promise.resolve();
  const run = before.then(work, work);
  chains.set(
    key,
    run.catch(() => undefined),
  );
  return run;
}

/**
 * Runs work on a key while nobody else does: across windows where the browser has locks, else within this one.
 * A read followed by a write has to stand inside one lock, or two windows overwrite each other.
 */
export function withLock<T>(key: string, work: () => Promise<T>): Promise<T> {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  if (locks) return locks.request(`elbow-room/${key}`, work) as Promise<T>;
  return inTurn(key, work);
}

/** So many records are read at a time. */
export const READ_AT_A_TIME = 200;
