import { View } from 'react-native';
import { BLANK_INPUT } from '@core/formats/blankKit';
import { soundMachine } from '@core/formats/checkKit';
import type { Input, Machine } from '@core/formats/kit';
import { readPlate, type Figure } from '@core/power/plate';
import { trimmed } from '@core/units/format';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { MisfitWords, Num, withoutRow, type Change } from './parts';

const MOST = 4;

/** The supply side of the plate: one column for each supply it is written for. */
export function PlateColumns({ machine, change }: { machine: Machine; change: Change }) {
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">Supply side of the plate</Words>
      <Words as="small" tone="quiet">
        One for each voltage on it. What is blank is reckoned from the kind, as a range.
      </Words>
      {machine.inputs.map((input, index) => (
        <Card key={index}>
          <Pick
            label="Phases"
            testID={`input-phases-${index}`}
            options={[
              { id: '1', name: 'Single' },
              { id: '3', name: 'Three' },
            ]}
            value={`${input.phases}`}
            onPick={(phases) =>
              phases && change([{ path: `inputs.${index}.phases`, value: phases === '3' ? 3 : 1 }])
            }
          />
          <MisfitWords at={`inputs.${index}.phases`} />
          <FieldRow>
            <Num
              item={machine}
              at={`inputs.${index}.volts_V`}
              path="machine.inputVolts_V"
              change={change}
              proposed="blank: whatever it is plugged into"
            />
            <Num
              item={machine}
              at={`inputs.${index}.inputMax_A`}
              path="machine.inputMax_A"
              change={change}
              proposed={told(onIt(machine, input).inputMax_A)}
            />
            <Num
              item={machine}
              at={`inputs.${index}.inputEff_A`}
              path="machine.inputEff_A"
              change={change}
              proposed={told(onIt(machine, input).inputEff_A)}
            />
            <Num
              item={machine}
              at={`inputs.${index}.top_A`}
              path="machine.inputTop_A"
              change={change}
              proposed="blank: the highest of the plate"
            />
          </FieldRow>
          <Act
            title="Remove this column"
            testID={`input-remove-${index}`}
            onPress={() => change(withoutRow(machine, 'inputs', index))}
          />
        </Card>
      ))}
      {machine.inputs.length < MOST && (
        <Act
          title={machine.inputs.length === 0 ? 'Add the supply side' : 'Add another voltage'}
          testID="input-add"
          onPress={() => change([{ path: 'inputs', value: [...machine.inputs, BLANK_INPUT] }])}
        />
      )}
      <Num item={machine} at="idle_A" path="machine.idle_A" change={change} />
    </View>
  );
}

const onIt = (machine: Machine, { volts_V, phases }: Input) =>
  readPlate(soundMachine(machine), { volts_V, phases }, { air_C: null, cooling: null });

const told = (figure: Figure | null): string =>
  figure
    ? `blank: ${trimmed(figure.range.low, 0)} to ${trimmed(figure.range.high, 0)} A, reckoned`
    : 'blank: not known';
