import { CASTING_CRACK, COLD_BEAD } from '../../data/castIron';
import { yesNo, type Reason } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';
import { inWords } from '../../units/format';
import { coldBead_mm } from '../castIron';

/** What pulls cold iron apart beside its bead: how long a bead is, whether it is waited for, how it is held, how thick turns to thin. */
export const castingCrack: Assessor = {
  title: 'Iron cracks beside the bead',
  short: 'iron crack',
  stop: 'heat',
  assess({ iron, job, joint, system }: Reads<'iron' | 'job' | 'joint' | 'system'>) {
    if (iron?.way.value !== 'cold') return null;
    const say = inWords(system).size;
    const bead_mm = job.order.segment_mm ?? coldBead_mm(joint.thin_mm);
    const long = bead_mm > CASTING_CRACK.longest_mm;
    const straight = job.heat.goStraightOn;
    const stiff = job.heat.restraint === 'high';
    const uneven = joint.ratio > CASTING_CRACK.uneven;
    const reasons: Reason[] = [
      {
        words: long
          ? `A bead of ${say(bead_mm)} pulls on iron that does not give: mostly about 25 mm, never over ${say(CASTING_CRACK.longest_mm)}.`
          : `Beads of ${say(bead_mm)}, each peened while it is hot.`,
        source: COLD_BEAD.source,
      },
      ...(straight
        ? [{ words: 'Bead after bead without waiting heats one place.', source: COLD_BEAD.source }]
        : []),
      ...(stiff
        ? [
            {
              words:
                'Held fast all round: begin at the closed end, towards the open one, and loosen what can be loosened.',
              source: CASTING_CRACK.source,
            },
          ]
        : []),
      ...(uneven
        ? [
            {
              words:
                'Thick beside thin: the thin side warms and pulls first. Warm the thick side to the same, by thermometer on both.',
              source: CASTING_CRACK.source,
            },
          ]
        : []),
    ];
    return yesNo(long || straight ? 'closed' : stiff || uneven ? 'departure' : 'open', {
      now: `beads of ${say(bead_mm)}`,
      gap:
        long || straight
          ? 'cracks beside the bead'
          : stiff || uneven
            ? 'pulls hard: peen every bead'
            : 'small pulls, peened',
      until: `${say(CASTING_CRACK.longest_mm)} at the most`,
      reasons,
      ask: long
        ? 'Shorter beads at Order.'
        : straight
          ? 'Wait between beads, at Heat.'
          : job.heat.restraint === null
            ? 'Say at Heat how fast it is held.'
            : '',
    });
  },
};
