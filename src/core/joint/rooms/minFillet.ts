import type { Reads } from '../../judge/situation';
import { AWS_D1_1, PRACTICE } from '../../units/sources';
import { JOINTS } from '../../data/joints';
import { rodClass } from '../../data/rods';
import { leastFillet_mm } from '../geometry';
import { inWords } from '../../units/format';
import { yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Is the fillet big enough not to be chilled by the thicker part? */
export const minFillet: Assessor = {
  title: 'Smallest fillet',
  short: 'fillet',
  stop: 'joint',
  assess({ joint, rod, system }: Reads<'joint' | 'rod' | 'system'>) {
    const { kind, leg_mm, thin_mm, thick_mm } = joint;
    if (kind === null || !JOINTS[kind].fillet || leg_mm === null || thin_mm === null || thick_mm === null)
      return null;
    const say = inWords(system).size;
    const dry = rod !== null && rodClass(rod.value.rodClass).lowHydrogen;
    const least = leastFillet_mm(thin_mm, dry ? thin_mm : thick_mm);
    const enough = leg_mm >= least - 0.05;
    return yesNo(enough ? 'open' : 'closed', {
      now: `leg ${say(leg_mm)}`,
      gap: enough ? 'big enough' : 'chills and cracks',
      until: `at least ${say(least)}`,
      reasons: [
        {
          words: dry
            ? `With low-hydrogen rods a fillet on ${say(thin_mm)}, the thinner part, wants at least ${say(least)}.`
            : `A single-pass fillet on ${say(thick_mm)} wants at least ${say(least)}, but never more than the thinner part.`,
          source: AWS_D1_1,
        },
        {
          words: 'Smaller, and the thick part takes the heat out faster than the weld can stand.',
          source: PRACTICE,
        },
      ],
    });
  },
};
