import { midSentence } from '../units/format';
import type { FamilyId } from '../data/families';
import { METHOD_IDS, type MethodId } from '../data/heatIds';
import { SOFT_FILLER } from '../data/heatLimits';
import { metalFamily } from '../data/metals';
import type { Source } from '../units/sources';
import type { Range } from '../units/range';
import { memoize, memoizeWith } from '../units/memoize';
import type { Composition } from '../heat/composition';
import { likeliestNumbers, steelSamples, type SteelNumbers } from '../heat/samples';
import { QUANTILES, quantileRange, triangular } from '../units/chance';
import { answerFor, type AnswerQuestion, type Governing } from './methods/answer';
import { PREHEAT_METHODS } from './methods/methods';

/** One method's answer over all that a steel may be. */
export interface MethodRow {
  id: MethodId;
  /** °C; null where it is not valid here, and then why. */
  preheat_C: Range | null;
  why: string;
}

/** Preheat of one steel with all that is not known of it. */
export interface SteelPreheat {
  /** As it was asked: the same object for as long as the same is asked. */
  question: PreheatQuestion;
  family: FamilyId;
  composition: Composition;
  /** What is asked, °C; 0 where nothing above the air is. */
  asked_C: Range;
  /** What set the high end, which the plan is made for. */
  by: Governing;
}

/** As an answer is asked for, with hydrogen and heat input between their ends. */
export type PreheatQuestion = Omit<AnswerQuestion, 'hydrogen_ml' | 'heat_kJ_mm'> & {
  hydrogen_ml: Range;
  heat_kJ_mm: Range;
};

/** Draws in the plan; the worker takes more. */
export const PLAN_DRAWS = 160;

const at = (question: PreheatQuestion, [hydrogen, heat]: readonly [number, number]): AnswerQuestion => ({
  ...question,
  hydrogen_ml: triangular(question.hydrogen_ml, hydrogen),
  heat_kJ_mm: triangular(question.heat_kJ_mm, heat),
});

const nominalOf = (question: PreheatQuestion): AnswerQuestion => ({
  ...question,
  hydrogen_ml: question.hydrogen_ml.nominal,
  heat_kJ_mm: question.heat_kJ_mm.nominal,
});

const workedOut = memoizeWith(
  (composition: Composition, { question, draws }: { question: PreheatQuestion; draws: number }) =>
    workOut(composition, question, draws),
);

/**
 * Answers "how warm must it be, for all that this steel may be?" by Monte Carlo of a fixed seed over chemistry, hydrogen and heat input.
 * @returns one in twenty draws lies past either end of what is asked; the plan is made for the high one
 */
export const preheatOf = (
  composition: Composition,
  question: PreheatQuestion,
  draws = PLAN_DRAWS,
): SteelPreheat => workedOut(composition, { question, draws });

function workOut(composition: Composition, question: PreheatQuestion, draws: number): SteelPreheat {
  const bids = steelSamples(composition, draws).map((sample) =>
    answerFor(sample, at(question, sample.chances)),
  );
  const nominal = answerFor(likeliestNumbers(composition), nominalOf(question));
  const asked_C = quantileRange(
    bids.map(({ preheat_C }) => preheat_C),
    nominal.preheat_C,
  );
  const byHeight = [...bids].sort((a, b) => a.preheat_C - b.preheat_C);
  const highest = byHeight[Math.round(QUANTILES.high * (byHeight.length - 1))] ?? nominal;
  return {
    question,
    family: question.family,
    composition,
    asked_C,
    by: asked_C.high > nominal.preheat_C ? highest.by : nominal.by,
  };
}

/** The numbers a steel is told by, %, between their ends. */
export const steelRanges = memoize(
  (composition: Composition): Record<'carbon' | 'ce' | 'cet' | 'pcm', Range> => {
    const samples = steelSamples(composition, PLAN_DRAWS);
    const likely = likeliestNumbers(composition);
    const told = (of: (steel: SteelNumbers) => number) => quantileRange(samples.map(of), of(likely));
    return {
      carbon: told((steel) => steel.carbon),
      ce: told((steel) => steel.ce),
      cet: told((steel) => steel.cet),
      pcm: told((steel) => steel.pcm),
    };
  },
);

/** Every method side by side: its answer over all that the steel may be, or why it has none. */
export function methodRows(
  composition: Composition,
  question: PreheatQuestion,
  draws = PLAN_DRAWS,
): MethodRow[] {
  const samples = steelSamples(composition, draws);
  const likely = likeliestNumbers(composition);
  return METHOD_IDS.map((id): MethodRow => {
    const method = PREHEAT_METHODS[id];
    const answer = method.judge(likely, nominalOf(question));
    if (!answer.valid) return { id, preheat_C: null, why: answer.why };
    const valid = samples.flatMap((sample) => {
      const drawn = method.judge(sample, at(question, sample.chances));
      return drawn.valid ? [drawn.preheat_C] : [];
    });
    return { id, preheat_C: quantileRange(valid, answer.preheat_C), why: '' };
  });
}

/** What set an answer, as it is said, and where that comes from. */
export function governing(
  { by, family }: SteelPreheat,
  { rule }: PreheatQuestion,
): { askedBy: string; askedSource: Source } {
  const name = midSentence(metalFamily(family).name);
  switch (by) {
    case 'family':
      return { askedBy: `The rule for ${name}.`, askedSource: rule.source };
    case 'filler':
      return {
        askedBy: `About six tenths of what dry basic rods would want on ${name}: this weld metal keeps its hydrogen.`,
        askedSource: SOFT_FILLER.source,
      };
    case 'cet':
    case 'cracking-parameter':
    case 'hydrogen-control':
    case 'square-root':
    case 'prescriptive':
      return {
        askedBy: `${PREHEAT_METHODS[by].name}, for ${name}.`,
        askedSource: PREHEAT_METHODS[by].source,
      };
  }
}
