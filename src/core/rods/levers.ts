import { rodClass } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { AIMS, idsOf, POLE_WORDS } from '../data/words';
import { ampWindow } from './amps/amps';
import { runsShort } from './stages/beads';
import type { Change, ChangeMaker } from '../judge/change';
import { isUneven } from '../joint/geometry';

/** What can be changed about the rod and how it is run. */

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
  if (!isUneven(joint)) return [];
  return idsOf(AIMS)
    .filter((id) => AIMS[id].thinShare < AIMS[aim.value].thinShare)
    .map((id) => ({
      id: `aim-${id}`,
      title: AIMS[id].name,
      cost: `thin side takes ${Math.round(100 * AIMS[id].thinShare)} % of the heat`,
      edits: [{ path: 'rod.aim', value: id }],
    }));
};

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

/** One rod for all of it, where the top has one of its own; or the top with another out of the tins, where the rods run short. */
export const capChanges: ChangeMaker = ({ job, rod, beads, kit, rodsWanted }) => {
  if (job.rod.cap.rodClass !== null)
    return [
      {
        id: 'one-rod',
        title: 'One rod for all of it',
        cost: 'the top like the rest',
        edits: [{ path: 'rod.cap', value: { rodClass: null, size: null } }],
      },
    ];
  if (!rod || !beads || !runsShort(beads, rod.value) || beads.passes.length < 2) return [];
  const seen = new Set<string>([rod.value.rodClass]);
  return kit.tins.flatMap((tin): Change[] => {
    if (seen.has(tin.rodClass) || (tin.count ?? 0) === 0 || !rodsWanted.includes(tin.rodClass)) return [];
    if (!ampWindow(tin.rodClass, tin.size, tin)) return [];
    seen.add(tin.rodClass);
    return [
      {
        id: `cap-${tin.rodClass}`,
        title: `The last layer with ${tin.rodClass} ${ROD_SIZES[tin.size].inches}`,
        cost: 'amps set afresh for it',
        edits: [{ path: 'rod.cap', value: { rodClass: tin.rodClass, size: tin.size } }],
      },
    ];
  });
};

/** The other way to string runs together, where a tie-in would fall on a corner. */
export const runsChange: ChangeMaker = ({ runs }) => {
  if (!runs || runs.path.sides_mm.length < 2 || !runs.path.closed) return [];
  const backstep = runs.order === 'backstep';
  return [
    {
      id: backstep ? 'runs-straight' : 'runs-backstep',
      title: backstep ? 'Run on round, tie-ins off the corners' : 'Backstep each side',
      cost: backstep ? 'the rod must last' : 'more starts',
      edits: [{ path: 'order.pattern', value: backstep ? 'straight' : 'backstep' }],
    },
  ];
};
