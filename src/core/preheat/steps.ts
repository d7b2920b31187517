import { SHORTEST_WAIT_s } from '../data/heatLimits';
import { COLD_STEEL, PREHEAT_ZONE } from '../data/hydrogenControl';
import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import { sourceWords } from '../units/sources';
import { familyHeatRule } from '../heat/familyRule';
import { zoneHalf_mm } from '../heat/piece';
import { gasInWords } from '../heat/torch';
import { inWords, trimmed, midSentence } from '../units/format';
import { mustStayCold, needsNoPreheat, waitsForChart } from './askedAtAll';
import { inShortBeads } from './beadByBead';
import type { Reads, Situation } from '../judge/situation';
import { step, type Step } from '../judge/step';

/** What heat adds to the plan: warming before, waiting between, cooling after. */

/** Families that every welder joins without a thought of preheat. */
const SAYS_ITSELF: readonly FamilyId[] = ['low-carbon-steel', 'wrought-iron', 'austenitic-stainless'];

/** The families' rules as they are said, each with how far to trust it. */
const rulesOf = (
  { wants, iron }: Reads<'wants' | 'iron'>,
  wanted: (id: FamilyId) => boolean = () => true,
): string[] =>
  wants.heat
    .filter(({ family }) => wanted(family))
    .map(({ family, name }) => {
      const rule = familyHeatRule(family, null, iron?.way.value ?? null);
      return `${name}: ${rule.words} (${sourceWords(rule.source)})`;
    });

/** Warming before the first arc; null where the metal is welded as it lies. */
export function warm(situation: Situation): Step | null {
  const { wants, heat, system, job } = situation;
  const say = inWords(system);
  if (needsNoPreheat(situation)) {
    const rules = rulesOf(situation, (id) => !SAYS_ITSELF.includes(id));
    return rules.length === 0 ? null : step('No preheat', { actions: rules });
  }
  if (wants.families.length === 0 || wants.verdict === 'unknown') {
    return step('Preheat', {
      holds: ['Metal not settled: no preheat can be given. Find out what it is first.'],
      actions: windows(situation),
    });
  }
  const rules = rulesOf(situation);
  if (mustStayCold(situation))
    return step('No preheat', { holds: ['It must stay cold: no flame on it.'], actions: rules });
  if (waitsForChart(situation) !== null)
    return step('Preheat', { holds: ['Not before the preheat of its own chart is known.'], actions: rules });
  const { preheat, torch } = heat;
  if (!preheat) return step('Preheat', { actions: rules });
  if (heat.asker === null && heat.asked_C.high === COLD_STEEL.to_C && heat.metal_C < 0) {
    return step('Warm the steel', {
      holds: [
        `Metal is below ${say.temperature(0)}: warm it to ${say.temperature(COLD_STEEL.to_C)} and dry it.`,
      ],
      why: 'Cold damp steel cracks.',
    });
  }
  const zone = zoneHalf_mm(heat.piece.thickness_mm);
  return step('Preheat and keep', {
    holds: [
      `${say.temperature(preheat.value)} or more before ${situation.iron?.way.value === 'braze' ? 'the rod is touched to it' : 'the first arc, tacks too'}, by thermometer ${say.size(PREHEAT_ZONE.least_mm)} from the joint.`,
      ...(heat.ceiling && heat.ceiling.value_C - preheat.value < 120
        ? [`Not over ${say.temperature(heat.ceiling.value_C)}.`]
        : []),
    ],
    settings: [
      { label: 'Warm to', value: say.temperature(preheat.value) },
      { label: 'Each side', value: say.size(Math.round(zone)) },
      ...(torch?.work.time_s
        ? [
            {
              label: 'Torch',
              value: `${say.time(torch.work.time_s.low)} to ${say.time(torch.work.time_s.high)} at ${trimmed(torch.kW, 1)} kW`,
            },
            { label: 'Propane', value: `about ${gasInWords(torch.work.propane_kg ?? 0)}` },
          ]
        : []),
    ],
    actions: [
      'Damp steel is dried first with a soft flame, until no more breath of water runs ahead of it.',
      'Warm it slowly and evenly, the thick side first; take the flame away for a minute before you measure.',
      ...windows(situation),
      ...rules,
    ],
    cautions: [
      'Gas torch: hoses and flashback arrestors checked, nothing that burns behind the metal, gas shut at the bottle when you stop.',
    ],
    why: `${heat.askedBy} ${preheat.why}${job.heat.preheat_C === null ? '' : ` Asked: ${say.temperature(heat.aim_C)}.`}`,
  });
}

