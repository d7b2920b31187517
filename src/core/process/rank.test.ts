import fc from 'fast-check';
import { ARC_PROCESSES, NEEDS, PROCESSES, type NeedId } from '../data/processIds';
import { POLES } from '../data/rods';
import { SURFACES, type SurfaceId } from '../data/words';
import { exactly } from '../units/range';
import { rankProcesses, type Place } from './rank';
import { firstOf, whatWouldChange } from './whatIf';

const ALL = new Set(Object.keys(NEEDS) as NeedId[]);
/** A shed with everything in it: clean 6 mm plate, flat, out of the wind. */
const SHED: Place = {
  families: ['low-carbon-steel'],
  stick: 'yes',
  thin_mm: 6,
  length_mm: 300,
  position: 'flat',
  surface: 'bright',
  wind_m_s: exactly(0.2),
  machine: { processes: ARC_PROCESSES, poles: POLES },
  have: ALL,
  system: 'metric',
};
const at = (change: Partial<Place>): Place => ({ ...SHED, ...change });
const possible = (place: Place) =>
  rankProcesses(place)
    .filter((candidate) => candidate.possible)
    .map(({ id }) => id);

// All of these are common practice.
describe('which process', () => {
  test('outdoors in wind: stick, or self-shielded wire; gas is blown away', () => {
    const windy = possible(at({ wind_m_s: exactly(6) }));
    expect(windy[0]).toBe('stick');
    expect(windy).not.toContain('gas-wire');
    expect(windy).not.toContain('tig');
    // Thin steel outdoors: self-shielded wire is far easier than stick on 1/16.
    expect(firstOf(at({ wind_m_s: exactly(6), thin_mm: 1.6 }))).toBe('cored-wire');
  });

  test('rust that cannot be cleaned, and plate over 10 mm: stick', () => {
    expect(firstOf(at({ surface: 'rust' }))).toBe('stick');
    expect(firstOf(at({ thin_mm: 16 }))).toBe('stick');
  });

  test('indoors, clean and thin: wire with gas or TIG before stick', () => {
    const thin = possible(at({ thin_mm: 1, families: ['low-carbon-steel'] }));
    expect(thin.indexOf('gas-wire')).toBeLessThan(thin.indexOf('stick'));
    expect(thin.indexOf('tig')).toBeLessThan(thin.indexOf('stick'));
    expect(firstOf(at({ thin_mm: 3, length_mm: 3000 }))).toMatch(/wire/);
  });

  test('5083: no stick rod suits; TIG on AC or wire, and TIG needs a machine with AC', () => {
    const aluminium = at({ families: ['al-5xxx'], stick: 'no-rod', thin_mm: 5 });
    expect(possible(aluminium)).toEqual(expect.arrayContaining(['tig', 'gas-wire']));
    expect(possible(aluminium)).not.toContain('stick');
    const dcOnly = at({
      ...aluminium,
      machine: { processes: ARC_PROCESSES, poles: ['DCEP', 'DCEN'] },
    });
    expect(possible(dcOnly)).not.toContain('tig');
    expect(rankProcesses(aluminium).find(({ id }) => id === 'tig')?.setup.pole).toBe('AC');
  });

  test('polarity: wire with gas on positive only, self-shielded mostly on negative, TIG on negative', () => {
    const pole = (id: string) => rankProcesses(SHED).find((candidate) => candidate.id === id)?.setup.pole;
    expect([pole('gas-wire'), pole('cored-wire'), pole('tig')]).toEqual(['DCEP', 'DCEN', 'DCEN']);
  });

  test('malleable iron: braze', () => {
    expect(firstOf(at({ families: ['malleable-iron'], stick: 'never' }))).toBe('braze');
  });

  test('gas ran out: no wire with gas and no TIG, and it says what came first with it', () => {
    const dry = at({ thin_mm: 1, have: new Set([...ALL].filter((need) => need !== 'shield-gas')) });
    expect(possible(dry)).not.toContain('tig');
    expect(whatWouldChange(dry)).toContainEqual({
      change: 'With shielding gas',
      first: 'gas-wire',
      name: 'Wire with gas',
    });
  });

  test('with nothing here nothing is possible; with no metal known nothing is shut out for it', () => {
    expect(possible(at({ have: new Set() }))).toEqual([]);
    expect(possible(at({ families: [], stick: 'unknown' }))).toHaveLength(Object.keys(PROCESSES).length);
  });

  test('more wind, more dirt or less in stock never opens a process', () => {
    const surfaces: SurfaceId[] = ['bright', 'scale', 'rust'];
    expect(surfaces.every((id) => id in SURFACES)).toBe(true);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 15, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.integer({ min: 0, max: 2 }),
        fc.integer({ min: 0, max: 2 }),
        fc.subarray([...ALL]),
        fc.double({ min: 0.4, max: 20, noNaN: true }),
        (wind, more, surface, dirtier, have, thin_mm) => {
          const before = at({
            wind_m_s: exactly(wind),
            surface: surfaces[surface] ?? 'rust',
            have: new Set(have),
            thin_mm,
          });
          const after: Place = {
            ...before,
            wind_m_s: exactly(wind + more),
            surface: surfaces[Math.min(2, surface + dirtier)] ?? 'rust',
            have: new Set(have.slice(1)),
          };
          const open = possible(before);
          return possible(after).every((id) => open.includes(id));
        },
      ),
    );
  });

  test('the order is of what speaks against it: what is shut stands behind what is not', () => {
    const ranked = rankProcesses(at({ wind_m_s: exactly(5), surface: 'scale' }));
    const firstShut = ranked.findIndex((candidate) => !candidate.possible);
    expect(ranked.slice(firstShut).every((candidate) => !candidate.possible)).toBe(true);
    for (const { points } of ranked) for (const { source } of points) expect(source.name).not.toBe('');
  });
});
