import { OCV_SLACK_V } from '../../data/limits';
import { rodClass } from '../../data/rods';
import { CHOSEN, PRACTICE } from '../../data/sources';
import { exactly } from '../../units/range';
import { over, unknown } from '../room';
import type { Assessor } from './assessor';

/** Open-circuit volts against what the rod needs to start and hold. */
export const ocv: Assessor = {
  id: 'ocv',
  title: 'Open-circuit volts',
  short: 'OCV',
  stop: 'power',
  assess({ machine, rod }) {
    if (!machine || !rod) return null;
    const wanted = rodClass(rod.value.rodClass).ocv_V;
    if (wanted === null) return null;
    const { ocv_V, name } = machine.value;
    if (ocv_V === null) {
      return unknown(
        {
          now: name,
          gap: 'open-circuit volts not known',
          until: `wants about ${wanted} V`,
          reasons: [
            { words: `${rod.value.rodClass} likes about ${wanted} V to start and hold.`, source: PRACTICE },
          ],
          ask: 'Type U0 or OCV from the nameplate, at Kit.',
        },
        false,
      );
    }
    return over(
      'V',
      exactly(ocv_V),
      {
        low: wanted - OCV_SLACK_V.low,
        nominal: wanted - OCV_SLACK_V.nominal,
        high: wanted - OCV_SLACK_V.high,
      },
      {
        now: `${ocv_V} V`,
        gap: 'to start and hold on',
        past: 'short for this rod',
        until: `wants about ${wanted} V`,
        reasons: [
          { words: `${name} gives ${ocv_V} V with no arc.`, source: CHOSEN },
          {
            words: `${rod.value.rodClass} wants about ${wanted} V; cellulosic rods also want a machine that holds the arc.`,
            source: PRACTICE,
          },
        ],
      },
    );
  },
};
