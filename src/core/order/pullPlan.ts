import { jointTraits } from '../data/joints';
import { pieceTraits } from '../data/pieces';
import { ASSUMED_WIDTH, BUCKLES_TO_mm, HEAVY_HAND, LEAN, USUAL_MOVE } from '../data/pull';
import type { JointGeometry } from '../joint/geometry';
import type { Job } from '../formats/job';
import { angular_mm, bow_mm, buckles_N, lean_mm, teeSection, tendon_N, transverse_mm } from './pull';
import type { BeadPlan } from '../rods/beads';
import type { HeatInput } from '../preheat/heatPlan';
import { mapRange, type Range } from '../units/range';

/** How the parts of a job are pulled; each null where it does not apply or a size of it is not known. */
export interface PullPlan {
  /** The piece as wide as it was measured, or as it is taken to be, mm. */
  width_mm: number;
  measured: boolean;
  /** In across a butt, mm. */
  transverse_mm: Range | null;
  /** Edge of the flange lifted by the fillets, mm. */
  angular_mm: Range | null;
  /** The same for other legs, smallest first: what overwelding costs. None where there is no flange to lift. */
  byLeg: readonly LegPull[];
  /** Bow of a tee along its length, mm. */
  bow_mm: Range | null;
  /** Out of square at the free end of a tube that is welded all round, mm, and how long that is. */
  lean_mm: Range | null;
  member_mm: number;
  /** Pull along the weld, and the pull at which the sheet buckles, N. */
  along_N: Range | null;
  buckles_N: Range | null;
}

/** A leg, what it lifts, and its weld metal as a multiple of the smallest's. */
export interface LegPull {
  leg_mm: number;
  lift_mm: Range;
  metal: number;
  what: 'by rule' | 'taken' | 'half as much again';
}

interface PullContext {
  job: Job;
  joint: JointGeometry;
  beads: BeadPlan | null;
  input: HeatInput | null;
}

/** Works out how a job pulls. */
export function resolvePull({ job, joint, beads, input }: PullContext): PullPlan {
  const { kind, thin_mm, thick_mm, area_mm2, gap_mm, leg_mm } = joint;
  const typed_mm = job.heat.pieceWidth_mm;
  const { butt = false, lifts: isTee = false } = jointTraits(kind) ?? {};
  const laid_mm2 = beads?.passes.reduce((sum, pass) => sum + pass.area_mm2, 0) ?? area_mm2;
  // A tube holds itself: only a flat panel buckles.
  const { piece } = job.order;
  const tube =
    (piece !== null && pieceTraits(piece).cornered) || (jointTraits(kind)?.run ?? 'line') !== 'line';
  const sheet = thin_mm !== null && thin_mm <= BUCKLES_TO_mm.value && !tube;
  const lifts = isTee && thick_mm !== null;
  const width_mm = typed_mm ?? (isTee ? ASSUMED_WIDTH.flange_mm : ASSUMED_WIDTH.panel_mm);
  return {
    width_mm,
    measured: typed_mm !== null,
    transverse_mm:
      butt && laid_mm2 !== null && thin_mm !== null ? transverse_mm(laid_mm2, thin_mm, gap_mm ?? 0) : null,
    angular_mm: lifts && leg_mm !== null ? angular_mm(width_mm, leg_mm, thick_mm) : null,
    byLeg:
      lifts && thin_mm !== null && leg_mm !== null
        ? legsOf(leg_mm, RULE_LEG * thin_mm, (leg) => angular_mm(width_mm, leg, thick_mm))
        : [],
    bow_mm: bowOf(job, laid_mm2),
    lean_mm: leanOf(job, joint),
    member_mm: memberOf(job),
    along_N: sheet && input !== null ? tendon_N(input.most_kJ_mm) : null,
    buckles_N: sheet && thin_mm !== null ? buckles_N(width_mm, thin_mm) : null,
  };
}

/** How much a length of work is mostly allowed to move, mm. */
export const usualMove_mm = (length_mm: number): number =>
  USUAL_MOVE.rows.find(({ upTo_mm }) => length_mm <= upTo_mm)?.move_mm ?? 0;

/** A tee bows along its length: side A is the upright, side B the flange. */
function bowOf({ joint, heat, order }: Job, laid_mm2: number | null): Range | null {
  const { thicknessA_mm, thicknessB_mm, sameThickness, length_mm, kind } = joint;
  const flange_mm = sameThickness ? thicknessA_mm : thicknessB_mm;
  if (
    !jointTraits(kind)?.lifts ||
    laid_mm2 === null ||
    thicknessA_mm === null ||
    flange_mm === null ||
    length_mm === null ||
    heat.pieceWidth_mm === null ||
    order.web_mm === null
  )
    return null;
  const { beside_mm, inertia_mm4 } = teeSection(
    { width_mm: heat.pieceWidth_mm, thickness_mm: flange_mm },
    { height_mm: order.web_mm, thickness_mm: thicknessA_mm },
  );
  return bow_mm(laid_mm2, beside_mm, length_mm, inertia_mm4);
}

const memberOf = ({ heat }: Job): number => heat.pieceLength_mm ?? LEAN.member_mm;

/** A square tube leans; a round one has no corner that would show it. */
function leanOf(job: Job, { kind, area_mm2, thin_mm }: JointGeometry): Range | null {
  const { tubeWidth_mm, tubeHeight_mm } = job.joint;
  if (jointTraits(kind)?.run !== 'sides' || area_mm2 === null || thin_mm === null) return null;
  if (tubeWidth_mm === null || tubeHeight_mm === null) return null;
  return lean_mm(area_mm2, thin_mm, Math.min(tubeWidth_mm, tubeHeight_mm), memberOf(job));
}

/** The leg by rule where it is smaller, the one taken, and what a heavy hand makes of it. */
function legsOf(taken_mm: number, rule_mm: number, lift: (leg_mm: number) => Range): LegPull[] {
  const least = Math.min(taken_mm, rule_mm);
  const row = (leg_mm: number, what: LegPull['what']): LegPull => ({
    leg_mm,
    lift_mm: lift(leg_mm),
    metal: (leg_mm / least) ** 2,
    what,
  });
  return [
    ...(rule_mm < 0.95 * taken_mm ? [row(rule_mm, 'by rule')] : []),
    row(taken_mm, 'taken'),
    row(HEAVY_HAND.times * taken_mm, 'half as much again'),
  ];
}

/** Degrees that each half of a flange is set the other way, for a lift at its edge. */
export const presetOf = (lift_mm: Range, width_mm: number): Range =>
  mapRange(lift_mm, (lift) => (Math.atan(lift / (width_mm / 2)) * 180) / Math.PI);

/** Leg over the thinner side that is as strong as it: a bigger one pulls more and holds no more. Common practice. */
const RULE_LEG = 0.7;
