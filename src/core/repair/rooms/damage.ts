import { BETTER, CAUSES, damageTraits, FOUND } from '../../data/damage';
import { AWS_D1_1, PRACTICE } from '../../units/sources';
import { unknown, yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import type { Reads } from '../../judge/situation';

/** Where a crack ends: what is left of it runs on under the new weld. */
export const crackEnds: Assessor = {
  title: 'Ends of the crack',
  short: 'ends',
  stop: 'look',
  assess({ job }: Reads<'job'>) {
    const traits = damageTraits(job.look.damage);
    if (traits === null || job.look.damage === 'snapped') return null;
    if (traits.removal !== 'crack' && job.look.damage !== 'cracked-weld') return null;
    const { found } = job.repair;
    const spoken = {
      until: 'all of it out, and past both ends',
      reasons: [
        {
          words: 'A crack is longer than the eye sees it: what is left of it runs on under the new weld.',
          source: PRACTICE,
        },
        { words: 'It comes out with 50 mm of sound metal past each end.', source: AWS_D1_1 },
      ],
      ask: 'Clean it bright and look with dye, magnetic powder or an etch.',
    };
    if (found === null)
      return unknown({ ...spoken, now: 'not looked for', gap: 'where does it end?' }, false);
    return found === 'eye' && job.rod.duty !== 'nothing'
      ? yesNo('departure', { ...spoken, now: 'by eye only', gap: 'dye or powder before you fill it' })
      : yesNo('open', { ...spoken, now: FOUND[found].name.toLowerCase(), gap: 'found' });
  },
};

/** What small loads broke breaks there again, where nothing is changed. */
export const breaksAgain: Assessor = {
  title: 'Breaks there again',
  short: 'again',
  stop: 'look',
  assess({ job }: Reads<'job'>) {
    if (job.look.cause !== 'fatigue' || damageTraits(job.look.damage)?.failed !== true) return null;
    const { better } = job.repair;
    const spoken = {
      now: CAUSES.fatigue.name.toLowerCase(),
      until: 'something made better',
      reasons: [
        {
          words:
            'Many small loads begin a crack at a notch: a weld toe, an end, a hole. The same weld at the same place is the same notch, in metal that is already tired.',
          source: PRACTICE,
        },
        ...Object.values(BETTER).map(({ name, words }) => ({ words: `${name}: ${words}`, source: PRACTICE })),
      ],
      ask: 'Choose at Look what is made better.',
    };
    return better === null
      ? yesNo('departure', { ...spoken, gap: 'the same weld breaks the same way' })
      : yesNo('open', { ...spoken, gap: BETTER[better].name.toLowerCase() });
  },
};
