import { shutUnder_C } from '../asked';
import { mustStayCold, waitsForChart, needsNoPreheat } from '../askedAtAll';
import { inWords, midSentence, trimmed } from '../../units/format';
import { exactly, type Range } from '../../units/range';
import { CHOSEN, PRACTICE } from '../../units/sources';
import { TORCH } from '../../data/heatProperties';
import { gasInWords } from '../../heat/torch';
import { steelRanges } from '../preheat';
import { metalFamily } from '../../data/metals';
import { isReckoned } from '../../heat/softFiller';
import { over, ruled, unknown, yesNo, type Reason } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** Why it is asked: the chemistry, the method, and the rules of the families. */
function reasonsFor({ heat, wants, system }: Reads<'heat' | 'wants' | 'system'>): Reason[] {
  const say = inWords(system);
  const { asker } = heat;
  const chemistry = (): Reason[] => {
    if (!asker) return [];
    const { composition } = asker.preheat;
    const { carbon, cet, ce } = steelRanges(composition);
    const pct = ({ low, high }: Range) => `${trimmed(low, 2)} to ${trimmed(high, 2)} %`;
    return [
      {
        words: `Side ${asker.side}: ${composition.words} Carbon ${pct(carbon)}, CET ${pct(cet)}, CE ${pct(ce)}: nine in ten lie between.`,
        source: composition.source,
      },
      {
        words: `Thickness ${say.size(asker.question.thick_mm)}, hydrogen ${trimmed(asker.question.hydrogen_ml.low, 0)} to ${trimmed(asker.question.hydrogen_ml.high, 0)} ml, heat ${trimmed(asker.question.heat_kJ_mm.nominal, 2)} kJ/mm.`,
        source: CHOSEN,
      },
    ];
  };
  return [
    { words: `Asked by: ${heat.askedBy}`, source: heat.askedSource },
    ...chemistry(),
    ...wants.heat.map(({ name, rule }) => ({ words: `${name}: ${rule.words}`, source: rule.source })),
  ];
}

/** Degrees that the metal has over what is asked of it before the arc. */
export const preheat: Assessor = {
  title: 'Preheat',
  short: 'preheat',
  stop: 'heat',
  assess(situation: Reads<'wants' | 'joint' | 'heat' | 'system'>) {
    const { wants, joint, heat, system } = situation;
    if (wants.verdict === 'never') return null;
    const words = inWords(system);
    const say = words.temperature;
    const unnamed = wants.families.length === 0;
    const unsettled = wants.verdict === 'unknown';
    if (unsettled || unnamed || (joint.thick_mm === null && wants.families.some(isReckoned))) {
      return unknown(
        {
          now: 'metal temperature',
          gap: 'preheat not known',
          until: unnamed || unsettled ? 'metal unknown' : 'thickness unknown',
          reasons: reasonsFor(situation),
          ask: unnamed
            ? 'Name the metal of both sides at Metal.'
            : unsettled
              ? 'Settle the metal at Metal: one more test may do it.'
              : 'Type the thickness of both sides at Joint.',
        },
        true,
      );
    }
    const cold = mustStayCold(situation);
    if (cold && heat.preheat) {
      return yesNo('closed', {
        now: `${say(heat.preheat.value)} ${heat.preheat.by === 'you' ? 'set by you' : 'asked by the other side'}`,
        gap: 'it must stay cold',
        until: `${midSentence(cold.name)}: ${say(cold.rule.coldTo_C ?? 0)} at the most`,
        reasons: [{ words: `${cold.name}: ${cold.rule.words}`, source: cold.rule.source }],
        ask: 'Take the preheat out at Heat.',
      });
    }
    const chart = waitsForChart(situation);
    if (chart !== null) {
      return unknown(
        {
          now: midSentence(metalFamily(chart).name),
          gap: 'preheat by its own chart',
          until: 'grade not known',
          reasons: wants.heat.map(({ name, rule }) => ({
            words: `${name}: ${rule.words}`,
            source: rule.source,
          })),
          ask: 'Find its grade and the chart of its heat treatment, and type the preheat that it asks at Heat.',
        },
        true,
      );
    }
    if (needsNoPreheat(situation) && heat.asked_C.high <= heat.metal_C) return null;
    const planned = heat.preheat?.value ?? heat.metal_C;
    const work = heat.torch?.work ?? null;
    const beyond = heat.noTorch && planned > heat.metal_C + 5;
    const reached = beyond
      ? heat.metal_C
      : work && work.time_s === null
        ? Math.min(planned, work.reaches_C)
        : planned;
    const { asked_C } = heat;
    const low = Math.round(asked_C.low);
    const high = Math.round(asked_C.high);
    const body = over('°C', exactly(reached), asked_C, {
      now:
        reached < planned
          ? `${say(reached)} is all the torch gives`
          : `${say(planned)} ${heat.preheat ? 'planned' : 'as it lies'}`,
      gap: 'over what is asked',
      past: 'under what is asked',
      until: low === high ? `${say(high)} asked` : `${say(low)} to ${say(high)} asked`,
      reasons: [
        ...reasonsFor(situation),
        ...(work
          ? [
              {
                words: work.time_s
                  ? `A ${trimmed(heat.torch?.kW ?? 0, 1)} kW torch takes ${words.time(work.time_s.low)} to ${words.time(work.time_s.high)} and ${gasInWords(work.propane_kg ?? 0)} of propane.`
                  : `A ${trimmed(heat.torch?.kW ?? 0, 1)} kW torch comes to about ${say(work.reaches_C)} in two hours and no further.`,
                source: TORCH.source,
              },
            ]
          : []),
        ...(beyond ? [{ words: 'There is no torch among the tools at Kit.', source: PRACTICE }] : []),
      ],
      ask: askFor(situation),
    });
    const enough = body.state === 'none' && reached >= shutUnder_C(heat);
    return enough ? { ...ruled(body, 'tight'), gap: 'enough for most of its kind' } : body;
  },
};

/** What would say better how warm it has to be. */
function askFor({ heat }: Reads<'heat'>): string {
  const by = heat.asker?.preheat.composition.by;
  if (by === 'family')
    return 'Name the grade at Heat, or read the chemistry at Metal: the range gets narrower.';
  if (by === 'grade') return 'Numbers from the certificate, typed at Metal, say it closer than the grade.';
  return '';
}
