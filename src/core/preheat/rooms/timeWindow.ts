import type { Reads } from '../../judge/situation';
import { CHOSEN, PRACTICE } from '../../units/sources';
import { trimmed } from '../../units/format';
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
  assess({ job, timeline }: Reads<'job' | 'timeline'>) {
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
      now: `takes about ${trimmed(value.nominal, 0)} min`,
      gap: 'to spare',
      past: 'too little time',
      until: `${trimmed(window_min, 0)} min there are`,
      reasons: [
        {
          words: `${trimmed(minutes, 0)} min of welding, changing and chipping; setting up, grinding and packing take about as long again.`,
          source: PRACTICE,
        },
        {
          words: `${trimmed(window_min, 0)} min, as you gave it. The fire watch comes after.`,
          source: CHOSEN,
        },
      ],
    });
  },
};
