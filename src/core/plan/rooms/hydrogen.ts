import { HOLDS_HYDROGEN, HYDROGEN_STOOD } from '../../data/keeping';
import { metalFamily } from '../../data/metals';
import { rodClass } from '../../data/rods';
import type { Source } from '../../data/sources';
import { trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { under } from '../room';
import type { Reads } from '../situation';
import type { Assessor } from './assessor';

/** Most hydrogen the metal stands, ml in 100 g; null where it does not matter. */
function stood({
  wants,
  joint,
}: Reads<'wants' | 'joint'>): { ml: number; words: string; source: Source } | null {
  const { families } = wants;
  if (families.includes('quenched-tempered-wear-plate'))
    return { ...HYDROGEN_STOOD.quenched, words: 'Quenched and tempered plate cracks on little hydrogen.' };
  const groups = families.map((family) => metalFamily(family).group);
  if (groups.includes('hardenable') || wants.verdict === 'unknown')
    return { ...HYDROGEN_STOOD.hardenable, words: 'Steel that hardens wants low hydrogen.' };
  const { ml, from_mm, source } = HYDROGEN_STOOD.thickPlain;
  if (groups.includes('carbon') && joint.thick_mm !== null && joint.thick_mm > from_mm)
    return { ml, source, words: 'Thick plate holds the weld stiff and cools it fast.' };
  return null;
}

/** Hydrogen that the rod brings, with what its tin has been through, under what the metal stands. */
export const hydrogen: Assessor = {
  title: 'Hydrogen from the rod',
  short: 'hydrogen',
  stop: 'rod',
  assess(situation: Reads<'rod' | 'hydrogen' | 'joint' | 'wants'>) {
    const { rod, hydrogen: brings } = situation;
    const most = stood(situation);
    if (!rod || !brings || !most || HOLDS_HYDROGEN.includes(rodClass(rod.value.rodClass).coating))
      return null;
    return under('ml', brings.ml, exactly(most.ml), {
      now: `${trimmed(brings.ml.low, 0)} to ${trimmed(brings.ml.high, 0)} ml in 100 g`,
      gap: 'under what the metal stands',
      past: 'more than the metal stands',
      until: `${most.ml} ml in 100 g`,
      reasons: [
        { words: `${rod.value.rodClass}: ${brings.words}`, source: brings.source },
        { words: most.words, source: most.source },
      ],
      ask: 'Write down at Kit when the tin was opened, and type the word printed on the rods.',
    });
  },
};
