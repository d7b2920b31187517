import { RAN, type RanId } from '@core/data/bench';
import type { Kit, Trial } from '@core/formats/kit';
import { optionsOf } from '@/ui/options';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { Note, Num, type Change } from './parts';

/** A bead on scrap, as it was written down. */
export function TrialForm({ trial, kit, change }: { trial: Trial; kit: Kit; change: Change }) {
  return (
    <>
      <Words as="title">{`Bead on scrap, ${trial.rodClass} ${trial.size}`}</Words>
      <Pick
        label="How did it run?"
        testID="ran"
        stacked
        options={optionsOf(RAN)}
        value={trial.ran}
        onPick={(ran: RanId | null) => change([{ path: 'ran', value: ran }])}
      />
      <FieldRow>
        <Num item={trial} at="set_A" path="trial.set_A" change={change} />
        <Num item={trial} at="chart_A" path="trial.chart_A" change={change} />
      </FieldRow>
      <FieldRow>
        <Num
          item={trial}
          at="read_A"
          path="trial.read_A"
          change={change}
          proposed="blank: no ammeter on the lead"
        />
        <Num item={trial} at="thickness_mm" path="trial.thickness_mm" change={change} />
      </FieldRow>
      <Pick
        label="Machine"
        testID="trial-machine"
        stacked
        folds
        options={kit.machines.map(({ id, name }) => ({ id, name }))}
        value={trial.machineId}
        onPick={(machineId: string | null) => change([{ path: 'machineId', value: machineId }])}
      />
      <Pick
        label="Tin"
        testID="trial-tin"
        stacked
        folds
        options={kit.tins.map(({ id, rodClass, size, note }) => ({
          id,
          name: `${rodClass} ${size}${note === '' ? '' : `, ${note}`}`,
        }))}
        value={trial.tinId}
        onPick={(tinId: string | null) => change([{ path: 'tinId', value: tinId }])}
      />
      <Pick
        label="Does it count?"
        testID="left-out"
        options={[
          { id: 'counts', name: 'It counts' },
          { id: 'out', name: 'Leave it out' },
        ]}
        value={trial.leftOut ? 'out' : 'counts'}
        onPick={(id: 'counts' | 'out' | null) => id && change([{ path: 'leftOut', value: id === 'out' }])}
      />
      <Note value={trial.note} change={change} />
    </>
  );
}
