import { DILUTION_SOURCE } from '../../data/dilution';
import { depositOf } from '../../data/deposits';
import type { Assessor } from '../../judge/assessor';
import { yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import { trimmed } from '../../units/format';
import { PRACTICE } from '../../units/sources';
import type { MixPass } from '../mixPlan';
import { tooMuchOf } from '../pickUp';
import { fieldName } from '../schaeffler';
import { settledMix } from '../settledMix';
import { judgeWeld } from '../weld';

/** What is wrong with a pass that is laid with another rod: 2 never, 1 look out, 0 nothing. */
function wrongWith({ rodClass, weld }: MixPass): { how: 0 | 1 | 2; gap: string } {
  if (rodClass === null) return { how: 0, gap: '' };
  const taken = tooMuchOf(rodClass, weld);
  if (taken !== '') return { how: 2, gap: taken };
  const asked = weld.scope.id === 'chart' || weld.scope.id === 'field-only';
  // What is hard by make is meant to be hard.
  const deposit = judgeWeld(depositOf(rodClass).percent);
  const byMake = deposit.scope.id === 'chart' && deposit.martensite === 'much';
  if (asked && weld.martensite === 'much' && !byMake)
    return { how: 2, gap: 'hard and brittle on what lies under it' };
  if (asked && weld.martensite === 'some' && !byMake) return { how: 1, gap: 'some of it may be hard' };
  if (asked && weld.cracksHot) return { how: 1, gap: 'may crack as it sets' };
  return { how: 0, gap: 'they mix well' };
}

/** A pass of another rod melts what lies under it: whether the two go together. */
export const capWeld: Assessor = {
  title: 'Two rods in one weld',
  short: 'two rods',
  stop: 'rod',
  assess(situation: Reads<'mix' | 'wants'>) {
    const mix = settledMix(situation);
    const others = (mix?.passes ?? []).filter(({ rodClass }) => rodClass !== null);
    const [first, ...rest] = others;
    if (!mix || !first) return null;
    const pass = rest.reduce(
      (worst, one) => (wrongWith(one).how > wrongWith(worst).how ? one : worst),
      first,
    );
    const { how, gap } = wrongWith(pass);
    return yesNo(how === 2 ? 'closed' : how === 1 ? 'departure' : 'open', {
      now: `${pass.rodClass} with ${mix.rodClass}`,
      gap,
      until: 'no hard or cracking layer',
      reasons: [
        {
          words: `${pass.rodClass} melts about ${trimmed(100 * pass.dilution, 0)} % of what it is laid on, and comes out as ${fieldName(pass.weld.field)} by Schaeffler.`,
          source: DILUTION_SOURCE,
        },
        {
          words:
            'Plain steel over stainless comes out hard; stainless over plain steel, hard metal over stainless or over steel like the part, go.',
          source: PRACTICE,
        },
      ],
      ask: 'Take the same rod for the whole of it, or another for the top.',
    });
  },
};
