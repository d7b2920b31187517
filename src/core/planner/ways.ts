import type { Assessment } from '../plan/assess';
import { collide, fussOf_min, groundOf, judgeGround, withOptions, type Option } from './option';
import { isFixed, optionsHere } from './options';
import { measuresOf, type Measures } from './measures';
import { findWaysOut } from './wayOut';

/** What may be wanted of a plan. */
export const WISHES = {
  fuss: { name: 'Least trouble', of: ({ fuss_min }: Found) => fuss_min },
  room: { name: 'Most room', of: ({ measures }: Found) => -measures.room },
  minutes: { name: 'Quickest', of: ({ measures }: Found) => measures.minutes },
  rods: { name: 'Fewest rods', of: ({ measures }: Found) => measures.rods },
  pull: { name: 'Least pull', of: ({ measures }: Found) => measures.pull_mm },
  heat: { name: 'Least heat', of: ({ measures }: Found) => measures.heat_kJ_mm },
} as const;
export type WishId = keyof typeof WISHES;
const WISH_IDS = Object.keys(WISHES) as WishId[];

/** A plan that differs from the one that stands in a way that matters, fully judged. */
export interface Way {
  wishes: readonly WishId[];
  options: readonly Option[];
  fuss_min: number;
  measures: Measures;
}

/** What a search for ways found. */
export interface Ways {
  now: Measures;
  ways: readonly Way[];
  tried: number;
  done: boolean;
}

/** A wish has to be met by so much better before it is worth another plan: a share of what it is, or of a whole limit for room. */
const WORTH_share = 0.08;
const WORTH_room = 0.03;
/** Changes put together at the most, and of the best so far so many are gone on from. */
const DEPTH = 3;
const BEAM = 2;
/** A limit that is shut outweighs anything that may be wanted. */
const SHUT = 1e4;
/** Changes that did most for a wish by themselves: only they are put together. */
const HELPERS = 8;
/** Of those so many are put together in every way there is: two that only a third opens are met by no other road. */
const CLOSE = 7;

interface Found {
  options: readonly Option[];
  measures: Measures;
  fuss_min: number;
}

/**
 * Answers "how else could I do it?": for everything that may be wanted of a plan, the best that is found of what the welder left open, none
 * with a limit shut. Where the plan that stands is shut, it begins with the ways through. Handed over as it is found; the same job
 * finds the same.
 */
export function* findWays(assessment: Assessment): Generator<Ways> {
  const now = measuresOf(assessment);
  const ground = groundOf(assessment);
  let tried = 0;
  if (assessment.withheld !== null || assessment.problems.length > 0) {
    yield { now, ways: [], tried, done: true };
    return;
  }
  const found: Found[] = [];
  const judged = new Map<string, Found>();
  const look = (options: readonly Option[]): Found => {
    const key = options
      .map(({ id }) => id)
      .sort()
      .join(' ');
    const before = judged.get(key);
    if (before) return before;
    tried += 1;
    const measures = measuresOf(judgeGround(withOptions(ground, options)));
    const one = { options, measures, fuss_min: fussOf_min(options) };
    const isPlan = measures.shut.length === 0 && (measures.minutes !== null || now.minutes === null);
    if (isPlan && options.length > 0) found.push(one);
    judged.set(key, one);
    return one;
  };
  const state = (done: boolean): Ways => ({ now, ways: bestOf(found, now), tried, done });

  const starts: (readonly Option[])[] = [[]];
  if (now.shut.length > 0) {
    let out: readonly Option[][] = [];
    for (const step of findWaysOut(assessment)) {
      out = step.ways.map(({ options }) => [...options]);
      tried = step.tried;
      yield state(false);
    }
    starts.push(...out);
    for (const options of out) look(options);
  }
  const singles = optionsHere(assessment.situation).filter(
    ({ reach, edits }) => reach === 'here' && edits.every(({ path }) => !isFixed(assessment.situation, path)),
  );
  const alone = singles.map((option) => ({ option, found: null as Found | null }));
  for (const one of alone) {
    one.found = look([one.option]);
    yield state(false);
  }
  for (const wish of WISH_IDS) {
    const worth = (one: { found: Found | null }) => (one.found && WISHES[wish].of(one.found)) ?? Infinity;
    const helpers = [...alone].sort((a, b) => worth(a) - worth(b)).slice(0, HELPERS);
    let beam = starts.map((options) => ({ options, worth: options.length === 0 ? Infinity : 0 }));
    for (let depth = 0; depth < DEPTH; depth++) {
      const next: typeof beam = [];
      for (const [place, { options }] of beam.entries())
        // What does nothing by itself may do much beside another: the best one is put together with all of them.
        for (const { option } of depth === 1 && place === 0 ? alone : helpers) {
          if (options.some((other) => other.id === option.id || collide(other, option))) continue;
          const longer = [...options, option];
          const one = look(longer);
          next.push({
            options: longer,
            worth: one.measures.shut.length * SHUT + (WISHES[wish].of(one) ?? Infinity),
          });
          yield state(false);
        }
      beam = next.sort((a, b) => a.worth - b.worth).slice(0, BEAM);
    }
    for (const options of together(helpers.slice(0, CLOSE).map(({ option }) => option))) {
      look(options);
      yield state(false);
    }
  }
  yield state(true);
}

