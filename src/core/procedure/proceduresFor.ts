import type { Situation } from '../judge/situation';
import { aluminium } from './aluminium';
import { castIron } from './castIron';
import { copper } from './copper';
import { hardFace } from './hardFace';
import { manganese } from './manganese';
import { nickel } from './nickel';
import type { Procedure } from './procedure';
import { stainless } from './stainless';
import { memoize } from '../units/memoize';

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

/** Answers "how is this metal welded?" for all that the joint may be made of; empty for plain steel. */
export const proceduresFor = memoize((situation: Situation): readonly Procedure[] =>
  PROCEDURES.flatMap((make) => make(situation) ?? []),
);
