import { SCHOOL_IDS, school } from '../data/schools';
import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from '../plan/assess';
import { schoolsFor } from './schools';

const at = (id: string) => schoolsFor(assess(demoJob(id, { 'rod.aim': null }), DEMO_KIT).situation);

describe('where welders disagree', () => {
  test.each(SCHOOL_IDS)(
    '%s: every way has what it costs and buys; one is the default, with its reason',
    (id) => {
      const { question, ways, byDefault, why, source } = school(id);
      expect(question).toMatch(/\?$/);
      expect(Object.keys(ways).length).toBeGreaterThan(1);
      for (const { name, costs, buys } of Object.values(ways))
        for (const words of [name, costs, buys]) expect(words.length).toBeGreaterThan(1);
      expect(ways[byDefault]).toBeDefined();
      expect(why.length).toBeGreaterThan(10);
      expect(source.name).not.toBe('');
    },
  );

  test('a job shows those that touch it: sheet on a thicker flange, not a plate of one thickness', () => {
    const cowl = at('vent-cowl');
    expect(cowl.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['pole-on-sheet', 'rod-on-sheet', 'thin-to-thick']),
    );
    // Thin side under 3 mm: run on the thick one and flick over. Common practice.
    expect(cowl.find(({ id }) => id === 'thin-to-thick')?.taken).toBe('flick');
    for (const { id, taken } of cowl) expect(school(id).ways[taken]).toBeDefined();
    expect(at('ramp-guard').map(({ id }) => id)).not.toContain('pole-on-sheet');
    expect(at('ramp-guard').map(({ id }) => id)).not.toContain('thin-to-thick');
  });
});
