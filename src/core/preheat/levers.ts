import { REBAKES_ALLOWED, KEEPING } from '../data/keeping';
import { metalFamily } from '../data/metals';
import { rodClass } from '../data/rods';
import { inWords } from '../units/format';
import { passCount } from '../rods/counts';
import type { Change, ChangeMaker } from '../judge/change';

/** What can be changed about heat: how warm, how long waited, how much of it, and how dry the rod. */

/** Steps of preheat that are tried, °C. */
const PREHEAT_STEPS_C = [-50, -25, 25, 50];

/** Warmer or cooler before the arc. */
export const preheatChanges: ChangeMaker = ({ heat, system }) => {
  const say = inWords(system).temperature;
  const now = heat.preheat?.value ?? heat.metal_C;
  if (heat.asked_C.high <= heat.metal_C && heat.preheat === null) return [];
  const ceiling = heat.ceiling?.value_C ?? Infinity;
  return PREHEAT_STEPS_C.flatMap((step): Change[] => {
    const to = 5 * Math.round((now + step) / 5);
    if (to <= heat.metal_C + 10 || to >= ceiling) return [];
    return [
      {
        id: `preheat${step > 0 ? '+' : ''}${step}`,
        title: step > 0 ? `Warm it to ${say(to)}` : `Warm it to ${say(to)} only`,
        cost: step > 0 ? 'longer on the torch' : 'less time on the torch',
        edits: [{ path: 'heat.preheat_C', value: to }],
      },
    ];
  });
};

/** Waiting, or not waiting, for the metal to cool between beads. */
export const waitChange: ChangeMaker = ({ job, timeline }) => {
  if (job.heat.goStraightOn)
    return [
      {
        id: 'wait',
        title: 'Wait between beads until it has cooled',
        cost: 'time, by thermometer',
        edits: [{ path: 'heat.goStraightOn', value: false }],
      },
    ];
  return timeline?.starts.some(({ wait_s }) => wait_s > 0)
    ? [
        {
          id: 'straight-on',
          title: 'Go straight on without waiting',
          cost: 'the metal gets hotter than it should',
          edits: [{ path: 'heat.goStraightOn', value: true }],
        },
      ]
    : [];
};

/** The tin baked again before the job, where it is a kind that may be. */
export const rebakeChange: ChangeMaker = ({ job, rod, dryness }) => {
  if (job.rod.rebake || !rod?.value.tin || !dryness) return [];
  const { rebake } = KEEPING[rodClass(rod.value.rodClass).coating];
  const may = dryness.exposure.rebakes < REBAKES_ALLOWED.value && dryness.state !== 'scrap';
  return rebake === null || !may || !['over', 'unknown'].includes(dryness.state)
    ? []
    : [
        {
          id: 'rebake',
          title: 'Bake the tin again before the job',
          cost: rebake,
          edits: [{ path: 'rod.rebake', value: true }],
        },
      ];
};

/** Fewer and hotter beads, or more and cooler ones. */
export const heatInputChanges: ChangeMaker = ({ beads, joint, wants }) => {
  if (!beads || joint.area_mm2 === null || wants.families.length === 0) return [];
  const now = passCount(beads);
  const to = (count: number, id: string, title: string, cost: string): Change => ({
    id,
    title,
    cost,
    edits: [{ path: 'rod.beadCount', value: count }],
  });
  return [
    to(now + 1, 'more-beads', `Lay it in ${now + 1} smaller beads`, 'less heat each, more time'),
    ...(now > 1
      ? [
          to(
            now - 1,
            'fewer-beads',
            now === 2 ? 'Lay it in one bigger bead' : `Lay it in ${now - 1} bigger beads`,
            'more heat each',
          ),
        ]
      : []),
  ];
};

/** A second layer that tempers the first, on steel that hardens. */
export const temperBeadChange: ChangeMaker = ({ job, wants, heat }) => {
  const hardens =
    heat.steels.length > 0 && wants.families.some((id) => metalFamily(id).group === 'hardenable');
  return job.heat.temperBead || !hardens
    ? []
    : [
        {
          id: 'temper-bead',
          title: 'Temper with a second layer',
          cost: 'laid over the first, its edge 2 to 3 mm from the metal',
          edits: [{ path: 'heat.temperBead', value: true }],
        },
      ];
};
