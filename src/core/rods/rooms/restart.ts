import { stickPass } from '../counts';
import { ROD_CHANGE_s } from '../../data/limits';
import { DIAL_ERROR } from '../../data/machines';
import { BURN_THROUGH_FIT, OUR_JUDGEMENT } from '../../units/sources';
import { arcHeat_W } from '../../heat/arcEnergy';
import { MELT_FROM_C } from '../../heat/burnThrough';
import { diffusivity_mm2_s } from '../../heat/loss';
import { pieceLoss_per_s } from '../../heat/piece';
import { spreadShare_per_mm } from '../../heat/spread';
import { inWords, trimmed } from '../../units/format';
import { within } from '../../units/range';
import { holesRange } from '../stages/holes';
import { guessed, ofThumb, under } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** On metal nearly melted some degrees are always left. */
const LEAST_RISE_K = 50;

/** Metal at the crater when the next rod is struck on it, °C: the last rod's heat, spread for as long as a change takes. */
export function restartAt_C({
  heat,
  beads,
  rest_s,
  stitch_mm,
}: Reads<'heat' | 'beads' | 'rest_s' | 'stitch_mm'>): number | null {
  const pass = stickPass(beads);
  if (!pass || pass.rods <= 1.05) return null;
  const { piece } = heat;
  const after_s = ROD_CHANGE_s + rest_s;
  const reach_mm = Math.min(pass.beadPerRod_mm, piece.weldLength_mm, stitch_mm ?? Infinity);
  const spread_mm2 = diffusivity_mm2_s(piece.metal) * after_s;
  const start = (piece.length_mm - piece.weldLength_mm) / 2;
  const along = spreadShare_per_mm({
    side_mm: piece.length_mm,
    from_mm: start,
    to_mm: start + reach_mm,
    at_mm: start + reach_mm,
    spread_mm2,
  });
  const middle = piece.width_mm / 2;
  const across = spreadShare_per_mm({
    side_mm: piece.width_mm,
    from_mm: middle,
    to_mm: middle,
    at_mm: middle,
    spread_mm2,
  });
  const burned_s = pass.arcPerRod_s * Math.min(1, reach_mm / pass.beadPerRod_mm);
  const energy_J = arcHeat_W(pass.rod.current_A) * burned_s;
  const rise =
    (energy_J * along * across * Math.exp(-pieceLoss_per_s(piece) * after_s)) /
    (piece.metal.heatCapacity_J_mm3K * piece.thickness_mm);
  return heat.start_C + rise;
}

/** Amps before a restart on hot metal melts through. */
export const restart: Assessor = {
  title: 'Burn-through at restarts',
  short: 'restart',
  stop: 'heat',
  bears: 'hand',
  assess(
    situation: Reads<
      | 'joint'
      | 'beads'
      | 'machine'
      | 'holesAt_A'
      | 'system'
      | 'melt'
      | 'meltFitted'
      | 'bias'
      | 'thinShare'
      | 'rest_s'
      | 'heat'
      | 'stitch_mm'
    >,
  ) {
    const { joint, beads, machine, holesAt_A, system, melt, meltFitted, thinShare } = situation;
    const pass = stickPass(beads);
    const at_C = restartAt_C(situation);
    // Where the first run already holes, that is what there is to say.
    if (!pass || at_C === null || !holesAt_A || holesAt_A.low < pass.rod.current_A) return null;
    const warm = { ...melt, rise_K: Math.max(LEAST_RISE_K, melt.rise_K - (at_C - MELT_FROM_C)) };
    const holes = holesRange(beads, joint, thinShare, warm, meltFitted, situation.bias(null).dial);
    if (!holes) return null;
    const amps = within(pass.rod.current_A, DIAL_ERROR[machine?.value.dial ?? 'none']);
    const body = under('A', amps, holes, {
      now: `${pass.rod.current_A} A on metal at ${inWords(system).temperature(at_C)}`,
      gap: 'until a restart holes',
      past: 'past where a restart holes',
      until: `holes at ${trimmed(holes.nominal, 0)} A`,
      reasons: [
        {
          words: `${ROD_CHANGE_s} s after a rod ends, its crater still stands at about ${inWords(system).temperature(at_C)}: less heat is left to melt it through.`,
          source: OUR_JUDGEMENT,
        },
        {
          words: 'The same melt-through as the first run, with that much less to heat.',
          source: BURN_THROUGH_FIT,
        },
      ],
      ask: 'Rest longer between rods, or begin the next run elsewhere.',
    });
    return meltFitted
      ? ofThumb(body, 'likely holes at a restart: let it cool')
      : guessed(body, 'may hole at a restart');
  },
};
