import { ROD_SIZES } from '../data/rodSizes';
import { blankTin } from '../formats/blankKit';
import { readPath } from '../formats/edits';
import type { Machine, Supply, Tin } from '../formats/kit';
import type { JobEdit } from '../formats/paths';
import type { Change } from '../judge/change';
import type { Situation } from '../judge/situation';
import { CHANGE_MAKERS } from '../plan/levers/changes';
import { canBeTyped } from '../plan/levers/levers';
import { rankRods } from '../plan/rankRods';
import { runsShort } from '../rods/stages/beads';
import type { Option } from './option';

/** Rods that a shop sells and that are looked at: past these nobody would. */
const MOST_BOUGHT = 3;
/** A machine that can be borrowed nearly everywhere, and the socket that feeds it. */
const BORROWED = { max_A: 200, duty_pct: 60, inputMax_A: 26, ocv_V: 75 } as const;
const BIGGER_SOCKET_A = 32;
/** What still air is, m/s. */
const STILL_m_s = 0;

const here = (change: Change): Option => ({
  ...change,
  reach: change.away ? 'bring' : 'here',
  adds: [],
});

/** Everything that may be chosen otherwise on the truck: what a welder could do here and now. */
export const optionsHere = (situation: Situation): Option[] =>
  CHANGE_MAKERS.flatMap((make) => make(situation).filter(canBeTyped).map(here));

/** What could be fetched, bought or waited for. */
export const optionsAway = (situation: Situation): Option[] => [
  ...boughtRods(situation),
  ...borrowedMachine(situation),
  ...biggerSocket(situation),
  ...otherDay(situation),
];

const ROD_AFRESH: readonly JobEdit[] = [
  { path: 'rod.current_A', value: null },
  { path: 'rod.pole', value: null },
];

/** Rods that are made, suit the metal and lie in no tin, in the order of the trade. */
function boughtRods(situation: Situation): Option[] {
  const held = (rodClass: string, size: string) =>
    situation.kit.tins.some((tin) => tin.rodClass === rodClass && tin.size === size && tin.count !== 0);
  const { rod, now_ms } = situation;
  const sealed: Tin['events'] =
    now_ms === null ? [] : [{ at: new Date(now_ms).toISOString(), kind: 'sealed' }];
  const made = rankRods(situation, 'whole').table.filter(
    ({ shut, rodClass, size }) =>
      shut === '' && (!held(rodClass, size) || isShort(situation, { rodClass, size })),
  );
  const same = made.filter(({ rodClass }) => rodClass === rod?.value.rodClass);
  const first = [
    ...new Map(
      [...same.slice(0, 2), ...made.slice(0, MOST_BOUGHT)].map((fit) => [`${fit.rodClass} ${fit.size}`, fit]),
    ).values(),
  ];
  return first.map(({ rodClass, size }): Option => ({
    id: `rod-bought-${rodClass}-${size}`,
    title: `A sealed tin of ${rodClass} ${ROD_SIZES[size].inches}`,
    cost: 'to buy',
    reach: 'bring',
    edits: [{ path: 'rod.rodClass', value: rodClass }, { path: 'rod.size', value: size }, ...ROD_AFRESH],
    adds: [
      {
        shelf: 'tins',
        item: { ...blankTin(`bought ${rodClass} ${size}`, rodClass, size), count: MANY_RODS, events: sealed },
      },
    ],
  }));
}

/** True for the rod of the plan where its tin does not last. */
const isShort = ({ rod, beads }: Situation, fit: { rodClass: string; size: string }): boolean =>
  rod !== null &&
  beads !== null &&
  rod.value.rodClass === fit.rodClass &&
  rod.value.size === fit.size &&
  runsShort(beads, rod.value);
const MANY_RODS = 100;

/** A middling inverter, where the machine is what is in the way. */
function borrowedMachine({ kit, machine }: Situation): Option[] {
  const [pattern] = kit.machines;
  const own = machine?.value ?? pattern;
  if (!own) return [];
  const borrowed: Machine = {
    ...own,
    id: 'borrowed-machine',
    name: 'A borrowed inverter',
    type: 'inverter',
    poles: ['DCEP', 'DCEN'],
    min_A: 10,
    max_A: BORROWED.max_A,
    ocv_V: BORROWED.ocv_V,
    bias_pct: null,
    rated: [{ process: 'stick', volts_V: null, current_A: BORROWED.max_A, duty_pct: BORROWED.duty_pct }],
    inputs: [{ volts_V: 230, phases: 1, inputMax_A: BORROWED.inputMax_A, inputEff_A: null, top_A: null }],
    photos: [],
    typed: {},
  };
  return [
    {
      id: 'machine-borrowed',
      title: `An inverter of ${BORROWED.max_A} A at ${BORROWED.duty_pct} %`,
      cost: 'to borrow',
      reach: 'bring',
      edits: [{ path: 'power.machineId', value: borrowed.id }],
      adds: [{ shelf: 'machines', item: borrowed }],
    },
  ];
}

/** A socket on a bigger breaker near by. */
function biggerSocket({ supply }: Situation): Option[] {
  const own = supply?.value;
  if (!own || own.kind !== 'socket' || (own.breaker_A ?? Infinity) >= BIGGER_SOCKET_A) return [];
  const bigger: Supply = {
    ...own,
    id: 'bigger-socket',
    name: `A socket of ${BIGGER_SOCKET_A} A`,
    breaker_A: BIGGER_SOCKET_A,
    breakerKind: 'C',
    plug_A: BIGGER_SOCKET_A,
    others_A: null,
    cordLength_m: 10,
    cordSize: 'mm2-4',
    cordLie: 'straight',
    typed: {},
  };
  return [
    {
      id: 'supply-bigger',
      title: `A socket on a breaker of ${BIGGER_SOCKET_A} A, kind C`,
      cost: 'to be found or put in by somebody licensed',
      reach: 'bring',
      edits: [
        { path: 'power.supplyId', value: bigger.id },
        { path: 'power.cordLength_m', value: null },
        { path: 'power.cordSize', value: null },
        { path: 'power.cordLie', value: null },
      ],
      adds: [{ shelf: 'supplies', item: bigger }],
    },
  ];
}

/** Out of the wind, out of the cold, without the clock. */
function otherDay({ job }: Situation): Option[] {
  const { place, wind_m_s, timeWindow_s } = job.look;
  return [
    ...(place === 'outdoors' && wind_m_s !== STILL_m_s
      ? [
          {
            id: 'day-still',
            title: 'A still day, or under a roof',
            cost: 'wait, or move the piece',
            reach: 'wait' as const,
            edits: [{ path: 'look.wind_m_s' as const, value: STILL_m_s }],
            adds: [],
          },
        ]
      : []),
    ...(timeWindow_s === null
      ? []
      : [
          {
            id: 'day-longer',
            title: 'A day with more time',
            cost: 'another tide or timetable',
            reach: 'wait' as const,
            edits: [{ path: 'look.timeWindow_s' as const, value: null }],
            adds: [],
          },
        ]),
  ];
}

/** True where the welder set a field himself: it stays as it is. */
export const isFixed = ({ entered }: Pick<Situation, 'entered'>, path: string): boolean => {
  const value = readPath(entered, path);
  return value !== null && value !== undefined && value !== false;
};
