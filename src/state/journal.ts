import { nanoid } from 'nanoid/non-secure';
import { z } from 'zod';
import { PREFIX } from './record';
import type { KeyValueStorage } from './storage';

/**
 * Edits on their way into their job. A page is written the moment something is entered, before any waiting, and struck out
 * once the job itself is saved; what a dying phone leaves behind is laid on at the next start.
 */
const JOURNAL_PREFIX = `${PREFIX}pending/`;

const Entry = z.object({
  jobId: z.string(),
  at: z.iso.datetime(),
  title: z.string(),
  edits: z.array(z.object({ path: z.string(), value: z.unknown().optional() })),
});

export interface JournalPage {
  key: string;
  entry: { jobId: string; at: string; title: string; edits: { path: string; value: unknown }[] };
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

/** Pages left over, oldest first. A page that cannot be read holds half an entry at most, and is struck out. */
export async function readJournal(storage: KeyValueStorage): Promise<JournalPage[]> {
  const keys = (await storage.getAllKeys()).filter((key) => key.startsWith(JOURNAL_PREFIX)).sort();
  const found: JournalPage[] = [];
  for (const key of keys) {
    const read = Entry.safeParse(safeJson((await storage.getItem(key)) ?? ''));
    if (read.success) {
      const { edits, ...rest } = read.data;
      found.push({ key, entry: { ...rest, edits: edits.map(({ path, value }) => ({ path, value })) } });
    } else await storage.removeItem(key);
  }
  return found;
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
