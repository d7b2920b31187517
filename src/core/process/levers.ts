import { jointTraits } from '../data/joints';
import { BEVEL_FROM } from '../data/limits';
import { inWords } from '../units/format';
import type { ChangeMaker } from '../judge/change';

/** What can be changed about the joint and the place it is in. */

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

/** Pull the gap in. */
export const gapChange: ChangeMaker = ({ job, joint, system }) =>
  joint.gap_mm !== null && joint.gap_mm > 0.5
    ? [
        {
          id: 'gap-half',
          title: `Pull the gap in to ${inWords(system).size(joint.gap_mm / 2)}`,
          cost: 'clamp, wedge, tack again',
          edits: [{ path: 'joint.gap_mm', value: job.joint.gap_mm === null ? 0 : job.joint.gap_mm / 2 }],
        },
      ]
    : [];

/** A bevel ground on, where the arc does not go through. */
export const bevelChange: ChangeMaker = ({ job, joint }) =>
  jointTraits(job.joint.kind)?.root === 'through' && joint.thin_mm !== null && joint.thin_mm > BEVEL_FROM.mm
    ? [
        {
          id: 'bevel',
          title: 'Grind a V',
          cost: 'grinding, and more weld metal',
          edits: [{ path: 'joint.kind', value: 'v-butt' }],
        },
      ]
    : [];
