import { FAMILY_IDS, type FamilyId } from '../data/families';
import { libraryRow, type Span } from '../data/library';
import { metalFamily } from '../data/metals';
import { metalTest } from '../data/metalTests';
import type { TestId } from '../data/testIds';
import type { Side } from '../formats/job';
import { DEFAULT_LOSSES } from '../data/losses';
import { TOOL_IDS } from '../data/tools';
import { evidenceOf, sideOf } from '../../../tests/support/found';
import { STORIES, UNSEEN, type Story } from '../../../tests/support/stories';
import { beliefOf } from './belief';
import { EXPECTED, UNSEEN_BY_XRAY } from './likelihood';
import { USUAL_SHARES } from './doubt';
import { nextTests } from './next';
import { isForbidden } from './plausible';
import { rodsBetween } from './rodsBetween';
import { whatJointWants } from './wants';

const rankOf = (story: Story) =>
  1 + beliefOf(sideOf(story)).shares.findIndex(({ family }) => family === story.truth);
const verdictOf = (story: Story) => {
  const belief = beliefOf(sideOf(story));
  return whatJointWants(belief, belief).verdict;
};

/** General metallurgy, written down before any likelihood was set: common practice. */
describe('identifications from general metallurgy', () => {
  test.each(STORIES.map((story) => [story.name, story] as const))('%s', (_, story) => {
    expect(rankOf(story)).toBeLessThanOrEqual(3);
  });

  test('on the half kept apart, the truth is among the first three in 95 %', () => {
    const hits = UNSEEN.filter((story) => rankOf(story) <= 3).length;
    expect(UNSEEN.length).toBeGreaterThanOrEqual(12);
    expect(hits / UNSEEN.length).toBeGreaterThanOrEqual(0.95);
  });

  test('a metal that must never be welded never gets a plan, however few of its tests were done', () => {
    const never = STORIES.filter(({ truth }) => metalFamily(truth).arc === 'never');
    expect(never.length).toBeGreaterThanOrEqual(7);
    for (const story of never) {
      for (let n = 1; n <= story.found.length; n++) {
        const verdict = verdictOf({ ...story, found: story.found.slice(0, n) });
        expect([story.name, n, verdict === 'never' || verdict === 'unknown']).toEqual([story.name, n, true]);
      }
    }
  });

  test.each(FAMILY_IDS)('from nothing, by the recommended tests alone: %s', (truth) => {
    const side = walk(truth);
    const belief = beliefOf(side);
    const wants = whatJointWants(belief, belief);
    const welds = wants.verdict === 'yes' || wants.verdict === 'last-resort';
    if (isForbidden(truth)) expect(wants.verdict).toMatch(/never|unknown/);
    else if (welds) expect(rodsBetween(truth, truth).tolerated).toContain(wants.rods[0]);
  });

  test('the walk ends in a decision within six tests, whatever it is', () => {
    const undecided = FAMILY_IDS.filter((truth) => {
      const belief = beliefOf(walk(truth));
      return whatJointWants(belief, belief).verdict === 'unknown';
    });
    expect(undecided).toEqual([]);
  });
});

/** Tests that one would bear with. */
const MOST_TESTS = 6;

/** Does what is recommended on a piece of a family, with every tool; each test shows what it mostly shows for that family. */
function walk(truth: FamilyId): Side {
  let side = sideOf({ part: null, found: [] });
  for (let n = 0; n < MOST_TESTS; n++) {
    const { best } = nextTests({
      side,
      other: null,
      tools: TOOL_IDS,
      losses: DEFAULT_LOSSES,
      shares: USUAL_SHARES,
    });
    if (!best) break;
    expect(best.lock).toBeNull();
    side = { ...side, evidence: { ...side.evidence, [`t${n}`]: evidenceOf(typicalOf(best.test, truth)) } };
  }
  return side;
}

function typicalOf(test: TestId, family: FamilyId): Story['found'][number] {
  const middle = ({ low, high }: Span) => (low + high) / 2;
  const row = libraryRow(family);
  if (test === 'density') return [test, middle(row.density_g_cm3.value)];
  if (test === 'hardness') return [test, middle(row.hardness_HB.value)];
  if (test === 'conductivity') return [test, middle(row.iacs_pct.value)];
  if (test === 'chemistry') {
    const seen = Object.entries(row.chemistry.value).filter(([el]) => !UNSEEN_BY_XRAY.includes(el));
    return [test, Object.fromEntries(seen.map(([el, span]) => [el, middle(span as Span)]))];
  }
  const at = FAMILY_IDS.indexOf(family);
  const chances = EXPECTED[test].map((row) => row[at] ?? 0);
  const outcome = Object.keys(metalTest(test).outcomes)[chances.indexOf(Math.max(...chances))];
  return [test, outcome ?? ''];
}
