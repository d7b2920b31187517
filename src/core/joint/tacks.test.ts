import fc from 'fast-check';
import { JOINTS, type JointKind } from '../data/joints';
import { stitchOf_mm, tackSpacing_mm, tacksFor, type TackQuestion } from './tacks';

const asked = (over: Partial<TackQuestion>): TackQuestion => ({
  kind: 't-fillet',
  thin_mm: 3,
  length_mm: 300,
  families: ['low-carbon-steel'],
  every_mm: null,
  ...over,
});

describe('from tack to tack', () => {
  // Common practice, everyday spacing on steel; on stainless half of it, aluminium alike.
  test.each([
    ['lap', 1.2, 'low-carbon-steel', 25, 25],
    ['lap', 1.5, 'low-carbon-steel', 40, 40],
    ['t-fillet', 2, 'low-carbon-steel', 50, 50],
    ['t-fillet', 3, 'low-carbon-steel', 75, 75],
    ['t-fillet', 6, 'low-carbon-steel', 100, 100],
    ['t-fillet', 12, 'low-carbon-steel', 150, 160],
    ['t-fillet', 25, 'low-carbon-steel', 250, 250],
    ['square-butt', 1.5, 'low-carbon-steel', 20, 25],
    ['square-butt', 2, 'low-carbon-steel', 25, 40],
    ['square-butt', 3, 'low-carbon-steel', 40, 50],
    ['v-butt', 6, 'low-carbon-steel', 75, 85],
    ['v-butt', 10, 'low-carbon-steel', 150, 150],
    ['square-butt', 1, 'low-carbon-steel', 20, 20],
    ['square-butt', 3, 'austenitic-stainless', 38, 42],
    ['lap', 1.5, 'austenitic-stainless', 20, 25],
    ['t-fillet', 2, 'austenitic-stainless', 25, 30],
    ['t-fillet', 5, 'austenitic-stainless', 45, 60],
    ['t-fillet', 3, 'al-6xxx', 37, 45],
    ['t-fillet', 12, 'al-6xxx', 75, 90],
  ] as const)('%s of %d mm in %s: %d to %d mm', (kind, thin_mm, family, from, to) => {
    const spacing = tackSpacing_mm({ kind, thin_mm, families: [family] });
    expect(spacing).toBeGreaterThanOrEqual(from);
    expect(spacing).toBeLessThanOrEqual(to);
  });

  test('where no thickness is known, as for plate; where the welder says, as he says', () => {
    expect(tackSpacing_mm({ kind: null, thin_mm: null, families: [] })).toBe(100);
    expect(tacksFor(asked({ every_mm: 60 }))).toMatchObject({ count: 6, every_mm: 60 });
  });
});

describe('how many', () => {
  test('one at each end and evenly between; a short weld has its two ends', () => {
    expect(tacksFor(asked({}))).toMatchObject({ count: 5, every_mm: 75, round: false });
    expect(tacksFor(asked({ length_mm: 30 }))).toMatchObject({ count: 2, every_mm: 30 });
  });

  // Common practice: a tube or pipe is tacked at its quarters, opposite ones in turn.
  test.each(['rectangle', 'ring'] as JointKind[])('%s: its quarters, in opposite pairs', (kind) => {
    expect(tacksFor(asked({ kind, length_mm: 160 }))).toMatchObject({ count: 4, every_mm: 40, round: true });
    expect(tacksFor(asked({ kind, length_mm: 1500 })).count % 2).toBe(0);
  });

  test('what is laid in or on one plate holds by itself', () => {
    expect(tacksFor(asked({ kind: 'pad' })).count).toBe(0);
  });

  test('a tack on sheet is a blink, and the next lies close', () => {
    const [sheet, plate] = [tacksFor(asked({ thin_mm: 1.2 })), tacksFor(asked({ thin_mm: 12 }))];
    expect([sheet.arc_s, sheet.move_s]).toEqual([1, 6]);
    expect([plate.arc_s, plate.move_s]).toEqual([3, 15]);
  });

  test('every joint: as far apart as is wanted but for a half, and never fewer on a longer weld', () => {
    const kinds = Object.keys(JOINTS) as JointKind[];
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.double({ min: 0.8, max: 40, noNaN: true }),
        fc.integer({ min: 10, max: 4000 }),
        (kind, thin_mm, length_mm) => {
          const question = asked({ kind, thin_mm, length_mm });
          const { count, every_mm, round } = tacksFor(question);
          const wanted = tackSpacing_mm(question);
          expect(tacksFor({ ...question, length_mm: 2 * length_mm }).count).toBeGreaterThanOrEqual(count);
          // A weld shorter than that has its two ends.
          if (count === 0 || round || length_mm < wanted) return;
          expect(every_mm / wanted).toBeGreaterThan(0.66);
          expect(every_mm / wanted).toBeLessThan(1.5001);
        },
      ),
    );
  });
});

describe('sheet that is stitched', () => {
  // Everyday settings: 1.2 mm lap in stitches of 20, 1.5 mm of 25 to 40, 1 mm of 15 (common practice).
  test('is run so far in one go, shorter where edges face one another', () => {
    expect(stitchOf_mm('lap', 1)).toBe(15);
    expect(stitchOf_mm('lap', 1.2)).toBe(20);
    expect(stitchOf_mm('t-fillet', 1.5)).toBe(40);
    // Manufacturers' Standard Gauge, 16: 0.0598 in.
    expect(stitchOf_mm('lap', 0.0598 * 25.4)).toBe(40);
    expect(stitchOf_mm('square-butt', 1.5)).toBeGreaterThanOrEqual(20);
    expect(stitchOf_mm('square-butt', 1.5)).toBeLessThanOrEqual(25);
  });

  test('thicker, round a pipe or over a face it is run on', () => {
    expect(stitchOf_mm('lap', 2)).toBeNull();
    expect(stitchOf_mm('ring', 1.2)).toBeNull();
    expect(stitchOf_mm('pad', 1.2)).toBeNull();
    expect(stitchOf_mm('lap', null)).toBeNull();
  });
});
