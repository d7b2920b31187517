import { metalFamily } from '../data/metals';
import { PROCESSES, type ProcessId } from '../data/processIds';
import { TABLED } from '../data/processSettings';
import { soundMachine } from '../formats/checkKit';
import { chooseProcess } from '../process/processes';
import type { Candidate } from '../process/rank';
import type { ArcBy, LimitBy, OtherArc } from '../process/settings/arcBy';
import { inTurn, limitsBy, type MachineFor } from '../process/settings/limitsBy';
import { settingsBy } from '../process/settings/settings';
import { wayOf, whereOf } from '../process/settings/where';
import { permittedDuty } from '../power/duty';
import { pointsHere, readPlate } from '../power/plate/nameplate';
import { chainOf } from '../power/stage';
import { supplyDraw } from '../power/supply';
import { whyWithheld } from '../repair/withheld';
import type { Step } from '../judge/step';
import type { Reads, Situation } from '../judge/situation';
import type { Assessment } from './assess';
import { gateHalts, passedLimits, UNSHAPED, type Halt, type Verdict } from './plan';
import type { RoomId } from './rooms';
import { pullBy } from './byProcessPull';
import { stepsBy } from './byProcessSteps';

/** A job by a process beside the stick: how it is set, what it comes up against, and what keeps it back. */
export interface PlanBy {
  process: OtherArc;
  name: string;
  verdict: Verdict;
  halts: readonly Halt[];
  limits: readonly LimitBy[];
  steps: readonly Step[];
  /** Null where no setting is told, or the joint is not known. */
  set: ArcBy | null;
}

/** Limits of the piece and of its heat: what shuts them for stick shuts them for any arc. */
const WHATEVER_PROCESS: readonly RoomId[] = [
  'identification',
  'hazard',
  'coating',
  'preheat',
  'warmth-window',
  'interpass',
  'cold-crack',
  'hardness',
  'softening',
  'strength-loss',
  'casting-crack',
  'set-crack',
  'expansion',
  'galvanic',
  'min-fillet',
  'gap',
];

/** Answers "and by TIG, or by wire?": settings, limits and steps, under the same gates as the plan for stick. */
export function planBy(assessment: Assessment, process: OtherArc): PlanBy {
  const { situation } = assessment;
  const { stops, open, techniques } = gateHalts(assessment);
  const told = mayTell(situation);
  const candidate = chooseProcess(situation).candidates.find(({ id }) => id === process) as Candidate;
  const where = whereOf(situation, process, process === 'gas-wire' ? wayOf(situation) : undefined);
  const tabled = isTabled(process, situation);
  const refused = told && !takes(candidate);
  const found = told && tabled && !refused && where ? settingsBy(process, where) : null;
  // Without a filler that the app knows there is nothing to set.
  const set = found?.fillers.length === 0 ? null : found;
  const limits =
    set && where
      ? inTurn([
          ...limitsBy(candidate, set, where, machineFor(situation, set), situation.kit, situation.system),
          ...pullBy(situation, set),
        ])
      : [];
  const shut = [
    ...passedLimits(assessment.rooms.filter(({ id }) => WHATEVER_PROCESS.includes(id))),
    ...limits.filter(({ state }) => state === 'none').map(limitHalt),
    ...(refused ? [NOT_ON_IT] : []),
  ];
  const missing = tabled && !found ? UNSHAPED : UNTABLED;
  const asked: Halt[] = told && !set && !refused ? [...open, missing] : open;
  const [verdict, halts]: [Verdict, Halt[]] = !told
    ? [stops.length > 0 ? 'stopped' : 'draft', stops.length > 0 ? stops : open]
    : asked.length > 0
      ? ['draft', asked]
      : shut.length > 0
        ? ['no-room', shut]
        : techniques.length > 0
          ? ['technique', techniques]
          : ['ready', []];
  return {
    process,
    name: PROCESSES[process],
    verdict,
    halts,
    limits,
    steps: set ? stepsBy(situation, set, candidate.setup.words) : [],
    set,
  };
}

/** A process that goes better here than stick, or goes where stick does not, and what speaks for it. */
export interface BetterBy {
  process: OtherArc;
  name: string;
  words: string;
}

/** Answers "would another process do this better?" Null where stick stands first, or where nothing may be told. */
export function betterBy({ situation }: Assessment): BetterBy | null {
  if (!mayTell(situation)) return null;
  const { candidates } = chooseProcess(situation);
  const possible = candidates.filter((candidate) => candidate.possible);
  const stick = possible.findIndex(({ id }) => id === 'stick');
  const before = stick < 0 ? possible : possible.slice(0, stick);
  const first = before.find(({ id }) => isOther(id) && isTabled(id, situation));
  if (!first || !isOther(first.id)) return null;
  const good = first.points.filter(({ mark }) => mark === 'good').slice(0, 2);
  return {
    process: first.id,
    name: first.name,
    words: good.map(({ words }) => words).join('; '),
  };
}

const limitHalt = ({ title, words }: LimitBy): Halt => ({
  title,
  because: words,
  instead: 'Another process, or change what shuts it.',
  decides: 'you',
  safe: '',
});

const UNTABLED: Halt = {
  title: 'No settings of it for this metal',
  because: 'The tables of the app are made for other metals.',
  instead: 'Take amps, gas and pace from the maker of the filler, and try them on scrap.',
  decides: 'you, with the maker of the filler',
  safe: '',
};

const NOT_ON_IT: Halt = {
  title: 'Not on this metal',
  because: 'What it is, or may be, does not take this process on site.',
  instead: 'Another process, or the shop.',
  decides: 'you',
  safe: '',
};

/** Whether everything that the metal may be takes the process. */
const takes = ({ points }: Candidate): boolean =>
  points.every(({ about, mark }) => about !== 'metal' || mark !== 'no');

const isOther = (id: ProcessId): id is OtherArc => id !== 'stick' && id !== 'braze';

const isTabled = (process: OtherArc, { wants }: Reads<'wants'>): boolean =>
  wants.families.every((family) => TABLED[process].includes(metalFamily(family).group));

/** No setting under a stop or on a metal that is not known; where it stops only because no covered rod suits, others may. */
function mayTell({ withheld, job, wants }: Situation): boolean {
  if (withheld === null) return true;
  const onlyNoRod =
    wants.verdict === 'never' &&
    !wants.unjoinable &&
    wants.families.length > 0 &&
    wants.families.every((family) => metalFamily(family).arc === 'no-rod');
  return onlyNoRod && whyWithheld({ job, wants: { ...wants, verdict: 'yes' } }) === null;
}

/** The machine's plate in that process, on this supply. */
function machineFor(situation: Situation, { process, current_A }: ArcBy): MachineFor | null {
  const { machine, supply, entered, system } = situation;
  if (!machine) return null;
  const plate = readPlate(
    soundMachine(machine.value, system),
    supply?.value ?? null,
    {
      air_C: entered.look.air_C,
      cooling: entered.power.cooling,
      altitude_m: entered.look.altitude_m,
    },
    process,
  );
  const chain = chainOf({ ...situation, plate });
  const draw = chain && supplyDraw({ ...chain, process, current_A: current_A.nominal });
  const duty = permittedDuty(pointsHere(plate), current_A.nominal);
  return {
    name: machine.value.name,
    min_A: plate.min_A?.range.nominal ?? null,
    max_A: plate.max_A && plate.max_A.range,
    duty,
    draw: draw && {
      middle_A: draw.current_A.nominal,
      high_A: draw.current_A.high,
      holds: draw.holds,
      breaker_A: supply?.value.breaker_A ?? null,
    },
  };
}
