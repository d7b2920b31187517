import type { Reads } from '../../judge/situation';
import { midSentence } from '../../units/format';
import { BRAZE_IRON } from '../../data/heatRules';
import { unknown, yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import { metalsInWords } from '../../metal/sides';

/** Does the rod suit the metal? */
export const filler: Assessor = {
  title: 'Rod for the metal',
  short: 'filler',
  stop: 'rod',
  assess(situation: Reads<'iron' | 'rod' | 'wants' | 'rodsWanted'>) {
    const { rod, wants, rodsWanted } = situation;
    if (wants.verdict === 'never') return null;
    if (situation.iron?.way.value === 'braze')
      return yesNo('open', {
        now: 'bronze by torch',
        gap: 'brazed, no stick',
        until: midSentence(metalsInWords(situation)),
        reasons: [{ words: `${situation.iron.way.why} ${BRAZE_IRON.words}`, source: BRAZE_IRON.source }],
      });
    if (!rod) {
      return rodsWanted.length === 0
        ? yesNo('closed', {
            now: 'no rod',
            gap: 'no rod joins these',
            until: 'another way',
            reasons: [{ words: wants.rodWhy, source: wants.rodSource }],
          })
        : unknown(
            {
              now: 'no rod',
              gap: 'which rod?',
              until: rodsWanted.slice(0, 2).join(', '),
              reasons: [],
              ask: 'Choose a rod at Rod.',
            },
            false,
          );
    }
    const id = rod.value.rodClass;
    const metals = wants.verdict === 'unknown' ? '' : midSentence(metalsInWords(situation));
    if (!rodsWanted.includes(id)) {
      return yesNo('closed', {
        now: id,
        gap: 'wrong rod for the metal',
        until: wants.rods.slice(0, 2).join(', ') || 'no rod',
        reasons: [
          {
            words: `${id} is not a rod for ${metals || 'a metal nobody has named'}. ${wants.rodWhy} Use ${wants.rods.slice(0, 3).join(', ') || 'another way'}.`,
            source: wants.rodSource,
          },
        ],
      });
    }
    return yesNo('open', {
      now: id,
      gap: 'suits the metal',
      until: metals || 'unknown metal',
      reasons: [{ words: wants.rodWhy, source: wants.rodSource }],
    });
  },
};
