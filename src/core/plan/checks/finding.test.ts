import { UNSEEN } from '../../formats/blankJob';
import { findingInWords, misplaced, readFinding } from './finding';

const FOUND = { ...UNSEEN, result: 'found' as const };

describe('a finding', () => {
  test('in words: what, how long, where, and what was written', () => {
    expect(
      findingInWords(
        { ...FOUND, what: 'crack', length_mm: 12, at_mm: 140, words: ' upper toe ', photos: ['a', 'b'] },
        'metric',
      ),
    ).toBe('a crack, 12 mm long, 140 mm from the left end, upper toe, 2 pictures');
    expect(findingInWords(FOUND, 'metric')).toBe('something');
    expect(findingInWords({ ...FOUND, length_mm: 25.4 }, 'inch')).toMatch(/^1 in long$/);
  });

  test('it lies on the seam: beyond its end it is asked back', () => {
    expect(misplaced({ at_mm: 320, length_mm: 10 }, 320, 'metric')).toBeNull();
    expect(misplaced({ at_mm: 321, length_mm: 10 }, 320, 'metric')).toEqual({
      field: 'at_mm',
      message: 'The seam is 320 mm long: type 0 to 320 mm, from its left end.',
    });
    expect(misplaced({ at_mm: 5, length_mm: 400 }, 320, 'metric')?.field).toBe('length_mm');
    expect(misplaced({ at_mm: null, length_mm: null }, 320, 'metric')).toBeNull();
  });

  test('typed as lengths are spoken; what cannot be read is no number', () => {
    expect(readFinding('at_mm', '5 1/2 in', 'metric')).toBeCloseTo(139.7, 6);
    expect(readFinding('length_mm', '1.2 cm', 'metric')).toBeCloseTo(12, 6);
    expect(readFinding('at_mm', '-4', 'metric')).toBeNull();
    expect(readFinding('at_mm', 'left', 'metric')).toBeNull();
    expect(readFinding('at_mm', '', 'metric')).toBeNull();
  });
});
