import { SETTING_CRACK } from '../../data/setting';
import { yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';
import { trimmed } from '../../units/format';
import { percentOf } from '../chemistry';
import { metalsOf } from '../metalsOf';
import { settledMix } from '../settledMix';
import { handStands, settingIndex } from '../settingIndex';

/** Does a bead of plain steel tear down its middle as it sets? Carbon and sulphur from the metal melted in decide. */
export const setCrack: Assessor = {
  title: 'Cracks down the middle',
  short: 'set crack',
  stop: 'rod',
  assess(situation: Reads<'mix' | 'wants'>) {
    const mix = settledMix(situation);
    const asked = (mix?.pairs ?? []).filter(({ judged }) => judged.nominal.scope.id === 'plain-steel');
    const [first, ...rest] = asked.map((pair) => ({
      pair,
      index: settingIndex(pair.judged.nominal.percent),
    }));
    if (!mix || !first) return null;
    const { pair, index } = rest.reduce((worst, one) => (one.index > worst.index ? one : worst), first);
    const { deep, sulphur_pct } = SETTING_CRACK;
    const high = handStands();
    const sulphur = percentOf(pair.judged.nominal.percent, 'S');
    const tears = index > high || sulphur > sulphur_pct;
    return yesNo(tears ? 'departure' : 'open', {
      now: `index ${trimmed(index, 0)}, ${trimmed(sulphur, 3)} % sulphur in the bead`,
      gap: tears ? 'may tear as it sets' : index > deep ? 'sets sound with care' : 'sets sound',
      until: `index ${trimmed(high, 0)}, ${sulphur_pct} % sulphur`,
      reasons: [
        {
          words: `${trimmed(100 * mix.dilution.nominal, 0)} % of ${metalsOf(pair)} melted into ${mix.rodClass}: carbon and sulphur pull the last of the pool apart, manganese binds it. For comparing only: it was made on machine welds, and a bead by hand lies flatter.`,
          source: SETTING_CRACK.source,
        },
      ],
      ask: tears
        ? 'A basic rod, small full beads with their craters filled, less metal melted in, or a layer of soft filler first.'
        : '',
    });
  },
};
