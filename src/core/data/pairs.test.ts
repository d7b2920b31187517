import { HANDBOOK_PAIRS } from '../../../tests/support/handbookPairs';
import { FAMILY_IDS } from './families';
import { rodsBetween } from '../metal/rodsBetween';
import { METALS, metalFamily } from './metals';
import { OTHER_WAYS } from './otherWays';
import { butteredSide, findPair, PAIRS } from './pairs';
import { ROD_CLASS_IDS } from './rods';

test.each(HANDBOOK_PAIRS)('%s to %s', (a, b, first, others) => {
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
