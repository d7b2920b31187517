import { metalFamily } from '../data/metals';
import { plausibleCoatings } from './coating';
import { midSentence, sentence } from '../units/format';
import type { Reads } from '../judge/situation';

/** What may lie on each side; null where nobody has looked. */
export const coatingsOf = ({ job: { metal } }: Reads<'job'>) =>
  (metal.sameBothSides ? [metal.sideA] : [metal.sideA, metal.sideB]).map(plausibleCoatings);

/** The metals of both sides in words: what each may be, and what it meets. */
export function metalsInWords({ wants }: Reads<'wants'>): string {
  const sides = wants.sides
    .map((side) => side.map(({ family }) => midSentence(metalFamily(family).name)))
    .map((names) => (names.length > 3 ? `${names.slice(0, 3).join(', ')} …` : names.join(' or ')))
    .filter((words) => words !== '');
  return sentence([...new Set(sides)].join(' to '));
}
