import { CABLES, CABLE_IDS } from '../data/cables';
import { readPath } from '../formats/edits';
import { formatQuantity, inWords } from '../units/format';
import { DURATION } from '../units/kinds';
import { dutyPlan } from './dutyPlan';
import { when, type Change, type ChangeMaker } from '../judge/change';

/** What can be changed about what feeds the arc. */

const REST_STEPS_s = [60, 180];

const isWound = (lie: unknown): boolean => lie === 'drum' || lie === 'half';

/** A shorter cord, and the next two heavier ones. */
export const cordChanges: ChangeMaker = ({ cords, job, system }): Change[] => {
  const [cord, second] = cords?.value ?? [];
  if (!cord) return [];
  const { length_m, size } = cord;
  const { sold, area_mm2: area } = CABLES[size];
  const heavier = CABLE_IDS.filter(
    (id) => CABLES[id].sold === sold && CABLES[id].area_mm2 > area && CABLES[id].ampacity_A !== null,
  )
    .sort((a, b) => CABLES[a].area_mm2 - CABLES[b].area_mm2)
    .slice(0, 2);
  const half = Math.round(length_m / 2);
  const wound = (['cordLie', 'cord2.lie', 'cord3.lie'] as const).filter(
    (at) => isWound(readPath(job.power, at)) || (at === 'cordLie' && isWound(cord.lie)),
  );
  return [
    ...when(wound.length > 0, {
      id: 'off-the-drum',
      title: 'Pull all of the cord off the drum',
      cost: 'room to lay it out',
      edits: wound.map((at) => ({ path: `power.${at}` as const, value: 'straight' as const })),
    }),
    ...when(second !== undefined, {
      id: 'one-cord',
      title: 'Work with the first cord alone',
      cost: 'machine nearer the socket, longer weld leads',
      edits: [
        { path: 'power.cord2.lie', value: 'none' },
        { path: 'power.cord3.lie', value: 'none' },
      ],
    }),
    ...when(half >= 2, {
      id: 'cord-half',
      title: `Cord cut to ${inWords(system).distance(half)}`,
      cost: 'machine nearer the socket, longer weld leads',
      edits: [{ path: 'power.cordLength_m', value: half }],
    }),
    ...heavier.map((id): Change => ({
      id: `cord-${id}`,
      title: `Cord of ${CABLES[id].name}`,
      cost: 'a heavier cord to fetch',
      away: true,
      edits: [{ path: 'power.cordSize', value: id }],
    })),
  ];
};

/** The cords and leads of the kit that are not in use. */
export const cableChanges: ChangeMaker = ({ kit, cords, leads }): Change[] => [
  ...kit.cords
    .filter((other) => {
      const first = cords?.value[0];
      return first !== undefined && other.length_m !== null && other.size !== first.size;
    })
    .map((other): Change => ({
      id: `use-${other.id}`,
      title: `Use ${other.name}`,
      cost: 'in place of the cord on the supply',
      edits: [
        { path: 'power.cordLength_m', value: other.length_m },
        { path: 'power.cordSize', value: other.size },
        { path: 'power.cordLie', value: 'straight' },
      ],
    })),
  ...kit.leads
    .filter((other) => leads !== null && other.id !== leads.value.id)
    .map((other): Change => ({
      id: `leads-${other.id}`,
      title: `Weld with ${other.name}`,
      cost: 'machine nearer or farther',
      edits: [{ path: 'power.leadsId', value: other.id }],
    })),
];

/** The other supplies of the kit, each with its own cord; none for a machine that makes its own power. */
export const supplyChanges: ChangeMaker = ({ kit, supply, plate }): Change[] =>
  kit.supplies
    .filter((other) => plate?.type.feeds === 'mains' && other.id !== supply?.value.id)
    .map((other) => ({
      id: `supply-${other.id}`,
      title: `Feed from ${other.name}`,
      cost: 'move the plug',
      edits: [
        { path: 'power.supplyId', value: other.id },
        { path: 'power.cordLength_m', value: null },
        { path: 'power.cordSize', value: null },
        { path: 'power.cordLie', value: null },
      ],
    }));

/** The other machines of the kit; rod and amps chosen by the app are chosen again for it. */
export const machineChanges: ChangeMaker = ({ kit, machine }) =>
  kit.machines
    .filter((other) => other.id !== machine?.value.id)
    .map((other) => ({
      id: `machine-${other.id}`,
      title: `Use ${other.name}`,
      cost: 'another machine to carry',
      edits: [{ path: 'power.machineId', value: other.id }],
    }));

/** Longer rests after each rod; first the shortest that keeps the machine from cutting out, where it would. */
export const restChanges: ChangeMaker = (situation) => {
  const { rest_s, timeline } = situation;
  if (timeline === null) return [];
  const duty = dutyPlan(situation);
  const needed = duty?.over_s != null && duty.rest_s !== null && duty.rest_s > rest_s ? [duty.rest_s] : [];
  return [...needed, ...REST_STEPS_s.map((step) => rest_s + step)].map((to) => ({
    id: needed.includes(to) ? 'rest-needed' : `rest+${to - rest_s}`,
    title: `Rest ${formatQuantity(to, DURATION, 'metric')} after each rod`,
    cost: `${formatQuantity(to - rest_s, DURATION, 'metric')} longer a rod`,
    edits: [{ path: 'rod.rest_s', value: to }],
  }));
};

/** Filters and fins blown out, where they are clogged. */
export const coolingChange: ChangeMaker = ({ job }) =>
  job.power.cooling === 'dirty'
    ? [
        {
          id: 'blow-out',
          title: 'Blow the dust out of the machine',
          cost: 'plug pulled, dry air, a mask on',
          edits: [{ path: 'power.cooling', value: 'clean' }],
        },
      ]
    : [];
