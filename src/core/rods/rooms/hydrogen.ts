import { isSoftFiller } from '../../heat/softFiller';
import { trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { stoodHydrogen } from '../keeping/stoodHydrogen';
import { guessed, ruled, under } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** Hydrogen that the rod brings, with what its tin has been through, under what the metal stands. */
export const hydrogen: Assessor = {
  title: 'Hydrogen from the rod',
  short: 'hydrogen',
  stop: 'rod',
  assess(situation: Reads<'rod' | 'hydrogen' | 'joint' | 'wants' | 'dryness'>) {
    const { rod, hydrogen: brings, dryness } = situation;
    const most = stoodHydrogen(situation);
    if (!rod || !brings || !most || isSoftFiller(rod.value.rodClass)) return null;
    const body = under('ml', brings.ml, exactly(most.ml), {
      now: `${trimmed(brings.ml.low, 0)} to ${trimmed(brings.ml.high, 0)} ml in 100 g`,
      gap: 'under what the metal stands',
      past: 'more than the metal stands',
      until: `${most.ml} ml in 100 g`,
      reasons: [
        { words: `${rod.value.rodClass}: ${brings.words}`, source: brings.source },
        { words: most.words, source: most.source },
      ],
      ask: 'Write down at Kit when the tin was opened, and type the word printed on the rods.',
    });
    if (most.hardens) return body;
    // Of a tin whose days nobody wrote down it is not known that it is damp; plain steel is warmed as for a damp one.
    const isKnown = dryness !== null && dryness.state !== 'unknown';
    const atWorst = guessed(body, 'dry or damp?');
    return isKnown && body.state === 'none'
      ? { ...ruled(body, 'tight'), gap: 'carried by its preheat' }
      : atWorst;
  },
};