/** Every two and every three of them that can be had together. */
function together(all: readonly Option[]): Option[][] {
  const pairs = all.flatMap((a, n) =>
    all.slice(n + 1).flatMap((b) => (collide(a, b) ? [] : [[a, b] as const])),
  );
  const threes = pairs.flatMap(([a, b]) =>
    all
      .slice(all.indexOf(b) + 1)
      .flatMap((c) => (collide(a, c) || collide(b, c) ? [] : [[a, b, c] as const])),
  );
  return [...pairs, ...threes].map((options) => [...options]);
}

/** For every wish the best that was found, where it is worth it; one plan that serves several wishes is one way. */
function bestOf(all: readonly Found[], now: Measures): Way[] {
  // What likely fails where the plan that stands does not is a way only where there is no other.
  const sound = all.filter(({ measures }) => measures.lame <= now.lame);
  const found = sound.length > 0 ? sound : all;
  const ways = new Map<string, Way>();
  const stands: Found = { options: [], measures: now, fuss_min: 0 };
  // Where the plan that stands is shut, the others are set against the one that is least trouble.
  const least = [...found].sort((a, b) => a.fuss_min - b.fuss_min)[0];
  const against = now.shut.length > 0 ? least : stands;
  for (const wish of WISH_IDS) {
    const { of } = WISHES[wish];
    const best = found
      .filter((one) => of(one) !== null)
      .sort((a, b) => (of(a) ?? 0) - (of(b) ?? 0) || a.fuss_min - b.fuss_min)[0];
    if (!best || !against) continue;
    const isLeast = wish === 'fuss' && best === against;
    if (!isLeast && !isWorth(wish, best, against)) continue;
    const key = best.options.map(({ id }) => id).join(' ');
    ways.set(key, { ...best, wishes: [...(ways.get(key)?.wishes ?? []), wish] });
  }
  return [...ways.values()];
}

/** True where a wish is met by enough more to be worth another plan. */
function isWorth(wish: WishId, then: Found, now: Found): boolean {
  const [a, b] = [WISHES[wish].of(then), WISHES[wish].of(now)];
  if (a === null || b === null) return false;
  return wish === 'room' ? a <= b - WORTH_room : a < b * (1 - WORTH_share);
}

/** The whole search at once. */
export function waysOf(assessment: Assessment): Ways {
  let last: Ways | null = null;
  for (const state of findWays(assessment)) last = state;
  return last ?? { now: measuresOf(assessment), ways: [], tried: 0, done: true };
}
