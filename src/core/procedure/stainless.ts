import { SANITARY, STAINLESS_CLEAN_mm, TINTS, TINT_SOURCE } from '../data/procedures';
import { metalFamily, type MetalGroup } from '../data/metals';
import { PRACTICE } from '../units/sources';
import { inWords } from '../units/format';
import type { Situation } from '../judge/situation';
import { note, part, type Note, type Procedure } from './procedure';

const STAINLESS: readonly MetalGroup[] = ['austenitic', 'ferritic', 'duplex'];

/** Stainless: kept clean of steel, kept cool, and finished so that it stays stainless. */
export function stainless(situation: Situation): Procedure | null {
  const { wants, system, heat, job } = situation;
  const families = wants.families.filter((id) => STAINLESS.includes(metalFamily(id).group));
  if (families.length === 0 || wants.verdict === 'never' || wants.verdict === 'unknown') return null;
  const say = inWords(system);
  const ceiling = heat.ceiling;
  const tempered = families.includes('martensitic-stainless');
  return {
    id: 'stainless',
    title: job.look.food ? 'Stainless that touches food' : 'Stainless',
    answer: `${ceiling ? `Under ${say.temperature(ceiling.value_C)} between beads. ` : ''}Its own brush and discs; ${job.look.food ? 'ground smooth, polished and passivated.' : 'every tint off.'}`,
    beads: [],
    parts: {
      prepare: part({
        actions: [
          note(
            `Bright ${say.size(STAINLESS_CLEAN_mm)} each side with a stainless brush and discs that have never touched carbon steel; then acetone, dry.`,
            PRACTICE,
          ),
          note(
            'Wood, copper or stainless between it and steel clamps and benches: what steel leaves on it rusts.',
            PRACTICE,
          ),
          note('Spatter from the carbon side shielded off with a damp board or anti-spatter.', PRACTICE),
        ],
      }),
      warm: part({}),
      weld: part({
        actions: [
          note('Let the slag cool before you chip: it jumps, and it holds heat.', PRACTICE),
          note(
            `Read the tint: ${TINTS.map(({ tint, verdict }) => `${tint}, ${verdict}`).join('; ')}.`,
            TINT_SOURCE,
          ),
          note(
            'Behind a weld that is wetted or touches product: argon, or backing flux, or grind and pickle it after.',
            PRACTICE,
          ),
        ],
      }),
      after: part({
        actions: [
          ...(job.look.food
            ? sanitary()
            : [
                note(
                  'All tint off with a stainless brush, pickling paste or a clean flap disc: grey stays rust.',
                  PRACTICE,
                ),
              ]),
          ...(tempered
            ? [note('Martensitic: temper before it is used; until then it is as brittle as glass.', PRACTICE)]
            : []),
        ],
        cautions: [
          'Pickling paste holds hydrofluoric acid: only with its own gloves, face shield and gel at hand, by somebody trained.',
        ],
      }),
    },
  };
}

/** From a bead to a face that can be washed: no pit, dip or ripple. */
function sanitary(): Note[] {
  return [
    note(
      'Hard disc first, the flats either side brought flush before the weld is touched; then the weld blended into them.',
      PRACTICE,
    ),
    note(
      `Then flap and belt, one way and then across it: ${SANITARY.grits.join(', ')} grit, each until the last one’s lines are gone.`,
      SANITARY.source,
    ),
    note(
      'Inside corners to a radius that a brush reaches. No pit, dip or ripple: fill and begin again.',
      PRACTICE,
    ),
    note(
      'Passivate or pickle, rinse with clean water, dry; copper-sulphate swab shows what iron is left.',
      SANITARY.source,
    ),
  ];
}
