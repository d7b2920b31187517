import { demoJob } from '../../../tests/support/demo';
import { DEMO_KIT } from '../../demo/kit';
import { assess } from '../plan/assess';
import { makePlan } from '../plan/plan';
import { otherWaysFor } from './otherWays';

const situation = (id: string, edits: Record<string, unknown> = {}) =>
  assess(demoJob(id, edits), DEMO_KIT).situation;
const iron = (edits: Record<string, unknown> = {}) => situation('bollard-cap', edits).iron;
const small = { 'heat.pieceLength_mm': 250, 'heat.pieceWidth_mm': 200 };

describe('cold, hot or brazed (common practice)', () => {
  test('a casting stays where it is: cold', () => {
    expect(iron()?.way).toMatchObject({ value: 'cold', by: 'app' });
  });

  test('small, to be machined and free to come out: hot; too heavy or fixed: not', () => {
    const wants = { ...small, 'casting.machined': true, 'casting.movable': true };
    expect(iron(wants)?.way.value).toBe('hot');
    expect(iron({ ...wants, 'heat.pieceLength_mm': 2500, 'heat.pieceWidth_mm': 1500 })?.way.value).toBe(
      'cold',
    );
    const fixed = iron({ ...wants, 'casting.movable': false });
    expect(fixed?.way.value).toBe('cold');
    expect(fixed?.ways.find(({ id }) => id === 'hot')?.shut).toMatch(/cannot be taken out/);
  });

  test('malleable iron is brazed, unless it gets hot in service', () => {
    const malleable = { 'metal.sideA.family': 'malleable-iron' };
    expect(iron(malleable)?.way.value).toBe('braze');
    expect(iron({ ...malleable, 'look.service_C': 350 })?.way.value).toBe('cold');
    expect(
      iron({ ...malleable, 'look.service_C': 350 })?.ways.find(({ id }) => id === 'braze')?.shut,
    ).toMatch(/lets go over/);
  });

  test('one side of steel is not held red hot with it', () => {
    const mixed = iron({
      'metal.sameBothSides': false,
      'metal.sideB.family': 'low-carbon-steel',
      'metal.sideB.coating': 'none',
    });
    expect(mixed?.ways.find(({ id }) => id === 'hot')?.shut).toMatch(/One side is not iron/);
  });

  test('a preheat that only the hot way has is the hot way; what is chosen is kept', () => {
    expect(iron({ 'heat.preheat_C': 550 })?.way).toMatchObject({ value: 'hot', by: 'you' });
    expect(iron({ 'casting.way': 'braze' })?.way).toMatchObject({ value: 'braze', by: 'you' });
    expect(situation('ramp-guard').iron).toBeNull();
  });

  test('brazed strikes no arc: no rod, no machine, no wind limit, dull red asked of the torch', () => {
    const job = demoJob('bollard-cap', { 'casting.way': 'braze' });
    const assessment = assess(job, DEMO_KIT);
    expect(assessment.situation.rod).toBeNull();
    for (const id of ['breaker', 'duty', 'wind', 'ocv', 'burn-through'])
      expect(assessment.rooms.map((room) => room.id)).not.toContain(id);
    expect(assessment.situation.heat.asked_C.high).toBe(600);
    const titles = makePlan(assessment).steps.map(({ title }) => title);
    expect(titles).toContain('Braze it');
    expect(titles).not.toContain('Set the machine');
  });
});

describe('how else', () => {
  const ids = (edits: Record<string, unknown>, id = 'ramp-guard') => otherWaysFor(situation(id, edits));

  test('nothing is offered where the arc does it', () => {
    expect(ids({})).toEqual([]);
  });

  test('aluminium to steel: bolt or a transition piece; one face in reach shuts the bolt', () => {
    const pair = {
      'metal.sameBothSides': false,
      'metal.sideB.family': 'al-6xxx',
      'metal.sideB.coating': 'none',
    };
    expect(ids(pair)[0]).toMatchObject({ id: 'bolt', against: '' });
    const oneFace = ids({ ...pair, 'look.access': 'one-side' });
    expect(oneFace[0]?.id).toBe('transition');
    expect(oneFace.find(({ id }) => id === 'bolt')?.against).toMatch(/both faces/);
    expect(ids({ ...pair, 'look.service_C': 300 }).find(({ id }) => id === 'glue')?.against).toMatch(
      /Not at 300 °C/,
    );
  });

  test('titanium beside steel: nothing that melts either', () => {
    const ways = ids({
      'metal.sameBothSides': false,
      'metal.sideB.family': 'titanium',
      'metal.sideB.coating': 'none',
    });
    expect(ways.map(({ id }) => id)).not.toContain('transition');
  });

  test('a last resort names its better ways; what carries is not glued', () => {
    const ways = ids({ 'metal.sideA.family': 'al-die-cast', 'rod.duty': 'carries' });
    expect(ways.find(({ id }) => id === 'glue')?.against).toMatch(/no load/);
  });

  test('the sheet of a refused joint says how else', () => {
    const plan = makePlan(assess(demoJob('ramp-guard', { 'metal.sideA.family': 'magnesium' }), DEMO_KIT));
    expect(plan.verdict).toBe('stopped');
    expect(plan.otherWays[0]?.id).toBe('send-out');
  });
});
