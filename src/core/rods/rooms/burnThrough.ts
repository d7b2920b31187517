import { stickPass } from '../counts';
import type { Reads } from '../../judge/situation';
import { DIAL_ERROR } from '../../data/machines';
import { BURN_THROUGH_FIT } from '../../units/sources';
import { AIMS } from '../../data/words';
import { inWords, midSentence, trimmed } from '../../units/format';
import { within } from '../../units/range';
import { heatShare } from '../settings';
import { ofThumb, under, unknown } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import { BACKED, BACKED_SOURCE, BACKINGS } from '../../data/backing';

/** Amps before the arc melts through the thinner side, at the plan's own pace. */
export const burnThrough: Assessor = {
  title: 'Burn-through',
  short: 'burn',
  stop: 'rod',
  assess(
    situation: Reads<
      | 'system'
      | 'joint'
      | 'beads'
      | 'current_A'
      | 'holesAt_A'
      | 'aim'
      | 'pole'
      | 'meltFitted'
      | 'machine'
      | 'job'
    >,
  ) {
    const { joint, beads, current_A, holesAt_A, aim, pole, meltFitted, machine, job } = situation;
    if (joint.thin_mm === null) {
      return unknown(
        {
          now: 'thickness',
          gap: 'how thick is it?',
          until: '',
          reasons: [],
          ask: 'Type the thickness of both sides at Joint.',
        },
        false,
      );
    }
    const pass = stickPass(beads);
    if (!pass || !holesAt_A || !current_A) return null;
    const amps = within(pass.rod.current_A, DIAL_ERROR[machine?.value.dial ?? 'none']);
    const side = inWords(situation.system).size(joint.thin_mm);
    const share = heatShare(aim.value, job.rod.workAngle_deg);
    const body = under('A', amps, holesAt_A, {
      now: `${pass.rod.current_A} A`,
      gap: 'until burn-through',
      past: 'past burn-through',
      until: `holes at ${trimmed(holesAt_A.nominal, 0)} A`,
      reasons: [
        {
          words: `The ${side} side takes ${trimmed(100 * share, 0)} % of the heat: ${AIMS[aim.value].words}`,
          source: BURN_THROUGH_FIT,
        },
        {
          words: `At ${trimmed(pass.travel_mm_s, 1)} mm/s for a ${trimmed(pass.area_mm2, 1)} mm² bead, it melts through wider than about three thicknesses at ${trimmed(holesAt_A.low, 0)} to ${trimmed(holesAt_A.high, 0)} A.`,
          source: BURN_THROUGH_FIT,
        },
        ...(pole?.value === 'DCEN'
          ? [
              {
                words: 'Electrode negative puts a little less heat into the plate.',
                source: BURN_THROUGH_FIT,
              },
            ]
          : []),
        ...(joint.backing === null
          ? []
          : [
              {
                words: `Held up from behind (${midSentence(BACKINGS[joint.backing])}): it takes about ${trimmed(BACKED[joint.backing].holes.low, 1)} to ${trimmed(BACKED[joint.backing].holes.high, 1)} times the amps.`,
                source: BACKED_SOURCE,
              },
            ]),
        ...(meltFitted
          ? []
          : [
              {
                words: 'Fitted on plain steel: on this metal it is a guess, so the range is wide.',
                source: BURN_THROUGH_FIT,
              },
            ]),
      ],
      ask: 'A bead on scrap of the same thickness tells more than this.',
    });
    return ofThumb(body, 'likely holes: short runs, a scrap bead first');
  },
};
