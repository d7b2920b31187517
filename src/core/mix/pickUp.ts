import { pickUpOf } from '../data/pickUp';
import type { RodClassId } from '../data/rods';
import type { JudgedWeld } from './weld';

/** How the element is said where a weld takes too much of it. */
const SAID: Readonly<Record<string, string>> = { Fe: 'iron', Cr: 'chromium', Cu: 'copper', Si: 'silicon' };

/** The element that a nickel or copper weld has taken up too much of, in words; empty where it has not. */
export function tooMuchOf(rodClass: RodClassId, { percent }: JudgedWeld): string {
  const limits = pickUpOf(rodClass)?.limits ?? {};
  const over = Object.entries(limits).find(([element, most]) => (percent[element] ?? 0) > most);
  return over ? `over ${over[1]} % ${SAID[over[0]] ?? over[0]} in the bead: it cracks hot` : '';
}
