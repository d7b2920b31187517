import { sameValue } from '@core/formats/changes';
import type { HistoryEntry } from '../record';

const HISTORY_LENGTH = 200;

/** Keystrokes of one entry are one act: joined while they follow one another within so long. */
const SAME_ACT_ms = 8000;

/** A history with one act more; keystrokes of one entry are joined into one act. */
export function remember(
  history: readonly HistoryEntry[],
  entry: HistoryEntry,
  length = HISTORY_LENGTH,
): HistoryEntry[] {
  const last = history.at(-1);
  const paths = ({ changes }: HistoryEntry) => changes.map(({ path }) => path);
  const after = last ? Date.parse(entry.at) - Date.parse(last.at) : NaN;
  const joins =
    last !== undefined &&
    last.by === entry.by &&
    last.title === entry.title &&
    sameValue(paths(last), paths(entry)) &&
    after >= 0 &&
    after < SAME_ACT_ms;
  if (!joins) return [...history, entry].slice(-length);
  const changes = entry.changes.map((change, index) => ({ ...change, before: last.changes[index]?.before }));
  return [...history.slice(0, -1), { ...entry, changes }];
}
