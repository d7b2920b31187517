import type { FamilyId } from '../../data/families';
import { METALS } from '../../data/metals';
import { AWS_D1_1, PRACTICE } from '../../data/sources';
import { unknown } from '../room';
import type { Situation } from '../situation';
import type { Assessor } from './assessor';

/** Families whose heat is plain enough to say now, when not thick. */
const PLAIN: readonly FamilyId[] = ['low-carbon-steel', 'galvanised-steel', 'austenitic-stainless'];
/** Thickness to which the prescriptive table asks no preheat of plain steel, mm. */
const NO_PREHEAT_UP_TO_mm = 19;

/** True where no preheat is asked: plain families, not thick. */
export function needsNoPreheat({ wants, joint }: Situation): boolean {
  if (wants.verdict === 'unknown' || !wants.families.every((id) => PLAIN.includes(id))) return false;
  const allStainless = wants.families.every((id) => METALS[id].group === 'austenitic');
  return allStainless || (joint.thick_mm !== null && joint.thick_mm <= NO_PREHEAT_UP_TO_mm);
}

/** Preheat. The figure waits for the heat core: what is shown is that it is not known, and the family's rule. */
export const preheat: Assessor = {
  id: 'preheat',
  title: 'Preheat',
  short: 'preheat',
  stop: 'metal',
  assess(situation) {
    const { wants, joint } = situation;
    if (wants.verdict === 'never' || needsNoPreheat(situation)) return null;
    const rules = wants.heat.map(({ name, rule }) => ({
      words: `${name}: ${rule.words}`,
      source: rule.source,
    }));
    const thick = joint.thick_mm !== null && joint.thick_mm > NO_PREHEAT_UP_TO_mm;
    return unknown(
      {
        now: 'metal temperature',
        gap: 'preheat not worked out',
        until: wants.verdict === 'unknown' ? 'metal unknown' : 'by the family’s rule',
        reasons: [
          ...rules,
          ...(thick
            ? [
                {
                  words:
                    'Plain steel over 19 mm: 65 °C, over 38 mm 110 °C, over 64 mm 150 °C with rods that are not low hydrogen.',
                  source: AWS_D1_1,
                },
              ]
            : []),
          ...(rules.length === 0
            ? [{ words: 'Metal not named: no rule can be given.', source: PRACTICE }]
            : []),
        ],
        ask:
          wants.verdict === 'unknown'
            ? 'Name the metal of both sides at Metal.'
            : 'Hold to the rule on the sheet, by thermometer.',
      },
      true,
    );
  },
};
