import { STOP_WORK_QUESTIONS } from '../data/stopWork';
import { DEMO_KIT } from '../../demo/kit';
import { cleared, demoJob, demoJobAsItStands } from '../../../tests/support/demo';
import { otherWaysFor } from './otherWays';
import { judgeStopWork } from './stopWork';
import { assess } from '../plan/assess';
import { assessJobFile } from '../plan/headless/headless';
import { writeJobFile } from '../formats/write';
import { findLevers } from '../plan/levers/levers';
import { makePlan } from '../plan/plan';
import { sheetMarkdown } from '../plan/sheet';
import { GATE_ROOMS } from '../plan/gates';

const RAMP = 'ramp-guard';
const answer = (id: string, value: string) => ({ [`look.stopWork.${id}`]: value });
const planOf = (edits: Record<string, unknown>) => makePlan(assess(demoJob(RAMP, edits), DEMO_KIT));

/** Words and figures of a setting, wherever they may stand. */
const SETTINGS = /\b\d+ A\b|E\d{4}|E3\d\dL?|preheat|interpass|kJ\/mm|\d+ rods/i;

describe('stopped means stopped', () => {
  const stops: [string, Record<string, unknown>][] = [
    ...STOP_WORK_QUESTIONS.filter(({ question }) => question.kind === 'refuse').map(
      ({ id }): [string, Record<string, unknown>] => [id, answer(id, 'yes')],
    ),
    ...STOP_WORK_QUESTIONS.filter(({ question }) => question.kind === 'condition').map(
      ({ id }): [string, Record<string, unknown>] => [id, answer(id, 'cannot-meet')],
    ),
    ['magnesium', { 'metal.sideA.family': 'magnesium' }],
    ['leaded tin bronze', { 'metal.sideA.family': 'leaded-tin-bronze' }],
    ['creep steel', { 'metal.sideA.family': 'creep-steel' }],
    ['cadmium', { 'metal.sideA.coating': 'cadmium' }],
  ];

  test.each(stops)(
    '%s: no rod, amps, heat or beads in rooms, levers, sheet, files or the headless answer',
    (_, edits) => {
      const job = demoJob(RAMP, { ...edits, 'rod.current_A': null, 'rod.rodClass': null });
      const assessment = assess(job, DEMO_KIT);
      const plan = makePlan(assessment);
      expect(plan.verdict).toBe('stopped');
      expect(plan.halts[0]).toMatchObject({
        because: expect.stringMatching(/./),
        decides: expect.stringMatching(/./),
      });
      expect(assessment.rooms.every(({ id }) => GATE_ROOMS.includes(id))).toBe(true);
      expect(findLevers(job, DEMO_KIT, assessment).every(({ test: of }) => of !== undefined)).toBe(true);
      expect(plan).toMatchObject({ steps: [], totals: null, summary: '', assumed: [] });
      const headless = assessJobFile(writeJobFile(job, DEMO_KIT));
      if (!headless.ok) throw new Error(headless.message);
      const told = [JSON.stringify(headless.value), sheetMarkdown(job, plan, assessment)].join();
      // What a stop says of itself may name heat; a figure or a rod it may not.
      expect(told.replace(/preheat/gi, '')).not.toMatch(SETTINGS);
    },
  );

  test('a metal nobody knows, one that may hurt and one whose tests disagree are kept back alike', () => {
    for (const edits of [
      { 'metal.sideA.family': null },
      { 'metal.sideA.coating': null, 'metal.sideA.coatingLook': 'bright-plate' },
    ]) {
      const assessment = assess(demoJob(RAMP, edits), DEMO_KIT);
      expect(assessment.withheld).toBe('metal');
      expect(assessment.situation).toMatchObject({
        rod: null,
        current_A: null,
        pole: null,
        beads: null,
        timeline: null,
      });
      expect(makePlan(assessment).verdict).toBe('draft');
    }
    const named = assess(demoJobAsItStands(RAMP, { 'metal.sideA.family': 'al-6xxx' }), DEMO_KIT);
    expect(named.withheld).toBe('metal');
    expect(named.rooms.find(({ id }) => id === 'hazard')).toMatchObject({
      state: 'unknown',
      hurts: true,
      gap: 'rule magnesium out',
    });
    expect(
      makePlan(named)
        .halts.map(({ safe }) => safe)
        .join(),
    ).toMatch(/Never water on burning magnesium/);
    expect(assess(cleared(named.situation.job), DEMO_KIT).withheld).toBeNull();
  });
});

describe('the way back', () => {
  test('a tank opened, emptied, cleaned, gas tested and left open is technique only, with a line to sign', () => {
    const job = demoJob(RAMP, answer('container', 'prepared'));
    const assessment = assess(job, DEMO_KIT);
    const plan = makePlan(assessment);
    expect(plan.verdict).toBe('technique');
    expect(plan.steps.length).toBeGreaterThan(3);
    const sheet = sheetMarkdown(job, plan, assessment);
    expect(sheet).toMatch(/TECHNIQUE ONLY: NOT RELEASED BY THIS SHEET/);
    expect(sheet).toMatch(/Competent person: _+/);
    expect(sheet).toMatch(/gas tested just before the arc/);
  });

  test.each(['pressure', 'lifting-gear', 'boom', 'overhead', 'structural', 'radiographed', 'heat-treated'])(
    '%s under a competent person’s procedure: technique, never released',
    (id) => expect(planOf(answer(id, 'prepared')).verdict).toBe('technique'),
  );

  test.each(['unvented', 'residue', 'swarf'])('%s made safe is a hold point of an ordinary plan', (id) => {
    const plan = planOf(answer(id, 'prepared'));
    expect(plan.verdict).toBe('ready');
    expect(plan.steps[0]?.holds.length).toBeGreaterThan(planOf({}).steps[0]?.holds.length ?? 0);
  });

  test.each(['cylinder', 'boiler', 'tyre', 'stored-force', 'aircraft', 'rail', 'people', 'vehicle-safety'])(
    '%s has no middle: said to be prepared, it is still open',
    (id) => {
      expect(judgeStopWork({ [id]: 'prepared' }).techniques).toEqual([]);
      expect(planOf(answer(id, 'prepared')).verdict).toBe('draft');
    },
  );

  test('other ways stand beside a stop, held against every metal it may be and every answer', () => {
    const ways = (edits: Record<string, unknown>) =>
      otherWaysFor(assess(demoJobAsItStands(RAMP, edits), DEMO_KIT).situation);
    const tank = ways(answer('container', 'yes'));
    expect(tank.map(({ id }) => id)).toContain('replace');
    expect(
      tank.filter(({ hot, cuts }) => hot || cuts).every(({ against }) => /pressure or vapour/.test(against)),
    ).toBe(true);
    const light = ways({ 'metal.sideA.family': 'al-5xxx' });
    expect(
      light.filter(({ hot, cuts }) => hot || cuts).every(({ against }) => /may be magnesium/.test(against)),
    ).toBe(true);
    expect(ways(answer('lifting-gear', 'yes')).find(({ id }) => id === 'bolt')?.against).toBe('');
  });
});
