import type { Reads } from '../../judge/situation';
import { IEC_60974_1, CHOSEN, PRACTICE } from '../../units/sources';
import { trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { under } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import { busiestHeat } from '../busiest';

/** What heats plug and socket over the busiest ten minutes, against what is written on them. Not shown until that is known. */
export const plug: Assessor = {
  title: 'Plug and socket',
  short: 'plug',
  stop: 'power',
  assess(situation: Reads<'supply' | 'plate' | 'hurried' | 'draw' | 'drawAt'>) {
    const { supply } = situation;
    const rating_A = supply?.value.plug_A ?? null;
    const heat = busiestHeat(situation);
    if (!supply || rating_A === null || !heat) return null;
    return under('A', heat.heating_A, exactly(rating_A), {
      now: `heats as ${trimmed(heat.heating_A.nominal, 1)} A`,
      gap: 'before the plug runs hot',
      past: 'over what the plug may carry',
      until: `made for ${trimmed(rating_A, 0)} A`,
      reasons: [
        { words: heat.words, source: IEC_60974_1 },
        { words: `${supply.value.name}: plug and socket of ${trimmed(rating_A, 0)} A.`, source: CHOSEN },
        {
          words: 'Worn or loose pins run hot well under their rating: a plug too warm to hold is done with.',
          source: PRACTICE,
        },
      ],
    });
  },
};
