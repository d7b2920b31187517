import { HAND_WINDOW } from '../../data/heatLimits';
import { ruled, under } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';
import { inWords } from '../../units/format';
import { exactly } from '../../units/range';

/** Degrees between what is asked before the arc and what no bead may begin over: what a torch and a thermometer have to keep within. */
export const warmthWindow: Assessor = {
  title: 'Window of warmth',
  short: 'window',
  stop: 'heat',
  assess({ heat, wants, system }: Reads<'heat' | 'wants' | 'system'>) {
    const { ceiling, aim_C } = heat;
    if (!ceiling || aim_C <= heat.metal_C || wants.verdict === 'never' || wants.verdict === 'unknown')
      return null;
    const say = inWords(system);
    const wide = ceiling.value_C - aim_C;
    const body = under('°C', exactly(HAND_WINDOW.least_C), exactly(wide), {
      now: `${say.degrees(HAND_WINDOW.least_C)} is what a hand holds`,
      gap: wide < HAND_WINDOW.least_C ? 'hardly to be held by hand' : 'wide enough to hold',
      past: 'nothing suits both ends',
      lack: 'short',
      until: `${say.temperature(aim_C)} asked, ${say.temperature(ceiling.value_C)} the most`,
      reasons: [
        { words: `Asked by: ${heat.askedBy}`, source: heat.askedSource },
        { words: ceiling.words, source: ceiling.source },
        { words: 'A torch, a crayon and a cooling plate swing by that much.', source: HAND_WINDOW.source },
      ],
      ask: 'A drier rod, or one that keeps its hydrogen, asks for less; short runs and waits keep under the most.',
    });
    // Narrow is hard, and not shut: only an upside-down window is.
    return body.state === 'none' && wide > 0 ? ruled(body, 'tight') : body;
  },
};
