import type { Reads } from '../../judge/situation';
import { BREAKERS } from '../../data/breakers';
import { INRUSH_SOURCE } from '../../data/machines';
import { PRACTICE } from '../../units/sources';
import { trimmed } from '../../units/format';
import { mapRange } from '../../units/range';
import { ofThumb, takenSo, under } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** The gulp on switching on, against the current at which the breaker goes at once. */
export const inrush: Assessor = {
  title: 'Switching on',
  short: 'inrush',
  stop: 'power',
  assess({ machine, supply, plate }: Reads<'machine' | 'supply' | 'plate'>) {
    const rating_A = supply?.value.breaker_A ?? null;
    if (!machine || !supply || rating_A === null || !plate?.inputEff_A || plate.misfit !== '') return null;
    if (supply.value.kind === 'generator') return null;
    const kind = BREAKERS[supply.value.breakerKind];
    const { inrush: gulp } = plate.type;
    const eff = plate.inputEff_A.range;
    const value = {
      low: gulp.low * eff.low,
      nominal: gulp.nominal * eff.nominal,
      high: gulp.high * eff.high,
    };
    const limit = mapRange(kind.magnetic, (multiple) => multiple * rating_A);
    const room = under('A', value, limit, {
      now: `gulps about ${trimmed(value.nominal, 0)} A`,
      gap: 'before switching on trips it',
      past: 'may trip it on switching on',
      until: `goes at once at about ${trimmed(limit.nominal, 0)} A`,
      reasons: [
        {
          words: `${plate.type.name} of ${trimmed(eff.nominal, 0)} A effective: its first half wave is ${trimmed(gulp.low, 1)} to ${trimmed(gulp.high, 1)} times that, ${trimmed(value.low, 0)} to ${trimmed(value.high, 0)} A, by where in the wave it is switched.`,
          source: INRUSH_SOURCE,
        },
        {
          words: `A ${trimmed(rating_A, 0)} A breaker, kind ${kind.name}, goes at once somewhere between ${trimmed(limit.low, 0)} and ${trimmed(limit.high, 0)} A.`,
          source: kind.source,
        },
        {
          words:
            'A breaker that goes once and holds at the next try is this; one that goes each time is not.',
          source: PRACTICE,
        },
      ],
    });
    // A gulp is told by its kind alone, and a breaker that goes on switching on holds at the next try.
    return takenSo(ofThumb(room, 'may trip it on switching on'));
  },
};
