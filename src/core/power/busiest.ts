import { DUTY_PERIOD_s, effectiveCurrent_A } from './duty';
import { trimmed } from '../units/format';
import { mapRange, type Range } from '../units/range';
import type { Reads } from '../judge/situation';
import { worstWindowArc_s } from '../timeline/timeline';

/** What a steady current would have to be to heat as the busiest ten minutes do: sqrt(I^2 X + I0^2 (1 - X)), IEC 60974-1. */
export function busiestHeat({
  draw,
  timeline,
  plate,
}: Reads<'draw' | 'timeline' | 'plate'>): { heating_A: Range; words: string } | null {
  if (!draw || !timeline || !plate || !draw.holds) return null;
  const busy = worstWindowArc_s(timeline, DUTY_PERIOD_s) / DUTY_PERIOD_s;
  const heating_A = mapRange(draw.current_A, (amps) => effectiveCurrent_A(amps, plate.idle_A, busy));
  const idle = plate.idle_A >= 0.5 ? `, ${trimmed(plate.idle_A, 1)} A between` : '';
  return {
    heating_A,
    words: `${trimmed(draw.current_A.nominal, 1)} A for ${trimmed(100 * busy, 0)} % of the busiest ten minutes${idle}: heats as ${trimmed(heating_A.nominal, 1)} A all the time.`,
  };
}
