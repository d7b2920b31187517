import { NICKEL_CLEAN } from '../data/procedures';
import { metalFamily, type MetalGroup } from '../data/metals';
import { PRACTICE } from '../units/sources';
import { inWords } from '../units/format';
import type { Reads } from '../judge/situation';
import { note, part, type Procedure } from './procedure';

const NICKEL: readonly MetalGroup[] = ['nickel', 'nickel-copper', 'nickel-chromium'];

/** Nickel alloys: cleaner than anything else, and the pool has to be put where it is wanted. */
export function nickel({ wants, system, heat }: Reads<'wants' | 'system' | 'heat'>): Procedure | null {
  const families = wants.families.filter((id) => NICKEL.includes(metalFamily(id).group));
  if (families.length === 0 || wants.verdict === 'never' || wants.verdict === 'unknown') return null;
  const say = inWords(system);
  return {
    id: 'nickel',
    title: families.map((id) => metalFamily(id).name).join(', '),
    answer: `Spotless ${say.size(NICKEL_CLEAN.mm)} round it, convex beads${heat.ceiling ? `, under ${say.temperature(heat.ceiling.value_C)} between` : ''}.`,
    beads: [],
    parts: {
      prepare: part({
        actions: [
          note(
            `Paint, grease, crayon, oxide off ${say.size(NICKEL_CLEAN.mm)} round the joint: sulphur, lead and zinc crack nickel as it sets.`,
            NICKEL_CLEAN.source,
          ),
          note(
            'Wider groove than steel, 75 to 80°: the pool is stiff, runs nowhere and melts in little.',
            NICKEL_CLEAN.source,
          ),
        ],
      }),
      warm: part({}),
      weld: part({
        actions: [
          note(
            'Place the metal: a slight weave up to two cores to wet the sides, short arc; beads convex, never hollow.',
            PRACTICE,
          ),
          note('Fill every crater, and grind starts and stops: that is where it cracks.', PRACTICE),
          note('All slag off before the next bead and before any heat in service: it eats nickel.', PRACTICE),
        ],
      }),
      after: part({}),
    },
  };
}
