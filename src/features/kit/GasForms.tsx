import { View } from 'react-native';
import {
  BARE_FILLER_IDS,
  BARE_FILLERS,
  BARE_SIZE_in,
  BARE_SIZES,
  type BareFillerId,
  type BareSizeId,
} from '@core/data/bareFillers';
import {
  GAS_IDS,
  GASES,
  TUNGSTEN_KINDS,
  TUNGSTEN_SIZES,
  type GasId,
  type TungstenKindId,
  type TungstenSizeId,
} from '@core/data/gases';
import { LONGEST } from '@core/formats/limits';
import type { Bottle, FillerItem, Tungsten } from '@core/formats/kit';
import { gasIn_l, readFillerWord } from '@core/process';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { FieldRow } from '@/ui/FieldRow';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Note, Num, type Change } from './parts';

/** Wire on a reel, or bare rods. */
export function FillerForm({ filler, change }: { filler: FillerItem; change: Change }) {
  const read = readFillerWord(filler.printed);
  const row = BARE_FILLERS[filler.cls];
  const forms: readonly string[] = row.as;
  const take = (cls: BareFillerId) => {
    const as: readonly FillerItem['as'][] = BARE_FILLERS[cls].as;
    change([
      { path: 'cls', value: cls },
      ...(as.includes(filler.as) ? [] : [{ path: 'as', value: as[0] ?? 'reel' } as const]),
    ]);
  };
  return (
    <>
      <Words as="title" testID="item-title">{`${filler.cls} ${filler.size}`}</Words>
      <Words tone="quiet">{row.what}</Words>
      <View style={{ gap: SPACE.xs }}>
        <Words as="label" tone="quiet">
          Printed on it
        </Words>
        <Entry
          label="Printed on it"
          testID="printed"
          value={filler.printed}
          onChange={(printed) => change([{ path: 'printed', value: printed }])}
          most={LONGEST.printed}
          placeholder="ER70S-6, E71T-11, G3Si1"
          invalid={read?.known === false}
        />
        {read && (
          <Card testID="filler-says">
            {read.known ? (
              <>
                {read.words.map((words) => (
                  <Words key={words} as="small">
                    {words}
                  </Words>
                ))}
                {read.id !== filler.cls && (
                  <Act
                    kind="main"
                    title={`Make it ${read.id}`}
                    testID="take-class"
                    onPress={() => take(read.id)}
                  />
                )}
              </>
            ) : (
              <>
                <Words as="small" tone="danger">
                  {read.message}
                </Words>
                {read.nearest !== null && (
                  <Act
                    title={`It is ${read.nearest}`}
                    testID="take-class"
                    onPress={() => take(read.nearest as BareFillerId)}
                  />
                )}
              </>
            )}
          </Card>
        )}
      </View>
      <Pick
        label="Class"
        testID="class"
        folds
        options={BARE_FILLER_IDS.map((id) => ({ id, name: id, note: BARE_FILLERS[id].what }))}
        value={filler.cls}
        onPick={(id: BareFillerId | null) => id && take(id)}
      />
      {forms.length > 1 && (
        <Pick
          label="As"
          testID="as"
          options={[
            { id: 'reel', name: 'Reel' },
            { id: 'rods', name: 'Bare rods' },
          ]}
          value={filler.as}
          onPick={(id: FillerItem['as'] | null) => id && change([{ path: 'as', value: id }])}
        />
      )}
      <Pick
        label="Size"
        testID="size"
        options={BARE_SIZES.map((id) => ({ id, name: `${id} mm`, note: `${BARE_SIZE_in[id]} in` }))}
        value={filler.size}
        onPick={(id: BareSizeId | null) => id && change([{ path: 'size', value: id }])}
      />
      <FieldRow>
        <Num item={filler} at="left_kg" path="filler.left_kg" change={change} />
      </FieldRow>
      <Note value={filler.note} change={change} />
    </>
  );
}

/** A bottle of gas. */
export function BottleForm({ bottle, change }: { bottle: Bottle; change: Change }) {
  const left = gasIn_l(bottle);
  return (
    <>
      <Words as="title" testID="item-title">
        {GASES[bottle.gas].name}
      </Words>
      <Pick
        label="Gas"
        testID="gas"
        options={GAS_IDS.map((id) => ({ id, name: GASES[id].name, note: GASES[id].called }))}
        value={bottle.gas}
        onPick={(id: GasId | null) => id && change([{ path: 'gas', value: id }])}
      />
      <FieldRow>
        {bottle.gas === 'co2' ? (
          <Num item={bottle} at="left_kg" path="bottle.left_kg" change={change} />
        ) : (
          <>
            <Num item={bottle} at="size_l" path="bottle.size_l" change={change} />
            <Num item={bottle} at="pressure_bar" path="bottle.pressure_bar" change={change} />
          </>
        )}
      </FieldRow>
      <Words tone="quiet" testID="bottle-left">
        {left === null
          ? bottle.gas === 'co2'
            ? 'CO2 is liquid in there: its gauge tells nothing till it is nearly empty. Weigh it, less what is stamped on it empty.'
            : 'Size and gauge tell how long it lasts.'
          : `About ${Math.round(left / 10) * 10} l left: ${Math.floor(left / FLOW_l_min)} min at ${FLOW_l_min} l/min.`}
      </Words>
      <Note value={bottle.note} change={change} />
    </>
  );
}
/** A flow to speak of. */
const FLOW_l_min = 10;

/** Tungstens of one kind and size. */
export function TungstenForm({ tungsten, change }: { tungsten: Tungsten; change: Change }) {
  return (
    <>
      <Words as="title" testID="item-title">{`Tungsten ${tungsten.size}`}</Words>
      <Pick
        label="Kind, by its colour"
        testID="kind"
        options={optionsOf(TUNGSTEN_KINDS)}
        value={tungsten.kind}
        onPick={(id: TungstenKindId | null) => id && change([{ path: 'kind', value: id }])}
      />
      {tungsten.kind === 'thoriated' && (
        <Words as="small" tone="danger">
          Thorium is radioactive: never breathe the dust of its point. Grind it wet or with extraction, or use
          another kind.
        </Words>
      )}
      <Pick
        label="Size"
        testID="size"
        options={TUNGSTEN_SIZES.map((id) => ({ id, name: `${id} mm`, note: `${BARE_SIZE_in[id]} in` }))}
        value={tungsten.size}
        onPick={(id: TungstenSizeId | null) => id && change([{ path: 'size', value: id }])}
      />
      <FieldRow>
        <Num item={tungsten} at="count" path="tungsten.count" change={change} />
      </FieldRow>
      <Note value={tungsten.note} change={change} />
    </>
  );
}
