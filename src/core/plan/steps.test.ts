import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { applyEdits } from '../formats/edits';
import type { Job } from '../formats/job';
import { assess } from './assess';
import { makePlan } from './plan';
import type { Step } from '../judge/step';

const stepsOf = (job: Job, ...edits: [string, unknown][]): readonly Step[] =>
  makePlan(
    assess(
      applyEdits(
        job,
        edits.map(([path, value]) => ({ path, value })),
      ),
      DEMO_KIT,
    ),
  ).steps;
const step = (steps: readonly Step[], title: RegExp): Step => {
  const found = steps.find((s) => title.test(s.title));
  if (!found) throw new Error(`no step ${title}: ${steps.map((s) => s.title).join(', ')}`);
  return found;
};
const setting = (s: Step, label: string) => s.settings.find((row) => row.label === label)?.value;
const ramp = demoJob('ramp-guard');

describe('the steps of a plan', () => {
  test('stand in the order of the work', () => {
    const titles = stepsOf(ramp).map(({ title }) => title);
    expect(titles).toEqual([
      'Before you strike',
      'Why it broke: it was hardly welded',
      'Find all of it',
      'Take the old weld out',
      'Clean',
      'Fit and tack',
      'Clamp and order',
      'Set the machine',
      'Weld it in one pass',
      'Afterwards',
      'Check it',
    ]);
  });

  // Common practice: ends of a fillet on a loaded member stay 10 to 15 mm clear of its corners and edges.
  test('a fillet that carries ends short of corners and edges; one that only closes, and one that goes round, need not', () => {
    const clear = (...edits: Parameters<typeof stepsOf>[1][]) =>
      step(stepsOf(ramp, ...edits), /Weld it/).actions.join();
    expect(clear(['rod.duty', 'carries'])).toMatch(/10 to 15 mm short of corners/);
    expect(clear(['rod.duty', 'nothing'])).not.toMatch(/short of corners/);
    expect(step(stepsOf(demoJob('gangway-trolley')), /Weld it/).actions.join()).not.toMatch(
      /short of corners/,
    );
  });

  test('cautions stand at the step they belong to', () => {
    const galvanised = stepsOf(ramp, ['metal.sideA.coating', 'zinc']);
    expect(step(galvanised, /Clean/).cautions.join()).toMatch(/zinc back 50 mm.*Zinc fume/s);
    expect(step(stepsOf(ramp), /Clean/).cautions.join()).not.toMatch(/[Zz]inc/);
    const leaded = step(stepsOf(ramp, ['metal.sideA.coating', 'lead-paint']), /Clean/);
    expect(leaded.actions.join()).toMatch(/wet or with stripper/);
    expect(leaded.actions.join()).not.toMatch(/Grind to bright/);
    const oily = stepsOf(ramp, ['look.surface', 'oil']);
    expect(step(oily, /Clean/).cautions.join()).toMatch(/phosgene/);
    expect(step(oily, /Clean/).actions[0]).toMatch(/acetone/);
    expect(step(stepsOf(ramp), /Set the machine/).cautions.join()).toMatch(/Fluoride/);
    expect(step(stepsOf(ramp, ['look.position', 'overhead']), /Afterwards/).cautions.join()).toMatch(/fall/);
    expect(step(stepsOf(demoJob('galley-tray')), /Clean/).cautions.join()).toMatch(/Chromium/);
  });

  test('the machine is set to what the rooms were judged by', () => {
    const machine = step(stepsOf(ramp, ['rod.current_A', 112]), /Set the machine/);
    expect(setting(machine, 'Amps')).toBe('112 A');
    expect(setting(machine, 'Pole')).toBe('electrode positive');
    expect(setting(machine, 'Rod')).toBe('E7018 1/8 in · 3.2 mm');
    expect(setting(machine, 'Cord')).toBe('10 m of 6 mm², off the drum');
  });

  test('frost is a hold point on plain steel; thin warm steel asks nothing', () => {
    expect(stepsOf(ramp).some(({ title }) => /Warm|Preheat/.test(title))).toBe(false);
    expect(step(stepsOf(ramp, ['look.air_C', -3]), /Warm the steel/).holds.join()).toMatch(
      /below 0 °C: warm it to 20 °C/,
    );
  });

  test('a metal nobody has named is never given a preheat figure', () => {
    expect(stepsOf(demoJob('winch-pawl'))).toEqual([]);
  });

  test('interpass limits of the family are holds at the weld', () => {
    expect(step(stepsOf(demoJob('galley-tray')), /Weld it/).holds.join()).toMatch(
      /Below 150 °C before the next bead/,
    );
  });

  test('hard metals are looked at again after a day or two', () => {
    expect(step(stepsOf(ramp, ['metal.sideA.family', 'high-carbon-steel']), /Check it/).holds.join()).toMatch(
      /24 to 48 hours/,
    );
    expect(step(stepsOf(ramp), /Check it/).holds.join()).not.toMatch(/24 to 48/);
  });

  test('a rest asked for is printed, and several passes say how to lay them', () => {
    const rested = step(stepsOf(ramp, ['rod.rest_s', 120]), /Weld it/);
    expect(setting(rested, 'Rest after each rod')).toBe('2 min, chipping counted in');
    expect(step(stepsOf(demoJob('pier-ladder')), /passes/).actions.join()).toMatch(/overlaps the last/);
  });

  test('a stopped job has no steps at all', () => expect(stepsOf(demoJob('bilge-drum'))).toEqual([]));
});
