import { GENERATOR_MARGIN } from '../../data/limits';
import { MACHINE_SOURCE, MACHINE_TYPES } from '../../data/machines';
import { trimmed } from '../../units/format';
import { exactly, mapRange } from '../../units/range';
import { under, unknown } from '../room';
import type { Assessor } from './assessor';

/** What the machine pulls, with a margin for its kind, against what the generator runs at. */
export const generator: Assessor = {
  id: 'generator',
  title: 'Generator',
  short: 'generator',
  stop: 'power',
  assess({ supply, machine, draw }) {
    if (!supply || supply.value.kind !== 'generator' || !machine || !draw) return null;
    const { rating_kVA, rating_kW, volts_V, phases, name } = supply.value;
    const type = MACHINE_TYPES[machine.value.type];
    const margin = GENERATOR_MARGIN[type.load];
    const root = phases === 3 ? Math.sqrt(3) : 1;
    const kVA = mapRange(draw.current_A, (amps) => (margin.nominal * root * amps * (volts_V ?? 0)) / 1000);
    const kW = mapRange(kVA, (apparent) => apparent * type.powerFactor.nominal);
    const limits = [
      ...(rating_kVA === null ? [] : [{ value: kVA, limit: rating_kVA, unit: 'kVA' as const }]),
      ...(rating_kW === null ? [] : [{ value: kW, limit: rating_kW, unit: 'kW' as const }]),
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
    const { value, limit, unit } = tightest;
    return under(unit, value, exactly(limit), {
      now: `wants ${trimmed(value.nominal, 1)} ${unit}`,
      gap: 'before it bogs down',
      past: 'too much for it',
      until: `runs at ${trimmed(limit, 1)} ${unit}`,
      reasons: [
        {
          words: `${trimmed(draw.current_A.nominal, 1)} A from ${name}, with a margin of ${margin.nominal} for ${type.load === 'constant-power' ? 'an inverter' : 'the inrush of a transformer'}.`,
          source: margin.source,
        },
        {
          words: 'Height and heat take some of a generator’s rating; rough volts can kill an inverter.',
          source: MACHINE_SOURCE,
        },
      ],
    });
  },
};
