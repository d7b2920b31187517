import { readPath, setPath, type Edit } from './edits';
import type { Kit } from './kit';
import { changesBetween, sameValue } from './changes';

/**
 * Changes to a kit, item by item, so that two windows and an undo meet in one item or not at all. A path is a shelf, the id of an
 * item and a field of it: `machines.mma-160.max_A`. The path of an item alone puts it there whole, or takes it out; the path of a
 * shelf alone holds the ids of its items in their order.
 */

type AnyItem = { id: string };
const SHELVES: readonly (keyof Kit)[] = [
  'machines',
  'supplies',
  'tins',
  'cords',
  'leads',
  'tools',
  'fillers',
  'bottles',
  'tungstens',
  'trials',
];

const shelfOf = (kit: Kit, shelf: string): readonly AnyItem[] =>
  (SHELVES as readonly string[]).includes(shelf) ? kit[shelf as keyof Kit] : [];

function parts(path: string): { shelf: string; id: string | undefined; rest: string | undefined } {
  const [shelf = '', id, ...rest] = path.split('.');
  return { shelf, id, rest: rest.length === 0 ? undefined : rest.join('.') };
}

/** What stands at a path of a kit; undefined where there is nothing. */
export function readKitPath(kit: Kit, path: string): unknown {
  const { shelf, id, rest } = parts(path);
  const items = shelfOf(kit, shelf);
  if (id === undefined) return items.map((item) => item.id);
  const item = items.find((one) => one.id === id);
  return item === undefined || rest === undefined ? item : readPath(item, rest);
}

/** A copy of a kit with edits made in order. An edit of an item that is not there changes nothing. */
export const applyKitEdits = (kit: Kit, edits: readonly Edit[]): Kit => edits.reduce(applyOne, kit);

function applyOne(kit: Kit, { path, value }: Edit): Kit {
  const { shelf, id, rest } = parts(path);
  if (!(SHELVES as readonly string[]).includes(shelf)) return kit;
  const items = shelfOf(kit, shelf);
  if (id === undefined) return { ...kit, [shelf]: inOrder(items, value) };
  if (rest !== undefined)
    return { ...kit, [shelf]: items.map((item) => (item.id === id ? setPath(item, rest, value) : item)) };
  const others = items.filter((item) => item.id !== id);
  if (typeof value !== 'object' || value === null) return { ...kit, [shelf]: others };
  const put = { ...(value as AnyItem), id };
  const isThere = others.length < items.length;
  return {
    ...kit,
    [shelf]: isThere ? items.map((item) => (item.id === id ? put : item)) : [...items, put],
  };
}

/** Items in the order of a list of ids; those it does not name follow, as they stood. */
function inOrder(items: readonly AnyItem[], ids: unknown): AnyItem[] {
  const place = new Map(Array.isArray(ids) ? ids.map((id: unknown, n) => [id, n]) : []);
  const rank = ({ id }: AnyItem) => place.get(id) ?? Infinity;
  return items
    .map((item, n) => ({ item, n }))
    .sort((a, b) => (rank(a.item) === rank(b.item) ? a.n - b.n : rank(a.item) - rank(b.item)))
    .map(({ item }) => item);
}

/** The edits that make one kit of another. */
export function kitChanges(before: Kit, after: Kit): Edit[] {
  return SHELVES.flatMap((shelf) => {
    const [was, is]: (readonly AnyItem[])[] = [before[shelf], after[shelf]];
    if (!was || !is || was === is) return [];
    const edits: Edit[] = [
      ...was
        .filter(({ id }) => !is.some((item) => item.id === id))
        .map(({ id }) => ({ path: `${shelf}.${id}`, value: undefined })),
      ...is.flatMap((item): Edit[] => {
        const old = was.find(({ id }) => id === item.id);
        if (old === item) return [];
        if (!old) return [{ path: `${shelf}.${item.id}`, value: item }];
        return changesBetween(old, item).map(({ path, value }) => ({
          path: `${shelf}.${item.id}.${path}`,
          value,
        }));
      }),
    ];
    const ids = is.map(({ id }) => id);
    const laid = readKitPath(applyKitEdits(before, edits), shelf);
    return sameValue(laid, ids) ? edits : [...edits, { path: shelf, value: ids }];
  });
}
