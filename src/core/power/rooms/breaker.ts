import { BREAKERS, type BreakerEdge } from '../../data/breakers';
import { MACHINE_SOURCE } from '../../data/machines';
import { CHOSEN, PRACTICE } from '../../units/sources';
import { peakTripShare, tripsAt_A } from '../breaker';
import { trimmed, midSentence } from '../../units/format';
import { mapRange } from '../../units/range';
import { ofThumb, takenSo, under, unknown } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { DrawAt } from '../arcs';
import type { Timeline } from '../../timeline/timeline';
import type { Assessor } from '../../judge/assessor';

/** Supply amps of the strongest arc at which one edge of the breaker's band would just trip on this job, every arc at its own. */
function edgeAmps(
  timeline: Timeline,
  drawAt: DrawAt,
  arc_A: number,
  idle_A: number,
  others_A: number,
  rating_A: number,
  edge: BreakerEdge,
): number {
  const stretches = timeline.events.map(({ duration_s, current_A }) => ({
    duration_s,
    current_A: others_A + (current_A > 0 ? drawAt(current_A).current_A.nominal : idle_A),
  }));
  return tripsAt_A(arc_A, peakTripShare(stretches, rating_A, edge));
}

const askFor = (situation: Reads<'supply'>): string =>
  !situation.supply ? 'Put a supply into the kit.' : 'Type the supply volts and the breaker, at Kit.';

/** Supply amps against what the breaker stands on this job's own rhythm of rods and rests. */
export const breaker: Assessor = {
  title: 'Breaker',
  short: 'breaker',
  stop: 'power',
  assess(situation: Reads<'supply' | 'machine' | 'plate' | 'draw' | 'drawAt' | 'hurried'>) {
    const { supply, machine, plate, draw, drawAt, hurried } = situation;
    if (!machine || !hurried || plate?.type.feeds !== 'mains') return null;
    const rating_A = supply?.value.breaker_A ?? null;
    if (!supply || !draw || !drawAt || rating_A === null) {
      return unknown(
        { now: 'supply', gap: 'breaker not known', until: '', reasons: [], ask: askFor(situation) },
        false,
      );
    }
    const kind = BREAKERS[supply.value.breakerKind];
    const others_A = supply.value.others_A ?? 0;
    const arc_A = draw.current_A.nominal + others_A;
    const trips = {
      low: edgeAmps(hurried, drawAt, arc_A, plate.idle_A, others_A, rating_A, kind.early),
      nominal: edgeAmps(hurried, drawAt, arc_A, plate.idle_A, others_A, rating_A, kind.middle),
      high: edgeAmps(hurried, drawAt, arc_A, plate.idle_A, others_A, rating_A, kind.late),
    };
    const fromPlate = plate.inputMax_A?.by === 'plate';
    const room = under(
      'A',
      mapRange(draw.current_A, (amps) => amps + others_A),
      trips,
      {
        now: `draws ${trimmed(arc_A, 1)} A`,
        gap: 'before the breaker goes',
        past: 'past what the breaker holds',
        until: `goes at about ${trimmed(trips.nominal, 0)} A`,
        reasons: [
          {
            words: `${machine.value.name} draws ${trimmed(draw.current_A.low, 1)} to ${trimmed(draw.current_A.high, 1)} A from ${supply.value.name} while the arc burns.`,
            source: fromPlate ? CHOSEN : MACHINE_SOURCE,
          },
          {
            words: `A ${rating_A} A breaker, kind ${kind.name}, trips on time over its rating. On this job's rods and rests it goes between ${trimmed(trips.low, 0)} and ${trimmed(trips.high, 0)} A.`,
            source: kind.source,
          },
          ...(others_A > 0
            ? [
                {
                  words: `${trimmed(others_A, 1)} A of it are other loads on the same breaker.`,
                  source: CHOSEN,
                },
              ]
            : []),
          ...(fromPlate
            ? []
            : [
                {
                  words: `No supply amps typed from the nameplate: reckoned from its type (${midSentence(plate.type.name)}).`,
                  source: PRACTICE,
                },
              ]),
        ],
        ask: fromPlate ? '' : 'Type the largest supply amps from the nameplate, at Kit.',
      },
    );
    // Reckoned from its kind, it shuts a plan only where the middle fails too.
    const fails = room.left !== null && room.left.nominal < 0;
    return fromPlate || fails ? room : takenSo(ofThumb(room, 'may go: supply amps not read'));
  },
};
