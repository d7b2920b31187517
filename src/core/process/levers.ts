import { inWords } from '../units/format';
import { when, type ChangeMaker } from '../judge/change';

/** What can be changed about the place it is welded in. */

const SHELTERED_m_s = 1;

/** A wind break, where there is wind. */
export const shelterChange: ChangeMaker = ({ job, system }) =>
  job.look.place === 'outdoors' && (job.look.wind_m_s === null || job.look.wind_m_s > SHELTERED_m_s)
    ? [
        {
          id: 'shelter',
          title: 'Rig a wind break',
          cost: `down to ${inWords(system).wind(SHELTERED_m_s)} at the arc; keep the fume moving`,
          edits: [{ path: 'look.wind_m_s', value: SHELTERED_m_s }],
        },
      ]
    : [];

/** The root with the covered rod, where it was to be by TIG. */
export const rootChange: ChangeMaker = ({ rootBy }) =>
  when(rootBy !== null, {
    id: 'root-by-rod',
    title: 'Root with the rod',
    cost: 'slag to chip out of the root; no gas, no wind to mind',
    edits: [{ path: 'rod.root', value: { rodClass: null, size: null } }],
  });
