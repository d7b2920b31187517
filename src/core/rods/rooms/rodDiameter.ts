import type { Reads } from '../../judge/situation';
import { ROD_TO_THICKNESS } from '../../data/limits';
import { ROD_SIZES } from '../../data/rodSizes';
import { PRACTICE } from '../../units/sources';
import { inWords } from '../../units/format';
import { exactly, mapRange } from '../../units/range';
import { ofThumb, under } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Rod diameter against the thinner side: no thicker than the plate, roughly. */
export const rodDiameter: Assessor = {
  title: 'Rod size',
  short: 'rod size',
  stop: 'rod',
  bears: 'hand',
  assess({ rod, joint, system }: Reads<'rod' | 'joint' | 'system'>) {
    const { thin_mm } = joint;
    if (!rod || thin_mm === null) return null;
    const say = inWords(system).size;
    const { diameter_mm, inches } = ROD_SIZES[rod.value.size];
    const limit = mapRange(ROD_TO_THICKNESS, (share) => share * thin_mm);
    const body = under('mm', exactly(diameter_mm), limit, {
      now: `${inches} rod`,
      gap: 'of plate to spare',
      past: 'too thick a rod',
      until: `${say(thin_mm)} side`,
      reasons: [
        {
          words: `A rod no thicker than the plate, roughly: up to about ${say(limit.nominal)} on ${say(thin_mm)}.`,
          source: PRACTICE,
        },
      ],
    });
    return ofThumb(body, 'a thick rod for this sheet');
  },
};
