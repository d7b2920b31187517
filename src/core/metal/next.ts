import { HARM_MINUTES } from '../data/testDoubts';
import { NEVER_SHARE, type Losses } from '../data/losses';
import { metalTest } from '../data/metalTests';
import { TEST_IDS, type TestId } from '../data/testIds';
import type { RodClassId } from '../data/rods';
import type { ToolId } from '../data/tools';
import type { Side } from '../formats/job';
import { posterior, priorOf, sorted, type MetalBelief } from './belief';
import { EXPECTED, type ByFamily } from './likelihood';
import { lockOf, type Lock } from './locks';
import { expectedLoss } from './loss';
import { mostlyForbidden, plausible } from './plausible';
import { whatJointWants, type JointWants } from './wants';
import { ownShare, soften, weigh } from './weigh';

/** A test that could be done, and what it is expected to bring. */
export interface TestWorth {
  test: TestId;
  /** Doubt it takes away on average. */
  bits: number;
  /** The same as a share of the doubt there is, 0 to 1. */
  clears: number;
  /** Loss it saves on average, in rods wasted. */
  saves: number;
  /** How often its answer would change the plan, 0 to 1. */
  changes: number;
  /** How often a plan could be let go after it, 0 to 1. */
  settles: number;
  lock: Lock | null;
  /** Tools it needs that are not in the kit. */
  lacks: readonly ToolId[];
  done: boolean;
}

export interface NextTests {
  /** Best first: those that can be done now, then the locked, those without the tool, those done. */
  tests: readonly TestWorth[];
  /** The one to do next; null where none would change the plan. */
  best: TestWorth | null;
  /** Why none is recommended, or what the best does. */
  words: string;
}

export interface NextQuestion {
  side: Side;
  /** The other side; null where it is the same metal. */
  other: MetalBelief | null;
  tools: readonly ToolId[];
  losses: Losses;
  /** Share of belief from which a family is planned for. */
  share: number;
}

/** Doubt in a belief, bits. */
export function entropy_bits(shares: ByFamily): number {
  return shares.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);
}

/** A test is worth doing from here: how often it changes the plan, or what it saves. Our judgement. */
const LEAST_CHANGE = 0.01;
const LEAST_SAVING = 0.02;
/** An answer rarer than this is not planned for. */
const LEAST_CHANCE = 1e-4;

/** Answers "what should I test next?" for one piece of metal. */
export function nextTests(question: NextQuestion): NextTests {
  const { side } = question;
  const now = planner(question, NEVER_SHARE.value)(shownBelief(question));
  const plan = planner(question, now.verdict === 'unknown' ? CLEARLY * NEVER_SHARE.value : NEVER_SHARE.value);
  const done = Object.values(side.evidence).flatMap(({ test, standing }) =>
    standing === 'sound' ? [test] : [],
  );
  const counted = weigh(side.evidence).map(({ evidence }) => evidence.test);
  const tests = TEST_IDS.map((test) => worthOf(test, question, now, plan, counted, done.includes(test)));

  const ranked = [...tests].sort((a, b) => standing(a) - standing(b) || price(b) - price(a));
  const open = ranked.filter((row) => standing(row) === 0);
  const worth = open.filter(({ changes, saves }) => changes >= LEAST_CHANGE || saves >= LEAST_SAVING);
  const best = worth[0] ?? narrowing(open, now);
  return { tests: ranked, best, words: wordsFor(best, worth.length > 0) };
}

const standing = ({ done, lacks, lock }: TestWorth): number =>
  done ? 3 : lacks.length > 0 ? 2 : lock ? 1 : 0;

/** What a test saves for each minute it costs, harm counted as minutes; plans changed count beside losses saved. */
const price = ({ test, saves, changes, bits }: TestWorth): number => {
  const { minutes, harm } = metalTest(test);
  return (saves + changes + 0.02 * bits) / (minutes + HARM_MINUTES.value[harm] + 0.5);
};

/** While no plan can be let go and no single test changes that, the one that narrows the belief most for its price. */
function narrowing(open: readonly TestWorth[], now: Outlook): TestWorth | null {
  if (now.verdict !== 'unknown') return null;
  return (
    [...open].sort((a, b) => b.bits / minutesOf(b) - a.bits / minutesOf(a)).find(({ bits }) => bits > 0.02) ??
    null
  );
}

const minutesOf = ({ test }: TestWorth): number =>
  metalTest(test).minutes + HARM_MINUTES.value[metalTest(test).harm];

