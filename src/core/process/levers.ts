import { metalFamily } from '../data/metals';
import { TABLED } from '../data/processSettings';
import { inWords } from '../units/format';
import { when, type ChangeMaker } from '../judge/change';
import { hasRoot, ROOT_BEAD_mm2 } from './stages/rootBy';

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

/** A weld with less than this over its root bead has no root of its own. */
const LEAST_OVER_ROOT = 1.8;

/** The root by TIG, where torch and machine are here and the joint has one; with the covered rod, where it was to be by TIG. */
export const rootChange: ChangeMaker = ({ rootBy, job, joint, kit, machine, noRod, wants }) => {
  if (rootBy !== null)
    return [
      {
        id: 'root-by-rod',
        title: 'Root with the rod',
        cost: 'slag to chip out of the root; no gas, no wind to mind',
        edits: [{ path: 'rod.root', value: { rodClass: null, size: null } }],
      },
      ...when(!rootBy.hot && (joint.area_mm2 ?? 0) > LEAST_OVER_ROOT * 2 * ROOT_BEAD_mm2, {
        id: 'hot-by-tig',
        title: 'The hot pass by TIG too',
        cost: 'slower; the rod is struck on two beads, and burns through neither',
        edits: [{ path: 'rod.root', value: { rodClass: null, size: null, process: 'tig', hot: true } }],
      }),
    ];
  const isHere =
    machine?.value.processes.includes('tig') === true && kit.tools.some(({ tool }) => tool === 'tig-torch');
  const isTabled = wants.families.every((id) => TABLED.tig.includes(metalFamily(id).group));
  // Where the root is nearly all of it, it is no root but the job.
  const isRoot = (joint.area_mm2 ?? 0) > LEAST_OVER_ROOT * ROOT_BEAD_mm2;
  return when(
    isHere && isTabled && isRoot && !noRod && hasRoot(job.joint) && job.rod.root.rodClass === null,
    {
      id: 'root-by-tig',
      title: 'Root by TIG',
      cost: 'torch and gas to set up, out of the wind; slower, and the root is clean',
      edits: [{ path: 'rod.root', value: { rodClass: null, size: null, process: 'tig' } }],
    },
  );
};
