import { CABLES, LEAD_AMPACITY_SOURCE, leadAmpacity_A } from '../../data/cables';
import { IEC_60974_1 } from '../../units/sources';
import { arcsOf, heatingOf_A } from '../arcs';
import { trimmed } from '../../units/format';
import { mapRange, within } from '../../units/range';
import { under } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';
import { dialledAmps } from '../../rods/dialled';

/** A lead half in the sun, half under another, or new and free in the wind: so much either side. Our judgement. */
const LAID_DOUBT = 0.1;

/** What heats the weld leads over the busiest ten minutes, against what their copper and rubber may carry. Not shown until leads are named. */
export const leadHeat: Assessor = {
  title: 'Lead heat',
  short: 'leads hot',
  stop: 'power',
  assess(situation: Reads<'leads' | 'hurried' | 'current_A' | 'machine'>) {
    const { leads, hurried } = situation;
    const dial = dialledAmps(situation);
    if (!leads || !hurried || !dial) return null;
    const { name, size } = leads.value;
    const steady_A = leadAmpacity_A(CABLES[size].area_mm2);
    const heating_A = mapRange(dial, (amps) => (heatingOf_A(arcsOf(hurried)) * amps) / dial.nominal);
    return under('A', heating_A, within(steady_A, LAID_DOUBT), {
      now: `heat as ${trimmed(heating_A.nominal, 0)} A`,
      gap: 'before the leads run hot',
      past: 'over what the leads may carry',
      until: `carry ${trimmed(steady_A, 0)} A all the time`,
      reasons: [
        {
          words: `Every arc at its own amps over the busiest ten minutes heats as ${trimmed(heating_A.nominal, 0)} A all the time.`,
          source: IEC_60974_1,
        },
        {
          words: `${name}, ${CABLES[size].name}: ${trimmed(steady_A, 0)} A all the time, ${trimmed(steady_A / Math.sqrt(0.6), 0)} A for six minutes of every ten, in 30 °C of air.`,
          source: LEAD_AMPACITY_SOURCE,
        },
        { words: 'Coiled up they carry less: lay them out.', source: LEAD_AMPACITY_SOURCE },
      ],
    });
  },
};
