import { yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import type { Situation } from '../../judge/situation';
import { chooseProcess } from '../processes';

/** Whether machine, gas, wind and metal let the root be laid by TIG. */
export const rootByTig: Assessor = {
  title: 'Root by TIG',
  short: 'root',
  stop: 'rod',
  assess(situation: Situation) {
    if (!situation.rootBy) return null;
    const candidate = chooseProcess(situation).candidates.find(({ id }) => id === 'tig');
    if (!candidate) return null;
    // A root is one bead, however thick the wall: what TIG thinks of thick walls is no matter.
    const points = candidate.points.filter(({ about }) => about !== 'thickness' && about !== 'work');
    const against = points.filter(({ mark }) => mark === 'no');
    const poor = points.filter(({ mark }) => mark === 'poor');
    const state = against.length > 0 ? 'closed' : poor.length > 0 ? 'departure' : 'open';
    return yesNo(state, {
      now: 'root by TIG',
      gap: state === 'closed' ? (against[0]?.words ?? '') : (poor[0]?.words ?? 'all it wants is here'),
      until: '',
      reasons: (state === 'open' ? points : [...against, ...poor]).map(({ words, source }) => ({
        words,
        source,
      })),
      ask: 'What is missing can be added to the truck, or lay the root with the rod.',
    });
  },
};
