import type { Reads } from '../../judge/situation';
import { SCHAEFFLER_SOURCE, WRC_SOURCE } from '../../data/constitution';
import { DILUTION_MOVES, DILUTION_SOURCE, STICK_DILUTION_pct } from '../../data/dilution';
import { PICK_UP_SOURCE } from '../../data/pickUp';
import { CHOSEN } from '../../units/sources';
import { trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { under } from '../../judge/room';
import type { MixPair } from '../mixPlan';
import { settledMix } from '../settledMix';
import type { Assessor } from '../../judge/assessor';
import { metalsOf } from '../metalsOf';

const PERCENT = 100;

/** How much base metal the bead may melt before it is another metal. */
export const dilution: Assessor = {
  title: 'Base metal melted in',
  short: 'dilution',
  stop: 'rod',
  assess(situation: Reads<'mix' | 'wants'>) {
    const mix = settledMix(situation);
    if (!mix) return null;
    const limited = mix.pairs.flatMap((pair) => (pair.judged.limit ? [{ pair, ...pair.judged.limit }] : []));
    const [first, ...rest] = limited;
    if (!first) return null;
    const least = rest.reduce((low, one) => (one.dilution < low.dilution ? one : low), first);
    const { low, nominal, high } = mix.dilution;
    const most = PERCENT * least.dilution;
    return under(
      '%',
      { low: PERCENT * low, nominal: PERCENT * nominal, high: PERCENT * high },
      exactly(most),
      {
        now: `${trimmed(PERCENT * nominal, 0)} % base metal in the bead`,
        gap: 'more may melt in',
        past: 'too much base metal melted in',
        until: `${trimmed(most, 0)} % at the most`,
        reasons: [
          {
            words: `At ${trimmed(most, 0)} % of ${metalsOf(least.pair)}: ${least.why}.`,
            source: isPickUp(least.pair)
              ? PICK_UP_SOURCE
              : least.why.includes('martensite')
                ? SCHAEFFLER_SOURCE
                : WRC_SOURCE,
          },
          {
            words:
              mix.by === 'you'
                ? 'You typed the dilution.'
                : `Stick, ${STICK_DILUTION_pct[mix.place].words}: ${STICK_DILUTION_pct[mix.place].low} to ${STICK_DILUTION_pct[mix.place].high} %.`,
            source: mix.by === 'you' ? CHOSEN : DILUTION_SOURCE,
          },
          {
            words: `Moved by amps (${DILUTION_MOVES.amps} points over the rod’s range), by a weave (${DILUTION_MOVES.weave}) and by the negative pole (${DILUTION_MOVES.negative}).`,
            source: DILUTION_MOVES.source,
          },
        ],
        ask: 'A bead cut and etched shows it: melted base metal over the whole bead.',
      },
    );
  },
};

const isPickUp = ({ judged }: MixPair): boolean => judged.limit?.why.includes('in the bead') ?? false;
