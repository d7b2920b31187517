import { nanoid } from 'nanoid/non-secure';
import { applyEdits, type Edit } from '@core/formats/edits';
import { BLANK_POINT, blankMachine, blankSupply } from '@core/formats/blankKit';
import type { CordItem, Kit, LeadSet, Tin, Tool } from '@core/formats/kit';
import { editKit, hush, say, useApp } from './store';

/** The shelves of the kit. */
export type Shelf = keyof Kit;
export const SHELVES: readonly Shelf[] = ['machines', 'supplies', 'cords', 'leads', 'tins', 'tools'];
export type Item<S extends Shelf> = Kit[S][number];

/** What a new item starts as: the commonest of its kind, so that a first plan is a few presses away. */
const STARTS: { [S in Shelf]: (id: string) => Item<S> } = {
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
  tools: (id): Tool => ({ id, tool: 'magnet', note: '', typed: {} }),
  tins: (id): Tin => ({
    id,
    rodClass: 'E7018',
    size: '3/32',
    printed: '',
    events: [],
    count: null,
    low_A: null,
    high_A: null,
    note: '',
    typed: {},
  }),
};

const kitNow = (): Kit => useApp.getState().kit.kit;

const withShelf = <S extends Shelf>(shelf: S, items: Item<S>[]): Kit => ({ ...kitNow(), [shelf]: items });

const itemsOf = <S extends Shelf>(shelf: S): Item<S>[] => kitNow()[shelf] as Item<S>[];

export const newItemId = (): string => nanoid(8);

/** Adds tins that a table brought; they can be taken out again at one press. */
export function addTins(tins: readonly Tin[]): void {
  const before = itemsOf('tins');
  void editKit(withShelf('tins', [...before, ...tins]), 'Took in tins');
  say(`Taken in: ${tins.length} ${tins.length === 1 ? 'tin' : 'tins'}`, () => {
    void editKit(withShelf('tins', before), 'Undid taking in tins');
    hush();
  });
}

/** Puts a new item on a shelf; answers its id. */
export function addItem<S extends Shelf>(shelf: S): string {
  const item = STARTS[shelf](newItemId());
  void editKit(withShelf(shelf, [...itemsOf(shelf), item]), 'Added to the kit');
  return item.id;
}

/** Edits an item in place. */
export function editItem<S extends Shelf>(shelf: S, id: string, edits: readonly Edit[]): void {
  const items = itemsOf(shelf).map((item) => (item.id === id ? applyEdits(item, edits) : item));
  void editKit(withShelf(shelf, items), 'Edited the kit');
}

/** Copies an item; answers the copy's id. */
export function copyItem<S extends Shelf>(shelf: S, id: string): string | null {
  const item = itemsOf(shelf).find((i) => i.id === id);
  if (!item) return null;
  const copy = {
    ...item,
    id: newItemId(),
    ...('name' in item ? { name: `${item.name}, copy`.slice(0, 120) } : {}),
  } as Item<S>;
  void editKit(withShelf(shelf, [...itemsOf(shelf), copy]), 'Copied in the kit');
  return copy.id;
}

/** Takes an item off its shelf; it can be put back. */
export function deleteItem<S extends Shelf>(shelf: S, id: string): void {
  const before = itemsOf(shelf);
  void editKit(
    withShelf(
      shelf,
      before.filter((item) => item.id !== id),
    ),
    'Took out of the kit',
  );
  say('Taken out of the kit', () => {
    void editKit(withShelf(shelf, before), 'Put back');
    hush();
  });
}
