import fc from 'fast-check';
import { COATING_DIGITS } from '../../data/rodWords';
import { rodClass, ROD_CLASS_IDS } from '../../data/rods';
import { decodeRod, KNOWN_WORDS } from './decode';
import type { RodWord } from './rodWord';

const read = (text: string): RodWord => {
  const decoded = decodeRod(text);
  if (decoded.kind !== 'word') throw new Error(`${text}: ${decoded.kind}`);
  return decoded.word;
};
const refused = (text: string) => {
  const decoded = decodeRod(text);
  if (decoded.kind !== 'wrong') throw new Error(`${text} was taken for something`);
  return decoded;
};
const about = (word: RodWord, what: string) => word.parts.find((part) => part.about === what)?.means;

describe('what the parts of a word say', () => {
  // AWS A5.1 classification, from memory: last two digits, coating and current.
  test.each([
    ['6010', 'cellulose, sodium', 'DCEP'],
    ['6011', 'cellulose, potassium', 'DCEP AC'],
    ['6012', 'titania, sodium', 'DCEN AC'],
    ['6013', 'titania, potassium', 'DCEP DCEN AC'],
    ['7014', 'titania with iron powder', 'DCEP DCEN AC'],
    ['7015', 'basic, sodium', 'DCEP'],
    ['7016', 'basic, potassium', 'DCEP AC'],
    ['7018', 'basic with iron powder', 'DCEP AC'],
    ['7024', 'titania with much iron powder', 'DCEP DCEN AC'],
    ['7028', 'basic with much iron powder', 'DCEP AC'],
  ])('E%s: %s, %s', (digits, coating, poles) => {
    const word = read(digits);
    expect(about(word, 'coating and current')).toBe(coating);
    expect(word.poles.join(' ')).toBe(poles);
  });

  // AWS A5.1 and A5.1M, from memory: 70 ksi is 490 MPa; 1 all positions, 2 flat and horizontal fillets, 4 downward too.
  test('strength, position, toughness, hydrogen and moisture', () => {
    const word = read('e7018-1 h4r');
    expect(word.canonical).toBe('E7018-1 H4R');
    expect(word.tensile_MPa).toBe(490);
    expect(about(word, 'position')).toBe('all positions');
    expect(about(word, 'toughness')).toMatch(/-46 °C/);
    expect(about(word, 'hydrogen')).toMatch(/4 ml in 100 g/);
    expect(word.parts.map(({ text }) => text).join('')).toBe('E7018-1H4R');
    expect(read('7024').positions).toBe('flat, and horizontal fillets');
    expect(read('7048').positions).toMatch(/downward/);
    expect(read('E7018M').parts.at(-1)?.about).toBe('toughness');
  });

  // AWS A5.5, from memory.
  test.each([
    ['8018-B2', '1.25 % chromium, 0.5 % molybdenum'],
    ['8018C3', '1 % nickel'],
    ['7010-P1', 'for pipe'],
    ['E7010 A1', 'carbon steel with 0.5 % molybdenum'],
  ])('%s: %s', (text, alloy) => expect(about(read(text), 'alloy')).toBe(alloy));

  // AWS A5.4, from memory: 15 DC only; 16 and 17 AC too.
  test('stainless: alloy number, then coating', () => {
    expect(read('309L-16')).toMatchObject({ canonical: 'E309L-16', plannedAs: 'E309L-16' });
    expect(read('308l15').poles).toEqual(['DCEP']);
    // DC only must not be planned as a class that also runs on AC.
    expect(read('308L-15').plannedAs).toBeNull();
    expect(read('309Cb-17').canonical).toBe('E309Nb-17');
    expect(read('309LMo-17')).toMatchObject({ canonical: 'E309LMo-17', plannedAs: 'E309LMo-16' });
    expect(read('312').remarks.join(' ')).toMatch(/without them run it DC/);
  });

  // ISO 2560-A, from memory: 42 yield 420 MPa; 5 47 J at -50 °C; B basic; 4 recovery 105 to 125 % on DC; 2 not downward; H5.
  test('ISO 2560-A', () => {
    const word = read('E 42 5 B 42 H5');
    expect(word.canonical).toBe('E 42 5 B 42 H5');
    expect(word.parts.map(({ means }) => means)).toEqual([
      'covered rod for the arc',
      'yield 420 MPa or more, tensile 500 to 640',
      '47 J at -50 °C',
      'basic',
      'recovery 105 to 125 %, DC only',
      'all positions but vertical downward',
      'at most 5 ml in 100 g of weld metal',
    ]);
    expect(read('e423c21')).toMatchObject({ lowHydrogen: false, tensile_MPa: 500 });
    expect(read('E 42 0 RR 12').canonical).toBe('E 42 0 RR 12');
    expect(about(read('E 46 6 1Ni B 42 H5'), 'alloy')).toBe('1 % nickel');
  });

  // ISO 3581-A, from memory.
  test('ISO 3581-A', () => {
    expect(read('E 23 12 L R 3 2')).toMatchObject({ canonical: 'E 23 12 L R 3 2', plannedAs: 'E309L-16' });
    expect(about(read('E19123LR12'), 'alloy')).toMatch(/316L/);
  });
});

