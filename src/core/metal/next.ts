import { midSentence } from '../units/format';
import { HARM_MINUTES } from '../data/testDoubts';
import type { Losses } from '../data/losses';
import { metalTest } from '../data/metalTests';
import { TEST_IDS, type TestId } from '../data/testIds';
import type { RodClassId } from '../data/rods';
import { TOOLS, type ToolId } from '../data/tools';
import type { Evidence } from '../formats/evidence';
import type { Side } from '../formats/job';
import { posterior, priorOf, sorted, type MetalBelief } from './belief';
import { EXPECTED, type ByFamily } from './likelihood';
import { lockOf, type Lock } from './locks';
import { expectedLoss } from './loss';
import { answerClears } from './answers';
import type { Shares } from './doubt';
import { mostlyForbidden, plausible, shareOf, isForbidden } from './plausible';
import { whyItWaits } from './waits';
import { unclearedHazards } from './clearing';
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
  /** Somebody said that it cannot be done here. */
  skipped: boolean;
  /** Share of the metals that burn or poison and are still open that it clears, on average. */
  clearsHazards: number;
  /** The piece waits for a test such as this one. */
  endsWaiting: boolean;
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
  /** Shares of belief from which a family is planned for. */
  shares: Shares;
}

/** Doubt in a belief, bits. */
export function entropy_bits(shares: ByFamily): number {
  return shares.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);
}

/** A test brings something from here: bits of doubt, or how often it clears a metal that hurts. Our judgement. */
const LEAST_BITS = 0.02;
const LEAST_CLEARING = 0.02;
/** Settled, one more is asked for only where it saves this much on average, in rods wasted. Our judgement. */
const LEAST_SAVING = 0.05;
/** An answer rarer than this is not planned for. */
const LEAST_CHANCE = 1e-4;
/** A piece that mostly may not be welded is settled from this share on. Our judgement. */
const SURELY = 0.8;

/**
 * Answers "what should I test next?" for one piece of metal. While anything that burns or poisons is open, the quickest way to clear it
 * stands first; then what saves most for its minutes and its harm. Once it is settled, nothing is asked for.
 */
export function nextTests(question: NextQuestion): NextTests {
  const { side } = question;
  const belief = shownBelief(question);
  const plan = planner(question);
  const now = plan(belief);
  const done = Object.values(side.evidence).flatMap(({ test, standing }) =>
    standing === 'sound' ? [test] : [],
  );
  const counted = weigh(side).map(({ evidence }) => evidence.test);
  const tests = TEST_IDS.map((test) => worthOf(test, question, now, plan, counted, done.includes(test)));
  const hurts = belief.uncleared.length > 0;
  // What a piece waits for stands before what is merely worth knowing.
  const value = ({ clearsHazards, endsWaiting }: TestWorth) =>
    hurts ? clearsHazards : belief.waits !== null && endsWaiting ? 1 : 0;
  const ranked = [...tests].sort(
    (a, b) =>
      standing(a) - standing(b) ||
      perMinute(value(b), b) - perMinute(value(a), a) ||
      perMinute(b.saves, b) - perMinute(a.saves, a) ||
      perMinute(b.bits, b) - perMinute(a.bits, a),
  );
  const open = ranked.filter((row) => standing(row) === 0);
  const settled = isSettled(now, belief) && open.every(({ saves }) => saves < LEAST_SAVING);
  const best = settled
    ? null
    : (open.find((row) => brings(row, hurts) || value(row) === 1) ??
      open.find((row) => row.bits >= LEAST_BITS) ??
      null);
  return { tests: ranked, best, words: wordsFor(best, hurts, ranked, settled) };
}

const isSettled = ({ verdict }: Outlook, belief: MetalBelief): boolean =>
  verdict === 'never' ? shareOf(belief, isForbidden) >= SURELY : verdict !== 'unknown';

const brings = ({ clearsHazards, saves, bits }: TestWorth, hurts: boolean): boolean =>
  hurts ? clearsHazards >= LEAST_CLEARING : saves > 0 || bits >= LEAST_BITS;

const standing = ({ done, skipped, lacks, lock }: TestWorth): number =>
  done ? 4 : skipped ? 3 : lacks.length > 0 ? 2 : lock ? 1 : 0;

/** What a test brings for each minute it costs, harm counted as minutes. */
const perMinute = (value: number, { test }: TestWorth): number => {
  const { minutes, harm } = metalTest(test);
  return value / (minutes + HARM_MINUTES.value[harm] + 0.5);
};

/** A share so small that no rule looks at it. */
const LEAST_SHARE = 0.0004;

