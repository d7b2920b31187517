import type { Reads } from '../../judge/situation';
import { OUR_JUDGEMENT } from '../../units/sources';
import { handLays_mm2 } from '../hand';
import { span, trimmed } from '../../units/format';
import { yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Slack of a hand's pace. */
const SLACK = 1.02;

/** Can a hand lay beads of that size with that rod? */
export const beadSize: Assessor = {
  title: 'Bead size',
  short: 'bead',
  stop: 'rod',
  bears: 'hand',
  assess({ beads }: Reads<'beads'>) {
    if (!beads) return null;
    const judged = beads.passes
      .filter(({ rod }) => !rod.by)
      .map((pass) => ({ pass, hand: handLays_mm2(pass.rod) }));
    const fat = judged.find(({ pass, hand }) => pass.area_mm2 > hand.largest * SLACK);
    const thin = judged.find(({ pass, hand }) => pass.area_mm2 < hand.smallest / SLACK);
    const odd = fat ?? thin ?? judged[0];
    if (!odd) return null;
    const { pass, hand } = odd;
    const spoken = {
      now: `${trimmed(pass.area_mm2, 1)} mm² a bead`,
      until: `a hand lays ${span(hand.smallest, hand.largest, 1)} mm²`,
      reasons: [
        {
          words: `At ${pass.rod.current_A} A a ${pass.rod.rodClass} ${pass.rod.size} lays ${trimmed(hand.smallest, 1)} mm² at the fastest pace of a hand and ${trimmed(hand.largest, 1)} mm² at the slowest.`,
          source: OUR_JUDGEMENT,
        },
      ],
    };
    if (fat) return yesNo('departure', { ...spoken, gap: 'too fat: the pool runs ahead' });
    if (thin) return yesNo('departure', { ...spoken, gap: 'faster than a hand goes' });
    return beads.oversize
      ? yesNo('departure', {
          ...spoken,
          gap: 'bigger than the joint asks',
          reasons: [
            ...spoken.reasons,
            {
              words: `The joint asks ${trimmed(beads.wanted_mm2, 1)} mm²: a thinner rod would pull less.`,
              source: OUR_JUDGEMENT,
            },
          ],
        })
      : yesNo('open', { ...spoken, gap: 'fits the hand' });
  },
};
