import { fixedChance } from '../units/chance';
import { midSentence } from '../units/format';
import type { Assessment } from '../plan/assess';
import { toldThroughout } from '../units/inUnitsOf';
import { likely, type Doubt } from './doubts/doubt';
import { doubtsOf } from './doubts/doubts';
import { groundOf, judgeGround, type Ground } from './option';

/** How sure a plan is over all that may plausibly be. */
export interface Sureness {
  holds: number;
  of: number;
  /** Where it fails: the limit that shuts most often, and what is so then; empty where it never fails. */
  fails: readonly { limit: string; times: number }[];
  mostly: string;
  /** What was supposed. */
  over: readonly string[];
}

const DRAWS = 60;
/** Handed over every so many draws. */
const STEP = 10;

/**
 * Answers "how sure is it?": rod, pole and amps of the plan are kept, and all that is not known is drawn at once, over all that it may
 * plausibly be; the same draws for every plan, so that two can be set against one another. An unknown that could hurt never counts as
 * holding. Yields how far it is.
 */
export function* findSureness(assessment: Assessment, draws = DRAWS): Generator<Sureness> {
  const ground = groundOf(assessment);
  const { situation } = assessment;
  const { rod, pole, current_A } = situation;
  const kept = {
    ...ground.job,
    rod: {
      ...ground.job.rod,
      rodClass: rod?.value.rodClass ?? ground.job.rod.rodClass,
      size: rod?.value.size ?? ground.job.rod.size,
      pole: pole?.value ?? ground.job.rod.pole,
      current_A: current_A?.value ?? ground.job.rod.current_A,
    },
  };
  const doubts =
    assessment.withheld === null ? doubtsOf(situation).filter(({ id }) => !OF_THE_MIND.includes(id)) : [];
  const chance = fixedChance();
  const limits = new Map<string, number>();
  const blamed = new Map<string, { failed: number; drawn: number }>();
  let holds = 0;
  for (let n = 1; n <= draws; n++) {
    const drawn = doubts.map((doubt) => ({ doubt, at: pick(doubt, chance()) }));
    let [job, kit] = [kept, ground.kit];
    for (const { doubt, at } of drawn) ({ job, kit } = doubt.supposed[at]?.on(job, kit) ?? { job, kit });
    const judged = judgeGround({ ...ground, job, kit });
    const failing = judged.rooms.filter(
      ({ state, hurts }) => state === 'none' || (state === 'unknown' && hurts),
    );
    const failed = failing.length > 0 || judged.withheld !== null;
    if (!failed) holds += 1;
    for (const { title } of failing) limits.set(title, (limits.get(title) ?? 0) + 1);
    for (const { doubt, at } of drawn) {
      const key = `${doubt.name}: ${doubt.supposed[at]?.said}`;
      const before = blamed.get(key) ?? { failed: 0, drawn: 0 };
      blamed.set(key, { failed: before.failed + (failed ? 1 : 0), drawn: before.drawn + 1 });
    }
    if (n % STEP === 0 || n === draws)
      yield toldThroughout(summary(n, holds, limits, blamed, doubts), ground.system);
  }
}

/** "Holds in 57 of 60 plausible cases; fails mostly by burn-through, with thickness: 2 mm." */
export function sureInWords({ holds, of, fails, mostly, over }: Sureness): string {
  if (over.length === 0) return 'Nothing of it is left open to doubt.';
  const [worst] = fails;
  const rest = worst
    ? ` Where it fails it is mostly ${midSentence(worst.limit)}${mostly === '' ? '' : `, with ${midSentence(mostly)}`}.`
    : '';
  return `Holds in ${holds} of ${of} cases drawn over all that is not known.${rest}`;
}

/** What is chosen rather than found out has no chance about it. */
const OF_THE_MIND: readonly string[] = ['tolerance'];

/** One of a doubt, by a chance between 0 and 1. */
function pick(doubt: Doubt, chance: number): number {
  let passed = 0;
  for (const [n, one] of doubt.supposed.entries()) {
    passed += likely(doubt, one);
    if (chance < passed) return n;
  }
  return doubt.supposed.length - 1;
}

function summary(
  of: number,
  holds: number,
  limits: ReadonlyMap<string, number>,
  blamed: ReadonlyMap<string, { failed: number; drawn: number }>,
  doubts: readonly Doubt[],
): Sureness {
  const overall = (of - holds) / of;
  const [worst] = [...blamed]
    .map(([key, { failed, drawn }]) => ({ key, more: failed / Math.max(1, drawn) - overall }))
    .sort((a, b) => b.more - a.more);
  return {
    holds,
    of,
    fails: [...limits]
      .map(([limit, times]) => ({ limit, times }))
      .sort((a, b) => b.times - a.times)
      .slice(0, 3),
    mostly: holds < of && worst && worst.more > 0.1 ? worst.key : '',
    over: doubts.map(({ name }) => name),
  };
}

/** The same of a job with its kit, judged afresh. */
export const surenessOn = (ground: Ground): Sureness => surenessOf(judgeGround(ground));

/** All draws at once. */
export function surenessOf(assessment: Assessment, draws = DRAWS): Sureness {
  let last: Sureness = { holds: 0, of: 0, fails: [], mostly: '', over: [] };
  for (const state of findSureness(assessment, draws)) last = state;
  return last;
}
