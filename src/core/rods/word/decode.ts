import leven from 'leven';
import {
  A5_1_WORDS,
  ALLOY_DIGITS,
  ALLOY_KSI,
  ALLOYS,
  COATING_DIGITS,
  NOT_ONLY_BASIC,
  STAINLESS,
  STAINLESS_COATINGS,
  WHOLE_WORDS,
  WITHOUT_DASH,
} from '../../data/rodWords';
import type { Pole } from '../../data/rods';
import { readSteel, readStainless, readWhole } from './aws';
import { readIsoStainless, readIsoSteel } from './iso';
import type { RodWord } from './rodWord';

/** What a text on a rod comes to. */
export type Decoded =
  | { kind: 'word'; word: RodWord }
  /** Some of it cannot be read: all it may be, and what holds for every one of them. */
  | { kind: 'faint'; may: readonly RodWord[]; allows: Allowance }
  | { kind: 'wrong'; message: string; near: readonly string[] };

/** What may be done with a rod of which not all is known. */
export interface Allowance {
  poles: readonly Pole[];
  lowHydrogen: boolean;
  tensile_MPa: number | null;
  words: string;
}

/** The words of one strength and coating: an alloy goes with basic coverings, few with others; the military one with iron powder alone. */
function alloyWords(ksi: string, last: (typeof ALLOY_DIGITS)[number]): string[] {
  return Object.keys(ALLOYS).flatMap((alloy) => {
    // At 70 ksi the military word stands in A5.1.
    if (WITHOUT_DASH.includes(alloy)) return last === '18' && ksi !== '70' ? [`E${ksi}18${alloy}`] : [];
    const goes = COATING_DIGITS[last]?.lowHydrogen === true || NOT_ONLY_BASIC.includes(alloy);
    return goes ? [`E${ksi}${last}-${alloy}`] : [];
  });
}

/** Every AWS word without hydrogen and moisture marks: what a near miss or a half-read word may have been. */
export const KNOWN_WORDS: readonly string[] = [
  ...A5_1_WORDS,
  'E7018M',
  ...ALLOY_KSI.flatMap((ksi) => ALLOY_DIGITS.flatMap((last) => alloyWords(ksi, last))),
  ...Object.keys(STAINLESS).flatMap((alloy) =>
    Object.keys(STAINLESS_COATINGS).map((coating) => `E${alloy}-${coating}`),
  ),
  ...Object.keys(WHOLE_WORDS),
];

const LONGEST = 30;
const READERS = [readWhole, readSteel, readStainless, readIsoSteel, readIsoStainless];

/**
 * Reads the word off a rod, loosely typed: `7018`, `e7018-1 h4r`, `309L-16`, `E 42 5 B 42 H5`. A sign that cannot be read is typed
 * as `?`.
 * @returns the word taken apart; or what it may be; or what is wrong with it, with words that are near it. Never throws.
 */
export function decodeRod(typed: string): Decoded {
  const text = typed
    .toUpperCase()
    .replace(/[\u2010-\u2015\u2212_]/g, '-')
    .replace(/[^0-9A-Z?\- ]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  if (text === '')
    return wrongWord('Type what is printed on the rod, such as 7018, 309L-16 or ENiFe-CI.', []);
  if (text.length > LONGEST)
    return wrongWord('That is more than one word. Type one, such as E7018-1 H4R.', []);
  if (text.includes('?')) return faint(text);
  let message: string | null = null;
  for (const read of READERS) {
    const reading = read(text);
    if (reading?.ok) return { kind: 'word', word: reading.value };
    message ??= reading && !reading.ok ? reading.message : null;
  }
  return wrongWord(
    message ?? `"${typed.trim()}" is no word of a covered rod that is known here. Type it as it is printed.`,
    nearest(text),
  );
}

const wrongWord = (message: string, near: readonly string[]): Decoded => ({ kind: 'wrong', message, near });

/** Letters further off than this are another word, not a slip. */
const SLIPS = 3;
const SHOWN = 4;

/** Slips between two words; two neighbours changed about count as less than one wrong letter. */
function offBy(typed: string, word: string): number {
  const turned = [...typed].some(
    (_, n) => `${typed.slice(0, n)}${typed.charAt(n + 1)}${typed.charAt(n)}${typed.slice(n + 2)}` === word,
  );
  return turned ? 0.5 : leven(typed, word);
}

function nearest(text: string): string[] {
  const asked = text.replace(/[ -]/g, '');
  const withE = asked.startsWith('E') ? asked : `E${asked}`;
  return KNOWN_WORDS.map((word) => ({
    word,
    off: offBy(withE, word.toUpperCase().replace(/-/g, '')),
  }))
    .filter(({ off }) => off <= SLIPS)
    .sort((a, b) => a.off - b.off || a.word.length - b.word.length)
    .slice(0, SHOWN)
    .map(({ word }) => word);
}

/** Too faint to read whole: all that it may be, and what is safe with every one. */
function faint(text: string): Decoded {
  const asked = text.replace(/[ -]/g, '').replace(/^E/, '');
  const pattern = new RegExp(`^E?${asked.replace(/\?/g, '[0-9A-Z]')}$`);
  const may = KNOWN_WORDS.filter((word) => pattern.test(word.toUpperCase().replace(/-/g, ''))).flatMap(
    (word) => {
      const read = decodeRod(word);
      return read.kind === 'word' ? [read.word] : [];
    },
  );
  if (may.length === 0)
    return wrongWord(
      `No known word fits ${text}. Type ? once for each sign that cannot be read, and the rest as it stands.`,
      [],
    );
  const poles = (['DCEP', 'DCEN', 'AC'] as const).filter((pole) => may.every((w) => w.poles.includes(pole)));
  const strengths = may.map(({ tensile_MPa }) => tensile_MPa);
  const lowHydrogen = may.every((word) => word.lowHydrogen);
  return {
    kind: 'faint',
    may,
    allows: {
      poles,
      lowHydrogen,
      tensile_MPa: strengths.includes(null) ? null : Math.min(...strengths.map((s) => s ?? 0)),
      words: `Only for work that any of them does: nothing that carries load, pressure or people${lowHydrogen ? '' : ', nothing that hydrogen cracks'}${poles.length === 0 ? '; no pole suits them all, so run a bead on scrap first' : ''}.`,
    },
  };
}
