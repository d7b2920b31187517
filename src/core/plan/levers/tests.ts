import { metalTest } from '../../data/metalTests';
import type { Side } from '../../formats/job';
import { lossesOf, sharesOf } from '../../metal/doubt';
import { nextTests, type TestWorth } from '../../metal/next';
import type { Room } from '../rooms';
import type { Situation } from '../../judge/situation';
import type { Lever } from './lever';
import type { MetalPlace } from '../../metal/places';

/** Tests offered as levers for one piece. */
const OFFERED = 3;
/** Rooms that a test may open. */
const OPENED: readonly string[] = ['metal', 'identification', 'hazard'];

/** What the next tests of a piece are on this job. */
export function testsFor({ job, kit, beliefs }: Situation, place: MetalPlace) {
  const other = place === 'sideA' ? beliefs[1] : place === 'sideB' ? beliefs[0] : undefined;
  return nextTests({
    side: job.metal[place],
    other: other ?? null,
    tools: kit.tools.map(({ tool }) => tool),
    losses: lossesOf(job),
    shares: sharesOf(job),
  });
}

/**
 * Tests of the metal as levers: what each is expected to do, averaged over all it may show. Offered only while the metal leaves a
 * limit tight or unknown.
 */
export function testLevers(situation: Situation, rooms: readonly Room[]): Lever[] {
  const wanting = rooms.filter(
    ({ id, state }) => OPENED.includes(id) && state !== 'roomy' && state !== 'snug',
  );
  if (wanting.length === 0 || situation.wants.verdict === 'never') return [];
  const { metal } = situation.job;
  const places: readonly MetalPlace[] = metal.sameBothSides ? ['sideA'] : ['sideA', 'sideB'];
  return places
    .filter(
      (place) =>
        metal[place].family === null || situation.beliefs.some(({ uncleared }) => uncleared.length > 0),
    )
    .flatMap((place) =>
      offered(testsFor(situation, place).tests).map((worth) => leverOf(worth, place, metal[place], wanting)),
    );
}

const offered = (tests: readonly TestWorth[]): TestWorth[] =>
  tests
    .filter(
      ({ done, skipped, lock, lacks, bits, clearsHazards }) =>
        !done && !skipped && !lock && lacks.length === 0 && (bits > 0.01 || clearsHazards > 0.01),
    )
    .slice(0, OFFERED);

function leverOf(worth: TestWorth, place: MetalPlace, side: Side, rooms: readonly Room[]): Lever {
  const { name, minutes } = metalTest(worth.test);
  const settles = Math.round(10 * worth.settles);
  return {
    id: `test-${place}-${worth.test}`,
    title: `${name}${place === 'sideB' ? ', side B' : ''}`,
    cost: minutes < 1 ? 'half a minute' : `${minutes} min`,
    edits: [],
    test: { place, test: worth.test },
    closes: [],
    deepens: [],
    effects: rooms.map(({ id, title, state }) => ({
      roomId: id,
      title,
      before: state,
      after: worth.settles >= 0.5 ? 'roomy' : state,
      gain: null,
      unit: '',
      gainShare: 0.001 + worth.settles + 0.05 * worth.bits,
      words:
        settles > 0
          ? `settles it about ${settles} times in 10`
          : `settles ${Math.round(100 * worth.clears)} % of what is open${Object.keys(side.evidence).length === 0 ? ', a start' : ''}`,
    })),
  };
}
