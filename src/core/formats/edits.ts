/** One change to a job, as a path and its new value: `joint.gap_mm` set to 2. */
export interface Edit {
  path: string;
  value: unknown;
}

/** Steps of a dotted path. What was typed is kept under the whole path of its field: `typed.joint.gap_mm` is two steps. */
function segments(path: string): [string, ...string[]] {
  const typed = /^typed\.(.+)$/.exec(path);
  return typed ? ['typed', typed[1] ?? ''] : (path.split('.') as [string, ...string[]]);
}

/** The value at a dotted path; undefined where there is none. */
export function readPath(record: object, path: string): unknown {
  return segments(path).reduce<unknown>(
    (at, key) => (at !== null && typeof at === 'object' ? (at as Record<string, unknown>)[key] : undefined),
    record,
  );
}

/** A copy of a record with one path set; undefined takes the key out. Untouched branches are shared. */
export const setPath = <T extends object>(record: T, path: string, value: unknown): T =>
  setAt(record, segments(path), value);

function setAt<T extends object>(record: T, [key, ...rest]: readonly string[], value: unknown): T {
  if (key === undefined) return record;
  const copy = (Array.isArray(record) ? [...(record as unknown[])] : { ...record }) as Record<
    string,
    unknown
  >;
  if (rest.length > 0) copy[key] = setAt((copy[key] ?? {}) as object, rest, value);
  else if (value === undefined) delete copy[key];
  else copy[key] = value;
  return copy as T;
}

/** A copy of a record with edits made in order. */
export const applyEdits = <T extends object>(record: T, edits: readonly Edit[]): T =>
  edits.reduce((at, edit) => setPath(at, edit.path, edit.value), record);
