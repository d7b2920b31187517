import { BRAZE_METAL, COLD_BEAD, HOT_CASTING, PEEN_AND_MOVE_s } from '../data/castIron';
import { BRAZE_IRON, HOT_IRON } from '../data/heatRules';
import { metalFamily } from '../data/metals';
import { PRACTICE } from '../units/sources';
import { counted, inWords, trimmed } from '../units/format';
import type { Situation } from '../judge/situation';
import { shortBeads, waitsOf } from '../preheat/beadByBead';
import { ready, studs } from './ironReady';
import { note, part, type Part, type Procedure } from './procedure';

/** Cast iron: cold, hot or brazed. */
export function castIron(situation: Situation): Procedure | null {
  const { iron } = situation;
  if (!iron) return null;
  const ways = { cold, hot, braze };
  return { id: 'cast-iron', ...ways[iron.way.value](situation) };
}

type Way = Omit<Procedure, 'id'>;

/** Length of a cold bead, mm: shorter on thin iron. */
export const coldBead_mm = (thin_mm: number | null): number =>
  COLD_BEAD.rows.find(({ upTo_mm }) => (thin_mm ?? 10) <= upTo_mm)?.bead_mm ?? 25;

function cold(situation: Situation): Way {
  const { joint, system, heat, beads, wants } = situation;
  const say = inWords(system);
  const bead_mm = coldBead_mm(joint.thin_mm);
  const rows = shortBeads(situation, bead_mm, PEEN_AND_MOVE_s.value);
  const waits = waitsOf(rows);
  const passes = beads?.passes.length ?? 0;
  const perPass = passes > 0 ? Math.round(rows.filter(({ pass }) => pass === 1).length) : 0;
  const ceiling = heat.ceiling?.value_C ?? 65;
  const ductile = wants.families.includes('ductile-iron');
  return {
    title: 'Cast iron, cold',
    answer:
      rows.length === 0
        ? `Beads of ${say.size(bead_mm)}, each peened warm, never over ${say.temperature(ceiling)} beside it.`
        : `${counted(perPass, 'bead')} of about ${say.size(Math.round((rows[0]?.to_mm ?? bead_mm) - (rows[0]?.from_mm ?? 0)))} a pass, each peened warm${waits.count > 0 ? `; about ${say.time(waits.usual_s)} between them` : ''}.`,
    beads: rows,
    parts: {
      prepare: part({ actions: [...ready(situation), ...studs(situation)] }),
      warm: part({
        actions: [
          note(
            `Take the chill off: ${say.temperature(40)} or so round the joint, by thermometer. Not more: between that and red heat iron only pulls harder.`,
            COLD_BEAD.source,
          ),
        ],
      }),
      weld: part({
        settings: [
          { label: 'Each bead', value: say.size(bead_mm) },
          ...(waits.count > 0 ? [{ label: 'Between beads', value: `about ${say.time(waits.usual_s)}` }] : []),
        ],
        holds: [
          note(
            `Metal beside the last bead under ${say.temperature(ceiling)} before the next, by thermometer: a hand burns at 60 °C.`,
            COLD_BEAD.source,
          ),
        ],
        actions: [
          note(
            'Low amps, small rod, straight beads; the arc on the bead before it, not on the iron.',
            PRACTICE,
          ),
          note(
            'Skip about: each bead half the joint away from the last, so that no place gets warm. Fill each crater.',
            PRACTICE,
          ),
          note(
            'Peen every bead at once, while it is still hot, with light blows of a rounded tool, until it has spread. Not the last layer where it is to be looked at for cracks.',
            PRACTICE,
          ),
          ...(ductile ? [note('Ductile iron: nickel-iron holds better than plain nickel.', PRACTICE)] : []),
          ...(waits.count > 0
            ? [
                note(
                  `Reckoned on this piece: ${waits.count} of ${rows.length} beads are waited for, ${say.time(waits.longest_s)} at the longest.`,
                  heat.piece.metal.source,
                ),
              ]
            : []),
        ],
        cautions: ['Peening: goggles under the hood, chips fly.'],
      }),
      after: part({
        actions: [
          note('Still air, out of the wind. No water.', PRACTICE),
          note('Listen and look with dye an hour later: iron cracks beside the weld as it cools.', PRACTICE),
        ],
      }),
    },
  };
}

