import { jointTraits } from '../../data/joints';
import { UNEQUAL_SIDES } from '../../data/limits';
import type { RoleId } from '../../data/rodChoice';
import type { Pole, RodClassId } from '../../data/rods';
import type { AimId } from '../../data/words';
import { meltOf, type Melt } from '../../heat/melt';
import { jointGeometry, type JointGeometry } from '../../joint/geometry';
import { ampWindow, type AmpWindow } from '../../rods/amps';
import { choosePole, chooseRod, type RodChoice } from '../../rods/choose';
import { rodHydrogen, type RodHydrogen } from '../../rods/keeping/hydrogen';
import { rebaked, tinVerdict, type TinVerdict } from '../../rods/keeping/verdict';
import { wantedFor, type RodQuestion } from '../../rods/rank';
import { heatShare, settingsFor, type RodSettings } from '../../rods/settings';
import type { Choice } from '../choice';
import { mixWorth } from '../mix/mixWorth';
import { rodsForJoint } from '../mix/wantedRods';
import type { Reads } from '../situation';

/** Thin side from which the arc is set for the thick one and leaned, mm; below it is run on the thick side and flicked. */
const LEAN_FROM_mm = 3;

/** When the arc is to be struck, ms since 1970; null where nobody said. */
export const at_ms = ({ entered, now_ms }: Reads<'entered' | 'now_ms'>): number | null =>
  entered.look.startAt === null ? now_ms : Date.parse(entered.look.startAt);

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

/** The rod, chosen for the joint as it was entered; null where none is to be told. */
export function enteredRod({
  entered,
  noRod,
  kit,
  machine,
  plate,
  wants,
  at_ms: at,
}: Reads<'entered' | 'noRod' | 'kit' | 'machine' | 'plate' | 'wants' | 'at_ms'>): Choice<RodChoice> | null {
  if (noRod) return null;
  const { rodClass, size } = entered.rod;
  const joint = jointGeometry(entered.joint);
  const question = rodQuestion({ job: entered, kit, machine, plate, wants, joint, at_ms: at });
  const rod = chooseRod({ ...question, fixedClass: rodClass, fixedSize: size });
  return rod && { value: rod, by: rodClass !== null || size !== null ? 'you' : 'app', why: rod.why };
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

/** Amps between which the rod runs. */
export const window = ({ rod: taken }: Reads<'rod'>): AmpWindow | null =>
  taken && ampWindow(taken.value.rodClass, taken.value.size, taken.value.tin);

/** The pole it is run on. */
export function pole({
  entered,
  rod: taken,
  machine,
  joint,
}: Reads<'entered' | 'rod' | 'machine' | 'joint'>): Choice<Pole> | null {
  if (entered.rod.pole !== null) return { value: entered.rod.pole, by: 'you', why: 'You chose it.' };
  if (!taken) return null;
  const chosen = choosePole(taken.value.rodClass, machine?.value.poles ?? null, joint.thin_mm);
  return { value: chosen.pole, by: 'app', why: chosen.why };
}

/** Where the arc is held between a thin and a thick side. */
export function aim({ entered, joint }: Reads<'entered' | 'joint'>): Choice<AimId> {
  if (joint.ratio < UNEQUAL_SIDES.ratio)
    return { value: 'bisect', by: 'app', why: 'Both sides take the same.' };
  if (entered.rod.aim !== null) return { value: entered.rod.aim, by: 'you', why: 'You chose it.' };
  return (joint.thin_mm ?? 0) >= LEAN_FROM_mm
    ? { value: 'lean', by: 'app', why: 'Thin side 3 mm or more: set for the thick one and lean onto it.' }
    : { value: 'flick', by: 'app', why: 'Thin side under 3 mm: run on the thick side and flick over.' };
}

/** Angle the rod is leaned to, typed, where the sides are unequal; else null. */
const leanOf = ({ entered, joint }: Reads<'entered' | 'joint'>): number | null =>
  isUneven(joint) ? entered.rod.workAngle_deg : null;

/** One side is so much thicker that the arc is not held between them. */
export const isUneven = (joint: JointGeometry): boolean => joint.ratio >= UNEQUAL_SIDES.ratio;

/** Electrode negative puts less of the heat into the plate. Placed by us between the two schools, not measured. */
const NEGATIVE_HEAT = 0.9;

/** Share of the arc's heat that the thin side takes before the pole is counted: by aim or angle. */
export const leanShare = ({ entered, joint, aim: at }: Reads<'entered' | 'joint' | 'aim'>): number =>
  heatShare(at.value, leanOf({ entered, joint }));

/** Share of the arc's heat that the thin side takes. */
export const thinShare = ({ leanShare: share, pole: by }: Reads<'leanShare' | 'pole'>): number =>
  share * (by?.value === 'DCEN' ? NEGATIVE_HEAT : 1);

/** How the metal melts through. */
export const metalMelt = ({ wants }: Reads<'wants'>): Melt => meltOf(wants.families);
export const melt = ({ metalMelt: of }: Reads<'metalMelt'>): Melt['properties'] => of.properties;
/** True where the melt-through fit was made on this kind of metal. */
export const meltFitted = ({ metalMelt: of }: Reads<'metalMelt'>): boolean => of.fitted;

/** How dry the tin is when the arc is struck; null where no tin or no time is given. */
export function dryness({
  rod: taken,
  at_ms: at,
  entered,
}: Reads<'rod' | 'at_ms' | 'entered'>): TinVerdict | null {
  const tin = taken?.value.tin;
  return tin && at !== null ? tinVerdict(entered.rod.rebake ? rebaked(tin, at) : tin, at) : null;
}

/** Hydrogen that the rod brings. */
export const hydrogen = ({ rod: taken, dryness: state }: Reads<'rod' | 'dryness'>): RodHydrogen | null =>
  taken && rodHydrogen(taken.value.rodClass, taken.value.tin ?? null, state);

/** How the rod is held and moved. */
export function settings({
  rod: taken,
  joint,
  entered,
  aim: at,
}: Reads<'rod' | 'joint' | 'entered' | 'aim'>): RodSettings | null {
  return (
    taken &&
    settingsFor({
      rodClass: taken.value.rodClass,
      size: taken.value.size,
      kind: joint.kind,
      position: entered.look.position,
      aim: at.value,
      workAngle_deg: leanOf({ entered, joint }),
      ratio: joint.ratio,
      thin_mm: joint.thin_mm,
    })
  );
}

/** Rest that the welder takes after each rod, s. */
export const rest_s = ({ entered }: Reads<'entered'>): number => entered.rod.rest_s ?? 0;
