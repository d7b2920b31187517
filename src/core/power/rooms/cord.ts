import type { Reads } from '../../judge/situation';
import { CABLES, CABLE_SOURCE, RESISTIVITY_SOURCE } from '../../data/cables';
import { CORD_DROP_ACT, CORD_DROP_AIM, CUTS_OUT } from '../../data/limits';
import { MACHINE_SOURCE } from '../../data/machines';
import { mapRange } from '../../units/range';
import { inWords, trimmed, sentence } from '../../units/format';
import { under, unknown, yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Voltage lost in line and cords, as a share of the supply. */
export const cord: Assessor = {
  title: 'Cord drop',
  short: 'cord',
  stop: 'power',
  assess({
    cords: chosen,
    supply,
    machine,
    plate,
    draw,
    strongest_A,
    system,
  }: Reads<'cords' | 'supply' | 'machine' | 'plate' | 'draw' | 'strongest_A' | 'system'>) {
    if (!machine || !supply) return null;
    if (!chosen || !draw) {
      return unknown(
        {
          now: 'cord',
          gap: 'cord not known',
          until: '',
          reasons: [],
          ask: 'Type the length and size of the cord at Power.',
        },
        false,
      );
    }
    const line = supply.value.source_ohm === null ? [] : ['the line before the socket'];
    const laid = chosen.value.map(
      ({ length_m, size }) => `${inWords(system).distance(length_m)} of ${CABLES[size].name}`,
    );
    const name = laid.length > 0 ? laid.join(' and ') : 'no cord';
    const path = [...line, ...laid].join(' and ');
    if (!draw.holds) {
      return yesNo('closed', {
        now: name,
        gap: 'the machine will not hold',
        until: 'no working point',
        reasons: [
          {
            words: `Through ${path} the volts fall, the machine pulls more, and they fall again: there is no point at which it runs.`,
            source: CABLE_SOURCE,
          },
        ],
      });
    }
    const drop_pct = mapRange(draw.dropShare, (share) => 100 * share);
    const limit_pct = mapRange(CORD_DROP_ACT.range, (share) => 100 * share);
    const volts = supply.value.volts_V ?? 0;
    return under('%', drop_pct, limit_pct, {
      now: `loses ${trimmed(drop_pct.nominal, 1)} %`,
      gap: 'before the cord eats too much',
      past: 'too much lost in the cord',
      until: `too much over ${trimmed(limit_pct.nominal, 0)} %`,
      reasons: [
        {
          words: `${path === '' ? 'No cord' : sentence(path)} at ${trimmed(draw.current_A.nominal, 1)} A drops ${trimmed((drop_pct.nominal / 100) * volts, 1)} V of ${trimmed(volts, 0)} V, there and back.`,
          source: RESISTIVITY_SOURCE,
        },
        {
          words: `Aim under ${trimmed(100 * CORD_DROP_AIM, 0)} %, change it over ${trimmed(limit_pct.nominal, 0)} %.`,
          source: CORD_DROP_ACT.source,
        },
        ...(plate?.type.load === 'constant-impedance' && strongest_A !== null && drop_pct.nominal >= 1
          ? [
              {
                words: `A transformer gives less as its volts fall: about ${Math.round(strongest_A * (1 - draw.dropShare.nominal))} A where the dial says ${strongest_A}.`,
                source: MACHINE_SOURCE,
              },
            ]
          : []),
        ...(plate?.type.load === 'constant-power' && draw.dropShare.high >= CUTS_OUT.share
          ? [
              {
                words: `An inverter stops by itself where about ${Math.round(100 * CUTS_OUT.share)} % of its volts are gone, and comes back when they do.`,
                source: CUTS_OUT.source,
              },
            ]
          : []),
        ...(draw.surelyHolds
          ? []
          : [
              {
                words: 'With a hot cord and a poor machine there is no working point at all.',
                source: CABLE_SOURCE,
              },
            ]),
      ],
    });
  },
};
