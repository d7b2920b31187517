import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { BREAKERS } from '@core/data/breakers';
import { CABLES, CABLE_IDS, type CableId } from '@core/data/cables';
import { MACHINE_TYPES, type DialId } from '@core/data/machines';
import { POLES, ROD_CLASS_IDS, type Pole, type RodClassId } from '@core/data/rods';
import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '@core/data/rodSizes';
import type { NumberPath } from '@core/formats/fields';
import { readPath, type Edit } from '@core/formats/job';
import type { Machine, Supply, Tin } from '@core/formats/kit';
import { POLE_WORDS } from '@core/plan/rooms/pole';
import { readField } from '@core/formats/fields';
import { copyItem, deleteItem, editItem, type Shelf } from '@/state/shelf';
import { useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { Entry } from '@/ui/Entry';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { QuantityField } from '@/ui/QuantityField';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

type AnyItem = Machine | Supply | Tin;
type Change = (edits: readonly Edit[]) => void;

/** One item of the kit, to edit. Every change is kept as it is made. */
export function ItemPage({ shelf, item: id }: { shelf: Shelf; item: string }) {
  const palette = usePalette();
  const kit = useApp((state) => state.kit.kit);
  const item: AnyItem | undefined = kit[shelf].find((i) => i.id === id);
  const back = () => (router.canGoBack() ? router.back() : router.replace('/kit'));
  const change: Change = (edits) => editItem(shelf, id, edits);
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View
        style={{ backgroundColor: palette.bar, flexDirection: 'row', alignItems: 'center', minHeight: 56 }}
      >
        <Act kind="bar" title="‹ Kit" testID="item-back" onPress={back} />
      </View>
      <ScrollView role="main" contentContainerStyle={{ padding: SPACE.m, gap: SPACE.l, maxWidth: 820 }}>
        {!item && <Words as="title">Not in the kit any more</Words>}
        {item && shelf === 'machines' && <MachineForm machine={item as Machine} change={change} />}
        {item && shelf === 'supplies' && <SupplyForm supply={item as Supply} change={change} />}
        {item && shelf === 'tins' && <TinForm tin={item as Tin} change={change} />}
        {item && (
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            <Act
              grow
              title="Copy"
              testID="item-copy"
              onPress={() => {
                const copy = copyItem(shelf, id);
                if (copy) router.replace({ pathname: '/kit/[shelf]/[item]', params: { shelf, item: copy } });
              }}
            />
            <Act
              grow
              kind="danger"
              title="Delete"
              testID="item-delete"
              onPress={() => {
                deleteItem(shelf, id);
                back();
              }}
            />
          </View>
        )}
      </ScrollView>
    </View>
  );
}

/** A number of an item: `at` is its path in the item, `path` its row in the table of fields. */
function Num({
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
  return (
    <QuantityField
      path={path}
      label={label}
      value={typeof value === 'number' ? value : null}
      typed={item.typed[at]}
      system={system}
      proposed={proposed}
      testID={at}
      onType={(text) => {
        const read = text.trim() === '' ? null : readField(path, text, system);
        change([
          { path: at, value: read?.ok ? read.value.value : null },
          { path: `typed.${at}`, value: text === '' ? undefined : text },
        ]);
      }}
    />
  );
}

const Row = ({ children }: { children: ReactNode }) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>{children}</View>
);

function Name({ value, change }: { value: string; change: Change }) {
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        Name
      </Words>
      <Entry
        label="Name"
        testID="name"
        value={value}
        onChange={(text) => change([{ path: 'name', value: text.slice(0, 120) || ' ' }])}
      />
    </View>
  );
}

function MachineForm({ machine, change }: { machine: Machine; change: Change }) {
  const togglePole = (pole: Pole) => {
    const poles = machine.poles.includes(pole)
      ? machine.poles.filter((p) => p !== pole)
      : [...machine.poles, pole];
    if (poles.length > 0) change([{ path: 'poles', value: poles }]);
  };
  const setRated = (rated: Machine['rated']) =>
    change([
      { path: 'rated', value: rated },
      ...rated.flatMap((_, n) => clearRated(n)),
      ...clearRated(rated.length),
    ]);
  const wrongRange = machine.min_A !== null && machine.max_A !== null && machine.min_A >= machine.max_A;
  return (
    <>
      <Words as="title">{machine.name}</Words>
      <Name value={machine.name} change={change} />
      <Pick
        label="Kind"
        testID="type"
        stacked
        options={optionsOf(MACHINE_TYPES)}
        value={machine.type}
        onPick={(type) => type && change([{ path: 'type', value: type }])}
      />
      <View style={{ gap: SPACE.xs }}>
        <Words as="label" tone="quiet">
          Gives (one or more)
        </Words>
        <Row>
          {POLES.map((pole) => (
            <Act
              key={pole}
              grow
              kind={machine.poles.includes(pole) ? 'main' : 'plain'}
              title={pole}
              label={`${POLE_WORDS[pole]}, ${machine.poles.includes(pole) ? 'given' : 'not given'}`}
              testID={`gives-${pole}`}
              onPress={() => togglePole(pole)}
            />
          ))}
        </Row>
      </View>
      <Row>
        <Num item={machine} at="min_A" path="machine.min_A" change={change} />
        <Num item={machine} at="max_A" path="machine.max_A" change={change} />
      </Row>
      {wrongRange && <Words tone="danger">The highest amps must be over the lowest.</Words>}
      <Words as="head">Rated points on the plate</Words>
      {machine.rated.map((_, index) => (
        <Row key={index}>
          <Num
            item={machine}
            at={`rated.${index}.current_A`}
            path="machine.ratedCurrent_A"
            change={rated(machine, change)}
            label={`Amps, point ${index + 1}`}
          />
          <Num
            item={machine}
            at={`rated.${index}.duty_pct`}
            path="machine.ratedDuty_pct"
            change={rated(machine, change)}
            label={`Duty, point ${index + 1}`}
          />
          <Act
            title="Remove"
            testID={`rated-remove-${index}`}
            onPress={() => setRated(machine.rated.filter((__, n) => n !== index))}
          />
        </Row>
      ))}
      {machine.rated.length < 8 && (
        <Act
          title="Add a rated point"
          testID="rated-add"
          onPress={() => setRated([...machine.rated, { current_A: null, duty_pct: null }])}
        />
      )}
      <Row>
        <Num
          item={machine}
          at="inputMax_A"
          path="machine.inputMax_A"
          change={change}
          proposed="blank: reckoned from the kind"
        />
        <Num item={machine} at="ocv_V" path="machine.ocv_V" change={change} />
      </Row>
      <Pick
        label="How the amps are shown"
        testID="dial"
        options={[
          { id: 'digital', name: 'Figures' },
          { id: 'scale', name: 'A scale' },
          { id: 'none', name: 'Nothing to read' },
        ]}
        value={machine.dial}
        onPick={(dial: DialId | null) => dial && change([{ path: 'dial', value: dial }])}
      />
    </>
  );
}

