import { HARD_LIMIT_HV, HARDNESS_DOUBT_HV, SOFT_FILLER, TEMPER_BEAD_HV } from '../../data/heatLimits';
import { EN_1011_2_D, HARDNESS_1981 } from '../../units/sources';
import { hardenedZone_HV } from '../../heat/hardness';
import { CARBON_END_pct } from '../methods/method';
import { isPlainThin } from '../methods/answer';
import { PLAN_DRAWS } from '../preheat';
import type { Composition } from '../../heat/composition';
import { likeliestNumbers, steelSamples } from '../../heat/samples';
import { quantileRange } from '../../units/chance';
import { trimmed } from '../../units/format';
import { exactly, type Range } from '../../units/range';
import { memoizeWith } from '../../units/memoize';
import type { SteelAsked } from '../heatPlan';
import { ofThumb, under, yesNo } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** Hardness of one steel at a cooling time, over all that it may be; null over the carbon the formula was made for. */
const hardnessOf = ({ preheat: { composition } }: SteelAsked, t85_s: number): Range | null =>
  steelHardness(composition, t85_s).HV;

const steelHardness = memoizeWith((composition: Composition, t85_s: number): { HV: Range | null } => {
  const likely = hardenedZone_HV(likeliestNumbers(composition).percent, t85_s);
  if (likely === null) return { HV: null };
  const drawn = steelSamples(composition, PLAN_DRAWS).flatMap(({ percent }) => {
    const hardness = hardenedZone_HV(percent, t85_s);
    return hardness === null ? [] : [hardness];
  });
  const { low, high } = quantileRange(drawn, likely);
  return {
    HV: {
      low: low - HARDNESS_DOUBT_HV.value,
      nominal: likely,
      high: high + HARDNESS_DOUBT_HV.value,
    },
  };
});

/** Steels that harden beside the weld at all: plain thin steel of unknown grade is left to its rule. */
const hardening = ({ heat, wants }: Reads<'heat' | 'wants'>): SteelAsked[] =>
  // Metal that is not settled is told as such, and not by what one of its guesses would do.
  (wants.verdict === 'unknown' ? [] : heat.steels).filter(
    ({ family, question }) =>
      // Plate that is sold as hard as the limit is judged by its cooling time.
      family !== 'quenched-tempered-wear-plate' &&
      !isPlainThin({ ...question, hydrogen_ml: 0, heat_kJ_mm: question.heat_kJ_mm.nominal }),
  );

const tempered = ({ low, nominal, high }: Range): Range => ({
  low: low - TEMPER_BEAD_HV.high,
  nominal: nominal - TEMPER_BEAD_HV.nominal,
  high: high - TEMPER_BEAD_HV.low,
});

/** Hardness of the zone beside the weld, under where hydrogen cracks it. */
export const hardness: Assessor = {
  title: 'Hardened zone',
  short: 'hardness',
  stop: 'heat',
  assess(situation: Reads<'heat' | 'job' | 'hydrogen' | 'wants'>) {
    const { heat, job, hydrogen } = situation;
    const steels = hardening(situation);
    const { fastest } = heat;
    if (steels.length === 0 || !fastest) return null;
    const t85_s = fastest.governing_s;
    const each = steels.map((steel) => ({ steel, hardness: hardnessOf(steel, t85_s) }));
    const cooling = {
      words: `Cools from 800 to 500 °C in ${trimmed(fastest.thick_s, 1)} s as thick plate, ${trimmed(fastest.thin_s, 1)} s as thin: the longer counts.`,
      source: EN_1011_2_D,
    };
    const temper = job.heat.temperBead
      ? [{ words: 'A temper layer takes some of it back.', source: TEMPER_BEAD_HV.source }]
      : [];
    if (each.some((one) => one.hardness === null)) {
      return yesNo('departure', {
        now: `carbon over ${CARBON_END_pct} %`,
        gap: job.heat.temperBead ? 'hardens, tempered after' : 'hardens whatever is done',
        until: 'martensite',
        reasons: [
          {
            words: `Over ${CARBON_END_pct} % carbon the zone beside the weld turns to martensite: preheat keeps it from cracking, slow cooling and a temper layer soften it.`,
            source: HARDNESS_1981,
          },
          cooling,
          ...temper,
          ...(steels.some(({ question }) => question.softFiller)
            ? [
                {
                  words:
                    'Weld metal that keeps its hydrogen stands in for part of the preheat; it makes the hard edge no softer.',
                  source: SOFT_FILLER.source,
                },
              ]
            : []),
        ],
      });
    }
    const worst = each.reduce((a, b) => ((b.hardness?.high ?? 0) > (a.hardness?.high ?? 0) ? b : a));
    if (!worst.hardness) return null;
    const value = job.heat.temperBead ? tempered(worst.hardness) : worst.hardness;
    const dry = hydrogen !== null && hydrogen.ml.high <= HARD_LIMIT_HV.lowTo_ml;
    const limit = dry ? HARD_LIMIT_HV.lowHydrogen : HARD_LIMIT_HV.value;
    const body = under('HV', value, exactly(limit), {
      now: `${trimmed(value.low, 0)} to ${trimmed(value.high, 0)} HV`,
      gap: 'under where hydrogen cracks it',
      past: 'harder than the guide limit',
      until: `${limit} HV`,
      reasons: [
        {
          words: `Side ${worst.steel.side}: chemistry and cooling time give the hardness beside the weld, ${HARDNESS_DOUBT_HV.value} HV either way.`,
          source: HARDNESS_1981,
        },
        cooling,
        ...temper,
        {
          words: `Guide limit ${dry ? 'with little hydrogen about' : 'with hydrogen about'}.`,
          source: HARD_LIMIT_HV.source,
        },
      ],
      ask: 'A portable hardness tester on a scrap bead tells it.',
    });
    // What is asked of preheat counts on a hard edge: where it is met, the guide limit is passed and carried.
    const asked_C = heat.asked_C.nominal;
    const met = heat.preheat !== null && heat.preheat.value >= asked_C && asked_C > heat.metal_C;
    if (met && body.state === 'none') {
      return yesNo('departure', {
        now: body.now,
        gap: 'hard, carried by its preheat',
        until: body.until,
        reasons: body.reasons,
        ask: body.ask,
      });
    }
    return ofThumb(body, 'may pass the guide limit');
  },
};
