import { IEC_60974_1, PRACTICE } from '../../data/sources';
import { DUTY_PERIOD_s, permittedDuty, type RatedPoint } from '../../power/duty';
import type { Machine } from '../../formats/kit';
import { exactly, mapRange } from '../../units/range';
import { trimmed } from '../../units/format';
import { under, unknown } from '../room';
import { worstWindowArc_s } from '../timeline';
import type { Assessor } from './assessor';
import { dialledAmps } from './rodAmps';

/** The nameplate's whole points. */
export const ratedPoints = (machine: Machine): RatedPoint[] =>
  machine.rated.flatMap(({ current_A, duty_pct }) =>
    current_A !== null && duty_pct !== null ? [{ current_A, duty: duty_pct / 100 }] : [],
  );

/** Arc minutes in the worst ten of the job against what the plate allows. */
export const duty: Assessor = {
  id: 'duty',
  title: 'Duty',
  short: 'duty',
  stop: 'power',
  assess(situation) {
    const { machine, timeline, current_A } = situation;
    const amps = dialledAmps(situation);
    if (!machine || !timeline || !amps || !current_A) return null;
    const points = ratedPoints(machine.value);
    if (points.length === 0) {
      return unknown(
        {
          now: 'duty',
          gap: 'no rated point',
          until: machine.value.name,
          reasons: [],
          ask: 'Type a rated point from the nameplate, at Kit: amps at so many percent.',
        },
        false,
      );
    }
    // Above its largest current a machine gives nothing at all: the machine's range says so, not a duty.
    if (machine.value.max_A !== null && current_A.value > machine.value.max_A) return null;
    const worst_min = worstWindowArc_s(timeline, DUTY_PERIOD_s) / 60;
    const allowed_min = mapRange(amps, (a) => (permittedDuty(points, a) ?? 0) * 10);
    const pct = Math.round(allowed_min.nominal * 10);
    return under('min', exactly(worst_min), allowed_min, {
      now: `${trimmed(worst_min, 1)} min arc in the worst ten`,
      gap: 'of arc before it must rest',
      past: 'of arc too much',
      until: `${trimmed(allowed_min.nominal, 1)} min allowed`,
      reasons: [
        {
          words: `At ${current_A.value} A the plate allows ${pct} %: ${trimmed(allowed_min.nominal, 1)} minutes of every ten, at 40 °C.`,
          source: IEC_60974_1,
        },
        {
          words: `The job burns ${trimmed(worst_min, 1)} minutes in its worst ten, counted rod by rod with changes, chipping and rests.`,
          source: PRACTICE,
        },
      ],
    });
  },
};