const clearRated = (index: number): Edit[] => [
  { path: `typed.rated.${index}.current_A`, value: undefined },
  { path: `typed.rated.${index}.duty_pct`, value: undefined },
];

/** Edits inside the list of rated points, made on a copy of the list. */
const rated =
  (machine: Machine, change: Change): Change =>
  (edits) =>
    change(
      edits.map((edit) => {
        const at = /^rated\.(\d+)\.(\w+)$/.exec(edit.path);
        if (!at) return edit;
        const points = machine.rated.map((point, n) =>
          n === Number(at[1]) ? { ...point, [at[2] ?? '']: edit.value } : point,
        );
        return { path: 'rated', value: points };
      }),
    );

function SupplyForm({ supply, change }: { supply: Supply; change: Change }) {
  return (
    <>
      <Words as="title">{supply.name}</Words>
      <Name value={supply.name} change={change} />
      <Row>
        <Num item={supply} at="volts_V" path="supply.volts_V" change={change} />
        <Num item={supply} at="breaker_A" path="supply.breaker_A" change={change} />
      </Row>
      <Pick
        label="Breaker kind"
        testID="breaker-kind"
        stacked
        options={optionsOf(BREAKERS)}
        value={supply.breakerKind}
        onPick={(kind) => kind && change([{ path: 'breakerKind', value: kind }])}
      />
      <Pick
        label="Phases"
        testID="phases"
        options={[
          { id: '1', name: 'Single' },
          { id: '3', name: 'Three' },
        ]}
        value={`${supply.phases}`}
        onPick={(phases) => change([{ path: 'phases', value: phases === '3' ? 3 : 1 }])}
      />
      <Row>
        <Num item={supply} at="cordLength_m" path="supply.cordLength_m" change={change} />
      </Row>
      <Pick
        label="Cord size"
        testID="cord-size"
        options={CABLE_IDS.filter((id) => CABLES[id].ampacity_A !== null).map((id) => ({
          id,
          name: CABLES[id].name,
        }))}
        value={supply.cordSize}
        onPick={(id: CableId | null) => change([{ path: 'cordSize', value: id }])}
      />
    </>
  );
}

function TinForm({ tin, change }: { tin: Tin; change: Change }) {
  return (
    <>
      <Words as="title">{`${tin.rodClass} ${tin.size}`}</Words>
      <Pick
        label="Class"
        testID="class"
        options={ROD_CLASS_IDS.map((id) => ({ id, name: id }))}
        value={tin.rodClass}
        onPick={(id: RodClassId | null) => id && change([{ path: 'rodClass', value: id }])}
      />
      <Pick
        label="Size"
        testID="size"
        options={ROD_SIZE_IDS.map((id) => ({ id, name: id, note: `${ROD_SIZES[id].diameter_mm} mm` }))}
        value={tin.size}
        onPick={(id: RodSizeId | null) => id && change([{ path: 'size', value: id }])}
      />
      <Row>
        <Num item={tin} at="count" path="tin.count" change={change} />
      </Row>
      <Words as="head">Printed on the packet</Words>
      <Row>
        <Num item={tin} at="low_A" path="tin.low_A" change={change} proposed="blank: the table" />
        <Num item={tin} at="high_A" path="tin.high_A" change={change} proposed="blank: the table" />
      </Row>
      {tin.low_A !== null && tin.high_A !== null && tin.low_A >= tin.high_A && (
        <Words tone="danger">The high amps must be over the low ones.</Words>
      )}
      <View style={{ gap: SPACE.xs }}>
        <Words as="label" tone="quiet">
          Note
        </Words>
        <Entry
          prose
          label="Note"
          testID="note"
          value={tin.note}
          onChange={(text) => change([{ path: 'note', value: text.slice(0, 200) }])}
        />
      </View>
    </>
  );
}
