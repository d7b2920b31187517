import { inWords } from '../units/format';
import type { ChangeMaker } from '../judge/change';

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
