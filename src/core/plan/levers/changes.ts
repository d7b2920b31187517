import { CABLES, CABLE_IDS } from '../../data/cables';
import { rodClass } from '../../data/rods';
import { ROD_SIZES } from '../../data/rodSizes';
import { AIMS, idsOf, POLE_WORDS } from '../../data/words';
import { readPath } from '../../formats/edits';
import { ampWindow } from '../../rods/amps';
import { formatQuantity, inWords } from '../../units/format';
import { DURATION } from '../../units/kinds';
import { dutyPlan } from '../dutyPlan';
import { runsShort } from '../resolveRod';
import type { Change, ChangeMaker } from './lever';

const AMP_STEPS_A = [-20, -10, -5, 5, 10, 20];

/** Amps up or down, inside what the machine and the rod could be asked for. */
export const ampsChanges: ChangeMaker = ({ current_A, window }) => {
  if (!current_A || !window) return [];
  return AMP_STEPS_A.flatMap((step) => {
    const to = current_A.value + step;
    if (to < window.low_A * 0.8 || to > window.high_A * 1.1) return [];
    return [
      {
        id: `amps${step > 0 ? '+' : ''}${step}`,
        title: step < 0 ? `Drop to ${to} A` : `Raise to ${to} A`,
        cost: 'one turn of the dial',
        edits: [{ path: 'rod.current_A', value: to }],
      },
    ];
  });
};

/** Another rod out of the tins: other size or other class, amps proposed afresh. */
export const rodChanges: ChangeMaker = ({ kit, rod, rodsWanted }) => {
  const seen = new Set(rod ? [`${rod.value.rodClass} ${rod.value.size}`] : []);
  return kit.tins.flatMap((tin): Change[] => {
    const key = `${tin.rodClass} ${tin.size}`;
    if (seen.has(key) || tin.count === 0 || !ampWindow(tin.rodClass, tin.size, tin)) return [];
    if (rodsWanted.length > 0 && !rodsWanted.includes(tin.rodClass)) return [];
    seen.add(key);
    const sameClass = rod?.value.rodClass === tin.rodClass;
    return [
      {
        id: `rod-${tin.rodClass}-${tin.size}`,
        title: sameClass
          ? `${ROD_SIZES[tin.size].inches} rod of the same`
          : `${tin.rodClass} ${ROD_SIZES[tin.size].inches}`,
        cost: 'amps set afresh',
        edits: [
          { path: 'rod.rodClass', value: tin.rodClass },
          { path: 'rod.size', value: tin.size },
          { path: 'rod.current_A', value: null },
          { path: 'rod.pole', value: null },
        ],
      },
    ];
  });
};

/** The other poles that machine and rod allow. */
export const poleChanges: ChangeMaker = ({ rod, pole, machine }) => {
  if (!rod || !pole) return [];
  return rodClass(rod.value.rodClass)
    .poles.filter((other) => other !== pole.value && (!machine || machine.value.poles.includes(other)))
    .map((other) => ({
      id: `pole-${other}`,
      title: `Change to ${POLE_WORDS[other]}`,
      cost: other === 'AC' ? 'rougher arc, no arc blow' : 'swap the leads at the machine',
      edits: [{ path: 'rod.pole', value: other }],
    }));
};

/** Lean the arc, where the two sides differ. */
export const aimChanges: ChangeMaker = ({ joint, aim }) => {
  if (joint.ratio < 1.5) return [];
  return idsOf(AIMS)
    .filter((id) => AIMS[id].thinShare < AIMS[aim.value].thinShare)
    .map((id) => ({
      id: `aim-${id}`,
      title: AIMS[id].name,
      cost: `thin side takes ${Math.round(100 * AIMS[id].thinShare)} % of the heat`,
      edits: [{ path: 'rod.aim', value: id }],
    }));
};

/** A shorter cord, and the next two heavier ones. */
export const cordChanges: ChangeMaker = ({ cords, job, system }) => {
  const [cord, second] = cords?.value ?? [];
  if (!cord) return [];
  const { length_m, size } = cord;
  const metric = size.startsWith('mm2');
  const area = CABLES[size].area_mm2;
  const heavier = CABLE_IDS.filter(
    (id) => id.startsWith('mm2') === metric && CABLES[id].area_mm2 > area && CABLES[id].ampacity_A !== null,
  )
    .sort((a, b) => CABLES[a].area_mm2 - CABLES[b].area_mm2)
    .slice(0, 2);
  const half = Math.round(length_m / 2);
  const wound = (['cordLie', 'cord2.lie', 'cord3.lie'] as const).filter(
    (at) => readPath(job.power, at) === 'drum' || (at === 'cordLie' && cord.lie === 'drum'),
  );
  return [
    ...(wound.length > 0
      ? [
          {
            id: 'off-the-drum',
            title: 'Pull all of the cord off the drum',
            cost: 'room to lay it out',
            edits: wound.map((at) => ({ path: `power.${at}`, value: 'straight' })),
          },
        ]
      : []),
    ...(second
      ? [
          {
            id: 'one-cord',
            title: 'Work with the first cord alone',
            cost: 'machine nearer the socket, longer weld leads',
            edits: [
              { path: 'power.cord2.lie', value: 'none' },
              { path: 'power.cord3.lie', value: 'none' },
            ],
          },
        ]
      : []),
    ...(half >= 2
      ? [
          {
            id: 'cord-half',
            title: `Cord cut to ${inWords(system).distance(half)}`,
            cost: 'machine nearer the socket, longer weld leads',
            edits: [{ path: 'power.cordLength_m', value: half }],
          },
        ]
      : []),
    ...heavier.map((id) => ({
      id: `cord-${id}`,
      title: `Cord of ${CABLES[id].name}`,
      cost: 'a heavier cord to fetch',
      edits: [{ path: 'power.cordSize', value: id }],
    })),
  ];
};

