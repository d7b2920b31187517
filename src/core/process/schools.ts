import { jointTraits } from '../data/joints';
import { metalFamily } from '../data/metals';
import { rodClass } from '../data/rods';
import { school, SCHOOL_IDS, type SchoolId } from '../data/schools';
import type { Reads, Situation } from '../judge/situation';
import { isUneven } from '../joint/geometry';

/** Sheet on which the pole is argued about, mm. */
const SHEET_mm = 2.5;

/** When a disagreement touches a job; those that are of no job stand in the notes alone. */
const TOUCHES: Readonly<Partial<Record<SchoolId, (situation: Situation) => boolean>>> = {
  'moving-7018': ({ rod }) => rod?.value.rodClass === 'E7018',
  'force-7018': ({ rod, machine }) =>
    rod?.value.rodClass === 'E7018' && machine?.value.arcForce === 'adjustable',
  'pole-on-sheet': ({ rod, joint }) =>
    rod !== null &&
    rodClass(rod.value.rodClass).suitsSheet &&
    joint.thin_mm !== null &&
    joint.thin_mm <= SHEET_mm,
  'negative-6011': ({ rod, joint }) =>
    rod?.value.rodClass === 'E6011' && joint.thin_mm !== null && joint.thin_mm <= SHEET_mm,
  'rod-on-sheet': ({ joint }) => joint.thin_mm !== null && joint.thin_mm <= SHEET_mm,
  'thin-to-thick': ({ joint }) => isUneven(joint),
  'square-tube': ({ job }) => jointTraits(job.joint.kind)?.run === 'sides',
  'cast-iron': (situation) => isOf(situation, 'cast-iron'),
  'aluminium-heat': (situation) => isOf(situation, 'aluminium'),
};

const isOf = ({ wants }: Reads<'wants'>, group: string): boolean =>
  wants.families.some((family) => metalFamily(family).group === group);

/** What the plan of a job does, where that is not the default for all jobs. */
const DOES: Readonly<Partial<Record<SchoolId, (situation: Situation) => string>>> = {
  'pole-on-sheet': ({ pole }) => (pole?.value === 'DCEN' ? 'negative' : 'positive'),
  'negative-6011': ({ pole }) => (pole?.value === 'DCEN' ? 'sheet' : 'no'),
  'rod-on-sheet': ({ rod }) => (rod?.value.rodClass === 'E6011' ? 'stitched' : 'continuous'),
  'thin-to-thick': ({ aim }) => aim.value,
  'cast-iron': ({ iron }) => iron?.way.value ?? 'cold',
  'aluminium-heat': ({ job }) => (job.heat.goStraightOn ? 'hot' : 'cool'),
};

/** A disagreement that touches a job, and the way its plan goes; neither way's key where it goes a third. */
export interface Touching {
  id: SchoolId;
  taken: string;
}

/** Answers "where would two good welders do this differently, and what does this plan do?" */
export const schoolsFor = (situation: Situation): Touching[] =>
  SCHOOL_IDS.filter((id) => TOUCHES[id]?.(situation) ?? false).map((id) => ({
    id,
    taken: DOES[id]?.(situation) ?? school(id).byDefault,
  }));
