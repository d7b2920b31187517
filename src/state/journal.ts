import { nanoid } from 'nanoid/non-secure';
import type { Edit } from '@core/formats/edits';
import { DATA_VERSION } from '@core/formats/upgrade';
import { JOURNAL_PREFIX } from './keys';

/**
 * An edit on its way into its record. A page is written the moment something is entered, before any waiting, and struck out in the
 * same transaction that stores the record; what a dying phone leaves behind is laid on at the next start.
 */
export interface JournalPage {
  key: string;
  /** Version of the app that wrote it. */
  version: number;
  /** Key of the record it belongs to. */
  record: string;
  at: string;
  by?: string | undefined;
  title: string;
  edits: readonly Edit[];
}

/** What stands in place of a page that has been laid on: it is taken away when there is time. */
export const STRUCK_OUT = '';

let pages = 0;
let last_ms = 0;

/** A new page. Its key sorts after those this window wrote before it, whatever the clock does. */
export function newPage(page: Omit<JournalPage, 'key' | 'version'>): JournalPage {
  pages += 1;
  last_ms = Math.max(last_ms, Date.now());
  const key = `${JOURNAL_PREFIX}${last_ms}-${String(pages).padStart(8, '0')}-${nanoid(4)}`;
  return { key, version: DATA_VERSION, ...page };
}

/** A page as it is stored. A path set to nothing is written down too. */
export function pageText({ version, record, at, by, title, edits }: JournalPage): string {
  return JSON.stringify({
    version,
    record,
    at,
    by,
    title,
    edits: edits.map(({ path, value }) => ({ path, value })),
  });
}