/** A share so small that no rule looks at it. */
const LEAST_SHARE = 0.0004;

const beliefWith = (shares: ByFamily): MetalBelief => ({
  shares: sorted(shares, LEAST_SHARE),
  tested: true,
  named: null,
  conflict: null,
});

const sharesNow = (side: Side, alsoDone: readonly TestId[] = []): ByFamily =>
  posterior(priorOf(side), weigh(side.evidence, alsoDone));

const shownBelief = ({ side }: NextQuestion): MetalBelief => ({
  ...beliefWith(sharesNow(side)),
  tested: weigh(side.evidence).length > 0,
});

/** The part of a plan that a test may change. */
interface Outlook {
  verdict: JointWants['verdict'];
  rods: readonly RodClassId[];
  heat: string;
}

const outlook = ({ verdict, rods, warm }: JointWants): Outlook => ({
  verdict,
  rods,
  heat: warm.map(({ min_C, max_C }) => `${min_C} ${max_C}`).join(),
});

/** Whether a plan has to be changed for another: from never to open again is no change, for neither is welded. */
function changed(now: Outlook, then: Outlook): boolean {
  if (now.verdict !== then.verdict) return !(now.verdict === 'never' && then.verdict === 'unknown');
  if (then.verdict === 'never' || then.verdict === 'unknown') return false;
  const [rod] = now.rods;
  return now.heat !== then.heat || (rod !== undefined && !then.rods.includes(rod));
}

/** A test that is to rule a grave metal out has to bring it this far under the trace, or it hangs on a hair. Our judgement. */
const CLEARLY = 0.4;

/**
 * Answers what the plan would be on a belief. It hangs on which families are plausible, so each set is worked out once.
 * @param trace share from which a grave family is planned for
 */
function planner({ other, share }: NextQuestion, trace: number): (belief: MetalBelief) => Outlook {
  const known = new Map<string, Outlook>();
  return (belief) => {
    const families = plausible(belief, share, trace).map(({ family }) => family);
    const name = `${mostlyForbidden(belief) ?? ''}: ${families.sort().join()}`;
    const found = known.get(name) ?? outlook(whatJointWants(belief, other ?? belief, share, trace));
    known.set(name, found);
    return found;
  };
}

function worthOf(
  test: TestId,
  question: NextQuestion,
  now: Outlook,
  plan: ReturnType<typeof planner>,
  counted: readonly TestId[],
  done: boolean,
): TestWorth {
  const { side, tools, losses } = question;
  const lacks = metalTest(test).tools.filter((tool) => !tools.includes(tool));
  const lock = lockOf(test, side);
  if (done) return { test, bits: 0, clears: 0, saves: 0, changes: 0, settles: 0, lock, lacks, done };
  // The belief as it stands beside this test: what it shares with tests already done counts once.
  const before = sharesNow(side, [test]);
  const own = ownShare(test, counted);
  const doubt = entropy_bits(before);
  const worth = { bits: doubt, saves: expectedLoss(before, losses), changes: 0, settles: 0 };
  for (const answer of EXPECTED[test]) {
    const says = soften(answer, own);
    const joint = before.map((p, n) => p * (says[n] ?? 0));
    const chance = joint.reduce((a, b) => a + b, 0);
    if (chance < 1e-9) continue;
    const after = joint.map((p) => p / chance);
    worth.bits -= chance * entropy_bits(after);
    worth.saves -= chance * expectedLoss(after, losses);
    if (chance < LEAST_CHANCE) continue;
    const then = plan(beliefWith(after));
    if (changed(now, then)) worth.changes += chance;
    if (then.verdict !== 'unknown') worth.settles += chance;
  }
  return {
    test,
    ...worth,
    bits: Math.max(0, worth.bits),
    clears: doubt > 0 ? Math.max(0, worth.bits) / doubt : 0,
    saves: Math.max(0, worth.saves),
    lock,
    lacks,
    done,
  };
}

function wordsFor(best: TestWorth | null, changesPlan: boolean): string {
  if (best === null) return 'No test that can be done now would change the plan.';
  const { name } = metalTest(best.test);
  if (!changesPlan) return `${name}: no one test settles it; this narrows it most.`;
  const often = Math.round(10 * best.changes);
  return often >= 10
    ? `${name}: it decides the plan whatever it shows.`
    : `${name}: it would change the plan about ${often < 1 ? 'once in twenty times or less' : `${often} ${often === 1 ? 'time' : 'times'} in ten`}.`;
}
