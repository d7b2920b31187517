import type { Assessor } from '../../judge/assessor';
import { yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import { inWords } from '../../units/format';
import { AWS_D1_1, PRACTICE } from '../../units/sources';

/** The cut, with its sound metal past both ends, on the part: where it runs out over an end it is filled on tabs. */
export const cutFits: Assessor = {
  title: 'The cut on the part',
  short: 'cut',
  stop: 'joint',
  assess({ job, system }: Reads<'job' | 'system'>) {
    const { kind, length_mm } = job.joint;
    const part_mm = job.heat.pieceLength_mm;
    if (kind !== 'gouge' || length_mm === null || part_mm === null) return null;
    const say = inWords(system).size;
    const spoken = {
      now: `cut ${say(Math.round(length_mm))}`,
      until: `part ${say(part_mm)}`,
      reasons: [
        { words: 'The crack comes out with 50 mm of sound metal past each end.', source: AWS_D1_1 },
        {
          words:
            'Where the part ends sooner, the cut runs out over its edge: start and finish on tabs of the same metal, and grind them off after.',
          source: PRACTICE,
        },
      ],
      ask: 'Tack a tab on at each end that the cut runs out of, or plan it as a butt right across.',
    };
    return length_mm > part_mm
      ? yesNo('departure', { ...spoken, gap: 'runs out over the end: tabs there' })
      : yesNo('open', { ...spoken, gap: 'ends inside the part' });
  },
};