describe('every known word', () => {
  test('comes back as it is printed, however it is typed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...KNOWN_WORDS),
        fc.boolean(),
        fc.boolean(),
        fc.constantFrom('', ' H4', '-h8r', 'H16 R'),
        (canonical, lower, without, tail) => {
          const loose = (text: string) => {
            const cut = without ? text.replace(/^E/, '').replace(/-(?=\d\d$|[A-Z]\d)/, ' ') : text;
            return lower ? cut.toLowerCase() : cut;
          };
          const word = read(loose(canonical));
          expect(word.canonical).toBe(canonical);
          expect(read(word.canonical)).toEqual(word);
          const basic = /^E\d{2,3}1[568]/.test(canonical) && word.tensile_MPa !== null;
          if (basic && tail !== '') {
            const marked = read(`${canonical}${tail}`);
            expect(read(marked.canonical)).toEqual(marked);
            expect(marked.parts.length).toBeGreaterThan(word.parts.length);
          }
        },
      ),
      { numRuns: 400 },
    );
  });

  test('no two read alike, and each class of the tables is planned as itself, on no pole it is not classed for', () => {
    expect(new Set(KNOWN_WORDS).size).toBe(KNOWN_WORDS.length);
    for (const id of ROD_CLASS_IDS) {
      const word = read(id);
      expect(word.plannedAs).toBe(id);
      // A table may be warier than the word, never bolder.
      expect(word.poles).toEqual(expect.arrayContaining([...rodClass(id).poles]));
    }
  });
});

describe('what cannot be', () => {
  test.each([
    ['7038', /3 is no position. It is 1 \(all\)/],
    ['6510', /65 is no strength/],
    ['7017', /17 is no coating/],
    ['8018', /wants an alloy behind a dash/],
    ['7010', /wants an alloy/],
    ['E6018-B2', /alloy rods begin at 70/],
    ['E7018-Q7', /says nothing known/],
    ['E7018 H5', /H5 is no hydrogen class. They are H4, H8 and H16/],
    ['E6010 H4', /only for basic rods/],
    ['E6013-1', /only E7016, E7018, E7024/],
    ['309L-99', /99 is no coating/],
    ['E 42 5 B 92', /9 is no recovery digit/],
    ['E 42 5 B 48', /8 is no position digit/],
    ['E 42 5 B 42 H7', /H7 is no hydrogen class/],
    ['', /Type what is printed/],
    ['banana', /no word of a covered rod/],
    ['E7018 and a whole story behind it', /more than one word/],
  ])('%s is refused with what is wrong', (text, message) => expect(refused(text).message).toMatch(message));

  test('a slip is answered with the words that are near', () => {
    expect(refused('7O18').near[0]).toBe('E7018');
    expect(refused('ENiFeCl').near).toContain('ENiFe-CI');
    expect(refused('banana').near).toEqual([]);
  });

  test('no text at all makes it fail', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) =>
        ['word', 'faint', 'wrong'].includes(decodeRod(text).kind),
      ),
    );
  });
});

describe('too faint to read', () => {
  test('all it may be, and only what holds for every one', () => {
    const decoded = decodeRod('70?8');
    if (decoded.kind !== 'faint') throw new Error(decoded.kind);
    expect(decoded.may.map(({ canonical }) => canonical)).toEqual(['E7018', 'E7028', 'E7048']);
    expect(decoded.allows).toMatchObject({ poles: ['DCEP', 'AC'], lowHydrogen: true, tensile_MPa: 490 });
    const wider = decodeRod('60??');
    if (wider.kind !== 'faint') throw new Error(wider.kind);
    expect(wider.allows).toMatchObject({ poles: [], lowHydrogen: false });
    expect(wider.allows.words).toMatch(/nothing that carries load.*nothing that hydrogen cracks/);
  });

  test('one sign more unread never allows more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('6010', '6011', '6013', '7014', '7018', '7024'),
        fc.integer({ min: 0, max: 3 }),
        fc.integer({ min: 0, max: 3 }),
        (digits, a, b) => {
          const hide = (text: string, at: number) => `${text.slice(0, at)}?${text.slice(at + 1)}`;
          const [one, two] = [decodeRod(hide(digits, a)), decodeRod(hide(hide(digits, a), b))];
          if (one.kind !== 'faint' || two.kind !== 'faint') return false;
          return (
            two.may.length >= one.may.length &&
            two.allows.poles.every((pole) => one.allows.poles.includes(pole)) &&
            (one.allows.lowHydrogen || !two.allows.lowHydrogen)
          );
        },
      ),
    );
  });

  test('what fits no word is refused', () => expect(refused('9?9?9').message).toMatch(/No known word fits/));
});

