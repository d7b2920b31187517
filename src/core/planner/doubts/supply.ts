import { machineType } from '../../data/machines';
import type { Job } from '../../formats/job';
import type { JobEdit } from '../../formats/paths';
import { edited, kitted, only, onMachine, type Doubts } from './doubt';

/** What is not known of cord, line and machine. */

export const cordLength: Doubts = ({ entered, supply, cords }) =>
  only(supply !== null && supply.value.kind === 'socket' && cords === null, {
    id: 'cord',
    name: 'the cord',
    stop: 'power',
    find: 'Read what is moulded on it and pace its length.',
    find_min: 2,
    supposed: [
      edited('10 m of 4 mm²', cordOf(10, 'mm2-4', entered)),
      edited('25 m of 2.5 mm²', cordOf(25, 'mm2-2.5', entered)),
      edited('50 m of 1.5 mm²', cordOf(50, 'mm2-1.5', entered)),
    ],
  });
const cordOf = (length_m: number, size: 'mm2-1.5' | 'mm2-2.5' | 'mm2-4', { power }: Job): JobEdit[] => [
  { path: 'power.cordLength_m', value: power.cordLength_m ?? length_m },
  { path: 'power.cordSize', value: power.cordSize ?? size },
];

export const line: Doubts = ({ supply }) =>
  only(supply !== null && supply.value.kind === 'socket' && supply.value.source_ohm === null, {
    id: 'line',
    name: 'the line before the socket',
    stop: 'power',
    find: 'Watch a lamp on the same line dim while the arc burns.',
    find_min: 3,
    supposed: (
      [
        [0.1, 9],
        [0.8, 1],
      ] as const
    ).map(([ohm, odds]) => ({
      ...kitted(`${ohm} ohm`, (kit) => ({
        ...kit,
        supplies: kit.supplies.map((other) =>
          other.id === supply?.value.id ? { ...other, source_ohm: ohm } : other,
        ),
      })),
      odds,
    })),
  });

export const nameplate: Doubts = ({ machine, plate, supply }) => {
  const own = machine?.value;
  if (!own || !plate || plate.type.feeds !== 'mains' || plate.inputMax_A?.by === 'plate' || !plate.inputMax_A)
    return [];
  const { low, high } = plate.inputMax_A.range;
  return [
    {
      id: 'plate',
      name: 'the supply amps on the nameplate',
      stop: 'power',
      find: 'Read I1max off the plate, at Kit.',
      find_min: 2,
      supposed: [low, high].map((amps) =>
        kitted(
          `${Math.round(amps)} A`,
          onMachine(own.id, {
            inputs: [
              {
                volts_V: supply?.value.volts_V ?? null,
                phases: supply?.value.phases ?? 1,
                inputMax_A: amps,
                inputEff_A: null,
                top_A: null,
              },
            ],
          }),
        ),
      ),
    },
  ];
};

export const ratedPoint: Doubts = ({ machine, plate }) => {
  const own = machine?.value;
  if (!own || !plate || plate.pointsRead || !plate.max_A) return [];
  const current_A = plate.max_A.range.nominal;
  const { low, high } = machineType(own.type).duty;
  return [
    {
      id: 'duty',
      name: 'the duty cycle on the nameplate',
      stop: 'power',
      find: 'Read a rated point off the plate, at Kit.',
      find_min: 2,
      supposed: [low, high].map((share) =>
        kitted(
          `${Math.round(100 * share)} % at ${Math.round(current_A)} A`,
          onMachine(own.id, {
            rated: [{ process: 'stick', volts_V: null, current_A, duty_pct: 100 * share }],
          }),
        ),
      ),
    },
  ];
};

export const openVolts: Doubts = ({ machine, plate }) => {
  const own = machine?.value;
  return only(own !== undefined && plate?.ocv_V.by === 'kind', {
    id: 'ocv',
    name: 'the open-circuit volts',
    stop: 'power',
    find: 'Read U0 off the plate, at Kit.',
    find_min: 2,
    supposed: [plate?.ocv_V.range.low ?? 0, plate?.ocv_V.range.high ?? 0].map((volts) =>
      kitted(`${Math.round(volts)} V`, onMachine(own?.id ?? '', { ocv_V: Math.round(volts) })),
    ),
  });
};
