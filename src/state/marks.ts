import type { JournalPage } from './journal';
import { JOURNAL_PREFIX, LAID_PREFIX, PREFIX } from './keys';

/**
 * How far a window's pages are laid on a record, written in the transaction that lays them. A browser takes its time to forget a last
 * word that was taken back: killed before that, it says the word again, and only the mark tells that it is an old one.
 */

const markKey = (window: string, record: string): string =>
  `${LAID_PREFIX}${window}/${record.slice(PREFIX.length)}`;

/** What is written beside a record once these pages, in their order, are laid on it. */
export function marksOf(pages: readonly JournalPage[]): Record<string, string> {
  return Object.fromEntries(
    pages.flatMap((page) => (page.by ? [[markKey(page.by, page.record), page.key]] : [])),
  );
}

/** True where a page, or a later one of its window, was laid on its record: nothing of it is missing. */
export function isLaid({ by, record, key }: JournalPage, marks: ReadonlyMap<string, string>): boolean {
  const mark = by ? marks.get(markKey(by, record)) : undefined;
  return mark !== undefined && key <= mark;
}

/** Marks this old are of no use: whatever the browser was to forget is forgotten. */
const KEPT_ms = 48 * 3600 * 1000;

/** Marks that may go. */
export const oldMarks = (marks: ReadonlyMap<string, string>, now_ms: number): string[] =>
  [...marks].flatMap(([key, page]) =>
    Number.parseInt(page.slice(JOURNAL_PREFIX.length), 10) < now_ms - KEPT_ms ? [key] : [],
  );
