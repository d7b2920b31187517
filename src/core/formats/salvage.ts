import type { z } from 'zod';
import { explainIssue } from './jobFile';

/** A part of a record that could not stand: where it stood, what it was, and what was expected there. */
export interface LostPart {
  /** An item of a list that has an id goes by it. */
  path: readonly string[];
  value: unknown;
  reason: string;
}

/** So many parts may be wrong before the whole record counts as damaged. */
const MOST_LOST = 60;

/**
 * Keeps what can be kept of a record that does not pass its schema: the parts that are wrong are taken out, smallest first, and
 * answered beside it. A text or a list that is too long is cut; the whole of it is among what was lost.
 * @param blank a record of the kind of which nothing is known: what stands in place of a part taken out
 * @returns null where too much is wrong, or a whole section is missing: that is a record of something else
 */
export function salvage<T>(
  schema: z.ZodType<T>,
  data: unknown,
  blank: unknown,
): { data: T; lost: LostPart[] } | null {
  let record = data;
  const lost: LostPart[] = [];
  for (let round = 0; round <= MOST_LOST; round++) {
    const read = schema.safeParse(record);
    if (read.success) return { data: read.data, lost };
    const mended = mend(schema, record, read.error, blank);
    if (!mended) return null;
    if (mended.value !== undefined)
      lost.push({ path: named(record, mended.path), value: mended.value, reason: explainIssue(read.error) });
    record = mended.record;
  }
  return null;
}

/** A record without the first thing wrong in it, or with as little round that taken out as has to go with it. */
function mend(
  schema: z.ZodType,
  record: unknown,
  error: z.ZodError,
  blank: unknown,
): { record: unknown; path: readonly string[]; value: unknown } | null {
  const [issue] = error.issues;
  const whole = issue?.path.map(String) ?? [];
  for (let depth = whole.length; depth > 0; depth--) {
    const path = whole.slice(0, depth);
    const value = valueAt(record, path);
    const usual = valueAt(blank, path);
    if (value === undefined && typeof usual === 'object' && usual !== null && !Array.isArray(usual))
      return null;
    const most = issue?.code === 'too_big' && depth === whole.length ? Number(issue.maximum) : null;
    const shorter =
      most !== null && (typeof value === 'string' || Array.isArray(value)) ? value.slice(0, most) : undefined;
    const puts = [shorter, usual, null].filter((put) => put !== undefined && put !== value);
    const put = puts
      .map((candidate) => withValue(record, path, candidate))
      .find((candidate) => !isWrongAt(schema, candidate, path));
    if (put !== undefined) return { record: put, path, value };
    const out = withValue(record, path, undefined);
    const left = schema.safeParse(out);
    if (left.success || left.error.issues.length < error.issues.length) return { record: out, path, value };
  }
  return null;
}

/** Whether a record is refused at a path or below it. */
function isWrongAt(schema: z.ZodType, record: unknown, path: readonly string[]): boolean {
  const read = schema.safeParse(record);
  if (read.success) return false;
  return read.error.issues.some((issue) => path.every((step, n) => String(issue.path[n]) === step));
}

type Bag = Record<string, unknown>;

/** A path with ids in place of places in a list. */
function named(record: unknown, path: readonly string[]): string[] {
  return path.map((key, n) => {
    const item = Array.isArray(valueAt(record, path.slice(0, n)))
      ? valueAt(record, path.slice(0, n + 1))
      : null;
    const id = typeof item === 'object' && item !== null ? (item as Bag).id : null;
    return typeof id === 'string' && id !== '' ? id : key;
  });
}

const valueAt = (record: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Bag)[key] : undefined),
    record,
  );

/** A copy of a record with one value put at a path, step by step; undefined takes the entry out of its list or group. */
function withValue(record: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  const holder = (typeof record === 'object' && record !== null ? record : {}) as Bag;
  const inner = rest.length === 0 ? value : withValue(holder[key], rest, value);
  if (Array.isArray(holder))
    return inner === undefined
      ? holder.filter((_, n) => String(n) !== key)
      : (holder as unknown[]).map((one, n) => (String(n) === key ? inner : one));
  const entries = Object.entries(holder).filter(([step]) => step !== key);
  return Object.fromEntries(inner === undefined ? entries : [...entries, [key, inner]]);
}
