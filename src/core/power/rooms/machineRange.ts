import type { Reads } from '../../judge/situation';
import { CHOSEN, IEC_60974_1 } from '../../units/sources';
import { PLATE_GUESS_SOURCE } from '../../data/machines';
import type { Figure } from '../plate/nameplate';
import { trimmed } from '../../units/format';
import { inside, unknown } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import { dialledAmps } from '../../rods/dialled';

/** An end of the range as it is known. */
function told({ range, by }: Figure): string {
  const amps = `${trimmed(range.nominal, 0)} A`;
  if (by === 'plate') return amps;
  const spread = range.low === range.high ? '' : `, ${trimmed(range.low, 0)} to ${trimmed(range.high, 0)}`;
  return `${amps} (${by === 'kind' ? 'usual for its kind' : 'reckoned from the plate'}${spread})`;
}

/** Amps inside what the machine gives. */
export const machineRange: Assessor = {
  title: 'Machine range',
  short: 'machine',
  stop: 'power',
  bears: 'machine',
  assess(situation: Reads<'machine' | 'plate' | 'current_A' | 'strongest_A'>) {
    const { machine, plate, current_A, strongest_A } = situation;
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
    const { name } = machine.value;
    if (!amps || !current_A || strongest_A === null || !plate) return null;
    const { min_A, max_A } = plate;
    if (!min_A || !max_A || min_A.range.nominal >= max_A.range.nominal) {
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
    const [low, high] = [min_A.range, max_A.range];
    // A hotter root is what asks most of it.
    const dialled_A = strongest_A > (low.nominal + high.nominal) / 2 ? strongest_A : current_A.value;
    const read = min_A.by === 'plate' && max_A.by === 'plate';
    return inside(
      'A',
      // A doubtful end is nearer by its doubt.
      {
        low: dialled_A - (low.high - low.nominal),
        nominal: dialled_A,
        high: dialled_A + (high.nominal - high.low),
      },
      { low: low.nominal, high: high.nominal },
      {
        now: `${dialled_A} A`,
        gap: 'inside the machine’s range',
        past: 'outside the machine’s range',
        until: `gives up to ${told(max_A)}`,
        lowWords: `gives no less than ${told(min_A)}`,
        reasons: [
          {
            words: `${name}: ${told(min_A)} to ${told(max_A)}.`,
            source: read ? CHOSEN : PLATE_GUESS_SOURCE,
          },
          {
            words: 'Above its largest current a machine gives no output, not a shorter duty.',
            source: IEC_60974_1,
          },
        ],
        ask: read ? '' : 'Type the lowest and highest amps from the nameplate, at Kit.',
      },
    );
  },
};