/** The cords and leads of the kit that are not in use. */
export const cableChanges: ChangeMaker = ({ kit, cords, leads }) => [
  ...kit.cords
    .filter((other) => {
      const first = cords?.value[0];
      return first !== undefined && other.length_m !== null && other.size !== first.size;
    })
    .map((other) => ({
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
    .map((other) => ({
      id: `leads-${other.id}`,
      title: `Weld with ${other.name}`,
      cost: 'machine nearer or farther',
      edits: [{ path: 'power.leadsId', value: other.id }],
    })),
];

/** The other supplies of the kit, each with its own cord; none for a machine that makes its own power. */
export const supplyChanges: ChangeMaker = ({ kit, supply, plate }) =>
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

const REST_STEPS_s = [60, 180];

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

const SHELTERED_m_s = 1;

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

/** A wind break, where there is wind. */
export const shelterChange: ChangeMaker = ({ job, system }) =>
  job.look.place === 'outdoors' && (job.look.wind_m_s === null || job.look.wind_m_s > SHELTERED_m_s)
    ? [
        {
          id: 'shelter',
          title: 'Rig a wind break',
          cost: `down to ${inWords(system).wind(SHELTERED_m_s)} at the arc; keep the fume moving`,
          edits: [{ path: 'look.wind_m_s', value: SHELTERED_m_s }],
        },
      ]
    : [];

/** Pull the gap in. */
export const gapChange: ChangeMaker = ({ job, joint, system }) =>
  joint.gap_mm !== null && joint.gap_mm > 0.5
    ? [
        {
          id: 'gap-half',
          title: `Pull the gap in to ${inWords(system).size(joint.gap_mm / 2)}`,
          cost: 'clamp, wedge, tack again',
          edits: [{ path: 'joint.gap_mm', value: job.joint.gap_mm === null ? 0 : job.joint.gap_mm / 2 }],
        },
      ]
    : [];

/** Finish with other sizes of the class, where the tin runs short and there are some. */
export const mixChange: ChangeMaker = ({ job, rod, beads, kit }) => {
  if (job.rod.mix || !rod || !beads || !runsShort(beads, rod.value)) return [];
  const others = kit.tins.filter(
    (tin) =>
      tin.rodClass === rod.value.rodClass &&
      tin.size !== rod.value.size &&
      (tin.count === null || tin.count > 0),
  );
  return others.length === 0
    ? []
    : [
        {
          id: 'mix-sizes',
          title: `Finish with ${others.map(({ size }) => ROD_SIZES[size].inches).join(' or ')} of the same`,
          cost: 'amps set afresh where the size changes',
          edits: [{ path: 'rod.mix', value: true }],
        },
      ];
};

/** A bevel ground on, where the arc does not go through. */
export const bevelChange: ChangeMaker = ({ job, joint }) =>
  job.joint.kind === 'square-butt' && joint.thin_mm !== null && joint.thin_mm > BEVEL_FROM_mm
    ? [
        {
          id: 'bevel',
          title: 'Grind a V',
          cost: 'grinding, and more weld metal',
          edits: [{ path: 'joint.kind', value: 'v-butt' }],
        },
      ]
    : [];
const BEVEL_FROM_mm = 3;

/** The other way to string runs together, where a tie-in would fall on a corner. */
export const runsChange: ChangeMaker = ({ job, runs }) => {
  if (!runs || runs.path.sides_mm.length < 2 || !runs.path.closed) return [];
  const backstep = job.rod.runs === null || job.rod.runs === 'backstep';
  return [
    {
      id: backstep ? 'runs-continuous' : 'runs-backstep',
      title: backstep ? 'Run on round, tie-ins off the corners' : 'Backstep each side',
      cost: backstep ? 'the rod must last' : 'more starts',
      edits: [{ path: 'rod.runs', value: backstep ? 'continuous' : 'backstep' }],
    },
  ];
};

/** Every kind of change the app can think of. A new one is a function above and a line here. */
export const CHANGE_MAKERS: readonly ChangeMaker[] = [
  aimChanges,
  ampsChanges,
  rodChanges,
  poleChanges,
  cordChanges,
  cableChanges,
  supplyChanges,
  machineChanges,
  restChanges,
  coolingChange,
  shelterChange,
  gapChange,
  mixChange,
  bevelChange,
  runsChange,
];
