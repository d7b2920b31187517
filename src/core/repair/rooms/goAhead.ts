import type { Reads } from '../../judge/situation';
import { PRACTICE } from '../../units/sources';
import { judgeStopWork } from '../stopWork';
import { unknown, yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** May it be planned at all? The stop-work questions, as one room. */
export const goAhead: Assessor = {
  title: 'Go-ahead',
  short: 'go-ahead',
  stop: 'look',
  assess({ job }: Reads<'job'>) {
    const verdict = judgeStopWork(job.look.stopWork);
    const stop = verdict.stops[0];
    if (stop) {
      return yesNo('closed', {
        now: 'stop work',
        gap: `stop: ${stop.question.ask}`,
        until: 'not to be planned around',
        reasons: verdict.stops.map(({ question }) => ({
          words: `${question.because} ${question.instead} Decides: ${question.decides}.`,
          source: PRACTICE,
        })),
      });
    }
    if (verdict.unanswered.length > 0) {
      const groups = new Set(verdict.unanswered.map(({ group }) => group)).size;
      return unknown(
        {
          now: 'not answered',
          gap: `${groups} stop-work ${groups === 1 ? 'question' : 'questions'} open`,
          until: 'draft until answered',
          reasons: [
            { words: 'A question not answered is not a no: the sheet stays a draft.', source: PRACTICE },
          ],
          ask: 'Answer the stop-work questions at Look.',
        },
        true,
      );
    }
    const [technique] = verdict.techniques;
    if (technique) {
      return yesNo('departure', {
        now: 'under a procedure',
        gap: 'technique only, not released',
        until: 'a competent person signs',
        reasons: verdict.techniques.map(({ question }) => ({
          words: `${question.ask}: ${question.because} Decides: ${question.decides}.`,
          source: PRACTICE,
        })),
      });
    }
    return yesNo('open', {
      now: 'answered',
      gap: 'nothing stops it',
      until: `${verdict.holds.length} to hold at`,
      reasons: verdict.holds.map(({ question }) => ({ words: question.because, source: PRACTICE })),
    });
  },
};
