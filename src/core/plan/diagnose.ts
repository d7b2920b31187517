import { gasIn_l } from '../process/settings/stock';
import {
  FAULTS,
  HARDLY,
  PLAN_SAYS,
  SAID_FROM,
  SIGNS,
  SPEAKS_FROM,
  type FaultId,
  type FaultTraits,
  type Sign,
  type SignId,
} from '../data/diagnosis';
import { metalFamily, type MetalGroup } from '../data/metals';
import type { ArcProcess } from '../data/processIds';
import { idsOf } from '../data/words';
import type { JobEdit } from '../formats/paths';
import type { Situation } from '../judge/situation';
import type { Assessment } from './assess';
import type { RoomId } from './rooms';

/** A reason for what a weld shows. */
export interface Diagnosis {
  id: FaultId;
  name: string;
  /** Its share among all reasons, 0 to 1, and how that is said. */
  share: number;
  said: 'most likely' | 'likely' | 'maybe';
  test: string;
  minutes: number;
  fix: string;
  /** What in this plan speaks for it; empty where nothing does. */
  because: string;
  /** The change that mends it, where it is a setting. */
  edits: readonly JobEdit[];
}

const MOST_TOLD = 3;
/** One press is a tenth of the amps. */
const STEP = 0.1;

const belongs = ({ of }: { of?: readonly ArcProcess[] }, by: ArcProcess): boolean =>
  of === undefined || of.includes(by);

/** What a process can show. */
export const signsOf = (by: ArcProcess): SignId[] =>
  idsOf(SIGNS).filter((id) => belongs(SIGNS[id] as Sign, by));

/** Signs that are said in a sentence, by how much of it speaks of them; at most three. */
export function signsSaid(text: string, by: ArcProcess): SignId[] {
  const said = ` ${text
    .toLowerCase()
    .replace(/[’`]/g, "'")
    .replace(/[^a-z']+/g, ' ')} `;
  return signsOf(by)
    .map((id) => ({
      id,
      // A phrase says more than a word.
      weight: SIGNS[id].said
        .filter((words) => said.includes(` ${words}`))
        .reduce((sum, words) => sum + words.split(' ').length, 0),
    }))
    .filter(({ weight }) => weight > 0)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_TOLD)
    .map(({ id }) => id);
}

/**
 * Answers "why does it do that?": reasons by how often they are there in such a plan and show it, at most three.
 * @param by the process it was done with
 */
export function diagnose(assessment: Assessment, sign: SignId, by: ArcProcess = 'stick'): Diagnosis[] {
  const { situation } = assessment;
  const ids = idsOf(FAULTS).filter((id) => belongs(FAULTS[id] as FaultTraits, by));
  const weighed = ids.map((id) => {
    const fault: FaultTraits = FAULTS[id];
    const priors = { ...PRIORS, ...(by === 'stick' ? {} : BY_WIRE_OR_TIG) };
    const [times, because] = priors[id]?.(situation, assessment, by) ?? [1, ''];
    return { id, fault, because, weight: fault.usual * times * (fault.shows[sign] ?? HARDLY) };
  });
  const sum = weighed.reduce((all, { weight }) => all + weight, 0);
  return weighed
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_TOLD)
    .map(({ id, fault, because, weight }) => ({
      id,
      name: fault.name,
      share: weight / sum,
      said:
        weight / sum >= SAID_FROM.most
          ? 'most likely'
          : weight / sum >= SAID_FROM.likely
            ? 'likely'
            : 'maybe',
      test: fault.test,
      minutes: fault.minutes,
      fix: fault.fix,
      because,
      edits: by === 'stick' ? editsFor(id, situation) : [],
    }));
}

type Prior = (
  situation: Situation,
  assessment: Assessment,
  by?: ArcProcess,
) => [times: number, because: string];

/** How a room stands, as a prior: passed or tight speaks for what it guards against. */
const byRoom =
  (id: RoomId, because: string): Prior =>
  (_, { rooms }) => {
    const state = rooms.find((room) => room.id === id)?.state;
    if (state === 'none') return [PLAN_SAYS.much * 2, because];
    if (state === 'tight') return [PLAN_SAYS.much, because];
    return [1, ''];
  };

/** Place of the amps in the rod's range, 0 to 1; null where there is none. */
function placeOf({ window, current_A }: Situation): number | null {
  if (!window || !current_A) return null;
  return (current_A.value - window.low_A) / Math.max(1, window.high_A - window.low_A);
}

