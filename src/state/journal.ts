import { nanoid } from 'nanoid/non-secure';
import { JOURNAL_PREFIX } from './keys';
import type { KeyValueStorage } from './storage';

/**
 * An edit on its way into its job. A page is written the moment something is entered, before any waiting, and struck out once
 * the job itself is saved; what a dying phone leaves behind is laid on at the next start.
 */
export interface JournalPage {
  key: string;
  entry: {
    jobId: string;
    at: string;
    by?: string | undefined;
    title: string;
    edits: { path: string; value: unknown }[];
  };
}

let pages = 0;

/** Writes a page; on the web the storage takes it before this returns. */
export async function writeJournal(
  storage: KeyValueStorage,
  entry: JournalPage['entry'],
): Promise<JournalPage> {
  pages += 1;
  const key = `${JOURNAL_PREFIX}${Date.now()}-${String(pages).padStart(8, '0')}-${nanoid(4)}`;
  await storage.setItem(key, JSON.stringify(entry));
  return { key, entry };
}
