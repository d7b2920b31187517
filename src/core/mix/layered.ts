import { depositOf } from '../data/deposits';
import type { Pass } from '../rods/beads';
import { mixed } from './chemistry';
import type { MixPass } from './mixPlan';
import { beadAt, type PairQuestion } from './pair';
import { judgeWeld } from './weld';

/**
 * What each pass comes to. One laid with the plan's rod melts the sides into it; one on top with another rod melts what lies under it, and
 * the second layer of it what the first has become.
 */
export function layered(
  passes: readonly Pass[],
  shares: readonly number[],
  question: PairQuestion,
  { first, overlay }: { first: number; overlay: boolean },
): MixPass[] {
  const done: MixPass[] = [];
  const begun = passes.findIndex(({ rod }) => !rod.by && rod.rodClass === question.rodClass);
  const top = passes.findIndex(
    ({ rod }, n) => n > begun && begun >= 0 && !rod.by && rod.rodClass !== question.rodClass,
  );
  passes.forEach(({ role, rod }, n) => {
    const at = shares[n];
    if (at === undefined) return;
    const other = !rod.by && rod.rodClass !== question.rodClass;
    if (!other || n < top || top < 0) {
      const of = other ? { ...question, rodClass: rod.rodClass } : question;
      done.push({ role, rodClass: other ? rod.rodClass : null, dilution: at, weld: beadAt(of, at) });
      return;
    }
    // Beads of one layer lie on the same metal: half of them, where there are two layers.
    const second = overlay && n - top >= Math.ceil((passes.length - top) / 2);
    const below = done[second ? top : top - 1]?.weld.percent ?? question.sideA.likeliest;
    const weld = judgeWeld(
      mixed(depositOf(rod.rodClass).percent, below, below, { dilution: first, shareA: 1 }),
    );
    done.push({ role, rodClass: rod.rodClass, dilution: first, weld });
  });
  return done;
}
