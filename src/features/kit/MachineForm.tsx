import type { AnyItemEdit } from '@core/formats/paths';
import { View } from 'react-native';
import { HELPS, FUELS, machineType, MACHINE_TYPES, type DialId } from '@core/data/machines';
import { ARC_PROCESSES, PROCESSES } from '@core/data/processIds';
import { POLES } from '@core/data/rods';
import { checkMachine, soundMachine } from '@core/formats/checkKit';
import type { Machine } from '@core/formats/kit';
import { POLE_WORDS } from '@core/data/words';
import { readPlate, type Figure } from '@core/power/plate';
import { trimmed } from '@core/units/format';
import { useApp } from '@/state/store';
import { Act } from '@/ui/Act';
import { optionsOf } from '@/ui/options';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Misfits, Name, Num, type Change } from './parts';
import { Photos } from './Photos';
import { PlateColumns } from './PlateColumns';
import { PlatePoints } from './PlatePoints';

/** A machine from its nameplate. */
export function MachineForm({ machine, change }: { machine: Machine; change: Change }) {
  const system = useApp((state) => state.settings.system);
  const kind = machineType(machine.type);
  const plate = readPlate(soundMachine(machine, system), null, { air_C: null, cooling: null });
  return (
    <Misfits value={checkMachine(machine, system)}>
      <Words as="title" testID="item-title">
        {machine.name}
      </Words>
      <Name value={machine.name} change={change} />
      <Pick
        label="Kind"
        testID="type"
        stacked
        folds
        options={optionsOf(MACHINE_TYPES)}
        value={machine.type}
        onPick={(type) => type && change([{ path: 'type', value: type }])}
      />
      <Several
        label="Does (one or more)"
        path="processes"
        testID="does"
        all={ARC_PROCESSES.map((id) => ({ id, name: PROCESSES[id], words: PROCESSES[id] }))}
        chosen={machine.processes}
        change={change}
      />
      <Several
        label="Gives (one or more)"
        path="poles"
        testID="gives"
        all={POLES.map((id) => ({ id, name: id, words: POLE_WORDS[id] }))}
        chosen={machine.poles}
        change={change}
      />
      <FieldRow>
        <Num
          item={machine}
          at="min_A"
          path="machine.min_A"
          change={change}
          proposed={told(plate.min_A, 'A')}
        />
        <Num
          item={machine}
          at="max_A"
          path="machine.max_A"
          change={change}
          proposed={told(plate.max_A, 'A')}
        />
      </FieldRow>
      <PlatePoints machine={machine} change={change} />
      {kind.feeds === 'mains' && <PlateColumns machine={machine} change={change} />}
      {kind.feeds === 'battery' && (
        <>
          <Num item={machine} at="battery_Wh" path="machine.battery_Wh" change={change} />
          <Words tone="danger" testID="not-batteries">
            A machine with a battery of its own, not car batteries in series: nothing holds their current,
            they give off a gas that blows up at a spark, and no plan is made for them.
          </Words>
        </>
      )}
      {kind.feeds === 'engine' && (
        <Pick
          label="Burns"
          testID="fuel"
          options={optionsOf(FUELS)}
          value={machine.fuel}
          onPick={(fuel) => change([{ path: 'fuel', value: fuel }])}
        />
      )}
      <FieldRow>
        <Num
          item={machine}
          at="ocv_V"
          path="machine.ocv_V"
          change={change}
          proposed={told(plate.ocv_V, 'V')}
        />
        <Num
          item={machine}
          at="efficiency_pct"
          path="machine.efficiency_pct"
          change={change}
          proposed={told(plate.efficiency, '%', 100)}
        />
        {kind.feeds === 'mains' && (
          <Num
            item={machine}
            at="powerFactor"
            path="machine.powerFactor"
            change={change}
            proposed={told(plate.powerFactor, '')}
          />
        )}
      </FieldRow>
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
      <FieldRow>
        <Num
          item={machine}
          at="bias_pct"
          path="machine.bias_pct"
          change={change}
          proposed="blank: as the chart. 145 A ran right where it says 125: 116 %"
        />
      </FieldRow>
      <Pick
        label="Hot start"
        testID="hot-start"
        options={helps}
        value={machine.hotStart}
        onPick={(hotStart) => change([{ path: 'hotStart', value: hotStart }])}
      />
      <Pick
        label="Arc force"
        testID="arc-force"
        options={helps}
        value={machine.arcForce}
        onPick={(arcForce) => change([{ path: 'arcForce', value: arcForce }])}
      />
      <Pick
        label="Voltage reducer (VRD)"
        testID="voltage-reducer"
        options={[
          { id: 'yes', name: 'Yes' },
          { id: 'no', name: 'No' },
        ]}
        value={machine.voltageReducer === undefined ? null : machine.voltageReducer ? 'yes' : 'no'}
        onPick={(is: 'yes' | 'no' | null) =>
          change([{ path: 'voltageReducer', value: is === null ? undefined : is === 'yes' }])
        }
      />
      <Photos machine={machine} change={change} />
    </Misfits>
  );
}

const helps = optionsOf(HELPS);

/** What is taken for a blank, and why. */
function told(figure: Figure | null, unit: string, scale = 1): string {
  if (!figure) return 'blank: not known';
  const { range, by } = figure;
  const digits = scale === 1 && range.high < 2 ? 2 : 0;
  const end = (value: number) => trimmed(scale * value, digits);
  const span = range.low === range.high ? end(range.nominal) : `${end(range.low)} to ${end(range.high)}`;
  const from = by === 'kind' ? 'usual for its kind' : 'from the rest of the plate';
  return `blank: ${span}${unit === '' ? '' : ` ${unit}`}, ${from}`;
}

/** Any number of a few, but never none. */
function Several<T extends string>({
  label,
  path,
  testID,
  all,
  chosen,
  change,
}: {
  label: string;
  path: 'poles' | 'processes';
  testID: string;
  all: readonly { id: T; name: string; words: string }[];
  chosen: readonly T[];
  change: Change;
}) {
  const toggle = (id: T) => {
    const next = all
      .map((option) => option.id)
      .filter((other) => (other === id ? !chosen.includes(id) : chosen.includes(other)));
    if (next.length > 0) change([{ path, value: next } as AnyItemEdit]);
  };
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="label" tone="quiet">
        {label}
      </Words>
      <FieldRow>
        {all.map(({ id, name, words }) => (
          <View key={id} style={{ flexGrow: 1, flexBasis: name.length > 8 ? 150 : 90 }}>
            <Act
              kind={chosen.includes(id) ? 'main' : 'plain'}
              title={name}
              label={`${words}, ${chosen.includes(id) ? 'given' : 'not given'}`}
              testID={`${testID}-${id}`}
              onPress={() => toggle(id)}
            />
          </View>
        ))}
      </FieldRow>
    </View>
  );
}
