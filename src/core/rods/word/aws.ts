import {
  A5_1,
  A5_1_WORDS,
  A5_4,
  A5_5,
  ALLOY_DIGITS,
  ALLOY_KSI,
  ALLOYS,
  COATING_DIGITS,
  HYDROGEN,
  MILITARY,
  NOT_ONLY_BASIC,
  PLANNED_AS,
  POSITION_DIGITS,
  RESISTANT,
  SI_STRENGTH,
  STAINLESS,
  STAINLESS_COATINGS,
  TOUGHER,
  WHOLE_WORDS,
  WITHOUT_DASH,
} from '../../data/rodWords';
import { ROD_CLASS_IDS, type RodClassId } from '../../data/rods';
import { readAs, wrong, type Reading, type WordPart } from './rodWord';

/** Pounds a square inch to megapascals, as the specifications round it: 70 ksi is 490 MPa. */
const MPA_PER_KSI = 7;

const isListed = (word: string): boolean => (A5_1_WORDS as readonly string[]).includes(word);

/** The class of the tables that a word is planned as: itself, or the one that stands for it. */
function plannedAs(word: string): RodClassId | null {
  const listed = ROD_CLASS_IDS.find((id) => id === word);
  return listed ?? PLANNED_AS[word] ?? null;
}

/** Letters and digits alone: what is left of a word that was typed loosely. */
const bare = (text: string): string => text.toUpperCase().replace(/[^0-9A-Z]/g, '');

/**
 * Reads the words of carbon and low-alloy steel rods: strength, position, coating, and what stands behind the dash.
 * @param text upper case, one space at most between pieces
 */
export function readSteel(text: string): Reading {
  const found = /^E?[ -]?(\d{4,5})(?:[ -]*(.*))?$/.exec(text);
  if (!found) return null;
  const printed = found[1] ?? '';
  const metric = printed.length === 4 ? SI_STRENGTH[printed.slice(0, 2)] : undefined;
  const digits = metric === undefined ? printed : `${metric}${printed.slice(2)}`;
  const read = readDigits(digits, found[2] ?? '');
  if (metric === undefined || read === null) return read;
  if (!read.ok) return wrong(read.message.replaceAll(digits, printed));
  const { parts, canonical, ...word } = read.value;
  return readAs({
    ...word,
    canonical: canonical.replace(digits, printed),
    parts: parts.map((part) =>
      part.about === 'strength'
        ? {
            ...part,
            text: printed.slice(0, 2),
            means: `${printed.slice(0, 2)}0 MPa tensile or more, ${metric} ksi`,
          }
        : part,
    ),
    remarks: [...word.remarks, `In ksi it is ${canonical}.`],
  });
}

