import leven from 'leven';
import { BARE_FILLER_IDS, BARE_FILLERS, type BareFillerId } from '../../data/bareFillers';

/** What the word on a reel or a bare rod says. */
export type FillerWord =
  | { known: true; id: BareFillerId; words: readonly string[] }
  | { known: false; message: string; nearest: BareFillerId | null };

/** Letters and digits alone, as hands and printers differ in the rest. */
const bared = (text: string): string => text.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** Words of old and other standards that stand for one of the table. Common practice. */
const ALSO: Readonly<Record<string, BareFillerId>> = {
  SG2: 'ER70S-6',
  W3SI1: 'ER70S-6',
  G42: 'ER70S-6',
  W2: 'ER70S-3',
  ALSI5: 'ER4043',
  ALSI12: 'ER4047',
  ALMG5: 'ER5356',
  ALMG45MN: 'ER5183',
  CUSI3: 'ERCuSi-A',
  CUAL8: 'ERCuAl-A2',
  CUSN6: 'ERCuSn-A',
};

/** What a tubular wire's number after the T says of its gas and its slag (AWS A5.20, from memory). */
const TUBULAR: Readonly<Record<string, string>> = {
  '1': 'rutile slag, needs gas',
  '2': 'rutile slag, needs gas, one run only',
  '3': 'makes its own gas, one run only, fast on sheet',
  '4': 'makes its own gas, flat and horizontal, much metal',
  '5': 'basic slag, needs gas, low hydrogen',
  '6': 'makes its own gas, flat and horizontal',
  '7': 'makes its own gas',
  '8': 'makes its own gas, low hydrogen',
  '9': 'rutile slag, needs gas, tough in cold',
  '10': 'makes its own gas, one run only',
  '11': 'makes its own gas, thin and general work',
  '12': 'rutile slag, needs gas',
  '14': 'makes its own gas, one run on coated sheet',
  GS: 'makes its own gas or not as the maker says: one run only',
  G: 'as its maker says',
};

/**
 * Reads the word on a reel or a bare rod: AWS or ISO, with or without its hyphens and its first letters.
 * @returns the class it stands for, or what it is and the nearest one that the app knows
 */
export function readFillerWord(text: string): FillerWord | null {
  const word = bared(text);
  if (word === '') return null;
  const id = classOf(word);
  if (id !== null) return { known: true, id, words: wordsOf(id, word) };
  const tubular = /^E?([67])([01])T(\d+|GS|G)(C|M)?/.exec(word);
  if (tubular) {
    const [, strength = '7', place, kind = ''] = tubular;
    const how = TUBULAR[kind];
    if (how !== undefined)
      return {
        known: false,
        nearest: null,
        message: `A filled wire of ${strength}0 000 psi, ${place === '1' ? 'for all positions' : 'flat and horizontal only'}: ${how}. The app has no settings for it: take its maker's.`,
      };
  }
  const nearest = BARE_FILLER_IDS.map((one) => ({
    one,
    away: leven(bared(one), word.startsWith('E') ? word : `ER${word}`),
  })).sort((a, b) => a.away - b.away)[0];
  const near = nearest && nearest.away <= 2 ? nearest.one : null;
  return {
    known: false,
    nearest: near,
    message:
      near === null
        ? 'Not a word of wire or bare rod that the app knows. Type it as it stands on the reel: ER70S-6, E71T-11, G3Si1.'
        : `Not one that the app knows. ${near}?`,
  };
}

function classOf(word: string): BareFillerId | null {
  const also = ALSO[word];
  if (also) return also;
  for (const id of BARE_FILLER_IDS) {
    const { iso } = BARE_FILLERS[id];
    const own = bared(id);
    // The gas letter of a filled wire: E71T-1C, E71T-1M.
    if (
      word === own ||
      `E${word}` === own ||
      `ER${word}` === own ||
      (own.includes('T') &&
        (word === `${own}C` || word === `${own}M` || (`E${word.slice(0, -1)}` === own && /[CM]$/.test(word))))
    )
      return id;
    if (iso !== null && (word === bared(iso) || (word.endsWith(bared(iso)) && /^[GWT]\d\d/.test(word))))
      return id;
  }
  return null;
}

function wordsOf(id: BareFillerId, word: string): string[] {
  const { what, form, iso } = BARE_FILLERS[id];
  const how = {
    solid: 'Solid: a reel wants gas, rods are for TIG.',
    'gas-cored': 'Filled, and wants gas as well.',
    'self-shielded': 'Filled, makes its own gas: never gas and its own pole.',
  }[form];
  return [
    `${id}: ${what}.`,
    how,
    ...(iso !== null && bared(iso) !== word ? [`About ${iso} by ISO.`] : []),
    ...(/T\d+C$/.test(word) ? ['Made for CO2.'] : /T\d+M$/.test(word) ? ['Made for argon with CO2.'] : []),
  ];
}
