import type { FamilyId } from '../../data/families';
import { METHOD_IDS, type MethodId } from '../../data/heatIds';
import { metalFamily } from '../../data/metals';
import type { Range } from '../../units/range';
import type { Composition } from '../composition';
import {
  likeliestNumbers,
  percentile,
  steelSamples,
  TOLD,
  toldRange,
  triangular,
  type SteelNumbers,
  type SteelSample,
} from '../samples';
import { answerFor, type AnswerQuestion, type Governing } from './answer';
import { PREHEAT_METHODS } from './methods';

/** One method's answer over all that a steel may be. */
export interface MethodRow {
  id: MethodId;
  /** °C; null where it is not valid here, and then why. */
  preheat_C: Range | null;
  why: string;
}

/** Preheat of one steel with all that is not known of it. */
export interface SteelPreheat {
  family: FamilyId;
  composition: Composition;
  /** What is asked, °C; 0 where nothing above the air is. */
  asked_C: Range;
  /** What set the high end, which the plan is made for. */
  by: Governing;
  ce: Range;
  cet: Range;
  pcm: Range;
  carbon: Range;
  methods: readonly MethodRow[];
}

/** As an answer is asked for, with hydrogen and heat input between their ends. */
export type PreheatQuestion = Omit<AnswerQuestion, 'hydrogen_ml' | 'heat_kJ_mm'> & {
  hydrogen_ml: Range;
  heat_kJ_mm: Range;
};

/** Draws in the plan; the worker takes more. */
export const PLAN_DRAWS = 160;

/** Draws of one steel judged by every method. */
export interface Drawn {
  answers: Float64Array;
  by: Governing[];
  /** Valid answers by method. */
  methods: Record<MethodId, number[]>;
}

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

/** Judges every draw of a steel by every method, and answers it. */
export function judgeDraws(samples: readonly SteelSample[], question: PreheatQuestion): Drawn {
  const drawn: Drawn = {
    answers: new Float64Array(samples.length),
    by: [],
    methods: {
      cet: [],
      'cracking-parameter': [],
      'hydrogen-control': [],
      'square-root': [],
      prescriptive: [],
    },
  };
  samples.forEach((sample, n) => {
    const conditions = at(question, sample.chances);
    const { by, preheat_C } = answerFor(sample, conditions);
    drawn.answers[n] = preheat_C;
    drawn.by.push(by);
    for (const id of METHOD_IDS) {
      const answer = PREHEAT_METHODS[id].judge(sample, conditions);
      if (answer.valid) drawn.methods[id].push(answer.preheat_C);
    }
  });
  return drawn;
}

/**
 * Answers "how warm must it be, for all that this steel may be?" by Monte Carlo of a fixed seed over chemistry, hydrogen and heat input.
 * @returns one in twenty draws lies past either end of what is asked; the plan is made for the high one
 */
export function preheatOf(
  composition: Composition,
  question: PreheatQuestion,
  draws = PLAN_DRAWS,
): SteelPreheat {
  const samples = steelSamples(composition, draws);
  const drawn = judgeDraws(samples, question);
  const likely = likeliestNumbers(composition);
  const nominal = answerFor(likely, nominalOf(question));
  const order = Array.from(drawn.answers.keys()).sort(
    (a, b) => (drawn.answers[a] ?? 0) - (drawn.answers[b] ?? 0),
  );
  const highest = percentile(order, TOLD.high);
  const asked_C = toldRange([...drawn.answers], nominal.preheat_C);
  const numbers = (of: (steel: SteelNumbers) => number) => toldRange(samples.map(of), of(likely));
  return {
    family: question.family,
    composition,
    asked_C,
    by: asked_C.high > nominal.preheat_C ? (drawn.by[highest] ?? nominal.by) : nominal.by,
    ce: numbers((steel) => steel.ce),
    cet: numbers((steel) => steel.cet),
    pcm: numbers((steel) => steel.pcm),
    carbon: numbers((steel) => steel.carbon),
    methods: METHOD_IDS.map((id): MethodRow => {
      const answer = PREHEAT_METHODS[id].judge(likely, nominalOf(question));
      return answer.valid
        ? { id, preheat_C: toldRange(drawn.methods[id], answer.preheat_C), why: '' }
        : { id, preheat_C: null, why: answer.why };
    }),
  };
}

/** What set an answer, as it is said. */
export function governingWords(by: Governing, family: FamilyId): string {
  switch (by) {
    case 'family':
      return `the rule for ${metalFamily(family).name.toLowerCase()}`;
    case 'filler':
      return 'weld metal that keeps its hydrogen';
    case 'cet':
    case 'cracking-parameter':
    case 'hydrogen-control':
    case 'square-root':
    case 'prescriptive':
      return PREHEAT_METHODS[by].name;
  }
}
