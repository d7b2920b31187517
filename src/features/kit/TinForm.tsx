import { ROD_CLASS_IDS, type RodClassId } from '@core/data/rods';
import { ROD_SIZE_IDS, ROD_SIZES, type RodSizeId } from '@core/data/rodSizes';
import type { Tin } from '@core/formats/kit';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { Note, Num, type Change } from './parts';

/** Rods of one class and size, and what their packet says. */
export function TinForm({ tin, change }: { tin: Tin; change: Change }) {
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
      <FieldRow>
        <Num item={tin} at="count" path="tin.count" change={change} />
      </FieldRow>
      <Words as="head">Printed on the packet</Words>
      <FieldRow>
        <Num item={tin} at="low_A" path="tin.low_A" change={change} proposed="blank: the table" />
        <Num item={tin} at="high_A" path="tin.high_A" change={change} proposed="blank: the table" />
      </FieldRow>
      {tin.low_A !== null && tin.high_A !== null && tin.low_A >= tin.high_A && (
        <Words tone="danger">The high amps must be over the low ones.</Words>
      )}
      <Note value={tin.note} change={change} />
    </>
  );
}
