import { HAND_HEAT, QUENCHED_COOLING_s, SOFTENS } from '../../data/heatLimits';
import { EN_1011_2_D, ROSENTHAL } from '../../units/sources';
import { metalFamily } from '../../data/metals';
import { peakBeside_K } from '../../heat/rosenthal';
import { inWords, trimmed } from '../../units/format';
import { exactly, within } from '../../units/range';
import { under, yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

const QUENCHED = 'quenched-tempered-wear-plate';

/** Seconds that quenched and tempered plate cools in at its hottest bead, under what takes its strength. */
export const softening: Assessor = {
  title: 'Softening of hardened plate',
  short: 'softening',
  stop: 'heat',
  assess({ wants, heat, system }: Reads<'wants' | 'heat' | 'system'>) {
    if (!wants.families.includes(QUENCHED) || !heat.slowest) return null;
    const say = inWords(system).temperature;
    const time_s = heat.slowest.governing_s;
    // In thin plate the time goes with the square of the heat.
    const power = heat.slowest.governs === 'thin' ? 2 : 1;
    const most = QUENCHED_COOLING_s.high;
    const { at_C, left, source } = SOFTENS[QUENCHED];
    return under('s', within(time_s, HAND_HEAT.share * power), exactly(most), {
      now: `${trimmed(time_s, 0)} s from 800 to 500 °C`,
      gap: 'before it softens',
      past: 'too slow: it softens',
      until: `${most} s at the most`,
      reasons: [
        {
          words: `The hottest bead, at the ceiling between beads, with ${trimmed(heat.input?.most_kJ_mm ?? 0, 2)} kJ/mm.`,
          source: EN_1011_2_D,
        },
        {
          words: `Plate makers want ${QUENCHED_COOLING_s.low} to ${most} s.`,
          source: QUENCHED_COOLING_s.source,
        },
        {
          words: `Over ${say(at_C)} beside the weld it keeps about ${trimmed(100 * left.low, 0)} to ${trimmed(100 * left.high, 0)} % of its strength.`,
          source,
        },
      ],
      ask: 'The maker’s chart for this plate decides.',
    });
  },
};

/** Families that lose strength beside any weld, and are in the joint. */
const softFamilies = ({ wants }: Reads<'wants'>) =>
  wants.families.flatMap((id) =>
    id !== QUENCHED && Object.hasOwn(SOFTENS, id)
      ? [id as Exclude<keyof typeof SOFTENS, typeof QUENCHED>]
      : [],
  );

/** How wide beside the weld metal loses the strength it was rolled or aged to. */
export const strengthLoss: Assessor = {
  title: 'Strength beside the weld',
  short: 'soft zone',
  stop: 'heat',
  assess(situation: Reads<'heat' | 'joint' | 'system' | 'wants'>) {
    const { heat, joint, system } = situation;
    const [family] = softFamilies(situation);
    if (family === undefined || !heat.input || joint.thin_mm === null) return null;
    const { at_C, left, source } = SOFTENS[family];
    const perMm_J = heat.input.most_kJ_mm * 1000;
    // Rise times distance is the same everywhere in thin plate: turned round, the distance of a temperature.
    const wide_mm =
      peakBeside_K(perMm_J, joint.thin_mm, 1, heat.piece.metal.heatCapacity_J_mm3K) /
      Math.max(20, at_C - heat.start_C);
    const say = inWords(system);
    return yesNo('departure', {
      now: `${trimmed(100 * left.low, 0)} to ${trimmed(100 * left.high, 0)} % is left`,
      gap: `${say.size(Math.round(wide_mm))} each side loses it`,
      until: 'as it was rolled or aged',
      reasons: [
        {
          words: `${metalFamily(family).name}: over ${say.temperature(at_C)} it goes soft, and stays soft. Only new heat treatment brings it back.`,
          source,
        },
        {
          words: `${trimmed(heat.input.most_kJ_mm, 2)} kJ/mm reaches that far in ${say.size(joint.thin_mm)}; thicker metal less far.`,
          source: ROSENTHAL,
        },
      ],
    });
  },
};
