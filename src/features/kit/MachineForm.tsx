import { View } from 'react-native';
import { MACHINE_TYPES, type DialId } from '@core/data/machines';
import { POLES, type Pole } from '@core/data/rods';
import type { Edit } from '@core/formats/edits';
import type { Machine } from '@core/formats/kit';
import { POLE_WORDS } from '@core/plan/rooms/pole';
import { Act } from '@/ui/Act';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { Name, Num, Row, type Change } from './parts';
import { Photos } from './Photos';

/** A machine from its nameplate. */
export function MachineForm({ machine, change }: { machine: Machine; change: Change }) {
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
      <Words as="title" testID="item-title">
        {machine.name}
      </Words>
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
      <Photos machine={machine} change={change} />
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
