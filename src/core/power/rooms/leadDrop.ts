import { clampDrop_V } from '../clamp';
import type { Reads } from '../../judge/situation';
import { CABLES, resistance_ohm_m, RESISTIVITY_SOURCE } from '../../data/cables';
import { GOOD_CLAMP_ohm, LEAD_DROP_V } from '../../data/limits';
import { CHOSEN } from '../../units/sources';
import { inWords, trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { under } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

const COPPER_C = { low: 20, nominal: 40, high: 65 };

/** Volts lost in both weld leads and the work clamp. Not shown until leads are named: short ones on the machine lose next to nothing. */
export const leadDrop: Assessor = {
  title: 'Lead drop',
  short: 'leads',
  stop: 'power',
  assess({ leads, strongest_A: most_A, job, system }: Reads<'leads' | 'strongest_A' | 'job' | 'system'>) {
    if (!leads || most_A === null || leads.value.length_m === null) return null;
    const { length_m, size, name } = leads.value;
    const drop = (copper: number) => 2 * length_m * resistance_ohm_m(size, copper) * most_A;
    const clamp = clampDrop_V(job.power.clampDrop_V, most_A);
    const value = {
      low: drop(COPPER_C.low) + clamp.low,
      nominal: drop(COPPER_C.nominal) + clamp.nominal,
      high: drop(COPPER_C.high) + clamp.high,
    };
    return under('V', value, exactly(LEAD_DROP_V.nominal), {
      now: `loses ${trimmed(value.nominal, 1)} V`,
      gap: 'before the leads eat too much',
      past: 'too much lost in the leads',
      until: `keep under ${LEAD_DROP_V.nominal} V`,
      reasons: [
        {
          words: `${name}: two leads of ${inWords(system).distance(length_m)}, ${CABLES[size].name}, at ${most_A} A.`,
          source: RESISTIVITY_SOURCE,
        },
        {
          words:
            job.power.clampDrop_V === null
              ? `A tight clamp on bright metal adds ${trimmed(clamp.low, 2)} to ${trimmed(clamp.high, 1)} V; a poor one several.`
              : `The work clamp loses ${trimmed(clamp.nominal, 1)} V, as measured.`,
          source: job.power.clampDrop_V === null ? GOOD_CLAMP_ohm.source : CHOSEN,
        },
        { words: `Keep all together under ${LEAD_DROP_V.nominal} V.`, source: LEAD_DROP_V.source },
      ],
    });
  },
};
