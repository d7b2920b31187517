import type { Option } from './Pick';

/** A table of words (or of rows with a name) as options to pick from. */
export const optionsOf = <T extends string>(
  table: Readonly<Record<T, string | { name: string }>>,
): Option<T>[] =>
  (Object.entries(table) as [T, string | { name: string }][]).map(([id, row]) => ({
    id,
    name: typeof row === 'string' ? row : row.name,
  }));
