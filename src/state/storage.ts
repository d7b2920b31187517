import AsyncStorage from '@react-native-async-storage/async-storage';

/** The few calls the stores make of a key-value storage; tests hand in one that fails or is full. */
export interface KeyValueStorage {
  getItem(key: string): Promise<string | null>;
  setItem(key: string, value: string): Promise<void>;
  removeItem(key: string): Promise<void>;
  getAllKeys(): Promise<readonly string[]>;
}

export const deviceStorage: KeyValueStorage = AsyncStorage;

const chains = new Map<string, Promise<unknown>>();

/** Runs work on a key after what this tab asked of it before, and at once where there is nothing before it. */
export function inTurn<T>(key: string, work: () => Promise<T>): Promise<T> {
  const before = chains.get(key) ?? Promise.resolve();
  const run = before.then(work, work);
  chains.set(
    key,
    run.catch(() => undefined),
  );
  return run;
}

/**
 * Runs work on a key while nobody else does: across tabs where the browser has locks, else within this one.
 * A read followed by a write has to stand inside one lock, or two tabs overwrite each other.
 */
export function withLock<T>(key: string, work: () => Promise<T>): Promise<T> {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  if (locks) return locks.request(`elbow-room/${key}`, work) as Promise<T>;
  return inTurn(key, work);
}
