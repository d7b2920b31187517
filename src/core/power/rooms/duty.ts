import type { Reads } from '../../judge/situation';
import { RISE_OVER_40_K, THIN_AIR } from '../../data/limits';
import { PLATE_GUESS_SOURCE } from '../../data/machines';
import { IEC_60974_1, PRACTICE } from '../../units/sources';
import { arcsOf, isSteady } from '../arcs';
import { DUTY_PERIOD_s, permittedDuty } from '../duty';
import { fullest, windowFill } from '../window';
import { pointsHere, type Plate, type Surroundings } from '../plate/nameplate';
import { exactly, type Range } from '../../units/range';
import { inWords, trimmed } from '../../units/format';
import type { UnitSystem } from '../../units/kinds';
import { guessed, ruled, takenSo, under, unknown } from '../../judge/room';
import { worstWindowArc_s } from '../../timeline/timeline';
import type { Assessor } from '../../judge/assessor';
import { dialledAmps } from '../../rods/dialled';

/** Heat, dust and height in words; empty where the plate holds as it is. */
function deratedWords(
  { capacity }: Plate,
  { air_C, cooling, altitude_m }: Surroundings,
  system: UnitSystem,
): string {
  const hot = air_C !== null && air_C > 40 ? [`${inWords(system).temperature(air_C)} of air`] : [];
  const dust = cooling === 'dirty' ? ['clogged cooling'] : [];
  const up = altitude_m ?? 0;
  const thin = up > THIN_AIR.from_m ? [`the thin air ${inWords(system).distance(up)} up`] : [];
  const why = [...hot, ...dust, ...thin].join(' and ');
  return why === ''
    ? ''
    : `With ${why} about ${Math.round(100 * capacity.nominal)} % of the plate's duty is left (${Math.round(100 * capacity.low)} to ${Math.round(100 * capacity.high)}).`;
}

/** Arc minutes in the worst ten of the job against what the plate allows. */
export const duty: Assessor = {
  title: 'Duty',
  short: 'duty',
  stop: 'power',
  bears: 'machine',
  assess(
    situation: Reads<
      'machine' | 'plate' | 'hurried' | 'current_A' | 'strongest_A' | 'job' | 'system' | 'rest'
    >,
  ) {
    const { machine, plate, hurried, current_A, strongest_A, job, system, rest } = situation;
    const amps = dialledAmps(situation);
    if (!machine || !plate || !hurried || !amps || !current_A || strongest_A === null) return null;
    if (plate.points.length === 0) {
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
    if (plate.max_A && strongest_A > plate.max_A.range.high) return null;
    const worst_min = worstWindowArc_s(hurried, DUTY_PERIOD_s) / 60;
    const burns = arcsOf(hurried);
    const steady = isSteady(burns);
    // Every arc fills the window at its own amps: what would fill it is the job's own minutes over how full they make it.
    const minutes = (dial: number, end: keyof Range) => {
      const points = pointsHere(plate, end);
      if (steady) return 10 * (permittedDuty(points, dial) ?? 0);
      const dialled = burns.map((burn) => ({ ...burn, current_A: (burn.current_A * dial) / amps.nominal }));
      return worst_min / fullest(windowFill(dialled, points));
    };
    const allowed_min = {
      low: minutes(amps.high, 'low'),
      nominal: minutes(amps.nominal, 'nominal'),
      high: minutes(amps.low, 'high'),
    };
    const at = steady
      ? `${current_A.value} A`
      : `${Math.min(...burns.map((burn) => burn.current_A))} to ${strongest_A} A, every arc at its own,`;
    const weaker = deratedWords(
      plate,
      { air_C: job.look.air_C, cooling: job.power.cooling, altitude_m: job.look.altitude_m },
      system,
    );
    const pct = Math.round(allowed_min.nominal * 10);
    const room = under('min', exactly(worst_min), allowed_min, {
      now: `${trimmed(worst_min, 1)} min arc in the worst ten`,
      gap: 'of arc before it must rest',
      past: 'of arc too much',
      until: `${trimmed(allowed_min.nominal, 1)} min allowed`,
      reasons: [
        {
          words: plate.pointsRead
            ? `At ${at} the plate allows ${pct} %: ${trimmed(allowed_min.nominal, 1)} minutes of every ten${weaker === '' ? ', at 40 °C' : ' here'}. Current squared times duty stays the same.`
            : `No rated point typed: machines of the kind allow ${trimmed(allowed_min.low, 1)} to ${trimmed(allowed_min.high, 1)} minutes of every ten at ${at.replace(/,$/, '')}.`,
          source: plate.pointsRead ? IEC_60974_1 : PLATE_GUESS_SOURCE,
        },
        ...(weaker === '' ? [] : [{ words: weaker, source: RISE_OVER_40_K.source }]),
        {
          words: `The job burns ${trimmed(worst_min, 1)} minutes in its worst ten, counted rod by rod with changes, chipping and rests.`,
          source: PRACTICE,
        },
      ],
      ask: plate.pointsRead ? '' : 'Type a rated point from the nameplate, at Kit: amps at so many percent.',
    });
    if (!plate.pointsRead) return takenSo(guessed(room, 'no rated point'));
    // What is only held by rests that were planned is as tight as it gets: left out, the machine cuts out.
    const isHeld = rest.by === 'app' && rest.value > 0 && room.state !== 'none';
    return isHeld
      ? { ...ruled(room, 'tight'), gap: `held by ${inWords(system).time(rest.value)} of rest a rod` }
      : room;
  },
};
