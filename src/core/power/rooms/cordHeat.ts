import { busiestHeat } from '../busiest';
import { AMPACITY_AIR_SOURCE, AMPACITY_SOURCE, ampacityShare, CABLES } from '../../data/cables';
import { DRUM_SHARE, HALF_DRUM_SHARE } from '../../data/limits';
import { IEC_60974_1 } from '../../units/sources';
import type { Cord } from '../supply';
import { inWords, sentence, trimmed } from '../../units/format';
import { exactly, mapRange, type Range } from '../../units/range';
import { under } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** What is left of a cord's ampacity while it is wound up; null laid out. */
const WOUND = { straight: null, half: HALF_DRUM_SHARE, drum: DRUM_SHARE } as const;

/** What a cord may carry as it lies, A; null for a lead cable. */
function carries_A({ size, lie }: Cord, air_C: number | null): Range | null {
  const straight_A = CABLES[size].ampacity_A;
  if (straight_A === null) return null;
  const ampacity_A = straight_A * ampacityShare(air_C);
  const wound = WOUND[lie];
  return wound ? mapRange(wound.range, (share) => share * ampacity_A) : exactly(ampacity_A);
}

/** What heats the cord that can least stand it over the busiest ten minutes, against what it may carry as it lies. */
export const cordHeat: Assessor = {
  title: 'Cord heat',
  short: 'cord heat',
  stop: 'power',
  assess(situation: Reads<'cords' | 'job' | 'system' | 'plate' | 'hurried' | 'draw' | 'drawAt'>) {
    const { cords, job, system } = situation;
    const { air_C } = job.look;
    const heat = busiestHeat(situation);
    const [weakest] = (cords?.value ?? [])
      .flatMap((cord) => {
        const limit = carries_A(cord, air_C);
        return limit ? [{ cord, limit }] : [];
      })
      .sort((a, b) => a.limit.nominal - b.limit.nominal);
    if (!heat || !weakest) return null;
    const { cord, limit } = weakest;
    const { name } = CABLES[cord.size];
    const wound = WOUND[cord.lie];
    const lies = { straight: 'laid out', half: 'half off its drum', drum: 'on its drum' }[cord.lie];
    return under('A', heat.heating_A, limit, {
      now: `heats as ${trimmed(heat.heating_A.nominal, 1)} A`,
      gap: 'before the cord runs hot',
      past: 'over what the cord may carry',
      until: `carries ${trimmed(limit.nominal, 0)} A ${lies}`,
      reasons: [
        { words: heat.words, source: IEC_60974_1 },
        {
          words: `${inWords(system).distance(cord.length_m)} of ${name} carries ${CABLES[cord.size].ampacity_A} A laid straight and free, in 30 °C of air.`,
          source: AMPACITY_SOURCE,
        },
        ...(ampacityShare(air_C) < 1
          ? [
              {
                words: `In ${inWords(system).temperature(air_C ?? 0)} of air it keeps ${Math.round(100 * ampacityShare(air_C))} % of that.`,
                source: AMPACITY_AIR_SOURCE,
              },
            ]
          : []),
        {
          words: wound
            ? `${sentence(lies)} it carries about ${cord.lie === 'drum' ? 'a third' : 'half'} of that, ${trimmed(limit.low, 0)} to ${trimmed(limit.high, 0)} A: the inner turns cannot cool, and melt first.`
            : 'On the drum it would carry about a third of that: pull all of it off.',
          source: (wound ?? DRUM_SHARE).source,
        },
      ],
    });
  },
};
