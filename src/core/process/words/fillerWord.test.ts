import fc from 'fast-check';
import { BARE_FILLER_IDS, BARE_FILLERS } from '../../data/bareFillers';
import { readFillerWord } from './fillerWord';

const idOf = (text: string) => {
  const read = readFillerWord(text);
  return read?.known ? read.id : null;
};

describe('the word on a reel or a bare rod', () => {
  // AWS A5.9, A5.10, A5.18 and A5.20; ISO 14341, 636 and 18273; from memory.
  test.each([
    ['ER70S-6', 'ER70S-6'],
    ['er 70s6', 'ER70S-6'],
    ['70S-6', 'ER70S-6'],
    ['G3Si1', 'ER70S-6'],
    ['G 42 4 M21 3Si1', null],
    ['G 42 4 M G3Si1', 'ER70S-6'],
    ['E71T-11', 'E71T-11'],
    ['71T-GS', 'E71T-GS'],
    ['E71T-1M', 'E71T-1'],
    ['e71t1c', 'E71T-1'],
    ['ER308LSi', 'ER308LSi'],
    ['308L', 'ER308L'],
    ['19 12 3 L Si', 'ER316LSi'],
    ['5356', 'ER5356'],
    ['AlMg5', 'ER5356'],
    ['ER4043', 'ER4043'],
    ['S Al 4043', 'ER4043'],
    ['ERNiCr-3', 'ERNiCr-3'],
    ['CuSi3', 'ERCuSi-A'],
  ] as const)('%s', (text, id) => {
    expect(idOf(text)).toBe(id);
  });

  test('the gas letter of a filled wire is read out (AWS A5.20, from memory: C for CO2, M for mixed)', () => {
    const words = (text: string) => {
      const read = readFillerWord(text);
      return read?.known ? read.words.join(' ') : '';
    };
    expect(words('E71T-1C')).toMatch(/Made for CO2/);
    expect(words('E71T-1M')).toMatch(/argon with CO2/);
    expect(words('E71T-1')).not.toMatch(/Made for/);
  });

  test('a filled wire without settings is told apart by its number, never taken for another (AWS A5.20, from memory)', () => {
    expect(readFillerWord('E70T-4')).toMatchObject({
      known: false,
      message: expect.stringMatching(/flat and horizontal only: makes its own gas/),
    });
    expect(readFillerWord('E71T-5')).toMatchObject({
      known: false,
      message: expect.stringMatching(/all positions: basic slag, needs gas/),
    });
  });

  test('a slip is answered with the nearest, nonsense with what to type', () => {
    expect(readFillerWord('ER70S-9')).toMatchObject({ known: false, nearest: 'ER70S-6' });
    expect(readFillerWord('hello there')).toMatchObject({ known: false, nearest: null });
    expect(readFillerWord('  ')).toBeNull();
  });

  test('every class reads as itself, with and without its signs, whatever the case', () => {
    for (const id of BARE_FILLER_IDS) {
      expect(idOf(id)).toBe(id);
      expect(idOf(id.toLowerCase().replace(/[^a-z0-9]/g, ''))).toBe(id);
      expect(BARE_FILLERS[id].what).not.toBe('');
    }
  });

  test('any text is read or refused, never thrown at', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = readFillerWord(text);
        return read === null || read.known || read.message !== '';
      }),
    );
  });
});
