import { ROD_CLASS_IDS, type Pole, type RodClassId } from '../../data/rods';
import {
  ISO_2560_A,
  ISO_3581_A,
  ISO_ALLOYS,
  ISO_COVERINGS,
  ISO_HYDROGEN,
  ISO_POSITIONS,
  ISO_RECOVERY,
  ISO_STAINLESS,
  ISO_STRENGTH,
  ISO_TOUGHNESS,
} from '../../data/rodWordsIso';
import { readAs, wrong, type Reading, type WordPart } from './rodWord';

const E: WordPart = { text: 'E', about: 'what it is', means: 'covered rod for the arc' };

/** One of a table's keys, whatever the case it was typed in; the longest that fits at the front. */
function front<T>(
  text: string,
  table: Readonly<Record<string, T>>,
): { key: string; row: T; rest: string } | null {
  const key = Object.keys(table)
    .sort((a, b) => b.length - a.length)
    .find((id) => text.startsWith(id.toUpperCase().replace(/ /g, '')));
  const row = key === undefined ? undefined : table[key];
  return key === undefined || row === undefined
    ? null
    : { key, row, rest: text.slice(key.replace(/ /g, '').length) };
}

/** What the recovery digit says, where it is there. */
const recoveryPart = (digit: string | undefined, row: (typeof ISO_RECOVERY)[string] | null): WordPart[] =>
  digit === undefined || row === null
    ? []
    : [
        {
          text: digit,
          about: 'recovery and current',
          means: `${row.recovery}, ${row.poles.includes('AC') ? 'AC or DC' : 'DC only'}`,
        },
      ];

/**
 * The class of the tables that runs like it. Where the word allows direct current alone, or does not tell, it is none that is planned on AC;
 * the covering alone tells nothing of an alloyed one.
 */
function plannedAs(covering: string, alloy: string | null, poles: readonly Pole[]): RodClassId | null {
  const onAc = poles.includes('AC');
  if (alloy !== null) return covering === 'B' && /^(?:Mn)?1Ni$/.test(alloy) && onAc ? 'E8018-C3' : null;
  if (covering === 'B') return onAc ? 'E7018' : 'E7015';
  if (covering === 'C') return onAc ? 'E6011' : 'E6010';
  return covering.startsWith('R') && onAc ? 'E6013' : null;
}

/** Reads ISO 2560-A: strength, toughness, alloy, covering, recovery and current, position, hydrogen. */
export function readIsoSteel(text: string): Reading {
  const all = text.replace(/[^0-9A-Z]/g, '').replace(/^E/, '');
  const strength = front(all, ISO_STRENGTH);
  if (!strength) return null;
  const tough = front(strength.rest, ISO_TOUGHNESS);
  if (!tough) return null;
  const alloy = front(tough.rest, ISO_ALLOYS);
  const covering = front(alloy?.rest ?? tough.rest, ISO_COVERINGS);
  if (!covering) return null;
  const tail = /^(\d)?(\d)?(H\d{1,2})?$/.exec(covering.rest);
  const at = `E ${strength.key} ${tough.key}${alloy ? ` ${alloy.key}` : ''} ${covering.key}`;
  if (!tail)
    return wrong(`${at}: "${covering.rest}" is no recovery, position or hydrogen. Type as in ${at} 4 2 H5.`);
  const [, recovery, position, hydrogen] = tail;
  const recovered = recovery === undefined ? null : ISO_RECOVERY[recovery];
  if (recovered === undefined) return wrong(`${at}: ${recovery} is no recovery digit. They run from 1 to 8.`);
  const where = position === undefined ? null : ISO_POSITIONS[position];
  if (where === undefined) return wrong(`${at}: ${position} is no position digit. They run from 1 to 5.`);
  const limit = hydrogen === undefined ? null : ISO_HYDROGEN[hydrogen];
  if (limit === undefined) return wrong(`${at}: ${hydrogen} is no hydrogen class. They are H5, H10 and H15.`);
  const digits = `${recovery ?? ''}${position ?? ''}`;
  return readAs({
    canonical: `${at}${digits === '' ? '' : ` ${digits}`}${hydrogen === undefined ? '' : ` ${hydrogen}`}`,
    source: ISO_2560_A,
    parts: [
      E,
      { text: strength.key, about: 'strength', means: strength.row },
      { text: tough.key, about: 'toughness', means: tough.row },
      ...(alloy ? [{ text: alloy.key, about: 'alloy', means: alloy.row }] : []),
      { text: covering.key, about: 'covering', means: covering.row.means },
      ...recoveryPart(recovery, recovered),
      ...(where ? [{ text: position ?? '', about: 'position', means: where }] : []),
      ...(limit === null
        ? []
        : [{ text: hydrogen ?? '', about: 'hydrogen', means: `at most ${limit} ml in 100 g of weld metal` }]),
    ],
    poles: recovered?.poles ?? [],
    positions: where ?? 'not told by the word',
    lowHydrogen: covering.row.lowHydrogen,
    tensile_MPa: Number(/tensile (\d+)/.exec(strength.row)?.[1] ?? NaN),
    plannedAs: plannedAs(covering.key, alloy?.key ?? null, recovered?.poles ?? []),
    remarks: [
      ...(covering.row.lowHydrogen ? ['Keep it dry: oven or sealed tin.'] : []),
      'Which pole is not in the word: the packet says it.',
    ],
  });
}

/** Reads ISO 3581-A: alloy by its percents, covering, recovery and current, position. */
export function readIsoStainless(text: string): Reading {
  const all = text.replace(/[^0-9A-Z]/g, '').replace(/^E/, '');
  const alloy = front(all, ISO_STAINLESS);
  if (!alloy) return null;
  const tail = /^([RB])(\d)?(\d)?$/.exec(alloy.rest);
  if (!tail) return null;
  const [, covering = '', recovery, position] = tail;
  const recovered = recovery === undefined ? null : ISO_RECOVERY[recovery];
  const where = position === undefined ? null : ISO_POSITIONS[position];
  const at = `E ${alloy.key} ${covering}`;
  if (recovered === undefined) return wrong(`${at}: ${recovery} is no recovery digit. They run from 1 to 8.`);
  if (where === undefined) return wrong(`${at}: ${position} is no position digit. They run from 1 to 5.`);
  const number = /\(([^)]+)\)$/.exec(alloy.row)?.[1];
  return readAs({
    canonical: [at, recovery, position].filter((piece) => piece !== undefined).join(' '),
    source: ISO_3581_A,
    parts: [
      E,
      { text: alloy.key, about: 'alloy', means: alloy.row },
      { text: covering, about: 'covering', means: covering === 'R' ? 'rutile' : 'basic' },
      ...recoveryPart(recovery, recovered),
      ...(where ? [{ text: position ?? '', about: 'position', means: where }] : []),
    ],
    poles: recovered?.poles ?? [],
    positions: where ?? 'not told by the word',
    lowHydrogen: true,
    tensile_MPa: null,
    plannedAs: ROD_CLASS_IDS.find((id) => id === `E${number}-16`) ?? null,
    remarks: ['Drinks moisture like a basic rod: pores. Keep it dry.'],
  });
}
