import { GOALS, type GoalId } from '../data/orderGoals';
import { idsOf } from '../data/words';
import { judgeOrder, type OrderJudged, type OrderTerms } from './judgeOrder';
import { EXHAUSTIVE_TO, gapOnFew, searchOrder } from './search';
import { asKept } from '../joint/segments';

/** An order that is best for one thing or for several. */
export interface OrderChoice {
  goals: readonly GoalId[];
  /** Weighed as a bit of everything, so that choices can be held side by side. */
  judged: OrderJudged;
}

/** The choices found so far, and how far the search is. */
export interface ChoicesState {
  choices: readonly OrderChoice[];
  done: number;
  of: number;
  /** Every order was tried, for every goal. */
  proven: boolean;
  /** How much worse than the best the search ended where the best is known; null where every order was tried, or not yet told. */
  gap: number | null;
}

/**
 * Looks for the best order for every goal, so that the trade can be seen: few orders with names, the same one told once.
 * @param few the first few segments of the same seam, on which the search is held against trying all
 */
export function* searchChoices(terms: OrderTerms, few: OrderTerms, travel: 1 | -1): Generator<ChoicesState> {
  // Where segments do not touch, every start is bare.
  const goals = idsOf(GOALS).filter((goal) => terms.joined || goal !== 'ties');
  const choices: OrderChoice[] = [];
  let proven = true;
  for (const [n, goal] of goals.entries()) {
    let best: OrderJudged | null = null;
    for (const state of searchOrder(terms, travel, goal)) {
      best = state.best;
      if (state.done === state.of) proven = proven && state.proven;
      yield told(choices, n + state.done / state.of, goals.length, false, null);
    }
    if (best) add(choices, goal, judgeOrder(best.order, terms));
    yield told(choices, n + 1, goals.length, proven && n === goals.length - 1, null);
  }
  if (terms.heat.count > EXHAUSTIVE_TO)
    yield told(choices, goals.length, goals.length, false, gapOnFew(few, travel));
}

const told = (
  choices: readonly OrderChoice[],
  done: number,
  of: number,
  proven: boolean,
  gap: number | null,
): ChoicesState => ({ choices: [...choices], done, of, proven, gap });

function add(choices: OrderChoice[], goal: GoalId, judged: OrderJudged): void {
  const kept = asKept(judged.order).join();
  const same = choices.findIndex((choice) => asKept(choice.judged.order).join() === kept);
  const known = choices[same];
  if (known) choices[same] = { ...known, goals: [...known.goals, goal] };
  else choices.push({ goals: [goal], judged });
}