function hot(situation: Situation): Way {
  const { joint, system, iron, heat } = situation;
  const say = inWords(system);
  const target_C = heat.preheat?.value ?? HOT_IRON.preheatMin_C ?? 500;
  const hours = (target_C - heat.metal_C) / HOT_CASTING.rise_C_h;
  const relief_min = (HOT_CASTING.relief.min_per_25mm * (joint.thick_mm ?? 25)) / 25;
  const fall_h = (HOT_CASTING.relief.low_C - 300) / HOT_CASTING.fall_C_h;
  return {
    title: 'Cast iron, hot',
    answer: `The whole casting to ${say.temperature(target_C)} in about ${trimmed(hours, 0)} h, welded there, buried for ${HOT_CASTING.bury_h} h.`,
    beads: [],
    parts: {
      prepare: part({
        actions: [
          ...ready(situation),
          note('Carbon or clay blocks hold the pool where a wall is gone.', PRACTICE),
        ],
      }),
      warm: part({
        settings: [
          { label: 'Warming', value: `about ${trimmed(hours, 0)} h at ${HOT_CASTING.rise_C_h} °C an hour` },
        ],
        holds: [
          note(
            `All of it between ${say.temperature(HOT_IRON.preheatMin_C ?? 500)} and ${say.temperature(HOT_IRON.preheatMax_C ?? 650)}, thick and thin alike; never over ${say.temperature(HOT_IRON.interpassMax_C ?? 760)}.`,
            HOT_CASTING.source,
          ),
        ],
        actions: [
          note(
            `Build bricks and a blanket round it; burners all round, or charcoal.${iron?.weight_kg === null || !iron ? '' : ` About ${trimmed(iron.weight_kg, 0)} kg of iron to warm.`}`,
            HOT_CASTING.source,
          ),
        ],
        cautions: [
          'Red heat: long gauntlets, face shield, nothing that burns within reach, carbon monoxide from charcoal: outdoors or extracted.',
        ],
      }),
      weld: part({
        holds: [
          note(
            `Back to the fire as soon as it falls under ${say.temperature(HOT_IRON.preheatMin_C ?? 500)}.`,
            HOT_CASTING.source,
          ),
        ],
        actions: [
          note(
            'One go, from the inside of the casting out; the pool is kept open and fed. No peening.',
            PRACTICE,
          ),
        ],
      }),
      after: part({
        actions: [
          note(
            `Even it out at ${say.temperature(HOT_CASTING.relief.low_C)} to ${say.temperature(HOT_CASTING.relief.high_C)} for about ${say.time(relief_min * 60)}, then no faster than ${HOT_CASTING.fall_C_h} °C an hour to ${say.temperature(300)}: about ${trimmed(fall_h, 0)} h.`,
            HOT_CASTING.source,
          ),
          note(
            `Then buried in dry sand or ash to hand-warm: ${HOT_CASTING.bury_h} h in all.`,
            HOT_CASTING.source,
          ),
        ],
      }),
    },
  };
}

function braze(situation: Situation): Way {
  const { joint, length_mm, system, heat, wants } = situation;
  const say = inWords(system);
  const { density_g_cm3, spoil, source } = BRAZE_METAL;
  const grams =
    joint.area_mm2 === null ? null : (joint.area_mm2 * length_mm * density_g_cm3 * (1 + spoil)) / 1000;
  const torch = heat.torch?.work.time_s;
  const gets = heat.torch && !torch ? heat.torch.work.reaches_C : null;
  const laid: Part = part({
    settings: [
      ...(grams === null
        ? []
        : [
            {
              label: 'Bronze rod',
              value: `about ${grams < 100 ? Math.ceil(grams) : 10 * Math.ceil(grams / 10)} g`,
            },
          ]),
      { label: 'Flame', value: 'neutral, a touch of oxygen over' },
    ],
    holds: [
      note(
        `Dull red, ${say.temperature(BRAZE_IRON.preheatMin_C ?? 600)} to ${say.temperature(BRAZE_IRON.preheatMax_C ?? 700)}, before the rod is touched to it; the iron never melts.`,
        BRAZE_IRON.source,
      ),
    ],
    actions: [
      note(
        'Flux on the hot face, tin it thinly first until it runs like water over all of it, then build up.',
        source,
      ),
      note(
        'Short stretches, one side of the groove and then the other; no bronze on iron that is not yet tinned.',
        PRACTICE,
      ),
    ],
    cautions: [
      'Zinc boils out of an overheated bronze: white smoke means too hot. Keep your head out of it, extract or stay upwind.',
      'Brazing flux may hold fluoride: extract it, wash hands before food.',
    ],
  });
  return {
    title: 'Cast iron, brazed',
    answer: `Bronze at dull red, ${say.temperature(BRAZE_IRON.preheatMin_C ?? 600)} to ${say.temperature(BRAZE_IRON.preheatMax_C ?? 700)}; the iron does not melt.`,
    beads: [],
    parts: {
      prepare: part({
        actions: [
          ...ready(situation),
          note('Wide groove, 90° or more: bronze holds by the face it has wetted.', PRACTICE),
          note(
            'File or chip the faces, do not finish with a wheel: it smears graphite, and bronze runs off that. Sear them with an oxidising flame and brush.',
            PRACTICE,
          ),
          ...wants.families
            .filter((id) => metalFamily(id).group !== 'cast-iron')
            .map((id) => note(`${metalFamily(id).name}: bright and fluxed as well.`, PRACTICE)),
        ],
      }),
      warm: part({
        actions: [
          note('Warm the whole part evenly first, then bring the joint up.', PRACTICE),
          ...(gets === null
            ? []
            : [
                note(
                  `This torch brings it to about ${say.temperature(gets)} only: a bigger one, or two.`,
                  BRAZE_IRON.source,
                ),
              ]),
        ],
      }),
      weld: laid,
      after: part({
        actions: [
          note(BRAZE_IRON.cooling, PRACTICE),
          note('Wash the flux off with hot water and a brush: it eats the iron.', PRACTICE),
          note('Mark it as brazed: nobody may weld on it later.', PRACTICE),
        ],
      }),
    },
  };
}
