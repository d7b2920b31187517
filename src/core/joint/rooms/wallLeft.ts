import { WALL_LEFT } from '../../data/damage';
import { PRACTICE } from '../../units/sources';
import { inWords } from '../../units/format';
import { exactly } from '../../units/range';
import { over, ruled } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** Metal left under a cut: the arc falls through what is thin, and it has to hold the part meanwhile. */
export const wallLeft: Assessor = {
  title: 'Wall left under the cut',
  short: 'wall',
  stop: 'joint',
  assess({ job, joint, system }: Reads<'job' | 'joint' | 'system'>) {
    const { depth_mm, kind } = job.joint;
    if (kind !== 'gouge' || depth_mm === null || joint.thin_mm === null) return null;
    const left_mm = joint.thin_mm - depth_mm;
    const say = inWords(system).size;
    const { surely_mm, hardly_mm } = WALL_LEFT;
    return ruled(
      over('mm', exactly(left_mm), exactly(hardly_mm), {
        now: `${say(left_mm)} left`,
        gap: 'over what the arc falls through',
        past: 'the arc falls through what is left',
        until: `${say(hardly_mm)} at the least`,
        reasons: [
          {
            words: `${say(joint.thin_mm)} less a cut of ${say(depth_mm)}. Thinner than ${say(hardly_mm)} it holes: rather go right through, open the root and plan it as a V butt, with something behind it or the back cut out.`,
            source: PRACTICE,
          },
          { words: 'Until it is filled this much alone holds the part together there.', source: PRACTICE },
        ],
        ask: 'Cut it right through: a V butt at Joint.',
      }),
      left_mm >= surely_mm ? 'roomy' : left_mm >= hardly_mm ? 'snug' : 'tight',
    );
  },
};
