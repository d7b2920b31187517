import Papa from 'papaparse';
import { ok, refuse, type Result } from '../units/result';
import { ELEMENTS, type Elements } from './elements';
import { USUAL_ERROR, usualError } from './usualError';

const COLUMNS = ['element', 'percent', 'error'] as const;
const MOST_TEXT = 200_000;
/** Readings that add up to more than this are not a chemistry, %. */
const MOST_SUM = 103;

/** A chemistry as a table. */
export const writeChemistryCsv = (elements: Elements): string =>
  Papa.unparse(
    {
      fields: [...COLUMNS],
      data: Object.entries(elements).map(([el, { percent, error }]) => [el, percent ?? '', error ?? '']),
    },
    { escapeFormulae: true },
  );

/** A limit over this says too little to count, %. */
const MOST_LIMIT = 50;

/** An analyser's table as it was read, and what stood there that does not count, word for word by `<element>.percent`. */
export interface ReadChemistry {
  elements: Elements;
  typed: Record<string, string>;
}

/**
 * Reads an analyser's table: a line an element, with its percent and, where the instrument gives one, its error. "<0.02" and "ND"
 * are readings too: none found. "<60" is kept as it stands and does not count.
 * @returns readings by element, or a message with the line that is wrong
 */
export function readChemistryCsv(text: string): Result<ReadChemistry> {
  if (text.length > MOST_TEXT)
    return refuse('The table is over 200 kB. One analysis is a few lines: choose another file.');
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trimEnd(), {
    header: true,
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const missing = COLUMNS.slice(0, 2).filter((column) => !(parsed.meta.fields ?? []).includes(column));
  if (missing.length > 0)
    return refuse(`Line 1: no column ${missing.join(', ')}. The first line must be ${COLUMNS.join(',')}.`);
  const elements: Elements = {};
  const typed: Record<string, string> = {};
  for (const [index, row] of parsed.data.entries()) {
    const line = `Line ${index + 2}`;
    const name = (row.element ?? '').trim();
    if (name === '' && (row.percent ?? '').trim() === '') continue;
    const symbol = ELEMENTS.find((el) => el.toLowerCase() === name.toLowerCase());
    if (symbol === undefined)
      return refuse(`${line}: "${name.slice(0, 20)}" is not an element. Write its symbol, such as Cr.`);
    if (Object.hasOwn(elements, symbol)) return refuse(`${line}: ${symbol} stands there twice. Keep one.`);
    const percent = readPercent(row.percent);
    const error = (row.error ?? '').trim() === '' ? null : readPercent(row.error);
    if (percent === null || percent.value > 100)
      return refuse(`${line}: ${symbol} wants a percentage from 0 to 100, such as 18.2.`);
    if ((row.error ?? '').trim() !== '' && (error === null || error.value > 50))
      return refuse(`${line}: the error of ${symbol} wants a percentage from 0 to 50, such as 0.1.`);
    if (!percent.found && percent.value > MOST_LIMIT) {
      elements[symbol] = { percent: null, error: null };
      typed[`${symbol}.percent`] = (row.percent ?? '').trim();
      continue;
    }
    elements[symbol] = {
      percent: percent.found ? percent.value : 0,
      error: error?.value ?? (percent.found ? usualError(percent.value) : percent.value || USUAL_ERROR),
    };
  }
  if (Object.keys(elements).length === 0)
    return refuse(`No element stands under the first line. Write lines such as Cr,18.2,0.1.`);
  const sum = Object.values(elements).reduce((total, { percent }) => total + (percent ?? 0), 0);
  if (sum > MOST_SUM)
    return refuse(`The elements add up to ${sum.toFixed(1)} %. Check for a reading in the wrong unit.`);
  return ok({ elements, typed });
}

/** A reading: a number with or without a sign of percent, or none found, below a limit. */
function readPercent(cell: string | undefined): { value: number; found: boolean } | null {
  const text = (cell ?? '')
    .trim()
    .replace(/%$/, '')
    .trim()
    .replace(/^(\d+),(\d+)$/, '$1.$2');
  if (/^(nd|n\.d\.|lod|< ?lod)$/i.test(text)) return { value: 0, found: false };
  const match = /^(<)?\s*(\d+(?:\.\d+)?|\.\d+)$/.exec(text);
  return match ? { value: Number(match[2]), found: match[1] === undefined } : null;
}
