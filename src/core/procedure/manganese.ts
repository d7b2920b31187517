import { stickPass } from '../rods/counts';
import { MANGANESE, MOVE_ON_s } from '../data/procedures';
import { metalFamily } from '../data/metals';
import { PRACTICE, ROSENTHAL } from '../units/sources';
import { reach_mm } from '../heat/zone';
import { WIDTH_OF_AREA } from '../rods/layout';
import { arcHeat_W } from '../heat/arcEnergy';
import { inWords, trimmed } from '../units/format';
import type { Reads, Situation } from '../judge/situation';
import { shortBeads, waitsOf } from '../preheat/beadByBead';
import { note, part, type Procedure } from './procedure';

/** Manganese steel: never hot, or it goes brittle. */
export function manganese(situation: Situation): Procedure | null {
  const { wants, system, heat } = situation;
  if (!wants.families.some((id) => metalFamily(id).group === 'manganese') || wants.verdict === 'unknown')
    return null;
  const say = inWords(system);
  const rows = shortBeads(situation, MANGANESE.bead_mm, MOVE_ON_s.value);
  const waits = waitsOf(rows);
  const start_C = hottestStart_C(situation);
  const tooHot = start_C !== null && start_C < heat.metal_C;
  return {
    id: 'manganese',
    title: 'Manganese steel',
    answer: `Beads of ${say.size(MANGANESE.bead_mm)}, never over ${say.temperature(MANGANESE.most_C)} at ${say.size(MANGANESE.at_mm)} from the weld${waits.count > 0 ? `; about ${say.time(waits.usual_s)} between` : ''}.`,
    beads: rows,
    parts: {
      prepare: part({
        actions: [
          note('Grind off the work-hardened face: it is brittle, and cracks under a bead.', PRACTICE),
          note('No flame, no preheat; frost off with a warm rag.', PRACTICE),
        ],
      }),
      warm: part({}),
      weld: part({
        settings: [
          { label: 'Each bead', value: say.size(MANGANESE.bead_mm) },
          ...(start_C === null || tooHot
            ? []
            : [{ label: 'Begin no bead over', value: say.temperature(start_C) }]),
        ],
        holds: [
          note(
            `A ${say.temperature(MANGANESE.most_C)} crayon at ${say.size(MANGANESE.at_mm)} from the weld must not melt.`,
            MANGANESE.source,
          ),
        ],
        actions: [
          ...(start_C === null
            ? []
            : [
                note(
                  tooHot
                    ? `At these amps and this pace it passes ${say.temperature(MANGANESE.most_C)} there even from cold: smaller rod, faster.`
                    : `Reckoned: begun at ${say.temperature(start_C)} or under, a bead brings that place to ${say.temperature(MANGANESE.most_C)} at the most.`,
                  ROSENTHAL,
                ),
              ]),
          note('Skip about; peen each bead hot; a wet rag beside the weld does no harm.', PRACTICE),
          ...(waits.count > 0
            ? [
                note(
                  `${waits.count} of ${rows.length} beads are waited for, ${say.time(waits.longest_s)} at the longest.`,
                  heat.piece.metal.source,
                ),
              ]
            : []),
        ],
        cautions: ['Manganese in the fume: extract it or stay upwind.'],
      }),
      after: part({
        actions: [note('Cool it fast; never held hot, never stress relieved.', MANGANESE.source)],
      }),
    },
  };
}

/** Hottest start from which metal beside the bead stays under its limit, °C; null while nothing is laid out. */
function hottestStart_C({ beads, heat, joint }: Reads<'beads' | 'heat' | 'joint'>): number | null {
  const pass = stickPass(beads);
  if (!pass) return null;
  const { metal } = heat.piece;
  const thin = joint.thin_mm ?? heat.piece.thickness_mm;
  const reaches = (start_C: number) =>
    reach_mm(
      { power_W: arcHeat_W(pass.rod.current_A), travel_mm_s: pass.travel_mm_s, start_C, metal },
      thin < THICK_FROM_mm ? thin : null,
      MANGANESE.most_C,
    );
  // Measured from the edge of the bead; the field is told from its middle.
  const at_mm = MANGANESE.at_mm + (WIDTH_OF_AREA * Math.sqrt(pass.area_mm2)) / 2;
  if (reaches(COLDEST_C) > at_mm) return COLDEST_C - 1;
  let [low, high] = [COLDEST_C, MANGANESE.startMost_C as number];
  if (reaches(high) <= at_mm) return high;
  for (let n = 0; n < 8; n++) {
    const middle = (low + high) / 2;
    if (reaches(middle) <= at_mm) low = middle;
    else high = middle;
  }
  return Number(trimmed(low / 5, 0)) * 5;
}
/** From here on heat flows down as well, mm: near the transition thickness of a stick bead. */
const THICK_FROM_mm = 15;
const COLDEST_C = -20;
