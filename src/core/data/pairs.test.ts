import { FAMILY_IDS, type FamilyId } from './families';
import { rodsBetween } from '../metal/rodsBetween';
import { METALS, metalFamily } from './metals';
import { OTHER_WAYS } from './otherWays';
import { butteredSide, findPair, PAIRS } from './pairs';
import { ROD_CLASS_IDS, type RodClassId } from './rods';

/** First and other choices by pair (welding handbooks and AWS usage notes, from memory). */
const HANDBOOK: readonly [FamilyId, FamilyId, readonly RodClassId[], readonly RodClassId[]][] = [
  ['low-carbon-steel', 'austenitic-stainless', ['E309L-16'], ['E309LMo-16', 'ENiCrFe-3']],
  ['low-carbon-steel', 'ferritic-stainless', ['E309L-16'], ['ENiCrFe-3']],
  ['low-carbon-steel', 'martensitic-stainless', ['E309L-16'], ['ENiCrFe-3', 'E410NiMo-16']],
  ['low-carbon-steel', 'duplex-stainless', ['E309LMo-16'], ['E2209-16']],
  ['austenitic-stainless', 'duplex-stainless', ['E2209-16'], ['E309LMo-16']],
  ['low-carbon-steel', 'manganese-steel', ['E309L-16', 'E307-16'], ['E312-16']],
  ['low-carbon-steel', 'gray-iron', ['ENiFe-CI'], ['ENiFeMn-CI', 'ENi-CI', 'ESt']],
  ['austenitic-stainless', 'gray-iron', ['ENiFe-CI'], ['ENiCrFe-3']],
  ['gray-iron', 'aluminium-bronze', ['ECuAl-A2'], ['ECuSn-A']],
  ['austenitic-stainless', 'nickel-chromium', ['ENiCrFe-3'], ['ENiCrMo-3']],
  ['low-carbon-steel', 'nickel-chromium', ['ENiCrFe-3'], ['ENi-1']],
  ['low-carbon-steel', 'nickel-copper', ['ENiCu-7'], ['ENi-1']],
  ['austenitic-stainless', 'nickel-copper', ['ENiCrFe-3'], ['ENi-1']],
  ['low-carbon-steel', 'copper', ['ECuAl-A2'], ['ENi-1', 'ENiCu-7']],
  ['low-carbon-steel', 'aluminium-bronze', ['ECuAl-A2'], ['ECuSn-A']],
  ['low-carbon-steel', 'tin-bronze', ['ECuSn-A', 'ECuSn-C'], ['ECuAl-A2']],
  ['low-carbon-steel', 'brass', ['ECuSn-A', 'ECuSn-C'], ['ECuAl-A2']],
  ['low-carbon-steel', 'copper-nickel', ['ENiCu-7'], ['ENi-1']],
  ['copper', 'tin-bronze', ['ECuSn-C'], ['ECuAl-A2']],
];

test.each(HANDBOOK)('%s to %s', (a, b, first, others) => {
  for (const [x, y] of [
    [a, b],
    [b, a],
  ] as const) {
    const { rods, byArc } = rodsBetween(x, y);
    expect(byArc).toBe(true);
    expect(first).toContain(rods[0]);
    for (const other of others) expect(rods).toContain(other);
  }
});

test('nickel-copper rod never meets stainless nickel-chromium or chromium side (cracks hot with chromium)', () => {
  expect(rodsBetween('austenitic-stainless', 'nickel-copper').rods).not.toContain('ENiCu-7');
  expect(rodsBetween('nickel-copper', 'nickel-chromium').rods).not.toContain('ENiCu-7');
});

test('aluminium, magnesium, titanium, zinc and lead are joined to nothing else by arc', () => {
  for (const never of ['al-6xxx', 'al-cast', 'magnesium', 'titanium', 'zinc-die-cast', 'lead'] as const) {
    for (const other of ['low-carbon-steel', 'austenitic-stainless', 'copper', 'nickel-copper'] as const) {
      expect(findPair(never, other)).toBe('not by arc');
      expect(rodsBetween(other, never)).toMatchObject({ rods: [], byArc: false });
    }
  }
});

test('every pair of weldable metals is answered: rods, or in words why none', () => {
  for (const a of FAMILY_IDS) {
    for (const b of FAMILY_IDS) {
      const { rods, why, byArc } = rodsBetween(a, b);
      expect(why).not.toBe('');
      if (!byArc) expect(rods).toEqual([]);
    }
  }
});

test('rods and butters of the table are rods that the app knows, and a butter lies on one of the two', () => {
  for (const { between, rods, butter } of PAIRS) {
    for (const id of [...rods, ...(butter ? [butter.rod, ...butter.then] : [])])
      expect(ROD_CLASS_IDS as readonly string[]).toContain(id);
    if (butter) expect(between).toContain(butter.on);
  }
  const pair = findPair('low-carbon-steel', 'austenitic-stainless');
  expect(pair !== null && pair !== 'not by arc' && pair.butter).toBeTruthy();
  if (pair === null || pair === 'not by arc' || !pair.butter) return;
  expect(butteredSide(pair.butter, 'low-carbon-steel', 'austenitic-stainless')).toBe('A');
  expect(butteredSide(pair.butter, 'austenitic-stainless', 'low-carbon-steel')).toBe('B');
});

test('every metal refused, or only a last resort, has other ways; none that is plainly welded does', () => {
  for (const id of FAMILY_IDS) {
    const { arc, ways = [] } = metalFamily(id);
    expect([id, ways.length > 0]).toEqual([id, arc !== 'yes']);
    for (const way of ways) expect(OTHER_WAYS[way].words).not.toBe('');
  }
  expect(Object.keys(METALS)).toHaveLength(FAMILY_IDS.length);
});
