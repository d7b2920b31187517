import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import { PRACTICE } from '../units/sources';
import { familyHeatRule } from '../heat/familyRule';
import { inWords } from '../units/format';
import type { Situation } from '../judge/situation';
import { note, part, type Note, type Procedure } from './procedure';

/** What each copper metal asks beside its warmth. Common practice. */
const ASKS: Readonly<Partial<Record<FamilyId, string>>> = {
  copper:
    'It draws the heat away faster than the arc brings it: two torches on thick parts, insulate underneath, big rod, keep going.',
  brass:
    'Zinc boils at 900 °C: fast, low amps, filler over the edge and not into it. Brazing is the better way.',
  'tin-bronze':
    'Weak and brittle while it is hot: support it, do not move or strike it until it is hand-warm. Peen lightly.',
  'aluminium-bronze': 'Its oxide has to be ground off just before; short arc, and brush every bead.',
  'silicon-bronze':
    'Brittle between 800 and 950 °C: small pool, fast, stringers, and let it pass through that heat unloaded. Brush the glassy film off every bead.',
  'copper-nickel': 'Clean as for nickel: sulphur and lead crack it. Cool between beads, no preheat.',
};

/** Copper and its alloys. */
export function copper(situation: Situation): Procedure | null {
  const { wants, system, joint, heat } = situation;
  const families = wants.families.filter((id) => metalFamily(id).group === 'copper');
  if (families.length === 0 || wants.verdict === 'never' || wants.verdict === 'unknown') return null;
  const say = inWords(system);
  const mixed = wants.families.length > families.length;
  return {
    id: 'copper',
    title: families.map((id) => metalFamily(id).name).join(', '),
    answer: heat.preheat
      ? `Warm the copper side to ${say.temperature(heat.preheat.value)} and keep it there.`
      : `As it lies${heat.ceiling ? `, under ${say.temperature(heat.ceiling.value_C)} between beads` : ''}.`,
    beads: [],
    parts: {
      prepare: part({
        actions: [note('Bright metal, and the oil off: copper alloys blow pores over either.', PRACTICE)],
      }),
      warm: part({
        actions: families.flatMap((id): Note[] => {
          const rule = familyHeatRule(id, joint.thick_mm);
          return rule.preheatMin_C === null && rule.interpassMax_C === null
            ? []
            : [
                note(
                  `${metalFamily(id).name}: ${[
                    rule.preheatMin_C === null
                      ? ''
                      : `${say.temperature(rule.preheatMin_C)} or more to begin`,
                    rule.interpassMax_C === null
                      ? ''
                      : `under ${say.temperature(rule.interpassMax_C)} between beads`,
                  ]
                    .filter((words) => words !== '')
                    .join(', ')}.`,
                  rule.source,
                ),
              ];
        }),
      }),
      weld: part({
        actions: [
          ...families.flatMap((id) =>
            ASKS[id] ? [note(`${metalFamily(id).name}: ${ASKS[id]}`, PRACTICE)] : [],
          ),
          ...(mixed
            ? [
                note(
                  'Arc on the copper, the other side only wetted: copper driven into hot steel or stainless cracks it along its grain.',
                  PRACTICE,
                ),
              ]
            : []),
        ],
      }),
      after: part({ actions: [note('Leave it alone until it is cold; then look with dye.', PRACTICE)] }),
    },
  };
}
