import Papa from 'papaparse';

/** A table as text. A cell that a spreadsheet would run as a formula is written as text, with an apostrophe before it. */
export const writeCsv = (
  columns: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): string =>
  Papa.unparse({ fields: [...columns], data: rows.map((row) => [...row]) }, { escapeFormulae: true });
