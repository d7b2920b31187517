import { rodClass, type Pole, type RodClassId } from '../data/rods';
import type { RodSizeId } from '../data/rodSizes';
import type { Tin } from '../formats/kit';
import { rankTable, rankTins, type RodQuestion } from './rank';

/** A rod chosen for the job, with the tin it comes out of where there is one. */
export interface RodChoice {
  rodClass: RodClassId;
  size: RodSizeId;
  tin: Tin | null;
  why: string;
}

/** True where two are the same class and size. */
export const isThat = (
  a: Pick<RodChoice, 'rodClass' | 'size'>,
  b: Pick<RodChoice, 'rodClass' | 'size'>,
): boolean => a.rodClass === b.rodClass && a.size === b.size;

/** Chooses a rod: from the tins on hand first, else from the table ("worth buying"). Null: nothing acceptable exists. */
export function chooseRod(question: RodQuestion): RodChoice | null {
  const onHand = rankTins(question).find(({ shut, tin }) => shut === '' && tin?.count !== 0);
  if (onHand) {
    const { rodClass: id, size, tin } = onHand;
    return { rodClass: id, size, tin, why: whyChosen(onHand.for) };
  }
  const made = rankTable(question).find(({ shut }) => shut === '');
  if (!made) return null;
  return {
    rodClass: made.rodClass,
    size: made.size,
    tin: null,
    why: 'Nothing in the tins suits: this one is worth buying.',
  };
}

/** Reasons worth saying first, where several speak for a rod. */
const TELLING = [
  'Burns through what will not come off.',
  'Shallow and easy on sheet.',
  'Made for an open root',
  'Low hydrogen.',
];

function whyChosen(reasons: readonly string[]): string {
  const telling = TELLING.find((words) => reasons.includes(words));
  if (telling === 'Low hydrogen.') return 'Low hydrogen, strong, and in a tin you have.';
  return telling ?? 'Suits the metal and is in a tin you have.';
}

/** Thickest sheet that rutile is run electrode negative on by default, mm. Common practice; the other school is positive. */
const NEGATIVE_UP_TO_mm = 2.05;

/** Pole to run: negative on sheet with rutile rods that allow it, else the class's usual one that the machine gives. */
export function choosePole(
  id: RodClassId,
  poles: readonly Pole[] | null,
  thin_mm: number | null,
): { pole: Pole; why: string } {
  const row = rodClass(id);
  const possible = row.poles.filter((pole) => poles === null || poles.includes(pole));
  if (thin_mm !== null && thin_mm <= NEGATIVE_UP_TO_mm && row.suitsSheet && possible.includes('DCEN')) {
    return { pole: 'DCEN', why: 'Cooler on thin sheet.' };
  }
  const first = possible[0] ?? row.poles[0] ?? 'DCEP';
  return {
    pole: first,
    why:
      possible.length > 0
        ? 'Usual for this rod on this machine.'
        : 'What the rod needs; this machine does not give it.',
  };
}
