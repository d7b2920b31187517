import { CHOSEN, IEC_60974_1 } from '../../data/sources';
import { inside, unknown } from '../room';
import type { Assessor } from './assessor';
import { dialledAmps } from './rodAmps';

/** Amps inside what the machine gives. */
export const machineRange: Assessor = {
  id: 'machine-range',
  title: 'Machine range',
  short: 'machine',
  stop: 'power',
  assess(situation) {
    const { machine, current_A } = situation;
    const amps = dialledAmps(situation);
    if (!machine) {
      return unknown(
        {
          now: 'no machine',
          gap: 'which machine?',
          until: '',
          reasons: [],
          ask: 'Put a machine into the kit.',
        },
        false,
      );
    }
    const { min_A, max_A, name } = machine.value;
    if (!amps || !current_A) return null;
    if (min_A === null || max_A === null || min_A >= max_A) {
      return unknown(
        {
          now: `${current_A.value} A`,
          gap: 'range not known',
          until: name,
          reasons: [],
          ask: 'Type the lowest and highest amps from the nameplate, at Kit.',
        },
        false,
      );
    }
    return inside(
      'A',
      { low: current_A.value, nominal: current_A.value, high: current_A.value },
      { low: min_A, high: max_A },
      {
        now: `${current_A.value} A`,
        gap: 'inside the machine’s range',
        past: 'outside the machine’s range',
        until: `gives up to ${max_A} A`,
        lowWords: `gives no less than ${min_A} A`,
        reasons: [
          { words: `${name}: ${min_A} to ${max_A} A on the nameplate.`, source: CHOSEN },
          {
            words: 'Above its largest current a machine gives no output, not a shorter duty.',
            source: IEC_60974_1,
          },
        ],
      },
    );
  },
};
