import type { Reads } from '../../judge/situation';
import { midSentence } from '../../units/format';
import { HELD_UP_ROD } from '../../data/limits';
import { ROD_SIZES } from '../../data/rodSizes';
import { STAINLESS_COVERINGS } from '../../data/service';
import { AWS_A5_4, PRACTICE } from '../../units/sources';
import { POSITIONS } from '../../data/words';
import { reaches } from '../rank';
import { coveringOf } from '../covering';
import { yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Is the rod made for the position, and thin enough to stay up in it? */
export const position: Assessor = {
  title: 'Position',
  short: 'position',
  stop: 'rod',
  assess({ rod, job }: Reads<'rod' | 'job'>) {
    const at = job.look.position;
    if (!rod || at === null) return null;
    const { rodClass: id, size } = rod.value;
    const spoken = { now: `${id} ${ROD_SIZES[size].inches}`, until: midSentence(POSITIONS[at]) };
    if (!reaches(id, at))
      return yesNo('closed', {
        ...spoken,
        gap: 'flat and horizontal only',
        reasons: [
          { words: `${id} runs too fluid to stay up out of flat and horizontal fillets.`, source: PRACTICE },
        ],
      });
    const up = at === 'vertical' || at === 'overhead';
    if (up && coveringOf({ rod, job }) === '17')
      return yesNo('departure', {
        ...spoken,
        gap: 'a covering for flat work',
        reasons: [
          {
            words: `${STAINLESS_COVERINGS['17'].name}: ${STAINLESS_COVERINGS['17'].words}. The slag runs ahead uphill.`,
            source: AWS_A5_4,
          },
        ],
      });
    if (up && ROD_SIZES[size].diameter_mm > HELD_UP_ROD.mm)
      return yesNo('departure', {
        ...spoken,
        gap: 'a heavy pool to hold up',
        reasons: [
          { words: 'Vertical and overhead stay at 1/8 or less: a bigger pool falls.', source: PRACTICE },
        ],
      });
    return yesNo('open', {
      ...spoken,
      gap: 'runs there',
      reasons: [{ words: `${id} is made for it.`, source: PRACTICE }],
    });
  },
};
