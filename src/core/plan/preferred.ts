import { memoizeBy } from '../units/memoize';
import { midSentence } from '../units/format';
import type { Preferred, Situation } from '../judge/situation';
import { choosePole, isThat } from '../rods/choose';
import { rodClass } from '../data/rods';
import { rankRods } from './rankRods';
import type { Room, RoomId } from './rooms';

/**
 * What is proposed is found by the rooms: where the first proposal shuts one and the welder left rod, pole or amps open, the next ones are
 * tried in the order of what the trade likes, and the first that shuts nothing is taken.
 */

/** Rods that are tried, best first: past these nobody would look. */
const MOST_RODS = 8;
/** Places in a rod's range that are tried: the usual amps and the middle of every rod first, then the ends of the ranges, then what lies between. */
const AMPS_AT: readonly (readonly (number | null)[])[] = [
  [null, 0.3, 0.7],
  [0.1, 0.9],
  [0.2, 0.45],
];

/** One object for the same find, so that nothing is worked out again for it. */
const theSame = memoizeBy(
  (found: Preferred) => found,
  ({ rodClass: id, size, pole, ampsAt, why }) => [id, size, pole, ampsAt, why].join('|'),
);

/** What is tried instead of the first proposal. */
type Tried = Omit<Preferred, 'why'>;

/** What trying a thing comes to; looked at first: the limits that failed before. 'likely': nothing shut, but a rule of thumb of the rod likely fails. */
export type Trial = (tried: Tried, failed: readonly RoomId[]) => 'open' | 'likely' | 'shut';

/** A rod's own rule of thumb that likely fails: another rod is looked for, as long as it shuts nothing. */
export const likelyFails = ({ likely, stop }: Pick<Room, 'likely' | 'stop'>): boolean =>
  likely === true && stop === 'rod';

/**
 * Answers "is there something on the truck that shuts nothing, where the first proposal does?" What likely fails nowhere stands before what
 * only shuts nothing. Null where the first is open, where the welder fixed all of it, or where nothing is.
 */
export function findPreferred(situation: Situation, rooms: readonly Room[], trial: Trial): Preferred | null {
  const shut = rooms.filter(({ state }) => state === 'none');
  const likely = rooms.filter(likelyFails);
  const [first] = [...shut, ...likely];
  const { rod, pole } = situation;
  if (!first || !rod || situation.noRod) return null;
  const ids = [...shut, ...likely].map(({ id }) => id);
  const taken: Tried = {
    rodClass: rod.value.rodClass,
    size: rod.value.size,
    pole: pole?.value ?? null,
    ampsAt: null,
  };
  const because = (tried: Tried): Preferred => {
    const same = tried.rodClass === taken.rodClass && tried.size === taken.size;
    const usual = same ? 'The usual amps and pole' : `${taken.rodClass} ${taken.size}, the usual choice,`;
    const what = first.past === '' || first.state !== 'none' ? first.gap : first.past;
    return theSame({
      ...tried,
      why: `${usual} would leave ${first.state === 'none' ? 'no' : 'little'} room here: ${midSentence(first.title)}, ${what}.`,
    });
  };
  let second: Tried | null = null;
  for (const tried of candidates(situation, taken)) {
    const comes = trial(tried, ids);
    if (comes === 'open') return because(tried);
    if (comes === 'likely' && shut.length > 0) second ??= tried;
  }
  return second && because(second);
}

/** What may be tried, in the order of what the trade likes: other amps and poles of the rod, then the next rods. */
function* candidates(situation: Situation, taken: Tried): Generator<Tried> {
  const { entered, machine, joint } = situation;
  const { rodClass: fixedClass, size: fixedSize, pole: fixedPole, current_A: fixed_A } = entered.rod;
  const given = machine?.value.poles ?? null;
  const isFixed = fixedClass !== null && fixedSize !== null;
  const next = (isFixed ? [] : rankRods(situation, 'whole').tins).filter(
    ({ shut, tin, ...rod }) =>
      shut === '' &&
      tin?.count !== 0 &&
      (fixedClass ?? rod.rodClass) === rod.rodClass &&
      (fixedSize ?? rod.size) === rod.size &&
      !isThat(rod, taken),
  );
  const rods = [
    { ...taken, usual: taken.pole },
    ...next.slice(0, MOST_RODS).map(({ rodClass: id, size }) => ({
      rodClass: id,
      size,
      usual: choosePole(id, given, joint.thin_mm).pole,
    })),
  ];
  for (const places of fixed_A === null ? AMPS_AT : [[null]])
    for (const { rodClass: id, size, usual } of rods) {
      const others = rodClass(id).poles.filter((pole) => pole !== usual && (given?.includes(pole) ?? true));
      for (const ampsAt of places)
        for (const pole of fixedPole === null ? [usual, ...others] : [fixedPole])
          yield { rodClass: id, size, pole, ampsAt };
    }
}
