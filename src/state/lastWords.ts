import type { JournalPage } from './journal';
import { pageText } from './journal';

/**
 * The database answers a moment after it was asked. A page torn down in that moment, as by a reload right after a key, would lose the
 * key: so an edit is also said into the small storage, which takes it at once, and taken back as soon as the database has it.
 */
export interface LastWords {
  say(page: JournalPage): void;
  takeBack(keys: readonly string[]): void;
  /** What was said and never taken back: texts by the keys of their pages. */
  left(): ReadonlyMap<string, string>;
}

const PREFIX = 'elbow-last/';

/** In the browser's small storage; where that is refused or full, the database's own word has to do. */
export const deviceWords: LastWords = {
  say: (page) => quietly(() => window.localStorage.setItem(PREFIX + page.key, pageText(page)), undefined),
  takeBack: (keys) =>
    quietly(() => keys.forEach((key) => window.localStorage.removeItem(PREFIX + key)), undefined),
  left: () =>
    quietly(() => {
      const keys = Object.keys(window.localStorage).filter((key) => key.startsWith(PREFIX));
      return new Map(
        keys.sort().map((key) => [key.slice(PREFIX.length), window.localStorage.getItem(key) ?? '']),
      );
    }, new Map<string, string>()),
};

/** Nothing is said: for a storage that takes everything at once. */
export const noWords: LastWords = { say: () => undefined, takeBack: () => undefined, left: () => new Map() };

function quietly<T>(work: () => T, otherwise: T): T {
  try {
    return work();
  } catch {
    return otherwise;
  }
}