/** The same once its strength stands in ksi. */
function readDigits(digits: string, behindDigits: string): Reading {
  const [ksi, position, last] = [digits.slice(0, -2), digits.slice(-2, -1), digits.slice(-2)];
  const stem = `E${digits}`;
  if (!(ALLOY_KSI as readonly string[]).includes(ksi) && ksi !== '60')
    return wrong(`${stem}: ${ksi} is no strength. Steel rods are 60, 70, 80, 90, 100, 110 or 120 ksi.`);
  const told = POSITION_DIGITS[Number(position) as keyof typeof POSITION_DIGITS];
  if (told === undefined)
    return wrong(
      `${stem}: ${position} is no position. It is 1 (all), 2 (flat and horizontal fillet) or 4 (downward too).`,
    );
  const coating = COATING_DIGITS[last];
  if (!coating)
    return wrong(
      `${stem}: ${last} is no coating. The last two are ${Object.keys(COATING_DIGITS).join(', ')}.`,
    );
  const suffix = readSuffix(behindDigits, stem);
  if (!suffix.ok) return wrong(suffix.message);
  const { alloy, tougher, military, hydrogen, resistant } = suffix.value;
  if (alloy === null && !isListed(stem)) {
    const alloyed = (ALLOY_DIGITS as readonly string[]).includes(last);
    return wrong(
      alloyed && ksi !== '60'
        ? `${stem} wants an alloy behind a dash, such as ${stem}-C3 or ${stem}-B2.`
        : `${stem} is in no specification: strength, position and coating do not go together.`,
    );
  }
  if (alloy !== null && !(ALLOY_DIGITS as readonly string[]).includes(last))
    return wrong(`${stem}-${alloy}: no alloy rod has the coating ${last}.`);
  if (alloy !== null && WITHOUT_DASH.includes(alloy) && last !== '18')
    return wrong(`${stem}${alloy}: only the iron powder rods, as E${ksi}18${alloy}, are made to it.`);
  if (alloy !== null && !coating.lowHydrogen && !NOT_ONLY_BASIC.includes(alloy))
    return wrong(
      `${stem}-${alloy}: ${alloy} is made basic alone, as E${ksi}15, 16 or 18; ${last} is ${coating.coating}.`,
    );
  if (alloy !== null && ksi === '60')
    return wrong(`${stem}-${alloy}: alloy rods begin at 70 ksi, as E70${last}-${alloy}.`);
  if (tougher && TOUGHER[stem] === undefined)
    return wrong(`${stem}-1: only ${Object.keys(TOUGHER).join(', ')} are made tougher by a 1.`);
  if ((hydrogen !== null || resistant) && !coating.lowHydrogen)
    return wrong(`${stem}: ${hydrogen ?? 'R'} is only for basic rods; ${last} is ${coating.coating}.`);
  const tail = `${hydrogen ?? ''}${resistant ? 'R' : ''}`;
  const undashed = alloy !== null && WITHOUT_DASH.includes(alloy);
  const behind = `${alloy === null ? '' : `${undashed ? '' : '-'}${alloy}`}${tougher ? '-1' : ''}${military ? 'M' : ''}`;
  const parts: WordPart[] = [
    { text: 'E', about: 'what it is', means: 'covered rod for the arc' },
    {
      text: ksi,
      about: 'strength',
      means: `${ksi} ksi tensile or more, about ${Number(ksi) * MPA_PER_KSI} MPa`,
    },
    { text: position, about: 'position', means: told },
    { text: last.slice(-1), about: 'coating and current', means: coating.coating },
    ...(alloy === null
      ? []
      : [{ text: `${undashed ? '' : '-'}${alloy}`, about: 'alloy', means: ALLOYS[alloy] ?? '' }]),
    ...(tougher ? [{ text: '-1', about: 'toughness', means: TOUGHER[stem] ?? '' }] : []),
    ...(military ? [{ text: 'M', about: 'toughness', means: MILITARY }] : []),
    ...(hydrogen === null
      ? []
      : [
          {
            text: hydrogen,
            about: 'hydrogen',
            means: `at most ${HYDROGEN[hydrogen]} ml in 100 g of weld metal`,
          },
        ]),
    ...(resistant ? [{ text: 'R', about: 'moisture', means: RESISTANT }] : []),
  ];
  return readAs({
    canonical: `${stem}${behind}${tail === '' ? '' : ` ${tail}`}`,
    source: alloy === null ? A5_1 : A5_5,
    parts,
    // Made to the military specification it runs on electrode positive alone.
    poles: military || undashed ? ['DCEP'] : coating.poles,
    positions: told,
    lowHydrogen: coating.lowHydrogen,
    tensile_MPa: Number(ksi) * MPA_PER_KSI,
    plannedAs: plannedAs(alloy === null ? stem : `${stem}${behind}`),
    remarks: [
      ...(coating.lowHydrogen ? ['Keep it dry: oven or sealed tin.'] : []),
      ...(last === '10' || last === '11' ? ['Never from an oven: it wants its moisture.'] : []),
      'The last digits tell coating and current, not how the rod is moved.',
    ],
  });
}

interface Suffix {
  alloy: string | null;
  tougher: boolean;
  military: boolean;
  hydrogen: string | null;
  resistant: boolean;
}

