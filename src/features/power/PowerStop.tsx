import { inWords, midSentence, sentence, trimmed } from '@core/units/format';
import { router } from 'expo-router';
import { CABLES } from '@core/data/cables';
import { COOLING, LIES, MACHINE_TYPES } from '@core/data/machines';
import { checkMachine } from '@core/formats/checkKit';
import type { Machine, Supply } from '@core/formats/kit';
import { speakRoom } from '@core/judge';
import { chooseProcess } from '@core/process';
import { WITHHELD_WORDS } from '@core/repair';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { Fold } from '@/ui/Fold';
import { isNear } from '@/ui/near';
import { optionsOf } from '@/ui/options';
import { Pick } from '@/ui/Pick';
import { StopHead } from '@/ui/StopHead';
import { Words } from '@/ui/Words';
import { openNoArc, openProcesses } from '@/ui/goTo';
import { ChainPicture } from './ChainPicture';
import { Cords } from './Cords';
import { DayCard } from './DayCard';
import { DutyWindow } from './DutyWindow';

/** Power: machine, supply, cord, and whether they do it. */
export function PowerStop({ open }: { open: OpenJob }) {
  const { worth } = open;
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
      <StopHead worth={worth} rooms={open.assessment.rooms} stop="power" title="Power" answer={answer} />
      <Pick
        label="Machine"
        testID="machine"
        stacked
        folds
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
            folds
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
      {feeds === 'mains' && supply && (
        <Fold
          id="cord"
          title="Cord"
          says={cordWords(open)}
          open={isCordSaid(open) || isNear(open, ['cord', 'cord-heat'])}
        >
          <Cords open={open} />
        </Fold>
      )}
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
      <Fold
        id="duty"
        title="Ten minutes of arc"
        says={dutyWords(open)}
        open={job.power.cooling !== null || isNear(open, ['duty'])}
      >
        <DutyWindow open={open} />
        <Pick
          label="Filters and fins of the machine"
          testID="cooling"
          options={optionsOf(COOLING)}
          value={job.power.cooling}
          proposed="clean"
          onPick={(id) => set('power.cooling', id, 'Filters and fins')}
        />
      </Fold>
      <Fold
        id="day"
        title="A whole day of it"
        says={job.power.day_s === null ? 'Taken for blank: this job alone.' : say.time(job.power.day_s)}
        open={job.power.day_s !== null}
      >
        <DayCard open={open} />
      </Fold>
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

/** What lies between socket and machine, in a line. */
function cordWords({ assessment, job, system }: OpenJob): string {
  const { cords, supply } = assessment.situation;
  const say = inWords(system);
  const laid = cords?.value ?? [];
  if (laid.length === 0) return 'None: it is plugged in as it is.';
  const lie = job.power.cordLie ?? supply?.value.cordLie ?? 'straight';
  return `${laid.map(({ length_m, size }) => `${say.distance(length_m)} of ${CABLES[size].name}`).join(', then ')}, ${midSentence(LIES[lie])}.`;
}

/** Something of the cord was said of this job. */
const isCordSaid = ({ job: { power } }: OpenJob): boolean =>
  power.cordLength_m !== null || power.cordSize !== null || power.cordLie !== null;

/** What the machine's ten minutes come to, in a line. */
const dutyWords = ({ assessment, system }: OpenJob): string => {
  const duty = assessment.rooms.find(({ id }) => id === 'duty');
  return duty ? `${sentence(duty.now)}: ${speakRoom(duty, system)}.` : '';
};

const machineNote = ({ type, min_A, max_A, poles }: Machine): string =>
  `${MACHINE_TYPES[type].name}, ${min_A ?? '?'} to ${max_A ?? '?'} A, ${poles.join(' ')}`;

const supplyNote = (
  { volts_V, breaker_A, breakerKind, cordLength_m, cordSize }: Supply,
  distance: (m: number) => string,
): string =>
  `${volts_V ?? '?'} V, ${breaker_A ?? '?'} A ${breakerKind}, ${cordLength_m === null ? 'no cord' : distance(cordLength_m)}${cordSize === null ? '' : ` of ${CABLES[cordSize].name}`}`;
