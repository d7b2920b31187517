import type { Situation } from '../judge/situation';
import { aluminium } from './aluminium';
import { castIron } from './castIron';
import { copper } from './copper';
import { hardFace } from './hardFace';
import { manganese } from './manganese';
import { nickel } from './nickel';
import type { Procedure } from './procedure';
import { stainless } from './stainless';

/** Every metal that is welded in a way of its own. A new one is a file beside these and a line here; steps, page and sheet pick it up. */
const PROCEDURES: readonly ((situation: Situation) => Procedure | null)[] = [
  castIron,
  aluminium,
  stainless,
  manganese,
  copper,
  nickel,
  hardFace,
];

const known = new WeakMap<Situation, Procedure[]>();

/** Answers "how is this metal welded?" for all that the joint may be made of; empty for plain steel. */
export function proceduresFor(situation: Situation): readonly Procedure[] {
  const before = known.get(situation);
  if (before) return before;
  const found = PROCEDURES.flatMap((make) => make(situation) ?? []);
  known.set(situation, found);
  return found;
}
