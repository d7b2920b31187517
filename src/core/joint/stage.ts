import { setPath } from '../formats/edits';
import type { Job } from '../formats/job';
import { checkCut, checkJoint } from './check';
import { type Problem } from '../formats/check';
import { withExcavation } from './excavation';
import { jointGeometry, type JointGeometry } from './geometry';
import { whole } from '../judge/graph';
import type { Reads } from '../judge/situation';
import { stitchOf_mm, tacksFor, type Tacks } from './tacks';

declare module '../judge/situation' {
  interface Situation {
    /** Sizes of the joint that cannot be so; the job is judged without them. */
    readonly problems: readonly Problem[];
    readonly job: Job;
    readonly joint: JointGeometry;
    /** How it is tacked. */
    readonly tacks: Tacks;
    /** How long a run is laid in one go, mm: as the welder says, or as sheet is stitched; null: as far as a rod goes. */
    readonly stitch_mm: number | null;
    /** Weld length, or what is counted with while it is blank, mm. */
    readonly length_mm: number;
  }
}

/** Length put in for a blank one so that minutes can be spoken of at all, mm. */
export const ASSUMED_LENGTH_mm = 100;

/** Sizes of the joint that cannot be so. */
export const problems = ({
  entered,
  enteredRod,
  system,
}: Reads<'entered' | 'enteredRod' | 'system'>): readonly Problem[] => [
  ...checkJoint(entered.joint, enteredRod?.value.size ?? entered.rod.size, system),
  ...checkCut(entered, system),
];

/** The job as it is judged: entries that cannot be so are left out, blank sizes of a cut are those its crack asks for. */
export function job({ entered, problems: wrong }: Reads<'entered' | 'problems'>): Job {
  return withExcavation(wrong.reduce((at, { path }) => setPath(at, path, null), whole(entered)));
}

/** Sizes, section and weld metal of the joint. */
export const joint = ({ job: at }: Reads<'job'>): JointGeometry => jointGeometry(at.joint);

/** How long a run is laid in one go, mm; null where it goes as far as a rod. */
export const stitch_mm = ({ job: at, joint: of }: Reads<'job' | 'joint'>): number | null =>
  at.order.segment_mm ?? stitchOf_mm(at.joint.kind, of.thin_mm);

/** Weld length, or what is counted with while it is blank, mm. */
export const length_mm = ({ joint: of }: Reads<'joint'>): number => of.length_mm ?? ASSUMED_LENGTH_mm;

/** How it is tacked. */
export const tacks = ({
  job: at,
  joint: of,
  length_mm: length,
  wants,
}: Reads<'job' | 'joint' | 'length_mm' | 'wants'>): Tacks =>
  tacksFor({
    kind: at.joint.kind,
    thin_mm: of.thin_mm,
    length_mm: length,
    families: wants.families,
    every_mm: at.order.tackEvery_mm,
  });
