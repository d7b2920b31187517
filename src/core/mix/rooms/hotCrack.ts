import type { Reads } from '../../judge/situation';
import { CONCAVE_WANTS_FN, HOT_CRACK } from '../../data/constitution';
import { STAINLESS_COVERINGS } from '../../data/service';
import { percentOf } from '../chemistry';
import { trimmed } from '../../units/format';
import { yesNo } from '../../judge/room';
import { coveringOf } from '../../rods/covering';
import type { MixPair } from '../mixPlan';
import { settledMix } from '../settledMix';
import type { Assessor } from '../../judge/assessor';
import { metalsOf } from '../metalsOf';

/** Dirt so far over the limit that an austenitic bead will not hold: twice it. */
const FAR_OVER = 2;

const dirtOf = ({ judged }: MixPair): number =>
  percentOf(judged.nominal.percent, 'S') + percentOf(judged.nominal.percent, 'P');

/** Does the bead tear as it sets? */
export const hotCrack: Assessor = {
  title: 'Cracks as it sets',
  short: 'hot crack',
  stop: 'rod',
  assess(situation: Reads<'mix' | 'wants' | 'rod' | 'job'>) {
    const mix = settledMix(situation);
    const asked = (mix?.pairs ?? []).filter(({ judged }) => judged.nominal.scope.id === 'chart');
    const [first, ...rest] = asked;
    if (!mix || !first) return null;
    const worse = (a: MixPair, b: MixPair) =>
      Number(b.judged.nominal.cracksHot) - Number(a.judged.nominal.cracksHot) || dirtOf(b) - dirtOf(a);
    const pair = rest.reduce((worst, other) => (worse(worst, other) > 0 ? other : worst), first);
    const { nominal } = pair.judged;
    const dirt = dirtOf(pair);
    const sulphur = percentOf(nominal.percent, 'S');
    const hollow = coveringOf(situation) === '17';
    const thin = hollow && pair.wanted !== null && nominal.fn < pair.wanted.least + CONCAVE_WANTS_FN.value;
    const state =
      sulphur > HOT_CRACK.sulphurAlways || (nominal.cracksHot && dirt > FAR_OVER * HOT_CRACK.impurity)
        ? 'closed'
        : nominal.cracksHot || thin
          ? 'departure'
          : 'open';
    return yesNo(state, {
      now: nominal.mode === 'austenite' ? 'austenite sets first' : 'ferrite sets first',
      gap: {
        open: 'takes its dirt with it',
        departure: thin && !nominal.cracksHot ? 'a hollow bead pulls apart' : 'clean metal or it tears',
        closed: 'tears whatever you do',
      }[state],
      until: `${trimmed(HOT_CRACK.impurity, 2)} % sulphur and phosphorus`,
      reasons: [
        {
          words: `Cr over Ni equivalent ${nominal.ratio === Infinity ? 'without end' : trimmed(nominal.ratio, 2)}: under ${HOT_CRACK.ratio} austenite sets first and pushes dirt into the middle of the bead.`,
          source: HOT_CRACK.source,
        },
        {
          words: `${trimmed(dirt, 3)} % sulphur and phosphorus from ${mix.rodClass} and ${metalsOf(pair)}.${sulphur > HOT_CRACK.sulphurAlways ? ' So much sulphur cracks whatever sets first.' : ''}`,
          source: HOT_CRACK.source,
        },
        ...(hollow
          ? [
              {
                words: `${STAINLESS_COVERINGS['17'].name}: a hollow bead wants ${CONCAVE_WANTS_FN.value} FN more.`,
                source: CONCAVE_WANTS_FN.source,
              },
            ]
          : []),
      ],
    });
  },
};
