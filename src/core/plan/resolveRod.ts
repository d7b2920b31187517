import type { AimId } from '../data/words';
import type { Pole, RodClassId } from '../data/rods';
import type { Job } from '../formats/job';
import type { Kit, Machine, Tin } from '../formats/kit';
import { FITTED_DEPOSIT_mm3_As, holesAt_A, type MeltProperties } from '../heat/burnThrough';
import type { Melt } from '../heat/melt';
import { jointGeometry, type JointGeometry } from '../joint/geometry';
import { fillRegion } from '../joint/region';
import type { JointWants } from '../metal/wants';
import type { Plate } from '../power/nameplate';
import { ampWindow, proposeAmps, type AmpWindow } from '../rods/amps';
import { pathOf, planRuns, runsInOrder, type RunPlan } from '../rods/along';
import { segmentsOf } from '../order/segments';
import { pieceKindOf } from './order/blowPiece';
import type { OrderPlan } from './order/orderPlan';
import { planBeads, rodsByKind, type BeadPlan, type BurnedRod } from '../rods/beads';
import { choosePole, chooseRod, type RodChoice } from '../rods/choose';
import { tinVerdict } from '../rods/keeping/verdict';
import { mixRods, type NextRod } from '../rods/mix';
import { wantedFor, type RodQuestion } from '../rods/rank';
import { BURN_THROUGH_RATIO, SPOIL_SHARE, TACK_ARC_s } from '../data/limits';
import { rodClass } from '../data/rods';
import type { RoleId } from '../data/rodChoice';
import type { Range } from '../units/range';
import { remembered } from '../units/remembered';
import type { Choice } from './choice';
import { mixWorth } from './mix/mixWorth';
import { rodsForJoint } from './mix/wantedRods';
import { tacksOf } from './timeline';

/** The rod half of a situation: which rod, how hot, in how many passes, and where each rod ends. */

/** What a rod is chosen for in a job; the role is the place in the weld. */
export interface RodContext {
  job: Job;
  kit: Kit;
  machine: Machine | null;
  plate: Plate | null;
  wants: JointWants;
  joint: JointGeometry;
  at_ms: number | null;
}

/** The question that a rod of a job answers. */
export function rodQuestion(context: RodContext, role: RoleId = 'whole'): RodQuestion {
  const { job, kit, machine, plate, wants, joint, at_ms } = context;
  return {
    tins: kit.tins,
    wanted: rodsForJoint(job, wants),
    mixed: (id) => (wants.verdict === 'unknown' ? [] : mixWorth(job, wants, id)),
    poles: machine?.poles ?? null,
    ocv_V: machine?.ocv_V ?? null,
    thin_mm: joint.thin_mm,
    position: job.look.position,
    surface: job.look.surface,
    maxMachine_A: plate?.max_A?.range.nominal ?? null,
    families: wants.families,
    duty: job.rod.duty,
    skill: job.rod.skill,
    role,
    dryness: at_ms === null ? null : (tin) => tinVerdict(tin, at_ms).state,
    fixedClass: null,
    fixedSize: null,
  };
}

/** Rods that may be used at all: the metal's own, and on a pad those against wear. */
export function rodsWanted(context: RodContext): readonly RodClassId[] {
  const { wants, job } = context;
  const rods = rodsForJoint(job, wants);
  if (job.joint.kind !== 'pad') return rods;
  return [...rods, ...wantedFor(rodQuestion(context, 'hardface'))];
}

export function resolveRod(context: RodContext): Choice<RodChoice> | null {
  const { rodClass, size } = context.job.rod;
  const rod = chooseRod({ ...rodQuestion(context), fixedClass: rodClass, fixedSize: size });
  if (!rod) return null;
  return { value: rod, by: rodClass !== null || size !== null ? 'you' : 'app', why: rod.why };
}

