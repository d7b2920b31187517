import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { DEFECTS, type DefectId } from '../data/findings';
import { idsOf } from '../data/words';
import { UNSEEN } from '../formats/blankJob';
import { Job } from '../formats/job';
import { applyEdits } from '../formats/edits';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import { asksForRepair, redoJob } from './redo';

const AT = '2026-03-13T08:00:00.000Z';
const job = demoJob('ramp-guard', { 'heat.restraint': 'high', 'rod.current_A': 111 });
const found = (what: DefectId | null, more: object = {}) => ({
  ...UNSEEN,
  result: 'found' as const,
  decided: 'redo' as const,
  what,
  ...more,
});

describe('a finding that is done over', () => {
  test('a crack becomes the boat that takes it out, as long as was found and sound metal past both ends', () => {
    const made = redoJob(job, found('crack', { length_mm: 30, words: 'upper toe' }), 'over', AT);
    expect(made).toMatchObject({
      id: 'over',
      createdAt: AT,
      title: `Done over: ${job.title}`,
      look: { damage: 'cracked-metal', broke: 'A crack: upper toe', position: job.look.position },
      repair: { crackLength_mm: 30 },
      joint: { kind: 'gouge', thicknessA_mm: job.joint.thicknessA_mm },
      heat: { restraint: 'high' },
      metal: job.metal,
    });
    const deep = made && applyEdits(made, [{ path: 'repair.crackDepth_mm', value: 3 }]);
    // Found by eye: 25 mm hidden and 50 mm of sound metal at each end (common practice).
    expect(deep && assess(deep, DEMO_KIT).situation.length_mm).toBe(30 + 2 * (25 + 50));
    expect(deep && makePlan(assess(deep, DEMO_KIT)).steps.map(({ title }) => title)).toContain('Take it out');
  });

  test('what may kill is asked again, and nothing of the old settings or the old work goes along', () => {
    const made = redoJob(job, found('pores', { length_mm: 20 }), 'over', AT);
    expect(made?.look.stopWork).toEqual({});
    expect(made && makePlan(assess(made, DEMO_KIT)).verdict).toBe('draft');
    expect(made?.rod.current_A).toBeNull();
    expect(made?.checks).toEqual({});
    expect(made?.run.events).toEqual({});
    // Ground out 50 mm past both ends (common practice).
    expect(made?.joint.length_mm).toBe(120);
  });

  test('every kind makes a whole job or none, and says what is done about it', () => {
    for (const what of idsOf(DEFECTS)) {
      const made = redoJob(job, found(what), 'over', AT);
      expect(made !== null).toBe(asksForRepair({ what }));
      if (made) expect(Job.parse(made)).toEqual(made);
      expect(DEFECTS[what].over).toMatch(/\.$/);
    }
    expect(redoJob(job, found(null), 'over', AT)).toBeNull();
    // A groove or a small bead is added to: nothing has to come out for it (common practice).
    expect(idsOf(DEFECTS).filter((what) => !asksForRepair({ what }))).toEqual(['undercut', 'small', 'shape']);
  });
});
