import type { Reads } from '../../judge/situation';
import { HAND_BEHIND_ROD } from '../../data/limits';
import { ROD_SIZES } from '../../data/rodSizes';
import { ACCESS } from '../../data/words';
import { inWords, midSentence } from '../../units/format';
import { exactly } from '../../units/range';
import { over, unknown, yesNo } from '../../judge/room';
import { PRACTICE } from '../../units/sources';
import { fromBothFaces } from '../geometry';
import type { Assessor } from '../../judge/assessor';

/** Can rod, holder and hand get there at the angle? */
export const reach: Assessor = {
  title: 'Reach',
  short: 'reach',
  stop: 'look',
  assess({ job, rod, system }: Reads<'job' | 'rod' | 'system'>) {
    if (!rod) return null;
    if (fromBothFaces(job.joint) && job.look.access !== null && job.look.access !== 'both')
      return yesNo('closed', {
        now: midSentence(ACCESS[job.look.access]),
        gap: 'the other face is not reached',
        until: 'welded from both',
        reasons: [{ words: 'Part of it is laid from the other face.', source: PRACTICE }],
      });
    const { access, clearance_mm } = job.look;
    const say = inWords(system).size;
    const length_mm = rod.value.tin?.length_mm ?? ROD_SIZES[rod.value.size].length_mm;
    const full = HAND_BEHIND_ROD.mm + length_mm;
    const bent = HAND_BEHIND_ROD.mm + HAND_BEHIND_ROD.bentShare * length_mm;
    const reasons = [
      {
        words: `A new ${rod.value.size} rod is ${say(length_mm)} long; holder and hand want ${say(HAND_BEHIND_ROD.mm)} behind it.`,
        source: HAND_BEHIND_ROD.source,
      },
      {
        words: `Bent, or broken in half, it gets in from ${say(bent)}: more starts, and a look with a mirror.`,
        source: HAND_BEHIND_ROD.source,
      },
    ];
    if (clearance_mm === null)
      return access === 'blind'
        ? unknown(
            {
              now: midSentence(ACCESS.blind),
              gap: 'does the rod get in?',
              until: `${say(full)} for a new rod`,
              reasons,
              ask: 'Measure the free room in front of the joint and type it at Look.',
            },
            false,
          )
        : null;
    const spoken = { now: `${say(clearance_mm)} free`, until: `${say(full)} for a new rod`, reasons };
    if (clearance_mm >= full)
      return over('mm', exactly(clearance_mm), exactly(full), {
        ...spoken,
        gap: 'to spare for rod and hand',
      });
    return clearance_mm >= bent
      ? yesNo('departure', { ...spoken, gap: 'bend the rod, or break it in half' })
      : yesNo('closed', { ...spoken, gap: 'rod and hand do not get in' });
  },
};