export function resolvePole(
  job: Job,
  rod: Choice<RodChoice> | null,
  machine: Machine | null,
  joint: JointGeometry,
): Choice<Pole> | null {
  if (job.rod.pole !== null) return { value: job.rod.pole, by: 'you', why: 'You chose it.' };
  if (!rod) return null;
  const { pole, why } = choosePole(rod.value.rodClass, machine?.poles ?? null, joint.thin_mm);
  return { value: pole, by: 'app', why };
}

interface AmpsContext extends RodContext {
  aim: AimId;
  melt: Melt;
  length_mm: number;
  share: number;
}

/** Amps that a rod is begun with: from packet or table, by thickness, position and aim, and under what holes the thin side. */
function startAmps(rod: RodChoice, window: AmpWindow, context: AmpsContext): number {
  const { job, joint, plate, machine, aim, melt, length_mm, share } = context;
  const ask = (holes: number | null) =>
    proposeAmps({
      window,
      size: rod.size,
      thin_mm: joint.thin_mm,
      thick_mm: joint.thick_mm,
      position: job.look.position,
      aim,
      holesAt_A: holes,
      machineMin_A: plate?.min_A?.range.nominal ?? null,
      machineMax_A: plate?.max_A?.range.nominal ?? null,
      bias: (machine?.bias_pct ?? 100) / 100,
    });
  const first = ask(null);
  if (joint.area_mm2 === null) return first;
  const beads = planBeads({ rod: { ...rod, current_A: first }, area_mm2: joint.area_mm2, length_mm });
  const holes = holesRange(beads, joint.thin_mm, share, melt.properties, melt.fitted);
  return holes && holes.low < first ? ask(holes.low) : first;
}

export function resolveAmps(
  rod: Choice<RodChoice> | null,
  window: AmpWindow | null,
  context: AmpsContext,
): Choice<number> | null {
  const { job, machine } = context;
  // No dial is read finer.
  if (job.rod.current_A !== null)
    return { value: Math.round(10 * job.rod.current_A) / 10, by: 'you', why: 'You set it.' };
  if (!rod || !window) return null;
  const from = window.by === 'packet' ? 'the packet' : 'the table';
  const bias = machine?.bias_pct ?? null;
  return {
    value: startAmps(rod.value, window, context),
    by: 'app',
    why: `From ${from}, for the thickness and position${bias === null ? '' : `, times the ${bias} % this machine runs right at`}. Try it on scrap.`,
  };
}

/** Another rod for the root, where the welder named one. */
export function resolveRoot(
  context: AmpsContext,
): { rod: RodChoice; window: AmpWindow; current_A: number } | null {
  const { rodClass, size } = context.job.rod.root;
  if (rodClass === null || size === null) return null;
  const tin = context.kit.tins.find((t) => t.rodClass === rodClass && t.size === size) ?? null;
  const window = ampWindow(rodClass, size, tin);
  if (window === null) return null;
  const rod = { rodClass, size, tin, why: 'You chose it for the root.' };
  return { rod, window, current_A: startAmps(rod, window, context) };
}

/** How a joint fills: worked out once for as long as the joint stands as it is. */
const regionOf = remembered((joint: Job['joint']) => fillRegion(joint, jointGeometry(joint)));

/** The passes of a job: laid out in its section, and shared out over sizes where the tin runs short and the welder says so. */
export function resolveBeads(
  rod: RodChoice,
  current_A: number,
  root: { rod: RodChoice; current_A: number } | null,
  context: AmpsContext,
): BeadPlan | null {
  const { job, joint, length_mm } = context;
  if (joint.area_mm2 === null) return null;
  const main: BurnedRod = { rodClass: rod.rodClass, size: rod.size, current_A };
  const plan = planBeads({
    rod: main,
    area_mm2: joint.area_mm2,
    region: regionOf(job.joint),
    length_mm,
    root: root && { rodClass: root.rod.rodClass, size: root.rod.size, current_A: root.current_A },
    count: job.rod.beadCount,
    shares: job.rod.beadShares,
    move: job.rod.move,
    half: job.joint.kind === 'pad',
    tackArc_s: tacksOf(job.joint.kind, length_mm) * TACK_ARC_s,
  });
  return job.rod.mix && rod.tin?.count != null
    ? mixRods(plan, main, rod.tin.count, otherSizes(rod, context))
    : plan;
}

