import { EN_1011_2_B } from '../../units/sources';
import { shutUnder_C } from '../asked';
import { cetStands_ml } from '../methods/cet';
import type { PreheatConditions } from '../methods/method';
import { PREHEAT_METHODS } from '../methods/methods';
import { PLAN_DRAWS } from '../preheat';
import type { Composition } from '../../heat/composition';
import { likeliestNumbers, steelSamples, type SteelNumbers } from '../../heat/samples';
import { quantileRange, triangular } from '../../units/chance';
import type { Range } from '../../units/range';
import { memoizeWith } from '../../units/memoize';
import { inWords, trimmed } from '../../units/format';
import { ruled, underBy } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** More than any rod brings, ml: past it the plan is not told apart. */
const MOST_ml = 60;

/**
 * Hydrogen that the planned temperature stands, over all that the governing steel may be, and what is left over the rod's own, drawn
 * together as the preheat was; null where CET cannot say.
 */
function stands({ heat, wants }: Reads<'heat' | 'wants'>): { ml: Range; left_ml: Range } | null {
  const { asker, preheat } = heat;
  if (!asker || asker.preheat.by !== 'cet' || wants.verdict === 'unknown') return null;
  const { question } = asker;
  const conditions = {
    ...question,
    heat_kJ_mm: question.heat_kJ_mm.nominal,
    hydrogen_ml: question.hydrogen_ml.nominal,
  };
  return steelStands(asker.preheat.composition, {
    conditions,
    brings_ml: question.hydrogen_ml,
    at_C: preheat?.value ?? heat.metal_C,
  }).stands;
}

/** Over all the ways a steel may be; null where the method does not hold for it. */
const steelStands = memoizeWith(
  (
    composition: Composition,
    { conditions, brings_ml, at_C }: { conditions: PreheatConditions; brings_ml: Range; at_C: number },
  ): { stands: { ml: Range; left_ml: Range } | null } => {
    const likely = likeliestNumbers(composition);
    if (!PREHEAT_METHODS.cet.judge(likely, conditions).valid) return { stands: null };
    const by = (steel: SteelNumbers) => Math.min(MOST_ml, cetStands_ml(steel, conditions, at_C));
    const samples = steelSamples(composition, PLAN_DRAWS);
    return {
      stands: {
        ml: quantileRange(samples.map(by), by(likely)),
        left_ml: quantileRange(
          samples.map((steel) => by(steel) - triangular(brings_ml, steel.chances[0])),
          by(likely) - brings_ml.nominal,
        ),
      },
    };
  },
);

/** Hydrogen that the plan stands before the steel beside the weld cracks, hours later. */
export const coldCrack: Assessor = {
  title: 'Hydrogen cracking',
  short: 'cracking',
  stop: 'heat',
  assess(situation: Reads<'hydrogen' | 'heat' | 'system' | 'wants'>) {
    const { hydrogen, heat, system } = situation;
    const found = stands(situation);
    if (!hydrogen || !found) return null;
    const { ml: limit, left_ml } = found;
    const say = inWords(system).temperature;
    const body = underBy('ml', hydrogen.ml, limit, left_ml, {
      now: `${trimmed(hydrogen.ml.low, 0)} to ${trimmed(hydrogen.ml.high, 0)} ml from the rod`,
      gap: 'under what the warm steel stands',
      past: 'more than the steel stands',
      until: `${trimmed(limit.low, 0)} to ${trimmed(limit.high, 0)} ml at ${say(heat.start_C)}`,
      reasons: [
        { words: hydrogen.words, source: hydrogen.source },
        {
          words:
            'CET turned round: the hydrogen at which this temperature is just enough. These cracks come late: look again after 24 to 48 h.',
          source: EN_1011_2_B,
        },
      ],
      ask: 'Write down at Kit when the tin was opened, and type the word printed on the rods.',
    });
    // One reckoning with the preheat: what is warm enough there is enough here.
    const enough = body.state === 'none' && heat.start_C >= shutUnder_C(heat);
    return enough ? { ...ruled(body, 'tight'), gap: 'enough for most of its kind' } : body;
  },
};
