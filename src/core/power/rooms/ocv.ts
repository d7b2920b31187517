import type { Reads } from '../../judge/situation';
import { OCV_SLACK_V } from '../../data/limits';
import { PLATE_GUESS_SOURCE } from '../../data/machines';
import { rodClass } from '../../data/rods';
import { CHOSEN, PRACTICE } from '../../units/sources';
import { trimmed } from '../../units/format';
import { exactly, mapRange } from '../../units/range';
import { guessed, over, takenSo, withShare } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Share of room that a start through a glaze and a reducer leaves: it goes, with care. Our judgement. */
const RESTARTS_HARD = 0.05;

/** Open-circuit volts against what the rod needs to start and hold. */
export const ocv: Assessor = {
  title: 'Open-circuit volts',
  short: 'OCV',
  stop: 'power',
  assess({ machine, plate, rod }: Reads<'machine' | 'plate' | 'rod'>) {
    if (!machine || !plate || !rod) return null;
    const wanted = rodClass(rod.value.rodClass).ocv_V;
    if (wanted === null) return null;
    const { range, by } = plate.ocv_V;
    const read = by === 'plate';
    const { name, arcForce, voltageReducer } = machine.value;
    const glazes = voltageReducer === true && rodClass(rod.value.rodClass).coating === 'basic';
    const span = `${trimmed(range.low, 0)} to ${trimmed(range.high, 0)} V`;
    const full = over(
      'V',
      range,
      {
        low: wanted - OCV_SLACK_V.low,
        nominal: wanted - OCV_SLACK_V.nominal,
        high: wanted - OCV_SLACK_V.high,
      },
      {
        now: read ? `${trimmed(range.nominal, 0)} V` : `${span}, by its kind`,
        gap: 'to start and hold on',
        past: 'short for this rod',
        until: `wants about ${wanted} V`,
        reasons: [
          read
            ? { words: `${name} gives ${trimmed(range.nominal, 0)} V with no arc.`, source: CHOSEN }
            : {
                words: `No open-circuit volts typed: machines of the kind give ${span}.`,
                source: PLATE_GUESS_SOURCE,
              },
          {
            words: `${rod.value.rodClass} wants about ${wanted} V; cellulosic rods also want a machine that holds the arc.`,
            source: PRACTICE,
          },
          ...(glazes
            ? [
                {
                  words:
                    'Its reducer gives full volts only once the rod touches bare metal, and a basic tip glazes over: scrape the tip before each start, or set the reducer off where the site rules allow it.',
                  source: PRACTICE,
                },
              ]
            : []),
          ...(arcForce === 'none'
            ? [{ words: 'No arc force on this machine: keep the arc short.', source: CHOSEN }]
            : []),
        ],
        ask: read ? '' : 'Type U0 or OCV from the nameplate, at Kit.',
      },
    );
    // Volts over what is wanted change nothing: what counts is how far over the doubt of the rule they lie.
    const room = full.left
      ? withShare(
          full,
          mapRange(full.left, (volts) => volts / (2 * OCV_SLACK_V.nominal)),
        )
      : full;
    if (glazes && room.fraction && room.fraction.low > RESTARTS_HARD)
      return withShare(room, exactly(RESTARTS_HARD));
    return read ? room : takenSo(guessed(room, 'open-circuit volts not known'));
  },
};
