import { DEMO_KIT } from '../../demo/kit';
import { demoJobAsItStands } from '../../../tests/support/demo';
import { IDENTIFICATIONS, LAST_RESORT, PLAIN, TRAPS, type Case } from '../../../tests/support/cases';
import { sideOf } from '../../../tests/support/found';
import { DEFAULT_LOSSES } from '../data/losses';
import { TOOL_IDS } from '../data/tools';
import { metalTest } from '../data/metalTests';
import type { Side } from '../formats/job';
import { writeJobFile } from '../formats/write';
import { assessJobFile } from '../plan/headless/headless';
import { beliefOf } from './belief';
import { USUAL_SHARES } from './doubt';
import { nextTests } from './next';
import { plausible } from './plausible';

const sideFor = (one: Case): Side => ({
  ...sideOf(one),
  coatingLook: one.coat ?? 'bare',
  family: one.named ?? null,
});

/** An ordinary repair of the invented yard with this piece on both sides, written to a file and judged from the file alone. */
function judged(one: Case) {
  const job = demoJobAsItStands('ramp-guard', { 'rod.current_A': null, 'rod.rodClass': null });
  const side = sideFor(one);
  const metal = { ...job.metal, sameBothSides: true, sideA: side, sideB: side };
  const answer = assessJobFile(writeJobFile({ ...job, metal }, DEMO_KIT));
  if (!answer.ok) throw new Error(answer.message);
  return answer.value;
}
const named = (list: readonly Case[]) => list.map((one) => [one.name, one] as const);
const metalRoom = (one: Case) => judged(one).rooms.find(({ id }) => id === 'metal');

test('every case is a finding that a test can show', () => {
  for (const { found } of [...TRAPS, ...PLAIN, ...LAST_RESORT, ...IDENTIFICATIONS])
    for (const [test, seen] of found)
      if (typeof seen === 'string') expect(Object.keys(metalTest(test).outcomes)).toContain(seen);
  expect([TRAPS.length, PLAIN.length, IDENTIFICATIONS.length].every((n) => n >= 60)).toBe(true);
});

/** Common practice. */
describe('a trap is never released', () => {
  test.each(named(TRAPS))('%s', (_, one) => {
    const { plan, rooms } = judged(one);
    expect(['draft', 'stopped']).toContain(plan.verdict);
    expect(plan.steps).toEqual([]);
    expect(rooms.find(({ id }) => id === 'rod-amps')).toBeUndefined();
  });
});

describe('what is welded only where nothing hangs on it is said to be so', () => {
  test.each(named(LAST_RESORT))('%s', (_, one) =>
    expect(metalRoom(one)).toMatchObject({ state: 'tight', gap: 'last resort only' }),
  );
});

describe('ordinary work is not held up by its metal', () => {
  test.each(named(PLAIN))('%s', (_, one) => {
    const room = metalRoom(one);
    expect([room?.state, room?.gap]).not.toContain('unknown');
    expect(judged(one).rooms.length).toBeGreaterThan(6);
  });
});

describe('what it is', () => {
  test.each(IDENTIFICATIONS.map((one) => [one.name, one] as const))(
    '%s: among the first three, and what is ruled out is out',
    (_, one) => {
      const belief = beliefOf(sideFor(one));
      expect(belief.shares.slice(0, 3).map(({ family }) => family)).toContain(one.truth);
      const left = plausible(belief).map(({ family }) => family);
      expect(one.out.filter((family) => left.includes(family))).toEqual([]);
    },
  );
});

describe('what to do next', () => {
  test.each(
    IDENTIFICATIONS.flatMap(({ name, next, ...one }) =>
      next ? [[name, { name, ...one }, next] as const] : [],
    ),
  )('%s', (_, one, next) => {
    const { best } = nextTests({
      side: sideFor(one),
      other: null,
      tools: TOOL_IDS,
      losses: DEFAULT_LOSSES,
      shares: USUAL_SHARES,
    });
    expect(next).toContain(best?.test ?? 'none');
  });
});
