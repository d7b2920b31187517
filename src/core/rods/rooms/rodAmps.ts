import { dialledAmps } from '../dialled';
import { ROD_SIZES } from '../../data/rodSizes';
import { DIAL_ERROR } from '../../data/machines';
import { HELD_BEYOND_RANGE } from '../../data/limits';
import { CHOSEN, PRACTICE } from '../../units/sources';
import type { AmpWindow } from '../amps/amps';
import { inside, ruled, unknown } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** How far amps lie beyond a range, and on which side; null inside it. */
function beyondRange(
  amps: number,
  { low_A, high_A }: AmpWindow,
): { side: 'cold' | 'hot'; share: number } | null {
  if (amps < low_A) return { side: 'cold', share: 1 - amps / low_A };
  if (amps > high_A) return { side: 'hot', share: amps / high_A - 1 };
  return null;
}

/** Amps inside the rod's range. */
export const rodAmps: Assessor = {
  title: 'Amps for the rod',
  short: 'rod amps',
  stop: 'rod',
  bears: 'hand',
  assess(situation: Reads<'rod' | 'window' | 'current_A' | 'machine' | 'bias'>) {
    const { rod, window, current_A, machine } = situation;
    const amps = dialledAmps(situation);
    if (!rod || !amps || !current_A) return null;
    const name = `${rod.value.rodClass} ${ROD_SIZES[rod.value.size].inches}`;
    if (!window) {
      return unknown(
        {
          now: `${current_A.value} A`,
          gap: 'no range known',
          until: name,
          reasons: [
            { words: `${rod.value.rodClass} is not listed in ${rod.value.size} in.`, source: PRACTICE },
          ],
          ask: 'Type the range printed on the packet into the tin, at Kit.',
        },
        false,
      );
    }
    const { share: bias, by, trials } = situation.bias(rod.value.tin);
    const body = inside(
      'A',
      amps,
      { low: bias * window.low_A, high: bias * window.high_A },
      {
        now: `${current_A.value} A`,
        gap: 'inside the rod’s range',
        past: 'outside the rod’s range',
        until: `too hot over ${Math.round(bias * window.high_A)} A`,
        lowWords: `too cold under ${Math.round(bias * window.low_A)} A`,
        reasons: [
          {
            words: `${name}: ${window.low_A} to ${window.high_A} A, from the ${window.by}.`,
            source: window.source,
          },
          ...(bias === 1
            ? []
            : [
                {
                  words: `On this machine ${Math.round(100 * bias)} % of that runs right, as ${by === 'you' ? 'you found' : trials === 1 ? 'a bead showed' : `${trials} beads showed`} on scrap.`,
                  source: CHOSEN,
                },
              ]),
          {
            words: `${current_A.value} A, ${current_A.by === 'you' ? 'set by you' : current_A.why} The dial is good to ${Math.round(100 * DIAL_ERROR[machine?.value.dial ?? 'none'])} %.`,
            source: current_A.by === 'you' ? CHOSEN : PRACTICE,
          },
        ],
      },
    );
    const beyond = beyondRange(current_A.value / bias, window);
    if (body.state !== 'none' || (beyond?.share ?? 0) > HELD_BEYOND_RANGE.value) return body;
    // The range on a packet is where a rod is sold to run; a hand holds it somewhat beyond.
    return ruled(
      {
        ...body,
        gap: beyond
          ? `${beyond.side}: ${Math.round(100 * beyond.share)} % ${beyond.side === 'cold' ? 'under' : 'over'} the rod’s range`
          : 'at the edge of the rod’s range',
        reasons: [
          ...body.reasons,
          {
            words: `A hand holds it to about ${Math.round(100 * HELD_BEYOND_RANGE.value)} % beyond either end: cold it sticks and laps, hot it spatters and undercuts. Try it on scrap.`,
            source: HELD_BEYOND_RANGE.source,
          },
        ],
      },
      'tight',
    );
  },
};
