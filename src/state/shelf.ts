import { BLANK_POINT, blankMachine, blankSupply, blankTin, blankTool } from '@core/formats/blankKit';
import type { AnyItemEdit, ItemOf, ShelfName } from '@core/formats/paths';
import type { Bottle, CordItem, FillerItem, LeadSet, Tin, Tool, Trial, Tungsten } from '@core/formats/kit';
import { LONGEST, MOST_ITEMS } from '@core/formats/limits';
import { newId } from './ids';
import { editKitAt, editKitWithUndo, notify, useApp } from './store';

/** The shelves of the kit, and what lies on them. */
export type { ShelfName as Shelf, ItemOf as Item };
export const SHELVES: readonly ShelfName[] = [
  'machines',
  'supplies',
  'cords',
  'leads',
  'tins',
  'tools',
  'fillers',
  'bottles',
  'tungstens',
  'trials',
];

/** What a new item starts as: the commonest of its kind, so that a first plan is a few presses away. */
const STARTS: { [S in ShelfName]: (id: string) => ItemOf<S> } = {
  machines: (id) => ({
    ...blankMachine(id, 'New machine'),
    min_A: 20,
    max_A: 160,
    rated: [{ ...BLANK_POINT, current_A: 160, duty_pct: 25 }],
  }),
  supplies: (id) => ({
    ...blankSupply(id, 'New supply'),
    volts_V: 230,
    breaker_A: 16,
    cordLength_m: 10,
    cordSize: 'mm2-2.5',
  }),
  cords: (id): CordItem => ({ id, name: 'New cord', length_m: 25, size: 'mm2-2.5', typed: {} }),
  leads: (id): LeadSet => ({ id, name: 'New leads', length_m: 5, size: 'mm2-25', typed: {} }),
  tools: (id): Tool => blankTool(id, 'magnet'),
  fillers: (id): FillerItem => ({
    id,
    cls: 'ER70S-6',
    as: 'reel',
    size: '0.8',
    printed: '',
    left_kg: null,
    note: '',
    typed: {},
  }),
  bottles: (id): Bottle => ({
    id,
    gas: 'argon',
    size_l: 20,
    pressure_bar: null,
    left_kg: null,
    note: '',
    typed: {},
  }),
  tungstens: (id): Tungsten => ({ id, kind: 'lanthanated', size: '2.4', count: null, note: '', typed: {} }),
  trials: (id): Trial => ({
    id,
    at: new Date().toISOString(),
    machineId: null,
    tinId: null,
    process: 'stick',
    rodClass: 'E7018',
    size: '1/8',
    thickness_mm: null,
    position: null,
    set_A: null,
    chart_A: null,
    read_A: null,
    ran: null,
    leftOut: false,
    note: '',
    typed: {},
  }),
  tins: (id): Tin => blankTin(id, 'E7018', '3/32'),
};

const itemsOf = <S extends ShelfName>(shelf: S): readonly ItemOf<S>[] =>
  useApp.getState().kit.kit[shelf] as readonly ItemOf<S>[];

/** Whether a shelf takes so many more; said where it does not. */
function hasRoom(shelf: ShelfName, more: number): boolean {
  const most = MOST_ITEMS[shelf];
  if (itemsOf(shelf).length + more <= most) return true;
  notify(
    `${most} ${shelf} are the most a kit holds. Take out what is not on the truck any more, then add this.`,
  );
  return false;
}

/**
 * Puts things on their shelves, each under an id of its own; they can be taken off again at one press.
 * @returns what the id of each became; null where a shelf is full
 */
export function putOnTruck(
  things: readonly { shelf: ShelfName; item: { id: string } }[],
  words: string,
): ReadonlyMap<string, string> | null {
  if (things.some(({ shelf }) => !hasRoom(shelf, things.filter((one) => one.shelf === shelf).length)))
    return null;
  const ids = new Map(things.map(({ item }) => [item.id, newId()]));
  editKitWithUndo(
    things.map(({ shelf, item }) => ({
      path: `${shelf}.${ids.get(item.id)}`,
      value: { ...item, id: ids.get(item.id) },
    })),
    'Put on the truck',
    words,
  );
  return ids;
}

/** Adds tins that a table brought; they can be taken out again at one press. */
export function addTins(tins: readonly Tin[]): void {
  if (!hasRoom('tins', tins.length)) return;
  editKitWithUndo(
    tins.map((tin) => ({ path: `tins.${tin.id}`, value: tin })),
    'Took in tins',
    `Taken in: ${tins.length} ${tins.length === 1 ? 'tin' : 'tins'}`,
  );
}

/** Writes down a bead on scrap; it can be taken out again at one press. */
export function logBead(bead: Omit<Trial, 'id' | 'at' | 'read_A' | 'leftOut' | 'note' | 'typed'>): void {
  if (!hasRoom('trials', 1)) return;
  const id = newId();
  const at = new Date().toISOString();
  editKitWithUndo(
    [{ path: `trials.${id}`, value: { ...bead, id, at, read_A: null, leftOut: false, note: '', typed: {} } }],
    'Bead on scrap',
    `Written down: ${bead.set_A ?? '?'} A ran ${bead.ran ?? '?'}`,
  );
}

/** Puts a new item on a shelf; answers its id, null where the shelf is full. */
export function addItem<S extends ShelfName>(shelf: S): string | null {
  if (!hasRoom(shelf, 1)) return null;
  const item = STARTS[shelf](newId());
  void editKitAt([{ path: `${shelf}.${item.id}`, value: item }], 'Added to the kit');
  return item.id;
}

/** Edits an item in place. */
export function editItem<S extends ShelfName>(shelf: S, id: string, edits: readonly AnyItemEdit[]): void {
  void editKitAt(
    edits.map(({ path, value }) => ({ path: `${shelf}.${id}.${path}`, value })),
    'Edited the kit',
  );
}

/** Copies an item; answers the copy's id. */
export function copyItem<S extends ShelfName>(shelf: S, id: string): string | null {
  const item = itemsOf(shelf).find((i) => i.id === id);
  if (!item || !hasRoom(shelf, 1)) return null;
  const copy = {
    ...item,
    id: newId(),
    ...('name' in item ? { name: `${item.name}, copy`.slice(0, LONGEST.name) } : {}),
  } as ItemOf<S>;
  void editKitAt([{ path: `${shelf}.${copy.id}`, value: copy }], 'Copied in the kit');
  return copy.id;
}

/** An item as it stands on its shelf; undefined where it is not there. */
export const itemOn = <S extends ShelfName>(shelf: S, id: string): ItemOf<S> | undefined =>
  itemsOf(shelf).find((item) => item.id === id);

/** Takes an item off that nobody has changed since it was begun: nothing of it was anybody's. */
export function dropUntouched<S extends ShelfName>(shelf: S, id: string, begun: ItemOf<S> | undefined): void {
  if (begun !== undefined && itemOn(shelf, id) === begun)
    void editKitAt([{ path: `${shelf}.${id}`, value: undefined }], 'Not added after all');
}

/** Takes an item off its shelf; it can be put back. */
export function deleteItem<S extends ShelfName>(shelf: S, id: string): void {
  editKitWithUndo(
    [{ path: `${shelf}.${id}`, value: undefined }],
    'Took out of the kit',
    'Taken out of the kit',
  );
}
