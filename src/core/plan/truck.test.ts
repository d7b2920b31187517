import fc from 'fast-check';
import { DEMO_JOBS } from '../../demo/jobs';
import { DEMO_KIT } from '../../demo/kit';
import { setPath } from '../formats/edits';
import { rodsNeeded } from '../rods/counts';
import { assess } from './assess';
import { wholeRods } from '../rods/wholeRods';
import { writeCsv } from '../formats/csv';
import { MATERIAL_COLUMNS, materialRows } from './materials';
import { truckList } from './truck';

const demo = (id: string) => {
  const job = DEMO_JOBS.find((j) => j.id === id);
  if (!job) throw new Error('no demo job');
  return job;
};
const ramp = demo('ramp-guard');

describe('the list for the truck', () => {
  test('rods of several jobs are added up before they are held against the tin', () => {
    const { rod, beads } = assess(ramp, DEMO_KIT).situation;
    if (!rod || !beads) throw new Error('nothing planned');
    const each = wholeRods(rodsNeeded(beads)).nominal;
    const tin = DEMO_KIT.tins.findIndex(({ id }) => id === rod.value.tin?.id);
    // Enough for one, not for three.
    const kit = setPath(DEMO_KIT, `tins.${tin}.count`, each + 1);
    const jobs = ['a', 'b', 'c'].map((id) => ({ ...ramp, id, title: id }));
    expect(truckList([ramp], kit).rods[0]).toMatchObject({ needed: each, short: 0 });
    expect(truckList(jobs, kit).rods[0]).toMatchObject({
      needed: 3 * each,
      onHand: each + 1,
      short: 2 * each - 1,
      jobs: ['a', 'b', 'c'],
    });
    expect(truckList([ramp], setPath(kit, `tins.${tin}.count`, null)).rods[0]).toMatchObject({
      onHand: null,
      short: 0,
    });
  });

  test('machines once, a stainless brush for stainless, and what is no plan yet is named', () => {
    const { things, unready } = truckList(DEMO_JOBS, DEMO_KIT);
    const names = things.map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    expect(names).toContain('Small DC inverter');
    expect(things.find(({ name }) => /Stainless brush/.test(name))?.jobs).toContain(
      demo('galley-tray').title,
    );
    expect(unready.map(({ id }) => id)).toContain('bilge-drum');
    expect(unready.map(({ id }) => id)).not.toContain('ramp-guard');
    // A drum that is not to be welded loads nothing.
    expect(truckList([demo('bilge-drum')], DEMO_KIT)).toMatchObject({ rods: [], things: [], elapsed_s: 0 });
  });

  test('more jobs never want fewer rods or less time; no jobs want nothing', () => {
    fc.assert(
      fc.property(fc.subarray([...DEMO_JOBS]), fc.constantFrom(...DEMO_JOBS), (jobs, more) => {
        const sum = (list: readonly { needed: number }[]) => list.reduce((n, { needed }) => n + needed, 0);
        const [one, two] = [truckList(jobs, DEMO_KIT), truckList([...jobs, more], DEMO_KIT)];
        return sum(two.rods) >= sum(one.rods) && two.elapsed_s >= one.elapsed_s;
      }),
      { numRuns: 30 },
    );
    expect(truckList([], DEMO_KIT)).toEqual({ rods: [], things: [], elapsed_s: 0, unready: [] });
  });

  test('a root by TIG brings torch, argon and filler along; without one none of it', () => {
    const mast = truckList([demo('beacon-mast')], DEMO_KIT).things.map(({ name }) => name);
    expect(mast).toEqual(
      expect.arrayContaining(['TIG torch', expect.stringMatching(/^Argon, about \d+0 l/)]),
    );
    expect(mast.join()).toMatch(/ER70S-\d .* mm, about \d+ g/);
    expect(truckList([ramp], DEMO_KIT).things.map(({ name }) => name)).not.toContain('TIG torch');
  });

  test('as a table: a row for each rod and thing, and no cell that a spreadsheet would run', () => {
    const kit = { ...DEMO_KIT, tins: DEMO_KIT.tins.map((tin) => ({ ...tin, count: 0 })) };
    const list = truckList([{ ...ramp, title: '=1+1' }], kit);
    const [head, ...lines] = writeCsv(MATERIAL_COLUMNS, materialRows(list)).split('\r\n');
    expect(head).toBe('what,amount,unit,on_hand,to_buy,to_buy_kg,for');
    expect(lines).toHaveLength(list.rods.length + list.things.length);
    expect(lines[0]).toMatch(/^E7018 1\/8,\d+,rods,0,\d+,0\.\d\d,"'=1\+1"$/);
  });
});
