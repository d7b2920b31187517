import { DUPLEX_HEAT_kJ_mm, HAND_HEAT, HOTTEST_UNDER_C, QUENCHED_COOLING_s } from '../../data/heatLimits';
import { jointTraits } from '../../data/joints';
import { EN_1011_2_D, type Source } from '../../units/sources';
import { STICK_EFFICIENCY } from '../../heat/arcEnergy';
import { heatForCooling_kJ_mm } from '../../heat/cooling85';
import { trimmed } from '../../units/format';
import { inside, ofThumb } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

interface Window {
  low: number;
  high: number;
  words: string;
  source: Source;
  /** A makers' guide, which a hand keeps to as it can; else it goes by the bad end. */
  guide: boolean;
}

/** Least and most heat input of this metal, kJ/mm with the arc's efficiency in it; null where it has no window. */
function windowOf({ wants, heat, joint }: Reads<'wants' | 'heat' | 'joint'>): Window | null {
  if (wants.families.includes('quenched-tempered-wear-plate') && joint.thick_mm !== null) {
    const shape = jointTraits(joint.kind)?.shape;
    const by = (wanted_s: number, start_C: number) =>
      heatForCooling_kJ_mm(wanted_s, { thickness_mm: joint.thick_mm ?? 10, start_C, shape });
    const { low, high } = QUENCHED_COOLING_s;
    const hot_C = heat.ceiling ? heat.ceiling.value_C - HOTTEST_UNDER_C.value : heat.start_C;
    return {
      low: by(low, heat.start_C),
      high: by(high, hot_C),
      words: `Cooling in ${low} s at the coldest bead to ${high} s at the hottest.`,
      source: QUENCHED_COOLING_s.source,
      guide: true,
    };
  }
  if (wants.families.includes('duplex-stainless')) {
    const { low, high, source } = DUPLEX_HEAT_kJ_mm;
    return {
      low: low * STICK_EFFICIENCY,
      high: high * STICK_EFFICIENCY,
      words: `${low} to ${high} kJ/mm of arc energy: too little leaves it all ferrite, too much brittle.`,
      source,
      guide: false,
    };
  }
  return null;
}

/** Heat input between too little and too much. */
export const heatInput: Assessor = {
  title: 'Heat input',
  short: 'heat in',
  stop: 'heat',
  assess(situation: Reads<'heat' | 'joint' | 'wants'>) {
    const window = windowOf(situation);
    const { input } = situation.heat;
    if (!window || !input || window.high <= window.low) return null;
    const nominal = (input.least_kJ_mm + input.most_kJ_mm) / 2;
    const give = window.guide ? HAND_HEAT.share : 0;
    const value = { low: input.least_kJ_mm * (1 - give), nominal, high: input.most_kJ_mm * (1 + give) };
    const body = inside('kJ/mm', value, window, {
      now: `${trimmed(nominal, 2)} kJ/mm (${trimmed(input.most_kJ_in, 0)} kJ/in of arc energy)`,
      gap: 'inside the window',
      past: 'outside the window',
      lack: 'outside',
      until: `${trimmed(window.high, 2)} kJ/mm at the most`,
      lowWords: `${trimmed(window.low, 2)} kJ/mm at the least`,
      reasons: [
        { words: window.words, source: window.source },
        {
          words: 'Amps, volts and pace of the passes, eight tenths of it in the metal.',
          source: EN_1011_2_D,
        },
      ],
    });
    return window.guide ? ofThumb(body, 'near the edge: keep to the pace') : body;
  },
};