const beliefWith = (
  shares: ByFamily,
  uncleared: MetalBelief['uncleared'],
  waits: MetalBelief['waits'],
): MetalBelief => ({
  shares: sorted(shares, LEAST_SHARE),
  tested: true,
  named: null,
  conflict: null,
  uncleared,
  waits,
});

const sharesNow = (side: Side, alsoDone: readonly TestId[] = []): ByFamily =>
  posterior(priorOf(side), weigh(side, alsoDone));

const shownBelief = ({ side }: NextQuestion): MetalBelief => ({
  ...beliefWith(sharesNow(side), unclearedHazards(side), whyItWaits(side)),
  tested: weigh(side).length > 0,
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

/** Answers what the plan would be on a belief. It hangs on which families are plausible, so each set is worked out once. */
function planner({ other, shares }: NextQuestion): (belief: MetalBelief) => Outlook {
  const known = new Map<string, Outlook>();
  return (belief) => {
    const families = plausible(belief, shares).map(({ family }) => family);
    const name = `${belief.tested} ${belief.waits !== null} ${mostlyForbidden(belief) ?? ''}: ${families.sort().join()}`;
    const found = known.get(name) ?? outlook(whatJointWants(belief, other ?? belief, shares));
    known.set(name, found);
    return found;
  };
}

/** A test as if it had been done, whatever it showed. */
const pretended = (test: TestId): Evidence => ({
  kind: 'outcome',
  test,
  outcome: 'rolled',
  standing: 'sound',
  below: true,
});

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
  const skipped = side.skipped.includes(test);
  const nothing = {
    bits: 0,
    clears: 0,
    saves: 0,
    changes: 0,
    settles: 0,
    clearsHazards: 0,
    endsWaiting: false,
  };
  if (done) return { test, ...nothing, lock, lacks, done, skipped };
  // The belief as it stands beside this test: what it shares with tests already done counts once.
  const before = sharesNow(side, [test]);
  const own = ownShare(test, counted);
  const doubt = entropy_bits(before);
  const worth = {
    bits: doubt,
    saves: expectedLoss(before, losses),
    changes: 0,
    settles: 0,
    clearsHazards: 0,
  };
  const uncleared = unclearedHazards(side);
  // Done, it may be what the piece waits for.
  const waits = whyItWaits({ ...side, evidence: { ...side.evidence, hypothetical: pretended(test) } });
  for (const [n, answer] of EXPECTED[test].entries()) {
    const says = soften(answer, own);
    const joint = before.map((p, at) => p * (says[at] ?? 0));
    const chance = joint.reduce((a, b) => a + b, 0);
    if (chance < 1e-9) continue;
    const after = joint.map((p) => p / chance);
    worth.bits -= chance * entropy_bits(after);
    worth.saves -= chance * expectedLoss(after, losses);
    if (chance < LEAST_CHANCE) continue;
    const cleared = uncleared.filter((hazard) => answerClears(test, n, hazard));
    worth.clearsHazards += (chance * cleared.length) / Math.max(1, uncleared.length);
    const left = uncleared.filter((hazard) => !cleared.includes(hazard));
    const then = plan(beliefWith(after, left, waits));
    if (changed(now, then)) worth.changes += chance;
    if (then.verdict !== 'unknown') worth.settles += chance;
  }
  return {
    test,
    endsWaiting: waits === null,
    ...worth,
    bits: Math.max(0, worth.bits),
    clears: doubt > 0 ? Math.max(0, worth.bits) / doubt : 0,
    saves: Math.max(0, worth.saves),
    lock,
    lacks,
    done,
    skipped,
  };
}

function wordsFor(
  best: TestWorth | null,
  hurts: boolean,
  ranked: readonly TestWorth[],
  settled: boolean,
): string {
  if (best === null) {
    if (settled) return 'It is settled: no further test is asked for.';
    const wanting = ranked.find(
      ({ done, skipped, lacks, clearsHazards, bits }) =>
        !done &&
        !skipped &&
        lacks.length > 0 &&
        (hurts ? clearsHazards >= LEAST_CLEARING : bits >= LEAST_BITS),
    );
    return wanting
      ? `Nothing more can be done with what is here. ${metalTest(wanting.test).name} would help; it wants ${wanting.lacks.map((id) => midSentence(TOOLS[id])).join(' and ')}.`
      : 'No test that can be done here settles it. Name it from papers, or send it out.';
  }
  const { name } = metalTest(best.test);
  if (hurts && best.clearsHazards >= LEAST_CLEARING)
    return `${name}: the quickest that clears what would hurt somebody.`;
  const often = Math.round(10 * best.settles);
  return often >= 10
    ? `${name}: it settles it whatever it shows.`
    : often >= 1
      ? `${name}: it settles it about ${often} ${often === 1 ? 'time' : 'times'} in ten.`
      : `${name}: no one test settles it; this narrows it most.`;
}
