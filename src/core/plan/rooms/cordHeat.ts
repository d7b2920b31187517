import { AMPACITY_SOURCE, CABLES } from '../../data/cables';
import { IEC_60974_1, PRACTICE } from '../../data/sources';
import { DUTY_PERIOD_s, effectiveMultiplier } from '../../power/duty';
import { trimmed } from '../../units/format';
import { exactly, mapRange } from '../../units/range';
import { under } from '../room';
import { worstWindowArc_s } from '../timeline';
import type { Assessor } from './assessor';

/** What heats the cord over the busiest ten minutes, against what it may carry laid straight. */
export const cordHeat: Assessor = {
  id: 'cord-heat',
  title: 'Cord heat',
  short: 'cord heat',
  stop: 'power',
  assess({ cord, draw, timeline }) {
    if (!cord || !draw || !timeline || !draw.holds || cord.value.length_m <= 0) return null;
    const { name, ampacity_A } = CABLES[cord.value.size];
    if (ampacity_A === null) return null;
    const busy = worstWindowArc_s(timeline, DUTY_PERIOD_s) / DUTY_PERIOD_s;
    const heating_A = mapRange(draw.current_A, (amps) => amps * effectiveMultiplier(busy));
    return under('A', heating_A, exactly(ampacity_A), {
      now: `heats as ${trimmed(heating_A.nominal, 1)} A`,
      gap: 'before the cord runs hot',
      past: 'over what the cord may carry',
      until: `carries ${ampacity_A} A straight`,
      reasons: [
        {
          words: `${trimmed(draw.current_A.nominal, 1)} A for ${trimmed(100 * busy, 0)} % of the busiest ten minutes heats as ${trimmed(heating_A.nominal, 1)} A all the time.`,
          source: IEC_60974_1,
        },
        {
          words: `A cord of ${name} carries ${ampacity_A} A laid straight and free.`,
          source: AMPACITY_SOURCE,
        },
        {
          words: 'On the drum it carries about a third of that: pull all of it off.',
          source: PRACTICE,
        },
      ],
    });
  },
};
