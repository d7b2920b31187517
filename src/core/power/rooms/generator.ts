import type { Reads } from '../../judge/situation';
import { GENERATOR_HEIGHT_LOSS, GENERATOR_MARGIN, STRIKE_PEAK } from '../../data/limits';
import { MACHINE_SOURCE } from '../../data/machines';
import type { Source } from '../../units/sources';
import { loadVoltage_V } from '../../heat/loadVoltage';
import { engineShare, phaseFactor } from '../plate/nameplate';
import { trimmed, inWords } from '../../units/format';
import { exactly, mapRange } from '../../units/range';
import { under, unknown, type RoomUnit } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** What the machine pulls, with a margin for its kind, against what the generator runs at; and its strike against the surge. */
export const generator: Assessor = {
  title: 'Generator',
  short: 'generator',
  stop: 'power',
  assess({
    supply,
    plate,
    draw,
    strongest_A,
    job,
    system,
  }: Reads<'supply' | 'plate' | 'draw' | 'strongest_A' | 'job' | 'system'>) {
    if (!supply || supply.value.kind !== 'generator' || !plate || !draw || strongest_A === null) return null;
    const { rating_kVA, rating_kW, surge_kVA, volts_V, phases, name, altitude_m } = supply.value;
    const { type, efficiency } = plate;
    const margin = GENERATOR_MARGIN[type.load];
    const strike = STRIKE_PEAK[type.load];
    const height_m = altitude_m ?? job.look.altitude_m;
    const share = engineShare(height_m, job.look.air_C);
    const pulled_kVA = mapRange(
      draw.current_A,
      (amps) => (phaseFactor(phases) * amps * (volts_V ?? 0)) / 1000,
    );
    const kVA = mapRange(pulled_kVA, (apparent) => margin.nominal * apparent);
    const output_kW = (loadVoltage_V('stick', strongest_A) * strongest_A) / 1000;
    const kW = {
      low: (margin.nominal * output_kW) / efficiency.range.high,
      nominal: (margin.nominal * output_kW) / efficiency.range.nominal / (1 - draw.dropShare.nominal),
      high: (margin.nominal * output_kW) / efficiency.range.low / (1 - draw.dropShare.high),
    };
    const peak_kVA = mapRange(pulled_kVA, (apparent) => strike.nominal * apparent);
    const kind = type.load === 'constant-power' ? 'an inverter' : 'the inrush of a transformer';
    const running = `a margin of ${margin.nominal} for ${kind}`;
    const limits = [
      ...limitOf(kVA, rating_kVA, 'kVA', running, 'runs at', margin.source),
      ...limitOf(kW, rating_kW, 'kW', running, 'runs at', margin.source),
      ...limitOf(
        peak_kVA,
        surge_kVA,
        'kVA',
        `${strike.nominal} times that for a moment, on striking`,
        'stands',
        strike.source,
      ),
    ].sort((a, b) => a.limit / a.value.nominal - b.limit / b.value.nominal);
    const tightest = limits[0];
    if (!tightest) {
      return unknown(
        {
          now: name,
          gap: 'rating not known',
          until: '',
          reasons: [],
          ask: 'Type the running kVA or kW of the generator, at Kit.',
        },
        false,
      );
    }
    const { value, limit, unit, by, verb, source } = tightest;
    const here = limit * share;
    return under(unit, value, exactly(here), {
      now: `wants ${trimmed(value.nominal, 1)} ${unit}`,
      gap: 'before it bogs down',
      past: 'too much for it',
      until: `${verb} ${trimmed(here, 1)} ${unit}`,
      reasons: [
        { words: `${trimmed(draw.current_A.nominal, 1)} A from ${name}, with ${by}.`, source },
        ...(share < 1
          ? [
              {
                words: `Of ${trimmed(limit, 1)} ${unit} on its plate ${Math.round(100 * share)} % is left${height_m === null ? '' : ` at ${inWords(system).distance(height_m)} up`}${job.look.air_C === null ? '' : ` and ${inWords(system).temperature(job.look.air_C)}`}.`,
                source: GENERATOR_HEIGHT_LOSS.source,
              },
            ]
          : []),
        {
          words: 'Height and heat take some of a generator’s rating; rough volts can kill an inverter.',
          source: MACHINE_SOURCE,
        },
      ],
    });
  },
};

/** One rating of the plate with what is asked of it; none where it was not read. */
function limitOf(
  value: { low: number; nominal: number; high: number },
  limit: number | null,
  unit: RoomUnit,
  by: string,
  verb: string,
  source: Source,
) {
  return limit === null ? [] : [{ value, limit, unit, by, verb, source }];
}
