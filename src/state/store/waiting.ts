import { pageText, type JournalPage } from '../journal';
import { set, type Damaged } from './app';

/** Says that an edit could not be laid on its record; it stays in the journal and is offered. */
export function setWaiting(page: JournalPage, reason: string): void {
  const waiting: Damaged = {
    key: page.record,
    reason: `"${page.title}" could not be laid on it: ${reason}`,
    text: pageText(page),
    heldAt: page.key,
  };
  set(({ damaged }) => ({ damaged: [...damaged.filter(({ heldAt }) => heldAt !== page.key), waiting] }));
}
