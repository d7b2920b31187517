import { type CheckId, type FindingId, type SymptomId } from '../data/noArcIds';
import { CHECKS } from '../data/noArc';
import { rodClass } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { inWords, trimmed } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import type { Assessment } from './assess';
import type { Room, RoomId } from './rooms';
import { clampDrop_V } from '../power/clamp';
import { POLE_WORDS } from '../data/words';
import type { Reads, Situation } from '../judge/situation';
import { speakRoom } from '../judge/speak';

/** A place to look for the lost arc, with what this job should show there. */
export interface ArcCheck {
  id: CheckId;
  name: string;
  look: string;
  mend: string;
  /** What should be read or seen, in this job's own numbers. */
  expect: readonly string[];
  /** What the plan already says against it; empty where nothing does. */
  suspect: string;
  /** True where the fault of this place does not show as the symptom does. */
  unlikely: boolean;
  found: FindingId | null;
}

/** The search as it stands. */
export interface ArcSearch {
  symptom: SymptomId | null;
  checks: readonly ArcCheck[];
  /** Where to look next; null once it was found, or everything was looked at. */
  next: ArcCheck | null;
  found: ArcCheck | null;
}

/** Rooms that, shut or tight, point at a place. */
const POINTS_AT: Readonly<Record<CheckId, readonly RoomId[]>> = {
  clamp: [],
  leads: ['leads', 'lead-heat'],
  pole: ['pole'],
  ocv: ['ocv'],
  rod: ['rod-amps', 'machine-range'],
  supply: ['supply-fit', 'cord', 'breaker', 'inrush', 'plug', 'generator', 'charge'],
  thermal: ['duty'],
};

/**
 * Answers "why is there no arc?": the places in the order that finds it soonest, those that can show as it shows before the others,
 * and of the rest those first that the job's own numbers speak against. The clamp stays first: it is the commonest and the quickest.
 */
export function searchArc({ situation, rooms }: Assessment): ArcSearch {
  const { symptom, found } = situation.job.power.noArc;
  const expected = expectations(situation);
  const checks = (Object.keys(CHECKS) as CheckId[])
    .map((id): ArcCheck => {
      const { name, look, mend } = CHECKS[id];
      const shows: readonly SymptomId[] = CHECKS[id].shows;
      return {
        id,
        name,
        look,
        mend,
        expect: expected[id],
        suspect: suspicion(id, rooms, situation.system),
        unlikely: symptom !== null && !shows.includes(symptom),
        found: found[id] ?? null,
      };
    })
    .sort((a, b) => order(a) - order(b));
  const hit = checks.find((check) => check.found === 'found') ?? null;
  return {
    symptom,
    checks,
    next: hit ? null : (checks.find((check) => check.found === null) ?? null),
    found: hit,
  };
}

const order = ({ id, unlikely, suspect }: ArcCheck): number =>
  (unlikely ? 4 : 0) + (id === 'clamp' ? 0 : suspect === '' ? 2 : 1);

function suspicion(id: CheckId, rooms: readonly Room[], system: UnitSystem): string {
  const room = rooms.find(({ id: at, state }) => POINTS_AT[id].includes(at) && state === 'none');
  return room ? `${room.title}: ${speakRoom(room, system)}.` : '';
}

/** What each place should show, from the job's own numbers. */
function expectations(situation: Situation): Record<CheckId, string[]> {
  const { job, machine, plate, rod, pole, window, current_A, leads, system } = situation;
  const amps = current_A?.value ?? null;
  const set = amps === null ? [] : [`Set: ${amps} A.`];
  const span = plate && `${trimmed(plate.ocv_V.range.low, 0)} to ${trimmed(plate.ocv_V.range.high, 0)} V`;
  const rodName = rod ? `${rod.value.rodClass} ${ROD_SIZES[rod.value.size].inches}` : null;
  const wanted_V = rod ? rodClass(rod.value.rodClass).ocv_V : null;
  return {
    clamp:
      amps === null
        ? ['A good clamp loses a few tenths of a volt while welding; over a volt it is the fault.']
        : [
            `At ${amps} A a good clamp loses ${trimmed(clampDrop_V(null, amps).nominal, 2)} V or so; over a volt it is the fault.`,
            ...(job.power.clampDrop_V === null
              ? []
              : [`You measured ${trimmed(job.power.clampDrop_V, 1)} V.`]),
          ],
    leads: leads
      ? [
          `${leads.value.name}: cool to the hand all along at ${amps ?? '?'} A; the one warm place is the bad one.`,
        ]
      : ['Cool to the hand all along; the one warm place is the bad one.'],
    pole:
      pole && rodName
        ? [
            `${rodName} here: ${POLE_WORDS[pole.value]} (${pole.value}).`,
            ...(machine ? [`${machine.value.name} gives ${machine.value.poles.join(', ')}.`] : []),
          ]
        : [],
    ocv: [
      ...(plate && span
        ? [
            plate.ocv_V.by === 'plate'
              ? `Should read about ${trimmed(plate.ocv_V.range.nominal, 0)} V.`
              : `Machines of the kind read ${span}.`,
          ]
        : []),
      ...(wanted_V !== null && rodName ? [`${rodName} wants about ${wanted_V} V.`] : []),
    ],
    rod: [
      ...(rodName && window
        ? [`${rodName}: ${window.low_A} to ${window.high_A} A by the ${window.by}.`]
        : []),
      ...set,
    ],
    supply: supplyWords(situation),
    thermal: dutyWords(situation, inWords(system).temperature),
  };
}

function supplyWords({
  supply,
  plate,
  draw,
  current_A,
}: Reads<'supply' | 'plate' | 'draw' | 'current_A'>): string[] {
  if (plate && plate.type.feeds === 'battery') return ['Battery charged, seated, and not too cold.'];
  if (plate && plate.type.feeds === 'engine') return ['Engine up to speed, not at idle; fuel and oil.'];
  const volts_V = supply?.value.volts_V ?? null;
  if (!supply || volts_V === null || !draw) return [];
  if (!draw.holds)
    return [
      `On this cord there is no working point at ${current_A?.value ?? '?'} A: that alone explains it.`,
    ];
  return [
    `${supply.value.name}: ${trimmed(volts_V, 0)} V idle, about ${trimmed(volts_V * (1 - draw.dropShare.nominal), 0)} V at the machine while the arc burns.`,
    `Draws about ${trimmed(draw.current_A.nominal, 0)} A${supply.value.breaker_A === null ? '' : ` on a ${trimmed(supply.value.breaker_A, 0)} A breaker, kind ${supply.value.breakerKind}`}.`,
  ];
}

function dutyWords(
  { job, plate, current_A }: Reads<'job' | 'plate' | 'current_A'>,
  temperature: (c: number) => string,
): string[] {
  const { air_C } = job.look;
  if (!plate || !current_A || plate.points.length === 0) return [];
  const top = plate.points.reduce((a, b) => (b.current_A > a.current_A ? b : a));
  return [
    `${plate.pointsRead ? 'Plate' : 'Usual for its kind'}: ${Math.round(100 * top.duty)} % at ${trimmed(top.current_A, 0)} A. You weld at ${current_A.value} A.`,
    ...(air_C !== null && air_C > 40
      ? [`At ${temperature(air_C)} it stops sooner than the plate says.`]
      : []),
  ];
}
