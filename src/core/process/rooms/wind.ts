import type { Reads } from '../../judge/situation';
import { WIND_ASSUMED_m_s, WIND_LIMIT_m_s } from '../../data/limits';
import { OUR_JUDGEMENT, PRACTICE } from '../../units/sources';
import { inWords } from '../../units/format';
import { windOf } from '../processes';
import { under, unknown } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Wind at the arc against what stick stands. */
export const wind: Assessor = {
  title: 'Wind',
  short: 'wind',
  stop: 'look',
  assess({ job, system, iron }: Reads<'job' | 'system' | 'iron'>) {
    if (iron?.way.value === 'braze') return null;
    const { wind_m_s, place } = job.look;
    const say = inWords(system).wind;
    if (wind_m_s === null && place === null) {
      return unknown(
        {
          now: 'wind',
          gap: 'wind not known',
          until: '',
          reasons: [],
          ask: 'Say indoors or outdoors at Look.',
        },
        false,
      );
    }
    const measured = wind_m_s !== null;
    const value = windOf(job.look) ?? WIND_ASSUMED_m_s.outdoors;
    const limit = WIND_LIMIT_m_s.stick;
    return under('m/s', value, limit.range, {
      now: measured ? say(wind_m_s) : `${place}, wind guessed`,
      gap: 'before the arc suffers',
      past: 'too much wind',
      until: `stick stands about ${say(limit.range.nominal)}`,
      reasons: [
        measured
          ? { words: `Wind as you gave it, good to a fifth.`, source: PRACTICE }
          : {
              words: `No wind typed: planned for ${say(value.low)} to ${say(value.high)} ${place}.`,
              source: OUR_JUDGEMENT,
            },
        {
          words: `Stick makes its own shield: fair up to about ${say(limit.range.low)} to ${say(limit.range.high)}. Gas-shielded work stops near ${say(2)}.`,
          source: limit.source,
        },
      ],
      ask: measured ? '' : 'Type the wind at the work.',
    });
  },
};
