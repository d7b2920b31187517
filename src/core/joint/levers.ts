import { jointTraits } from '../data/joints';
import { BEVEL_FROM, BOTH_BEVELS_FROM, isSheet } from '../data/limits';
import { inWords } from '../units/format';
import type { Change, ChangeMaker } from '../judge/change';
import { canBeBacked, leastFillet_mm } from './geometry';

/** What can be changed about the joint. */

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

/** Taken out by grinder instead: slower, and no machine has to carry it. */
export const grinderChange: ChangeMaker = ({ job }) =>
  job.repair.remover === 'gouge'
    ? [
        {
          id: 'by-grinder',
          title: 'Grind it out instead',
          cost: 'slower, but no carbon and less noise',
          edits: [{ path: 'repair.remover', value: 'grinder' }],
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

/** Bevels from both faces, where both are reached: half the weld metal, and it pulls to neither side. */
export const bothBevelsChange: ChangeMaker = ({ job, joint }) =>
  job.joint.kind === 'v-butt' &&
  job.look.access === 'both' &&
  joint.thin_mm !== null &&
  joint.thin_mm >= BOTH_BEVELS_FROM.mm
    ? [
        {
          id: 'double-v',
          title: 'Bevel it from both faces',
          cost: 'grinding, and turning it over',
          edits: [{ path: 'joint.kind', value: 'double-v' }],
        },
      ]
    : [];

/** The root cut out from behind and a run laid there, where the back is reached. */
export const backRunChange: ChangeMaker = ({ job }) => {
  const traits = jointTraits(job.joint.kind);
  return traits?.butt === true &&
    !traits.twoFaced &&
    job.look.access === 'both' &&
    job.joint.back !== 'gouged'
    ? [
        {
          id: 'back-run',
          title: 'Gouge out the root from behind and lay a run',
          cost: 'a disc, and turning it over',
          edits: [{ path: 'joint.back', value: 'gouged' }],
        },
      ]
    : [];
};

/** Something behind a thin seam, where its back can be reached. */
export const backingChanges: ChangeMaker = ({ joint }): Change[] =>
  canBeBacked(joint) && isSheet(joint.thin_mm) && joint.backing === null
    ? [
        {
          id: 'backing-copper',
          title: 'Clamp a copper bar behind it',
          cost: 'a bar, and a way to the back',
          edits: [{ path: 'joint.backing', value: 'copper' }],
        },
      ]
    : [];

/** A smaller leg is tried in whole and half millimetres, so much smaller. */
const LEG_STEPS_mm = [1, 2];
const LEG_GRAIN_mm = 0.5;
/** Under this no hand lays a fillet, mm. */
const LEAST_LEG_mm = 1.5;

/** A smaller fillet, down to what the thicker side asks; what it carries goes with its leg. */
export const legChanges: ChangeMaker = ({ joint: { leg_mm, thin_mm, thick_mm }, system }): Change[] => {
  if (leg_mm === null || thin_mm === null || thick_mm === null) return [];
  const least = Math.max(LEAST_LEG_mm, leastFillet_mm(thin_mm, thick_mm));
  return LEG_STEPS_mm.flatMap((step) => {
    const to = LEG_GRAIN_mm * Math.round((leg_mm - step) / LEG_GRAIN_mm);
    if (to < least || to >= leg_mm) return [];
    return [
      {
        id: `leg-${to}`,
        title: `Leg of ${inWords(system).size(to)}`,
        cost: `carries ${Math.round(100 * (1 - to / leg_mm))} % less`,
        edits: [{ path: 'joint.leg_mm', value: to }],
      },
    ];
  });
};
