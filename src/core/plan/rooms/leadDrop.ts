import { CABLES, resistance_ohm_m, RESISTIVITY_SOURCE } from '../../data/cables';
import { LEAD_DROP_V } from '../../data/limits';
import { inWords, trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { under } from '../room';
import type { Assessor } from './assessor';

const COPPER_C = { low: 20, nominal: 40, high: 65 };

/** Volts lost in both weld leads. Not shown until leads are named: short ones on the machine lose next to nothing. */
export const leadDrop: Assessor = {
  id: 'leads',
  title: 'Lead drop',
  short: 'leads',
  stop: 'power',
  assess({ leads, current_A, system }) {
    if (!leads || !current_A || leads.value.length_m === null) return null;
    const { length_m, size, name } = leads.value;
    const drop = (copper: number) => 2 * length_m * resistance_ohm_m(size, copper) * current_A.value;
    const value = { low: drop(COPPER_C.low), nominal: drop(COPPER_C.nominal), high: drop(COPPER_C.high) };
    return under('V', value, exactly(LEAD_DROP_V.nominal), {
      now: `loses ${trimmed(value.nominal, 1)} V`,
      gap: 'before the leads eat too much',
      past: 'too much lost in the leads',
      until: `keep under ${LEAD_DROP_V.nominal} V`,
      reasons: [
        {
          words: `${name}: two leads of ${inWords(system).distance(length_m)}, ${CABLES[size].name}, at ${current_A.value} A.`,
          source: RESISTIVITY_SOURCE,
        },
        { words: `Keep both together under ${LEAD_DROP_V.nominal} V.`, source: LEAD_DROP_V.source },
      ],
    });
  },
};