test('every coating has a pole', () => {
  for (const { poles } of Object.values(COATING_DIGITS)) expect(poles.length).toBeGreaterThan(0);
});

/** AWS A5.1, A5.4, A5.5, A5.11, A5.13 and A5.15, from memory. */
describe('words that were read wrongly once', () => {
  const word = (typed: string) => {
    const read = decodeRod(typed);
    if (read.kind !== 'word') throw new Error(`${typed}: ${read.kind}`);
    return read.word;
  };
  test.each([
    ['E7018M', 'E7018M', ['DCEP']],
    ['E11018M', 'E11018M', ['DCEP']],
    ['11018-m', 'E11018M', ['DCEP']],
    ['E6022', 'E6022', ['DCEN', 'AC']],
    ['E4918-1 H4', 'E4918-1 H4', ['DCEP', 'AC']],
    ['e-7018', 'E7018', ['DCEP', 'AC']],
    ['E309MoL-16', 'E309LMo-16', ['DCEP', 'AC']],
    ['E9015-B91', 'E9015-B91', ['DCEP']],
    ['E8018-C4', 'E8018-C4', ['DCEP', 'AC']],
    ['E349-16', 'E349-16', ['DCEP', 'AC']],
    ['ENiCrCoMo-1', 'ENiCrCoMo-1', ['DCEP']],
    ['EFeMn-C', 'EFeMn-C', ['DCEP', 'AC']],
    ['ENiCu-A', 'ENiCu-A', ['DCEP', 'AC']],
    ['E7010-A1', 'E7010-A1', ['DCEP']],
  ])('%s', (typed, canonical, poles) => expect(word(typed)).toMatchObject({ canonical, poles }));

  test('megapascals are told in ksi too, and planned as the class they are', () => {
    expect(word('E4918').plannedAs).toBe('E7018');
    expect(word('E4918').tensile_MPa).toBe(490);
    expect(word('E4918-1 H4').remarks.join()).toMatch(/In ksi it is E7018-1 H4/);
  });
  test('chromium alloys are never cellulose; figures changed about are answered with what was meant', () => {
    expect(decodeRod('E8010-B3')).toMatchObject({
      kind: 'wrong',
      message: expect.stringMatching(/B3 is made basic alone/),
    });
    expect(decodeRod('7081')).toMatchObject({ kind: 'wrong', near: expect.arrayContaining(['E7018']) });
    const near = decodeRod('7081');
    expect(near.kind === 'wrong' && near.near[0]).toBe('E7018');
  });
});

describe('alloyed and ISO words are planned as what runs and is alloyed alike (AWS A5.5 and ISO 2560-A, from memory)', () => {
  const planned = (text: string) => {
    const decoded = decodeRod(text);
    return decoded.kind === 'word' ? decoded.word.plannedAs : decoded.kind;
  };
  test.each([
    ['E8018-B2', 'E8018-B2'],
    ['8018-b2l', 'E8018-B2'],
    ['E8018-C1', 'E8018-C3'],
    ['8018-W2', 'E8018-W2'],
    ['E11018M', 'E11018M'],
    // Never by a stronger one.
    ['E10018M', 'E9018M'],
    ['E7010-P1', 'E6010'],
    // Made for direct current alone, or of an alloy that only the maker knows.
    ['E8015-B2', null],
    ['E8018-G', null],
    ['E 42 4 B 32 H5', 'E7018'],
    ['E 42 4 B 42 H5', 'E7015'],
    ['E 38 0 RC 11', 'E6013'],
    ['E 38 3 C 21', 'E6010'],
    ['E 46 6 1Ni B 32 H5', 'E8018-C3'],
    ['E 50 6 2Ni B 32 H5', null],
  ])('%s is planned as %s', (text, id) => expect(planned(text)).toBe(id));
});