/** Other sizes of the class in the tins, nearest first, each at the amps it would be begun with. */
export function otherSizes(rod: RodChoice, context: AmpsContext): NextRod[] {
  return context.kit.tins
    .filter((tin: Tin) => tin.rodClass === rod.rodClass && tin.size !== rod.size && (tin.count ?? 0) > 0)
    .flatMap((tin) => {
      const window = ampWindow(tin.rodClass, tin.size, tin);
      if (window === null) return [];
      const choice = { rodClass: tin.rodClass, size: tin.size, tin, why: '' };
      const burned = {
        rodClass: tin.rodClass,
        size: tin.size,
        current_A: startAmps(choice, window, context),
      };
      return [{ rod: burned, count: tin.count ?? 0 }];
    });
}

/** True where the rods of a kind do not last, with spoil. */
export const runsShort = (beads: BeadPlan, rod: RodChoice): boolean =>
  rod.tin?.count != null &&
  rodsByKind(beads)
    .filter((kind) => kind.size === rod.size && kind.rodClass === rod.rodClass)
    .some(({ rods }) => rods * (1 + SPOIL_SHARE) > (rod.tin?.count ?? 0));

const FRAME_CORNERS = 4;

/** How the first pass runs along the joint: round a pipe or tube as is usual there, along a seam as its segments are ordered. */
export function resolveRuns(job: Job, beads: BeadPlan, length_mm: number, order: OrderPlan | null): RunPlan {
  const { kind, tubeWidth_mm, tubeHeight_mm, plugCount } = job.joint;
  const frame = pieceKindOf(job) === 'frame';
  const pieces = kind === 'plug' || kind === 'slot' ? (plugCount ?? 1) : frame ? FRAME_CORNERS : 1;
  const path = pathOf(kind, length_mm, { width_mm: tubeWidth_mm, height_mm: tubeHeight_mm }, pieces);
  if (order && frame) {
    const corners = segmentsOf(length_mm, length_mm / FRAME_CORNERS);
    return runsInOrder(path, corners, order.taken.judged.order, order.taken.id);
  }
  const round = path.closed && (kind === 'rectangle' || order?.taken.id === 'backstep');
  if (order && !round && pieces === 1 && order.question.joined && order.taken.id !== 'straight')
    return runsInOrder(path, order.question.heat.segments, order.taken.judged.order, order.taken.id);
  const stepped = path.closed && order?.taken.id === 'backstep' ? 'backstep' : 'straight';
  return planRuns(path, beads.passes[0]?.beadPerRod_mm ?? length_mm, stepped);
}

/** Doubt of the fit on metals it was not made on: other conductivities. */
const OTHER_METAL_DOUBT = 0.3;

/** Amps at which the first pass holes the thin side; null while something is missing. */
export function holesRange(
  beads: BeadPlan | null,
  thin_mm: number | null,
  share: number,
  melt: MeltProperties,
  fitted: boolean,
): Range | null {
  const pass = beads?.passes[0];
  if (!pass || thin_mm === null) return null;
  // The fit was made with steel rods at one pace; aluminium is run at the pace its rod lays.
  const { coating, deposit_mm3_As } = rodClass(pass.rod.rodClass);
  const range = holesAt_A(
    pass.rod.current_A,
    pass.area_mm2,
    thin_mm,
    share,
    melt,
    BURN_THROUGH_RATIO,
    coating === 'aluminium' ? deposit_mm3_As : FITTED_DEPOSIT_mm3_As,
  );
  if (fitted) return range;
  return {
    low: range.low * (1 - OTHER_METAL_DOUBT),
    nominal: range.nominal,
    high: range.high * (1 + OTHER_METAL_DOUBT),
  };
}