/** What stands behind the digits: alloy or toughness, then hydrogen, then moisture. */
function readSuffix(
  text: string,
  stem: string,
): { ok: true; value: Suffix } | { ok: false; message: string } {
  const all = bare(text);
  const found = /^(1|M)?(.*?)(H\d{1,2})?(R)?$/.exec(all);
  const middle = found?.[2] ?? '';
  const isMilitary = stem === 'E7018' && found?.[1] === 'M';
  const alloy = isMilitary ? '' : `${found?.[1] === 'M' ? 'M' : ''}${middle}`;
  const hydrogen = found?.[3] ?? null;
  if (alloy !== '' && ALLOYS[alloy] === undefined)
    return {
      ok: false,
      message: `${stem}: "${text.trim()}" says nothing known. Behind the dash stands 1, M, an alloy (${Object.keys(ALLOYS).slice(0, 8).join(', ')} and so on), H4, H8 or H16, then R.`,
    };
  if (hydrogen !== null && HYDROGEN[hydrogen] === undefined)
    return { ok: false, message: `${stem}: ${hydrogen} is no hydrogen class. They are H4, H8 and H16.` };
  return {
    ok: true,
    value: {
      alloy: alloy === '' ? null : alloy,
      tougher: found?.[1] === '1',
      military: isMilitary,
      hydrogen,
      resistant: found?.[4] === 'R',
    },
  };
}

/** Longest first, so that 309LMo is not read as 309L and something. */
const STAINLESS_BY_LENGTH = Object.keys(STAINLESS).sort((a, b) => b.length - a.length);

/** Reads the words of stainless rods: alloy number, then the coating behind a dash. */
export function readStainless(text: string): Reading {
  const all = bare(text)
    .replace(/^E(?=\d)/, '')
    .replace(/CB/g, 'NB')
    .replace(/MOL/g, 'LMO');
  const alloy = STAINLESS_BY_LENGTH.find((id) => all.startsWith(bare(id)));
  if (alloy === undefined) return null;
  const coating = all.slice(bare(alloy).length);
  if (/^[A-Z]/.test(coating)) return wrong(`E${alloy}: "${coating}" is no alloy letter of it.`);
  const row = STAINLESS_COATINGS[coating];
  if (coating !== '' && !row)
    return wrong(
      `E${alloy}-${coating}: ${coating} is no coating. It is ${Object.keys(STAINLESS_COATINGS).join(', ')}.`,
    );
  const canonical = row ? `E${alloy}-${coating}` : `E${alloy}`;
  return readAs({
    canonical,
    source: A5_4,
    parts: [
      { text: 'E', about: 'what it is', means: 'covered rod for the arc' },
      { text: alloy, about: 'alloy', means: STAINLESS[alloy] ?? '' },
      ...(row ? [{ text: `-${coating}`, about: 'coating and current', means: row.coating }] : []),
    ],
    poles: row?.poles ?? [],
    positions: row?.positions ?? 'not told: the coating is missing',
    lowHydrogen: true,
    tensile_MPa: null,
    plannedAs: row && !row.poles.includes('AC') ? null : plannedAs(`E${alloy}-16`),
    remarks: [
      ...(row
        ? []
        : ['The two digits behind the dash tell the current: without them run it DC, electrode positive.']),
      'Drinks moisture like a basic rod: pores. Keep it dry.',
    ],
  });
}

const WHOLE_BY_BARE = new Map(Object.keys(WHOLE_WORDS).map((word) => [bare(word), word]));

/** Reads the words that stand for themselves: nickel, bronze, aluminium, cast iron, hardfacing. */
export function readWhole(text: string): Reading {
  const all = bare(text);
  const word = WHOLE_BY_BARE.get(all) ?? WHOLE_BY_BARE.get(`E${all}`);
  const row = word === undefined ? undefined : WHOLE_WORDS[word];
  if (word === undefined || !row) return null;
  return readAs({
    canonical: word,
    source: row.source,
    parts: [
      { text: 'E', about: 'what it is', means: 'covered rod for the arc' },
      { text: word.slice(1), about: 'alloy', means: row.means },
    ],
    poles: row.poles,
    positions: 'not told by the word',
    lowHydrogen: false,
    tensile_MPa: null,
    plannedAs: plannedAs(word),
    remarks: [],
  });
}
