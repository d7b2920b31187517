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
}

/** Judges the answers to the stop-work questions. An absent answer is unanswered, never a no. */
export function judgeStopWork(answers: Readonly<Record<string, StopWorkAnswer>>): StopWorkVerdict {
  const stops: AskedQuestion[] = [];
  const unanswered: AskedQuestion[] = [];
  const holds: AskedQuestion[] = [];
  const warnings: AskedQuestion[] = [];
  for (const asked of STOP_WORK_QUESTIONS) {
    const answer = Object.hasOwn(answers, asked.id) ? answers[asked.id] : undefined;
    switch (asked.question.kind) {
      case 'refuse':
        if (answer === 'yes') stops.push(asked);
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
  return { stops, unanswered, holds, warnings };
}
