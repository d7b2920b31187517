import { likelyFails } from '../plan/preferred';
import type { Assessment } from '../plan/assess';
import type { Room } from '../plan/rooms';
import { collide, fussOf_min, groundOf, judgeGround, withOptions, type Ground, type Option } from './option';
import { optionsAway, optionsHere } from './options';

/** A set of changes that leaves no limit shut. */
export interface WayOut {
  options: readonly Option[];
  fuss_min: number;
  /** What is tightest then. */
  tightest: Room | null;
  /** Rules of thumb of the rod that likely fail then, and did not before. */
  lame: number;
}

/** What a search for a way through found. */
export interface WaysOut {
  /** Fewest changes first, and of as many the least trouble. */
  ways: readonly WayOut[];
  /** Sets that were judged. */
  tried: number;
  /** False while it goes on. */
  done: boolean;
}

/** Sets of more than this nobody would do. */
const MOST_TOGETHER = 3;
/** Changes that are put together: all sets of them are looked at. */
const MOST_CANDIDATES = 12;
/** Ways that are kept. */
const MOST_WAYS = 3;

/** How far a job is from open: what is shut, and by how much, each at most the whole of its limit. */
function distance({ rooms, withheld }: Assessment): number {
  if (withheld !== null) return Infinity;
  return rooms.reduce(
    (sum, { state, fraction }) =>
      state === 'none' ? sum + 1 + Math.min(1, Math.max(0, -(fraction?.nominal ?? -1))) : sum,
    0,
  );
}

/** Open, and laid out to the last rod: what no amps are known for is no plan. */
const isOpen = (assessment: Assessment): boolean =>
  assessment.problems.length === 0 &&
  distance(assessment) === 0 &&
  (assessment.situation.timeline !== null || assessment.situation.brazed);

/**
 * Answers "is there a way through?": the smallest sets of changes that leave no limit shut, up to three things together, the least trouble
 * first. Every change is tried by itself; where none does, all pairs and then all threes of the twelve that help most, so that none
 * of those is missed. Handed over as it is found; what is done last is complete.
 * @param fixed paths that stay as they are
 */
export function* findWaysOut(assessment: Assessment, fixed: readonly string[] = []): Generator<WaysOut> {
  const ground = groundOf(assessment);
  const far = distance(assessment);
  let tried = 0;
  if (far === 0 || far === Infinity) {
    yield { ways: [], tried, done: true };
    return;
  }
  const options = [...optionsHere(assessment.situation), ...optionsAway(assessment.situation)].filter(
    ({ edits }) => edits.every(({ path }) => !fixed.includes(path)),
  );
  const ways: WayOut[] = [];
  const limps = new Set(assessment.rooms.filter(likelyFails).map(({ id }) => id));
  const helping: { option: Option; left: number }[] = [];
  const look = (set: readonly Option[]): number => {
    tried += 1;
    const after = judgeGround(withOptions(ground, set));
    const left = distance(after);
    if (isOpen(after))
      ways.push({
        options: set,
        fuss_min: fussOf_min(set),
        tightest: after.tightest,
        lame: after.rooms.filter((room) => likelyFails(room) && !limps.has(room.id)).length,
      });
    return left;
  };
  for (const option of options) {
    const left = look([option]);
    if (left < far) helping.push({ option, left });
    yield { ways: best(ways), tried, done: false };
  }
  const candidates = helping
    .sort((a, b) => a.left - b.left || fussOf_min([a.option]) - fussOf_min([b.option]))
    .slice(0, MOST_CANDIDATES)
    .map(({ option }) => option);
  for (let together = 2; together <= MOST_TOGETHER && ways.every(({ lame }) => lame > 0); together++)
    for (const set of setsOf(candidates, together)) {
      look(set);
      yield { ways: best(ways), tried, done: false };
    }
  yield { ways: best(ways), tried, done: true };
}

const best = (ways: readonly WayOut[]): WayOut[] =>
  [...ways]
    .sort((a, b) => a.lame - b.lame || a.options.length - b.options.length || a.fuss_min - b.fuss_min)
    .slice(0, MOST_WAYS);

/** Every set of so many options that can be had together. */
export function* setsOf(
  options: readonly Option[],
  size: number,
  from = 0,
  taken: readonly Option[] = [],
): Generator<readonly Option[]> {
  if (taken.length === size) {
    yield taken;
    return;
  }
  for (let n = from; n < options.length; n++) {
    const next = options[n];
    if (!next || taken.some((other) => collide(other, next))) continue;
    yield* setsOf(options, size, n + 1, [...taken, next]);
  }
}

/** The whole search at once. */
export function waysOut(assessment: Assessment, fixed: readonly string[] = []): WaysOut {
  let last: WaysOut = { ways: [], tried: 0, done: true };
  for (const state of findWaysOut(assessment, fixed)) last = state;
  return last;
}

/** The same on a job that is not judged yet. */
export const waysOutOn = (ground: Ground): WaysOut => waysOut(judgeGround(ground));

/** What a set of options makes of a job. */
export const taken = (assessment: Assessment, options: readonly Option[]): Ground =>
  withOptions(groundOf(assessment), options);
