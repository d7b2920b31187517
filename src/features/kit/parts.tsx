import { createContext, useContext } from 'react';
import { View } from 'react-native';
import type { Misfit } from '@core/formats/checkKit';
import { readField, type NumberPath } from '@core/formats/fields';
import { readPath } from '@core/formats/edits';
import type { AnyItemEdit } from '@core/formats/paths';
import { LONGEST } from '@core/formats/limits';
import { CABLES, CABLE_IDS, type CableId } from '@core/data/cables';
import type { Machine } from '@core/formats/kit';
import type { Item, Shelf } from '@/state/shelf';
import { useApp } from '@/state/store';
import { Entry } from '@/ui/Entry';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

export type AnyItem = Item<Shelf>;
export type Change = (edits: readonly AnyItemEdit[]) => void;

const MisfitContext = createContext<readonly Misfit[]>([]);
/** Shows each number that cannot stand beside the others at its own field. */
export const Misfits = MisfitContext.Provider;

const useMisfit = (at: string): string | undefined =>
  useContext(MisfitContext).find((misfit) => misfit.at === at)?.message;

/** What is wrong with a choice; nothing where it stands. */
export function MisfitWords({ at }: { at: string }) {
  const message = useMisfit(at);
  return message === undefined ? null : (
    <Words tone="danger" as="label" testID={`${at}-says`}>
      {message}
    </Words>
  );
}

/** Takes one row out of a list of an item; texts typed into the list's fields go, the numbers read from them stay. */
export function withoutRow(item: Machine, list: 'rated' | 'inputs', index: number): AnyItemEdit[] {
  return [
    list === 'rated'
      ? { path: list, value: item.rated.filter((_, n) => n !== index) }
      : { path: list, value: item.inputs.filter((_, n) => n !== index) },
    ...Object.keys(item.typed)
      .filter((at) => at.startsWith(`${list}.`))
      .map((at) => ({ path: `typed.${at}`, value: undefined }) as const),
  ];
}

/** A number of an item: `at` is its path in the item, `path` its row in the table of fields. */
export function Num({
  item,
  at,
  path,
  change,
  label,
  proposed,
}: {
  item: AnyItem;
  at: string;
  path: NumberPath;
  change: Change;
  label?: string;
  proposed?: string;
}) {
  const system = useApp((state) => state.settings.system);
  const value = readPath(item, at);
  const problem = useMisfit(at);
  return (
    <QuantityField
      path={path}
      label={label}
      value={typeof value === 'number' ? value : null}
      typed={item.typed[at]}
      system={system}
      proposed={proposed}
      problem={problem}
      testID={at}
      onType={(text) => {
        const read = text.trim() === '' ? null : readField(path, text, system);
        change([
          { path: at, value: read?.ok ? read.value.value : null } as AnyItemEdit,
          { path: `typed.${at}`, value: text === '' ? undefined : text },
        ]);
      }}
    />
  );
}

/** What an item is called. */
export function Name({ value, change }: { value: string; change: Change }) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        Name
      </Words>
      <Entry
        label="Name"
        testID="name"
        value={value}
        needed
        most={LONGEST.name}
        onChange={(text) => change([{ path: 'name', value: text }])}
      />
    </View>
  );
}

/** Copper size of a cord or of leads. */
export function CableSize({
  value,
  forCord,
  change,
  at = 'size',
}: {
  value: CableId | null;
  forCord: boolean;
  change: Change;
  at?: 'size' | 'cordSize';
}) {
  return (
    <Pick
      label="Size"
      testID="cable-size"
      options={CABLE_IDS.filter((id) => !forCord || CABLES[id].ampacity_A !== null).map((id) => ({
        id,
        name: CABLES[id].name,
      }))}
      value={value}
      onPick={(id: CableId | null) => id && change([{ path: at, value: id } as AnyItemEdit])}
    />
  );
}

/** Words of one's own about an item. */
export function Note({ value, change }: { value: string; change: Change }) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        Note
      </Words>
      <Entry
        prose
        label="Note"
        testID="note"
        value={value}
        most={LONGEST.note}
        onChange={(text) => change([{ path: 'note', value: text }])}
      />
    </View>
  );
}
