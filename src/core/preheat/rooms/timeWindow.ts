import type { Reads } from '../../judge/situation';
import { CHOSEN, PRACTICE } from '../../units/sources';
import { inWords } from '../../units/format';
import { exactly } from '../../units/range';
import { under } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Setting up, cleaning and packing take about as long again; a slow day half more. Common practice. */
const AROUND = { low: 1.3, nominal: 2, high: 3 };

/** Time the whole job takes against the time there is: daylight, tide, timetable. */
export const timeWindow: Assessor = {
  title: 'Time',
  short: 'time',
  stop: 'look',
  assess({ job, timeline, system }: Reads<'job' | 'timeline' | 'system'>) {
    const say = inWords(system).time;
    const window_s = job.look.timeWindow_s;
    if (window_s === null || !timeline) return null;
    const minutes = timeline.elapsed_s / 60;
    const value = {
      low: AROUND.low * minutes,
      nominal: AROUND.nominal * minutes,
      high: AROUND.high * minutes,
    };
    const window_min = window_s / 60;
    return under('min', value, exactly(window_min), {
      now: `takes about ${say(60 * value.nominal)}`,
      gap: 'to spare',
      past: 'too little time',
      until: `${say(window_s)} there are`,
      reasons: [
        {
          words: `${say(timeline.elapsed_s)} of welding, changing and chipping; setting up, grinding and packing take about as long again.`,
          source: PRACTICE,
        },
        {
          words: `${say(window_s)}, as you gave it. The fire watch comes after.`,
          source: CHOSEN,
        },
      ],
    });
  },
};