/** One temperature for all that a side may be, where it may be more than one metal. */
function windows({ wants, system, iron }: Reads<'wants' | 'system' | 'iron'>): string[] {
  // The windows of the metals are those of the cold way.
  if (iron && iron.way.value !== 'cold') return [];
  const say = inWords(system).temperature;
  return wants.warm.flatMap(({ min_C, max_C }, n) => {
    if ((wants.sides[n]?.length ?? 0) < 2 || (min_C === null && max_C === null)) return [];
    const words =
      min_C === null
        ? `not above ${say(max_C ?? 0)}`
        : max_C === null
          ? `${say(min_C)} or more`
          : `${say(min_C)} to ${say(max_C)}`;
    return [`Suits all that ${wants.warm.length > 1 ? `side ${'AB'[n]}` : 'it'} may be: ${words}.`];
  });
}

/** Holds between beads: the ceiling, the floor, and the waits that were reckoned. */
export function betweenBeads(situation: Situation): {
  holds: string[];
  actions: string[];
} {
  const { heat, timeline, system, job, wants } = situation;
  const say = inWords(system);
  const starts = timeline?.starts ?? [];
  const waits = starts.filter(({ wait_s }) => wait_s >= SHORTEST_WAIT_s.value);
  const rewarms = starts.filter(({ rewarm_s }) => rewarm_s > 0);
  const first = waits[0];
  const several = starts.length > 1;
  const { ceiling, aim_C, preheat } = heat;
  return {
    holds: [
      ...(ceiling && (several || wants.heat.some(({ rule }) => rule.interpassMax_C !== null))
        ? [`Below ${say.temperature(ceiling.value_C)} before the next bead, by thermometer beside the weld.`]
        : []),
      ...(preheat && several && aim_C > 0
        ? [
            `Not under ${say.temperature(Math.min(aim_C, preheat.value))} before the next bead: else the torch again.`,
          ]
        : []),
    ],
    actions: [
      ...(first && !job.heat.goStraightOn && !inShortBeads(situation)
        ? [
            `Reckoned waits: about ${say.time(first.wait_s)} before pass ${first.pass}${waits.length > 1 ? `, ${say.time(Math.max(...waits.map(({ wait_s }) => wait_s)))} at the longest, ${waits.length} in all` : ''}.`,
          ]
        : []),
      ...(rewarms.length > 0
        ? [
            `It falls under its preheat before ${rewarms.length === 1 ? `pass ${rewarms[0]?.pass}` : `${rewarms.length} of the beads`}: keep the torch lit beside you.`,
          ]
        : []),
      ...(job.heat.temperBead
        ? [
            'Last layer as temper: on the weld only, its edge 2 to 3 mm in from the metal, ground off where it stands proud.',
          ]
        : []),
    ],
  };
}

/** How it is left to cool, in the words of the families where they say anything special. */
export const coolingWords = ({ wants, iron }: Reads<'wants' | 'iron'>): string[] => [
  ...new Set(
    wants.families
      // How a casting cools is told by the way it was mended.
      .filter((id) => iron === null || metalFamily(id).group !== 'cast-iron')
      .map((id) => familyHeatRule(id).cooling)
      .filter((words) => words !== 'In still air.')
      .map((words) => `Cooling: ${midSentence(words)}`),
  ),
];
