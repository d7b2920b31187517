import { View } from 'react-native';
import { PROCESSES } from '@core/data/processIds';
import { BLANK_POINT } from '@core/formats/blankKit';
import type { Machine } from '@core/formats/kit';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { FieldRow } from '@/ui/FieldRow';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Num, withoutRow, type Change } from './parts';

const MOST = 16;

/** Rated points of the plate: amps at a duty, by process and, on a plate of several volts, by supply. */
export function PlatePoints({ machine, change }: { machine: Machine; change: Change }) {
  const volts = machine.inputs.flatMap(({ volts_V }) => (volts_V === null ? [] : [volts_V]));
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">Rated points on the plate</Words>
      <Words as="small" tone="quiet">
        Each says: so many amps for so much of every ten minutes. None readable: what machines of the kind
        usually do is taken, as a range.
      </Words>
      {machine.rated.map((point, index) => (
        <Card key={index}>
          {machine.processes.length > 1 && (
            <Pick
              label="Process"
              testID={`rated-process-${index}`}
              options={machine.processes.map((id) => ({ id, name: PROCESSES[id] }))}
              value={point.process}
              onPick={(id) => id && change([{ path: `rated.${index}.process`, value: id }])}
            />
          )}
          {volts.length > 1 && (
            <Pick
              label="On"
              testID={`rated-volts-${index}`}
              options={volts.map((v) => ({ id: `${v}`, name: `${v} V` }))}
              value={point.volts_V === null ? null : `${point.volts_V}`}
              onPick={(v) =>
                change([{ path: `rated.${index}.volts_V`, value: v === null ? null : Number(v) }])
              }
            />
          )}
          <FieldRow>
            <Num
              item={machine}
              at={`rated.${index}.current_A`}
              path="machine.ratedCurrent_A"
              change={change}
              label={`Amps, point ${index + 1}`}
            />
            <Num
              item={machine}
              at={`rated.${index}.duty_pct`}
              path="machine.ratedDuty_pct"
              change={change}
              label={`Duty, point ${index + 1}`}
            />
          </FieldRow>
          <Act
            title="Remove this point"
            testID={`rated-remove-${index}`}
            onPress={() => change(withoutRow(machine, 'rated', index))}
          />
        </Card>
      ))}
      {machine.rated.length < MOST && (
        <Act
          title="Add a rated point"
          testID="rated-add"
          onPress={() =>
            change([
              {
                path: 'rated',
                value: [...machine.rated, { ...BLANK_POINT, process: machine.processes[0] ?? 'stick' }],
              },
            ])
          }
        />
      )}
    </View>
  );
}
