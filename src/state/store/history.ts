import { readPath, type Edit } from '@core/formats/edits';
import type { HistoryEntry } from '../record';

const HISTORY_LENGTH = 200;

export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** What edits would change in a record, before and after. */
export const changesOf = (record: object, edits: readonly Edit[]) =>
  edits.map(({ path, value }) => ({ path, before: readPath(record, path), after: value }));

/** Keystrokes of one entry are one act: joined while they follow one another within so long. */
const SAME_ACT_ms = 8000;

export function remember(
  history: readonly HistoryEntry[],
  entry: HistoryEntry,
  length = HISTORY_LENGTH,
): HistoryEntry[] {
  const last = history.at(-1);
  const paths = ({ changes }: HistoryEntry) => changes.map(({ path }) => path);
  const joins =
    last !== undefined &&
    last.by === entry.by &&
    last.title === entry.title &&
    same(paths(last), paths(entry)) &&
    Date.parse(entry.at) - Date.parse(last.at) < SAME_ACT_ms;
  if (!joins) return [...history, entry].slice(-length);
  const changes = entry.changes.map((change, index) => ({ ...change, before: last.changes[index]?.before }));
  return [...history.slice(0, -1), { ...entry, changes }];
}
