import { HYDROGEN_STOOD } from '../../data/keeping';
import { metalFamily } from '../../data/metals';
import type { Source } from '../../units/sources';
import type { Reads } from '../../judge/situation';

/** Most hydrogen the metal stands, ml in 100 g; null where it does not matter. */
export function stoodHydrogen({
  wants,
  joint,
}: Reads<'wants' | 'joint'>): { ml: number; words: string; source: Source; hardens: boolean } | null {
  const { families } = wants;
  if (families.includes('quenched-tempered-wear-plate'))
    return {
      ...HYDROGEN_STOOD.quenched,
      hardens: true,
      words: 'Quenched and tempered plate cracks on little hydrogen.',
    };
  const groups = families.map((family) => metalFamily(family).group);
  if (groups.includes('hardenable') || wants.verdict === 'unknown')
    return { ...HYDROGEN_STOOD.hardenable, hardens: true, words: 'Steel that hardens wants low hydrogen.' };
  const { ml, from_mm, source } = HYDROGEN_STOOD.thickPlain;
  if (groups.includes('carbon') && joint.thick_mm !== null && joint.thick_mm > from_mm)
    return { ml, source, hardens: false, words: 'Thick plate holds the weld stiff and cools it fast.' };
  return null;
}
