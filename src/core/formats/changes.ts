import type { Edit } from './edits';

/** Whether two values as they are stored are the same; the order of keys counts for nothing. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (Array.isArray(a) || Array.isArray(b))
    return (
      Array.isArray(a) &&
      Array.isArray(b) &&
      a.length === b.length &&
      a.every((one, n) => sameValue(one, b[n]))
    );
  if (!isBag(a) || !isBag(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => sameValue(a[key], b[key]));
}

type Bag = Readonly<Record<string, unknown>>;
const isBag = (value: unknown): value is Bag =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * The edits that make one record of another, leaf by leaf: a list counts as one leaf, and so does a part that the other lacks. What
 * was typed stands under the whole path of its field, so it is two steps deep and no more.
 */
export function changesBetween(before: object, after: object): Edit[] {
  return leaves(before as Bag, after as Bag, '');
}

function leaves(before: Bag, after: Bag, at: string): Edit[] {
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])];
  return keys.flatMap((key): Edit[] => {
    const [was, is] = [before[key], after[key]];
    if (sameValue(was, is)) return [];
    const path = at + key;
    return isBag(was) && isBag(is) ? leaves(was, is, `${path}.`) : [{ path, value: is }];
  });
}
