import { inWords, trimmed } from '../../core/units/format';
import { router } from 'expo-router';
import { View } from 'react-native';
import { CABLES } from '@core/data/cables';
import { COOLING, MACHINE_TYPES } from '@core/data/machines';
import { checkMachine } from '@core/formats/checkKit';
import type { Machine, Supply } from '@core/formats/kit';
import { chooseProcess } from '@core/process';
import { WITHHELD_WORDS } from '@core/repair';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { openNoArc, openProcesses } from '@/ui/goTo';
import { ChainPicture } from './ChainPicture';
import { Cords } from './Cords';
import { DayCard } from './DayCard';
import { DutyWindow } from './DutyWindow';

/** Power: machine, supply, cord, and whether they do it. */
export function PowerStop({ open }: { open: OpenJob }) {
  const { job, set, edit, system, assessment } = open;
  const { machine, supply, plate, draw, kit } = assessment.situation;
  const feeds = plate?.type.feeds ?? 'mains';
  const misfits = machine ? checkMachine(machine.value, system) : [];
  const [first] = chooseProcess(assessment.situation).candidates.filter(({ possible }) => possible);
  const say = inWords(system);
  const answer =
    feeds !== 'mains'
      ? `${plate?.type.name}: makes its own power.`
      : !draw
        ? assessment.withheld === null
          ? 'Machine and supply first.'
          : WITHHELD_WORDS[assessment.withheld]
        : draw.holds
          ? `Draws about ${trimmed(draw.current_A.nominal, 0)} A; ${supply?.value.source_ohm ? 'line and cord take' : 'the cord takes'} ${trimmed(100 * draw.dropShare.nominal, 1)} %.`
          : 'The machine will not hold on this cord.';
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">Power</Words>
        <Words tone="quiet">{answer}</Words>
      </View>
      <Pick
        label="Machine"
        testID="machine"
        stacked
        options={kit.machines.map((m) => ({ id: m.id, name: m.name, note: machineNote(m) }))}
        value={job.power.machineId}
        proposed={machine?.by === 'app' ? machine.value.id : null}
        onPick={(id) => set('power.machineId', id, 'Machine')}
      />
      {plate?.misfit !== undefined && plate.misfit !== '' && (
        <Words tone="danger" testID="misfit">{`This machine ${plate.misfit}.`}</Words>
      )}
      {misfits.map(({ at, message }) => (
        <Words key={at} tone="danger">{`${message} Mend it at Kit.`}</Words>
      ))}
      {feeds === 'mains' && (
        <>
          <Pick
            label="Supply"
            testID="supply"
            stacked
            options={kit.supplies.map((s) => ({ id: s.id, name: s.name, note: supplyNote(s, say.distance) }))}
            value={job.power.supplyId}
            proposed={supply?.by === 'app' ? supply.value.id : null}
            onPick={(id) =>
              edit(
                [
                  { path: 'power.supplyId', value: id },
                  { path: 'power.cordLength_m', value: null },
                  { path: 'typed.power.cordLength_m', value: undefined },
                  { path: 'power.cordSize', value: null },
                  { path: 'power.cordLie', value: null },
                ],
                'Supply',
              )
            }
          />
        </>
      )}
      {feeds === 'mains' && supply && <Cords open={open} />}
      {kit.leads.length > 0 && (
        <Pick
          label="Weld leads"
          testID="leads"
          options={kit.leads.map((l) => ({
            id: l.id,
            name: l.name,
            note: l.length_m === null ? undefined : say.distance(l.length_m),
          }))}
          value={job.power.leadsId}
          onPick={(id) => set('power.leadsId', id, 'Weld leads')}
        />
      )}
      <ChainPicture open={open} />
      <Card>
        <DutyWindow open={open} />
        <Pick
          label="Filters and fins of the machine"
          testID="cooling"
          options={optionsOf(COOLING)}
          value={job.power.cooling}
          proposed="clean"
          onPick={(id) => set('power.cooling', id, 'Filters and fins')}
        />
      </Card>
      <DayCard open={open} />
      <Act
        title={`Which process? ${first ? `${first.name} first` : 'Nothing here will do'}`}
        align="left"
        testID="to-process"
        onPress={() => openProcesses(job.id)}
      />
      <Act title="No arc? Find out why" align="left" testID="to-no-arc" onPress={() => openNoArc(job.id)} />
      <Act title="Machines and supplies in the kit" testID="to-kit" onPress={() => router.push('/kit')} />
    </>
  );
}

const machineNote = ({ type, min_A, max_A, poles }: Machine): string =>
  `${MACHINE_TYPES[type].name}, ${min_A ?? '?'} to ${max_A ?? '?'} A, ${poles.join(' ')}`;

const supplyNote = (
  { volts_V, breaker_A, breakerKind, cordLength_m, cordSize }: Supply,
  distance: (m: number) => string,
): string =>
  `${volts_V ?? '?'} V, ${breaker_A ?? '?'} A ${breakerKind}, ${cordLength_m === null ? 'no cord' : distance(cordLength_m)}${cordSize === null ? '' : ` of ${CABLES[cordSize].name}`}`;
