import { ROD_CLASS_IDS, type RodClassId } from '@core/data/rods';
import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '@core/data/rodSizes';
import type { Tin } from '@core/formats/kit';
import { LONGEST } from '@core/formats/limits';
import { View } from 'react-native';
import { useRodWord } from '@/state/useRodWord';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { Entry } from '@/ui/Entry';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { RodWordView } from '@/ui/RodWordView';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Note, Num, type Change } from './parts';
import { TinLog } from './TinLog';

/** Rods of one class and size, and what their packet says. */
export function TinForm({ tin, change }: { tin: Tin; change: Change }) {
  const decoded = useRodWord(tin.printed);
  const stands = decoded?.kind === 'word' ? decoded.word.plannedAs : null;
  const print = (printed: string) => change([{ path: 'printed', value: printed }]);
  return (
    <>
      <Words as="title" testID="item-title">{`${tin.rodClass} ${tin.size}`}</Words>
      <FieldRow>
        <Num item={tin} at="count" path="tin.count" change={change} />
      </FieldRow>
      <TinLog tin={tin} change={change} />
      <View style={{ gap: SPACE.xs }}>
        <Words as="label" tone="quiet">
          Printed on the rods
        </Words>
        <Entry
          label="Printed on the rods"
          testID="printed"
          value={tin.printed}
          onChange={print}
          most={LONGEST.printed}
          placeholder="7018-1 H4R; ? for a sign too faint to read"
          invalid={decoded?.kind === 'wrong'}
        />
        {decoded && (
          <Card>
            <RodWordView decoded={decoded} onTake={print} />
            {stands !== null && stands !== tin.rodClass && (
              <Act
                kind="main"
                title={`Make this tin ${stands}`}
                testID="take-class"
                onPress={() => change([{ path: 'rodClass', value: stands }])}
              />
            )}
          </Card>
        )}
      </View>
      <Pick
        label="Class"
        testID="class"
        folds
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
      <Words as="head">Printed on the packet</Words>
      <FieldRow>
        <Num item={tin} at="low_A" path="tin.low_A" change={change} proposed="blank: the table" />
        <Num item={tin} at="high_A" path="tin.high_A" change={change} proposed="blank: the table" />
        <Num
          item={tin}
          at="length_mm"
          path="tin.length_mm"
          change={change}
          proposed="blank: as its size is mostly sold"
        />
      </FieldRow>
      {tin.low_A !== null && tin.high_A !== null && tin.low_A >= tin.high_A && (
        <Words tone="danger">The high amps must be over the low ones.</Words>
      )}
      <Note value={tin.note} change={change} />
    </>
  );
}
