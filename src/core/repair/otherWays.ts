import { HAZARDS } from '../data/hazards';
import { metalFamily } from '../data/metals';
import {
  otherWay,
  WAYS_BESIDE_NEVER,
  WAYS_BETWEEN_UNLIKE,
  WAYS_WHEN_STOPPED,
  type OtherWay,
  type OtherWayId,
} from '../data/otherWays';
import type { FamilyId } from '../data/families';
import type { Job } from '../formats/job';
import type { JointGeometry } from '../joint/geometry';
import type { JointWants } from '../metal/wants';
import { inWords, midSentence } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import { judgeStopWork } from './stopWork';

/** A way to do it without the arc, and whether this job allows it. */
export interface OtherWayHere extends OtherWay {
  id: OtherWayId;
  /** Why it will not do here; empty where it will. */
  against: string;
}

/** What the ways are held against. */
export interface OtherWaysContext {
  job: Job;
  wants: JointWants;
  joint: JointGeometry;
  system: UnitSystem;
}

/** Answers "how else?" for a joint that the arc does not do, or only as a last resort; what this job allows stands first. */
export function otherWaysFor(context: OtherWaysContext): OtherWayHere[] {
  const ids = idsFor(context);
  const judged = ids.map((id) => ({ id, ...otherWay(id), against: against(otherWay(id), context) }));
  return [...judged.filter((way) => way.against === ''), ...judged.filter((way) => way.against !== '')];
}

function idsFor({ wants, job }: OtherWaysContext): readonly OtherWayId[] {
  const { verdict, families, unjoinable, rods } = wants;
  if (judgeStopWork(job.look.stopWork).stops.length > 0 && verdict === 'yes') return WAYS_WHEN_STOPPED;
  const own = (family: FamilyId): readonly OtherWayId[] => metalFamily(family).ways ?? [];
  if (unjoinable) {
    const never = families.some((family) => metalFamily(family).arc === 'never');
    return never ? WAYS_BESIDE_NEVER : WAYS_BETWEEN_UNLIKE;
  }
  if (verdict === 'yes' && rods.length > 0) return [];
  const first = families.flatMap(own);
  return first.length > 0 || verdict !== 'yes' ? [...new Set(first)] : WAYS_BETWEEN_UNLIKE;
}

function against(way: OtherWay, { job, wants, joint, system }: OtherWaysContext): string {
  const say = inWords(system);
  const burns = wants.families.filter((family) =>
    way.hot ? HAZARDS[family]?.noFlame : way.cuts ? HAZARDS[family]?.noDust : false,
  );
  const [first] = burns;
  if (first !== undefined)
    return `Not while it may be ${midSentence(metalFamily(first).name)}: ${way.hot ? 'no flame' : 'no drill, no chips'}.`;
  if (
    (way.hot || way.cuts) &&
    judgeStopWork(job.look.stopWork).stops.some(({ question }) => question.holdsVapour)
  )
    return 'Not on what may hold pressure or vapour: no flame, no drill.';
  const { service_C } = job.look;
  if (service_C !== null && service_C > way.hottest_C)
    return `Not at ${say.temperature(service_C)}: good to about ${say.temperature(way.hottest_C)}.`;
  if (!way.carries && job.rod.duty === 'carries') return 'Carries no load by itself.';
  if (way.bothSides && job.look.access !== null && job.look.access !== 'both')
    return 'Wants both faces within reach.';
  if (joint.thin_mm !== null && joint.thin_mm < way.from_mm) return `Wants ${say.size(way.from_mm)} or more.`;
  return '';
}
