import type { Reads } from '../../judge/situation';
import { SCHAEFFLER_SOURCE, WRC_MARTENSITE } from '../../data/constitution';
import { DILUTION_SOURCE } from '../../data/dilution';
import { depositOf } from '../../data/deposits';
import { fieldName } from '../schaeffler';
import { judgeWeld, type JudgedWeld } from '../weld';
import { trimmed } from '../../units/format';
import { yesNo } from '../../judge/room';
import type { MixPair } from '../mixPlan';
import { settledMix } from '../settledMix';
import type { Assessor } from '../../judge/assessor';
import { metalsOf } from '../metalsOf';

/** Whether the diagrams are asked at all: for a figure, or for the name of the field. */
const isAsked = ({ scope }: JudgedWeld): boolean => scope.id === 'chart' || scope.id === 'field-only';
const DEGREE = { none: 0, some: 1, much: 2 };
const degreeOf = ({ judged }: MixPair): number =>
  3 * DEGREE[judged.nominal.martensite] + DEGREE[judged.far.martensite];

/** Martensite in the bead, by both lines: none, some possible, much. */
export const martensite: Assessor = {
  title: 'Martensite in the bead',
  short: 'martensite',
  stop: 'rod',
  assess(situation: Reads<'mix' | 'wants'>) {
    const mix = settledMix(situation);
    const asked = (mix?.pairs ?? []).filter(({ judged }) => isAsked(judged.nominal));
    const [first, ...rest] = asked;
    if (!mix || !first) return null;
    const pair = rest.reduce((worst, other) => (degreeOf(other) > degreeOf(worst) ? other : worst), first);
    const { nominal, far } = pair.judged;
    const deposit = judgeWeld(depositOf(mix.rodClass).percent);
    const byMake = deposit.scope.id === 'chart' && deposit.martensite === 'much';
    const ends = { nominal: nominal.martensite, far: far.martensite };
    const state =
      ends.nominal === 'much'
        ? byMake
          ? 'departure'
          : 'closed'
        : ends.nominal === 'none' && ends.far === 'none'
          ? 'open'
          : 'departure';
    const gap = {
      open: 'over both lines',
      departure: byMake
        ? 'hard by make: preheat, temper'
        : ends.nominal === 'none'
          ? 'none now, some if deeper'
          : 'some possible',
      closed: 'hard and brittle: wrong rod',
    }[state];
    return yesNo(state, {
      now: `${fieldName(nominal.field)} by Schaeffler`,
      gap,
      until: 'no martensite',
      reasons: [
        {
          words: `${mix.rodClass} in ${metalsOf(pair)}: ${side(nominal.overSchaeffler)} the Schaeffler line at ${trimmed(100 * mix.dilution.nominal, 0)} % melted in. That line is careful: good beads often lie under it.`,
          source: SCHAEFFLER_SOURCE,
        },
        {
          words: `${side(nominal.overWrc)} the line under which a bent bead cracks.`,
          source: WRC_MARTENSITE.source,
        },
        {
          words: `Up to ${trimmed(100 * mix.dilution.high, 0)} % may be melted in: then ${ends.far === 'none' ? 'still none' : ends.far === 'some' ? 'some' : 'much'}.`,
          source: DILUTION_SOURCE,
        },
        {
          words:
            'The diagrams speak of the stirred bead alone. The edge beside steel that hardens is hard whatever the rod: its preheat stays.',
          source: SCHAEFFLER_SOURCE,
        },
      ],
    });
  },
};

/** How far a point lies over or under a line, in words. */
function side(over: number): string {
  if (over === Infinity) return 'Past the end of';
  return `${trimmed(Math.abs(over), 1)} Ni equivalents ${over >= 0 ? 'over' : 'under'}`;
}
