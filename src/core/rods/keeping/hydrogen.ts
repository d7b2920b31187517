import { DAMP_BASIC, HYDROGEN_BY_COATING } from '../../data/keeping';
import { rodClass, type RodClassId } from '../../data/rods';
import { memoryOf, PRACTICE, type Source } from '../../units/sources';
import type { Tin } from '../../formats/kit';
import type { Range } from '../../units/range';
import { marksOf } from './marks';
import type { TinVerdict } from './verdict';

const MARK = memoryOf('AWS A5.1 hydrogen marks');

/** Hydrogen a rod leaves in the weld, ml in 100 g, and how that comes about. */
export interface RodHydrogen {
  ml: Range;
  words: string;
  source: Source;
}

const span = ({ low, nominal, high }: Range): Range => ({ low, nominal, high });

/**
 * Answers "how much hydrogen does this rod bring?": by its covering, by the mark on it, and by what its tin has been through.
 * A basic rod that was out too long counts as a rutile one; one of which nothing is known, as anything between.
 */
export function rodHydrogen(id: RodClassId, tin: Tin | null, verdict: TinVerdict | null): RodHydrogen {
  const { coating } = rodClass(id);
  const band = HYDROGEN_BY_COATING[coating];
  const { limit_ml } = marksOf(tin?.printed ?? '', id);
  const dry: RodHydrogen =
    limit_ml === null
      ? { ml: span(band), words: 'As its covering leaves it, dry.', source: band.source }
      : {
          ml: { low: limit_ml / 2, nominal: 0.8 * limit_ml, high: limit_ml },
          words: `Marked H${limit_ml}: at most ${limit_ml} ml, dry.`,
          source: MARK,
        };
  if (coating !== 'basic') return dry;
  switch (verdict?.state) {
    case 'over':
    case 'scrap':
      return {
        ml: span(DAMP_BASIC),
        words: 'Damp: to be taken for a rutile rod, whatever is printed on it.',
        source: DAMP_BASIC.source,
      };
    case 'unknown':
      return {
        ml: { low: dry.ml.low, nominal: dry.ml.high, high: DAMP_BASIC.high },
        words: 'Nobody knows how long it was out: dry, damp, or anything between.',
        source: PRACTICE,
      };
    case 'dry':
    case 'no-clock':
    case 'oven':
    case 'sealed':
    case undefined:
      return dry;
  }
}
