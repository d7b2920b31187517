import { STOP_WORK_QUESTIONS, type StopWorkGroupId, type StopWorkQuestion } from '../data/stopWork';
import type { StopWorkAnswer } from '../formats/job';

export interface AskedQuestion {
  id: string;
  group: StopWorkGroupId;
  question: StopWorkQuestion;
}

/** What the answers come to. Any stop refuses the plan; any question unanswered leaves it a draft. */
export interface StopWorkVerdict {
  stops: readonly AskedQuestion[];
  unanswered: readonly AskedQuestion[];
  /** Conditions promised on site: hold points. */
  holds: readonly AskedQuestion[];
  warnings: readonly AskedQuestion[];
  /** Under a competent person's procedure: the sheet is the technique part of it, and releases nothing. */
  techniques: readonly AskedQuestion[];
}

/** Judges the answers to the stop-work questions. An absent answer is unanswered, never a no. */
export function judgeStopWork(answers: Readonly<Record<string, StopWorkAnswer>>): StopWorkVerdict {
  const stops: AskedQuestion[] = [];
  const unanswered: AskedQuestion[] = [];
  const holds: AskedQuestion[] = [];
  const warnings: AskedQuestion[] = [];
  const techniques: AskedQuestion[] = [];
  for (const asked of STOP_WORK_QUESTIONS) {
    const answer = Object.hasOwn(answers, asked.id) ? answers[asked.id] : undefined;
    const { middle } = asked.question;
    switch (asked.question.kind) {
      case 'refuse':
        if (answer === 'prepared' && middle) {
          const prepared = { ...asked, question: { ...asked.question, because: middle.because } };
          (middle.kind === 'hold' ? holds : techniques).push(prepared);
        } else if (answer === 'yes') stops.push(asked);
        else if (answer !== 'no') unanswered.push(asked);
        break;
      case 'warn':
        if (answer === 'yes') warnings.push(asked);
        else if (answer !== 'no') unanswered.push(asked);
        break;
      case 'condition':
        if (answer === 'cannot-meet') stops.push(asked);
        else if (answer === 'will-meet') holds.push(asked);
        else unanswered.push(asked);
        break;
    }
  }
  return { stops, unanswered, holds, warnings, techniques };
}
