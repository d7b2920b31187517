import type { FamilyId } from '../data/families';
import { blankSide } from '../formats/blankJob';
import { beliefIn, beliefOf } from './belief';
import { whatFamilyWants, whatJointWants } from './wants';

/** Known from papers, and cleared of what it looks like. */
const named = (family: FamilyId | null) => (family === null ? beliefOf(blankSide()) : beliefIn(family));
const joint = (a: FamilyId | null, b: FamilyId | null) => whatJointWants(named(a), named(b));

describe('what a joint wants', () => {
  // AWS A5.4, A5.11 and A5.15 usage, from memory.
  test.each([
    ['low-carbon-steel', 'austenitic-stainless', 'E309L-16'],
    ['low-carbon-steel', 'gray-iron', 'ENiFe-CI'],
    ['low-carbon-steel', 'manganese-steel', 'E309L-16'],
    ['austenitic-stainless', 'nickel-copper', 'ENiCrFe-3'],
    ['duplex-stainless', 'duplex-stainless', 'E2209-16'],
    ['low-carbon-steel', 'aluminium-bronze', 'ECuAl-A2'],
    ['silicon-bronze', 'silicon-bronze', 'ECuSi'],
    ['austenitic-stainless', 'austenitic-stainless', 'E316L-16'],
    ['copper-nickel', 'copper-nickel', 'ECuNi'],
    ['al-6xxx', 'al-cast', 'E4043'],
  ] as const)('%s to %s: %s first, whichever side is named first', (a, b, rod) => {
    expect(joint(a, b).rods[0]).toBe(rod);
    expect(joint(b, a).rods[0]).toBe(rod);
  });

  test('stainless to nickel-copper never gets ENiCu-7: it cracks hot with chromium (common practice)', () => {
    expect(joint('austenitic-stainless', 'nickel-copper').rods).not.toContain('ENiCu-7');
  });

  test('aluminium, titanium and magnesium join nothing else by arc', () => {
    for (const other of ['low-carbon-steel', 'austenitic-stainless', 'copper'] as const) {
      expect(joint('al-6xxx', other).rods).toEqual([]);
      expect(joint('titanium', other).verdict).toBe('never');
      expect(joint('magnesium', other).verdict).toBe('never');
    }
  });

  test('one side unknown leaves the joint unknown, whatever the other is; never beats unknown', () => {
    expect(joint('low-carbon-steel', null).verdict).toBe('unknown');
    expect(joint(null, 'lead').verdict).toBe('never');
  });

  test('both sides set their heat rules', () => {
    expect(joint('medium-carbon-steel', 'austenitic-stainless').heat.map(({ family }) => family)).toEqual([
      'medium-carbon-steel',
      'austenitic-stainless',
    ]);
    expect(joint('brass', 'brass').heat).toHaveLength(1);
  });

  // Common practice figures by family.
  test('family heat rules', () => {
    expect(whatFamilyWants('medium-carbon-steel').heat).toMatchObject({
      preheatMin_C: 95,
      preheatMax_C: 260,
    });
    expect(whatFamilyWants('high-carbon-steel').heat).toMatchObject({ preheatMin_C: 260, preheatMax_C: 425 });
    expect(whatFamilyWants('quenched-tempered-wear-plate').heat.preheatMax_C).toBe(200);
    expect(whatFamilyWants('austenitic-stainless').heat).toMatchObject({
      preheatMin_C: null,
      interpassMax_C: 150,
    });
  });
});
