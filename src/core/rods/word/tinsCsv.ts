import Papa from 'papaparse';
import { ROD_CLASS_IDS } from '../../data/rods';
import { ROD_SIZE_IDS } from '../../data/rodSizes';
import { TIN_EVENT_IDS } from '../../data/tinEvents';
import { decodeRod } from './decode';
import { ok, refuse, type Result } from '../../units/result';
import { explainIssue } from '../../formats/jobFile';
import { Tin } from '../../formats/kit';

const NEEDED = ['class', 'size_in', 'rods', 'low_A', 'high_A', 'note'] as const;
/** The word on the rods, what happened to the tin and how long its rods are came later: older tables are without them. */
const COLUMNS = [...NEEDED, 'printed', 'events', 'length_mm'] as const;
const MOST_TEXT = 1_000_000;

/** The tins as a table. A cell that a spreadsheet would run as a formula is written as text, with an apostrophe before it. */
export function writeTinsCsv(tins: readonly Tin[]): string {
  const rows = tins.map(({ rodClass, size, count, low_A, high_A, note, printed, events, length_mm }) => [
    rodClass,
    size,
    count ?? '',
    low_A ?? '',
    high_A ?? '',
    note,
    printed,
    events.map(({ kind, at }) => `${kind} ${at}`).join('; '),
    length_mm ?? '',
  ]);
  return Papa.unparse({ fields: [...COLUMNS], data: rows }, { escapeFormulae: true });
}

/**
 * Reads a table of tins.
 * @param newId makes an id for each row
 * @returns the tins, or a message with the line that is wrong
 */
export function readTinsCsv(text: string, newId: () => string): Result<Tin[]> {
  if (text.length > MOST_TEXT)
    return refuse('The table is over 1 MB. A table of tins is far smaller: choose another.');
  const parsed = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: 'greedy' });
  const missing = NEEDED.filter((column) => !(parsed.meta.fields ?? []).includes(column));
  if (missing.length > 0)
    return refuse(`Line 1: no column ${missing.join(', ')}. The first line must be ${NEEDED.join(',')}.`);
  const tins: Tin[] = [];
  for (const [index, row] of parsed.data.entries()) {
    const line = index + 2;
    const read = Tin.safeParse({
      id: newId(),
      rodClass: classOf(row.class ?? ''),
      size: row.size_in,
      count: number(row.rods),
      low_A: number(row.low_A),
      high_A: number(row.high_A),
      length_mm: number(row.length_mm),
      note: plain(row.note),
      printed: plain(row.printed),
      events: eventsOf(row.events ?? ''),
      typed: {},
    });
    if (!read.success) {
      const hint = read.error.issues[0]?.path[0];
      const expected =
        hint === 'rodClass'
          ? `class: one of ${ROD_CLASS_IDS.join(', ')}`
          : hint === 'size'
            ? `size_in: one of ${ROD_SIZE_IDS.join(', ')}`
            : hint === 'events'
              ? `events: such as opened 2026-03-02T07:00:00.000Z; one of ${TIN_EVENT_IDS.join(', ')} and a time`
              : explainIssue(read.error);
      return refuse(`Line ${line}: ${expected}.`);
    }
    tins.push(read.data);
  }
  return ok(tins);
}

/** A class as the tables have it, or whatever word stands for one: `7018-1`, `e309l-17`. */
function classOf(cell: string): string {
  const decoded = decodeRod(cell);
  return (decoded.kind === 'word' ? decoded.word.plannedAs : null) ?? cell;
}

/** What happened to a tin, as `opened 2026-03-02T07:00:00.000Z; oven …`. */
const eventsOf = (cell: string): unknown[] =>
  cell
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const [kind, at] = part.split(/\s+/);
      return { kind, at };
    });

/** A cell without the apostrophe that kept a spreadsheet from running it. */
const plain = (cell: string | undefined): string => (cell ?? '').replace(/^'(?=[=+\-@\t\r])/, '');

/** A cell as a number; null where it is empty, not a number where it is anything else. */
const number = (cell: string | undefined): number | null =>
  cell === undefined || cell.trim() === '' ? null : Number(cell);
