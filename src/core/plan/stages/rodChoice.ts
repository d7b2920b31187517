import { jointTraits } from '../../data/joints';
import type { RoleId } from '../../data/rodChoice';
import type { RodClassId } from '../../data/rods';
import { jointGeometry } from '../../joint/geometry';
import { chooseRod, type RodChoice } from '../../rods/choose';
import { tinVerdict } from '../../rods/keeping/verdict';
import { wantedFor, type RodQuestion } from '../../rods/rank';
import type { Choice } from '../../judge/choice';
import { mixWorth } from '../../mix/mixWorth';
import { rodsForJoint } from '../../mix/wantedRods';
import type { Job } from '../../formats/job';
import type { Preferred, Reads } from '../../judge/situation';

declare module '../../judge/situation' {
  interface Situation {
    /** The rod for the joint as it was entered: what cannot be so of the joint is told by it. */
    readonly enteredRod: Choice<RodChoice> | null;
    readonly rod: Choice<RodChoice> | null;
    /** Rods that may be used, best first: the metal's own, and hard ones for a pad. */
    readonly rodsWanted: readonly RodClassId[];
  }
}

/** What a rod is chosen for; the role is the place in the weld. */
export type RodContext = Reads<'job' | 'kit' | 'machine' | 'plate' | 'wants' | 'joint' | 'at_ms'>;

/** The question that a rod of a job answers. */
export function rodQuestion(
  { job, kit, machine, plate, wants, joint, at_ms: at }: RodContext,
  role: RoleId = 'whole',
): RodQuestion {
  return {
    tins: kit.tins,
    wanted: rodsForJoint(job, wants),
    mixed: (id) => (wants.verdict === 'unknown' ? [] : mixWorth(job, wants, id)),
    poles: machine?.value.poles ?? null,
    ocv_V: machine?.value.ocv_V ?? null,
    thin_mm: joint.thin_mm,
    position: job.look.position,
    surface: job.look.surface,
    maxMachine_A: plate?.max_A?.range.nominal ?? null,
    families: wants.families,
    duty: job.rod.duty,
    skill: job.rod.skill,
    role,
    dryness: at === null ? null : (tin) => tinVerdict(tin, at).state,
    fixedClass: null,
    fixedSize: null,
  };
}

/** True where what was found keeps to what the welder fixed. */
const suits = (found: Preferred, { rodClass, size }: Pick<Job['rod'], 'rodClass' | 'size'>): boolean =>
  (rodClass ?? found.rodClass) === found.rodClass && (size ?? found.size) === found.size;

/** The rod, chosen for the joint as it was entered; null where none is to be told. */
export function enteredRod({
  entered,
  noRod,
  kit,
  machine,
  plate,
  wants,
  at_ms: at,
  preferred,
}: Reads<
  'entered' | 'noRod' | 'kit' | 'machine' | 'plate' | 'wants' | 'at_ms' | 'preferred'
>): Choice<RodChoice> | null {
  if (noRod) return null;
  const { rodClass, size } = entered.rod;
  const joint = jointGeometry(entered.joint);
  const question = rodQuestion({ job: entered, kit, machine, plate, wants, joint, at_ms: at });
  const found = preferred && suits(preferred, entered.rod) ? preferred : null;
  const rod = chooseRod({
    ...question,
    fixedClass: found?.rodClass ?? rodClass,
    fixedSize: found?.size ?? size,
  });
  const why = found?.why ?? rod?.why ?? '';
  return rod && { value: { ...rod, why }, by: rodClass !== null || size !== null ? 'you' : 'app', why };
}

/** The rod that is planned with. */
export const rod = ({ enteredRod: taken }: Reads<'enteredRod'>): Choice<RodChoice> | null => taken;

/** Rods that may be used, best first: the metal's own, and on a pad those against wear. */
export function rodsWanted({
  job,
  kit,
  machine,
  plate,
  wants,
  joint,
  at_ms: at,
}: RodContext): readonly RodClassId[] {
  const rods = rodsForJoint(job, wants);
  if (!jointTraits(job.joint.kind)?.overlay) return rods;
  const question = rodQuestion({ job, kit, machine, plate, wants, joint, at_ms: at }, 'hardface');
  return [...rods, ...wantedFor(question)];
}