/** What this plan and its settings make more likely, or less. */
const PRIORS: Readonly<Partial<Record<FaultId, Prior>>> = {
  cold: (situation, assessment) => {
    const place = placeOf(situation);
    if (place !== null && place < 0.3) return [PLAN_SAYS.much, 'The amps stand low in the rod’s range.'];
    if (place !== null && place > 0.75) return [PLAN_SAYS.less, ''];
    return byRoom('fusion-floor', 'The plate wants about as much as it gets.')(situation, assessment);
  },
  hot: (situation, assessment) => {
    const place = placeOf(situation);
    if (place !== null && place > 0.8) return [PLAN_SAYS.much, 'The amps stand high in the rod’s range.'];
    if (place !== null && place < 0.3) return [PLAN_SAYS.less, ''];
    return byRoom('burn-through', 'The sheet holes at little more.')(situation, assessment);
  },
  damp: ({ dryness }) =>
    dryness && dryness.limit_h !== null && dryness.act !== ''
      ? [PLAN_SAYS.much, `The tin: ${dryness.words}`]
      : [1, ''],
  dirt: ({ job }) =>
    job.look.surface === 'oil' || job.look.surface === 'rust'
      ? [PLAN_SAYS.much, 'The surface is oily, rusty or painted.']
      : job.look.surface === 'bright'
        ? [PLAN_SAYS.less, '']
        : [1, ''],
  wind: (situation, assessment) => {
    if (situation.job.look.place === 'indoors') return [PLAN_SAYS.less, ''];
    const [times, because] = byRoom('wind', 'There is about as much wind as the arc stands.')(
      situation,
      assessment,
    );
    return times > 1 ? [times, because] : [situation.job.look.place === 'outdoors' ? PLAN_SAYS.more : 1, ''];
  },
  blow: (situation, assessment) =>
    situation.pole?.value === 'AC'
      ? [PLAN_SAYS.less / 4, '']
      : byRoom('arc-blow', 'The field at the joint stands near what blows the arc.')(situation, assessment),
  hydrogen: ({ heat, wants }) =>
    heat.asked_C.high > 0 || wants.families.some((id) => metalFamily(id).group === 'hardenable')
      ? [PLAN_SAYS.much, 'This metal hardens beside the bead.']
      : [PLAN_SAYS.less, ''],
  'slag-left': ({ beads }) =>
    (beads?.passes.length ?? 1) > 1 ? [PLAN_SAYS.more, 'It is laid in several passes.'] : [0.1, ''],
  bound: ({ job }) => (job.heat.restraint === 'high' ? [PLAN_SAYS.much, 'It is held fast.'] : [1, '']),
  heat: ({ joint }) =>
    joint.thin_mm !== null && joint.thin_mm <= 3 ? [PLAN_SAYS.more, 'It is sheet.'] : [PLAN_SAYS.less, ''],
  gap: ({ joint }) =>
    joint.gap_mm !== null && joint.gap_mm > 2 ? [PLAN_SAYS.much, 'The gap is wide.'] : [1, ''],
  cord: byRoom('cord', 'The cord takes about as much as it may.'),
  duty: byRoom('duty', 'The ten minutes stand nearly full.'),
  supply: byRoom('breaker', 'The breaker stands near its amps.'),
  order: byRoom('buckle', 'The sheet is near where it buckles.'),
};

const groupOf = ({ wants }: Situation): MetalGroup[] => wants.families.map((id) => metalFamily(id).group);
const ALUMINIUM_ONLY: Prior = (situation) =>
  groupOf(situation).includes('aluminium') ? [PLAN_SAYS.much, 'It is aluminium.'] : [PLAN_SAYS.less / 4, ''];

/** The same of a process beside the stick: the rod's own range says nothing there, and gas is blown off sooner. */
const BY_WIRE_OR_TIG: Readonly<Partial<Record<FaultId, Prior>>> = {
  cold: ({ joint }, _, by) =>
    by === 'gas-wire' && (joint.thin_mm ?? 0) > SPEAKS_FROM.shortCircuit_mm
      ? [PLAN_SAYS.much, 'Short-circuit wire hardly fuses plate as thick as this.']
      : [1, ''],
  hot: ({ joint }) =>
    joint.thin_mm !== null && joint.thin_mm <= SPEAKS_FROM.sheet_mm
      ? [PLAN_SAYS.more, 'It is sheet.']
      : [1, ''],
  wind: ({ job }, _, by) => {
    if (job.look.place === 'indoors') return [PLAN_SAYS.less, ''];
    if (by === 'cored-wire') return [1, ''];
    return (job.look.wind_m_s ?? 0) >= SPEAKS_FROM.wind_m_s
      ? [PLAN_SAYS.much * 4, 'Gas is blown off in so much wind.']
      : [job.look.place === 'outdoors' ? PLAN_SAYS.much : 1, ''];
  },
  pole: (_, __, by) =>
    by === 'cored-wire' ? [PLAN_SAYS.much, 'Self-shielded wire mostly runs on negative.'] : [1, ''],
  'gas-lost': ({ kit }) => {
    const left = kit.bottles.flatMap((bottle) => gasIn_l(bottle) ?? []);
    return left.length > 0 && left.every((litres) => litres < SPEAKS_FROM.littleGas_l)
      ? [PLAN_SAYS.much, 'The bottles are nearly empty.']
      : [1, ''];
  },
  'no-purge': (situation) =>
    groupOf(situation).some((group) => group === 'austenitic' || group === 'duplex')
      ? [PLAN_SAYS.much, 'It is stainless.']
      : [1, ''],
  oxide: ALUMINIUM_ONLY,
  gun: ALUMINIUM_ONLY,
};
/** The change a reason asks for, where it is a setting. */
function editsFor(id: FaultId, { current_A, window }: Situation): JobEdit[] {
  if (!current_A || !window || (id !== 'cold' && id !== 'hot')) return [];
  const to = Math.round(current_A.value * (id === 'cold' ? 1 + STEP : 1 - STEP));
  return [{ path: 'rod.current_A', value: to }];
}
