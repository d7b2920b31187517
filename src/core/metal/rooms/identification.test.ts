import { blankJob } from '../../formats/blankJob';
import { applyEdits } from '../../formats/edits';
import type { Job } from '../../formats/job';
import { DEMO_KIT } from '../../../demo/kit';
import { coatingBelief, plausibleCoatings } from '../coating';
import { lossesOf, planShareOf } from '../doubt';
import { sideOf } from '../../../../tests/support/found';
import { assess } from '../../plan/assess';
import { findLevers, leversFor } from '../../plan/levers/levers';
import { makePlan } from '../../plan/plan';

type Found = Parameters<typeof sideOf>[0]['found'];
const job = (found: Found, edits: Record<string, unknown> = {}): Job =>
  applyEdits(blankJob('a', '2026-01-01T00:00:00.000Z'), [
    { path: 'metal.sideA', value: { ...sideOf({ part: null, found }), coating: 'none' } },
    ...Object.entries(edits).map(([path, value]) => ({ path, value })),
  ]);
const room = (at: Job, id: string) => assess(at, DEMO_KIT).rooms.find((r) => r.id === id);
const PLAIN: Found = [
  ['magnet', 'strong'],
  ['look', 'rolled'],
  ['spark', 'straw-long'],
  ['colour', 'grey'],
];

describe('identification', () => {
  test('room is what the likeliest metal left out still lacks of being planned for', () => {
    const at = room(job(PLAIN), 'identification');
    expect(at?.limit?.nominal).toBe(5);
    expect(at?.left?.nominal).toBeCloseTo(5 - (at?.value?.nominal ?? NaN), 9);
    expect(at?.value?.nominal).toBeGreaterThan(0);
    const tight = room(job(PLAIN, { 'metal.doubt.share_pct': 2 }), 'identification');
    expect(tight?.limit?.nominal).toBe(2);
  });

  test('is silent while nothing was tested, where it is known from papers, and where no plan can be', () => {
    expect(room(job([]), 'identification')).toBeUndefined();
    expect(room(job([], { 'metal.sideA.family': 'brass' }), 'identification')).toBeUndefined();
    expect(room(job([['magnet', 'strong']]), 'identification')).toBeUndefined();
  });

  test('a metal that hurts is reckoned with from a trace on, and keeps the sheet a draft', () => {
    const light = job([
      ['magnet', 'none'],
      ['heft', 'light'],
      ['colour', 'white'],
    ]);
    expect(room(light, 'hazard')).toMatchObject({ state: 'unknown', hurts: true, gap: 'rule magnesium out' });
    expect(makePlan(assess(light, DEMO_KIT)).verdict).toBe('draft');
    expect(room(job(PLAIN), 'hazard')?.state).toBe('roomy');
  });

  test('a conflict names the test, in the room and among what is open', () => {
    const at = job([...PLAIN, ['heft', 'very-light']]);
    expect(room(at, 'metal')).toMatchObject({ state: 'unknown', gap: 'the tests disagree' });
    expect(room(at, 'metal')?.reasons[0]?.words).toMatch(/Likeliest wrong: heft/);
    expect(makePlan(assess(at, DEMO_KIT)).halts.map(({ title }) => title)).toContain(
      'Metal: the tests disagree',
    );
  });

  test('the sheet says what the metal is taken to be, and by which tests', () => {
    expect(makePlan(assess(job(PLAIN), DEMO_KIT)).assumed[0]).toMatch(
      /^Metal by test: Low-carbon steel \d+ %.*Tests: magnet, look at the surface, grinder spark, fresh colour\.$/,
    );
  });
});

describe('tests as levers', () => {
  test('those that can be done now are offered for the metal, best first; none for a metal that is known', () => {
    const at = job([['magnet', 'strong']]);
    const offered = leversFor('metal', findLevers(at, DEMO_KIT));
    expect(offered.length).toBeGreaterThan(0);
    expect(offered.every(({ test: t, edits }) => t?.place === 'sideA' && edits.length === 0)).toBe(true);
    const known = job([], { 'metal.sideA.family': 'low-carbon-steel' });
    expect(findLevers(known, DEMO_KIT).some(({ test: t }) => t !== undefined)).toBe(false);
  });

  test('both sides are offered their own where they differ', () => {
    const at = job([['magnet', 'strong']], { 'metal.sameBothSides': false });
    const places = findLevers(at, DEMO_KIT).flatMap(({ test: t }) => (t ? [t.place] : []));
    expect(new Set(places)).toEqual(new Set(['sideA', 'sideB']));
  });
});

describe('coating, by itself', () => {
  const look = (
    coatingLook: Job['metal']['sideA']['coatingLook'],
    age: Job['metal']['sideA']['age'] = null,
  ) => ({
    ...sideOf({ part: null, found: [] }),
    coatingLook,
    age,
  });

  test('nobody looked: nothing is assumed; named: nothing else is', () => {
    expect(coatingBelief(look(null))).toBeNull();
    expect(
      room(job([], { 'metal.sideA.coating': null, 'metal.sideA.family': 'low-carbon-steel' }), 'coating'),
    ).toMatchObject({
      state: 'unknown',
      hurts: true,
    });
    expect(plausibleCoatings({ ...look('mirror'), coating: 'zinc' })).toEqual(['zinc']);
  });

  test('spangle is zinc, a bright plating may be cadmium, bare is bare (common practice)', () => {
    expect(plausibleCoatings(look('spangle'))).toEqual(['zinc']);
    expect(plausibleCoatings(look('bright-plate'))).toContain('cadmium');
    expect(plausibleCoatings(look('bare'))).toEqual(['none']);
  });

  test('thick old paint holds lead the likelier the older it is', () => {
    const lead = (age: Job['metal']['sideA']['age']) =>
      coatingBelief(look('old-paint', age))?.find(({ id }) => id === 'lead-paint')?.share ?? 0;
    expect(lead('to-1945')).toBeGreaterThan(lead(null));
    expect(lead('since')).toBeLessThan(lead(null));
  });

  test('cadmium for sure stops; maybe cadmium keeps it a draft; zinc is a marked departure', () => {
    const at = (coating: string | null, coatingLook: string | null) =>
      job(PLAIN, { 'metal.sideA.coating': coating, 'metal.sideA.coatingLook': coatingLook });
    expect(makePlan(assess(at('cadmium', null), DEMO_KIT)).verdict).toBe('stopped');
    expect(makePlan(assess(at(null, 'bright-plate'), DEMO_KIT)).verdict).toBe('draft');
    expect(room(at('zinc', null), 'coating')?.state).toBe('tight');
    expect(room(at('none', null), 'coating')).toBeUndefined();
  });
});

test('doubt left blank is the table’s; set, it is the job’s', () => {
  const at = job([]);
  expect(planShareOf(at)).toBe(0.05);
  expect(lossesOf(at)).toMatchObject({ wastedRods: 1, cracked: 5, partLost: 20, personHurt: 1000 });
  const set = job([], { 'metal.doubt.share_pct': 1, 'metal.doubt.cracked': 9 });
  expect(planShareOf(set)).toBe(0.01);
  expect(lossesOf(set).cracked).toBe(9);
});
