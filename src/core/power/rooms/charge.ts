import type { Reads } from '../../judge/situation';
import { BATTERY_USABLE } from '../../data/limits';
import { CHOSEN, IEC_60974_1, PRACTICE } from '../../units/sources';
import { rodsNeeded } from '../../rods/counts';
import { counted, span, trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { rodsPerCharge } from '../dayWork';
import { under, unknown } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import { wholeRods } from '../../rods/wholeRods';

/** Rods the job burns against rods that one charge of a battery machine melts. */
export const charge: Assessor = {
  title: 'Battery',
  short: 'battery',
  stop: 'power',
  assess(situation: Reads<'machine' | 'plate' | 'beads' | 'current_A' | 'draw' | 'drawAt' | 'timeline'>) {
    const { machine, plate, beads, current_A } = situation;
    if (!machine || plate?.type.feeds !== 'battery' || !beads || !current_A) return null;
    const limit = rodsPerCharge(situation);
    if (limit === null)
      return unknown(
        {
          now: machine.value.name,
          gap: 'battery not known',
          until: '',
          reasons: [],
          ask: 'Type what the battery holds, in Wh, at Kit.',
        },
        false,
      );
    const needed = wholeRods(rodsNeeded(beads)).nominal;
    return under('rods', exactly(needed), limit, {
      now: `${counted(needed, 'rod')} to burn`,
      gap: 'before it is empty',
      past: 'more than one charge',
      until: `${span(limit.low, limit.high, 0)} rods a charge`,
      reasons: [
        {
          words: `${trimmed(machine.value.battery_Wh ?? 0, 0)} Wh when full.`,
          source: CHOSEN,
        },
        {
          words: `Of that ${Math.round(100 * BATTERY_USABLE.range.low)} to ${Math.round(100 * BATTERY_USABLE.range.high)} % can be welded with.`,
          source: BATTERY_USABLE.source,
        },
        {
          words: `A rod at ${current_A.value} A burns ${trimmed(beads.passes.at(-1)?.arcPerRod_s ?? 0, 0)} s at its load volts.`,
          source: IEC_60974_1,
        },
        {
          words: 'A cold battery gives less than it holds: keep it warm until you strike.',
          source: PRACTICE,
        },
      ],
    });
  },
};
