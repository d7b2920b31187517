import { arcsOf, heatingCurrent_A, isSteady } from './arcs';
import { DUTY_PERIOD_s } from './duty';
import { sentence, trimmed } from '../units/format';
import type { Range } from '../units/range';
import type { Reads } from '../judge/situation';
import { worstWindowArc_s } from '../timeline/timeline';

/** What a steady current would have to be to heat as the busiest ten minutes do, with how it came about in words. */
export function busiestHeat({
  draw,
  drawAt,
  hurried,
  plate,
}: Reads<'draw' | 'drawAt' | 'hurried' | 'plate'>): { heating_A: Range; words: string } | null {
  if (!draw?.holds || !drawAt || !hurried || !plate) return null;
  const burns = arcsOf(hurried);
  const heating_A = heatingCurrent_A(burns, drawAt, plate);
  const busy_pct = (100 * worstWindowArc_s(hurried, DUTY_PERIOD_s)) / DUTY_PERIOD_s;
  const idle = plate.idle_A >= 0.5 ? `, ${trimmed(plate.idle_A, 1)} A between` : '';
  const upTo = isSteady(burns) ? '' : 'up to ';
  return {
    heating_A,
    words: sentence(
      `${upTo}${trimmed(draw.current_A.nominal, 1)} A for ${trimmed(busy_pct, 0)} % of the busiest ten minutes${idle}: heats as ${trimmed(heating_A.nominal, 1)} A all the time.`,
    ),
  };
}
