import { LIKES_BIG_BEADS } from '../../data/heatLimits';
import { SPOIL_SHARE } from '../../data/limits';
import { jointTraits } from '../../data/joints';
import type { Job } from '../../formats/job';
import type { Tin } from '../../formats/kit';
import { isUneven, opens, jointGeometry } from '../../joint/geometry';
import { fillBack, fillRegion } from '../../joint/region';
import { ampWindow } from '../amps/amps';
import { planBeads, type BeadPlan } from '../beads';
import { rodsByKind } from '../counts';
import type { BurnedRod } from '../hand';
import type { RodChoice } from '../choose';
import { mixRods, type NextRod } from '../mix';
import { memoize } from '../../units/memoize';
import { startAmps, type AmpsContext, type OtherRod } from './amps';
import type { Reads } from '../../judge/situation';

declare module '../../judge/situation' {
  interface Situation {
    readonly beads: BeadPlan | null;
  }
}

/** How a joint fills: worked out once for as long as the joint stands as it is. */
const regionOf = memoize((joint: Job['joint']) => fillRegion(joint, jointGeometry(joint)));

const backOf = memoize((joint: Job['joint']) => fillBack(joint, jointGeometry(joint)));

/** The passes of a job: laid out in its section, and shared out over sizes where the tin runs short and the welder says so. */
export function beads(
  context: AmpsContext & Reads<'rod' | 'current_A' | 'root' | 'cap' | 'rootBy' | 'kit' | 'wants' | 'tacks'>,
): BeadPlan | null {
  const { rod: taken, current_A, root, cap, rootBy, job, joint, length_mm, wants, tacks } = context;
  if (!taken || !current_A || joint.area_mm2 === null) return null;
  const rod = taken.value;
  const main: BurnedRod = {
    rodClass: rod.rodClass,
    size: rod.size,
    current_A: current_A.value,
    long_mm: rod.tin?.length_mm ?? null,
  };
  const plan = planBeads({
    rod: main,
    area_mm2: joint.area_mm2,
    region: regionOf(job.joint),
    back: backOf(job.joint),
    length_mm,
    position: job.look.position,
    big:
      (joint.thick_mm ?? 0) >= LIKES_BIG_BEADS.from_mm &&
      wants.families.some((id) => LIKES_BIG_BEADS.families.includes(id)),
    through: opens(joint),
    uneven: isUneven(joint),
    root: rootBy ? { ...main, current_A: rootBy.current_A, by: rootBy } : root && burnedOf(root),
    hot: rootBy?.hot ? { ...main, current_A: rootBy.hot.current_A, by: rootBy.hot } : null,
    cap: cap && burnedOf(cap),
    overlay: jointTraits(job.joint.kind)?.overlay ?? false,
    count: job.rod.beadCount,
    shares: job.rod.beadShares,
    move: job.rod.move,
    half: jointTraits(job.joint.kind)?.overlay ?? false,
    tackArc_s: tacks.count * tacks.arc_s,
  });
  return job.rod.mix && rod.tin?.count != null
    ? mixRods(plan, main, rod.tin.count, otherSizes(rod, context))
    : plan;
}

const burnedOf = ({ rod, current_A }: OtherRod): BurnedRod => ({
  rodClass: rod.rodClass,
  size: rod.size,
  current_A,
  long_mm: rod.tin?.length_mm ?? null,
});

/** Other sizes of the class in the tins, nearest first, each at the amps it would be begun with. */
function otherSizes(rod: RodChoice, context: AmpsContext & Reads<'kit'>): NextRod[] {
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
        long_mm: tin.length_mm,
      };
      return [{ rod: burned, count: tin.count ?? 0 }];
    });
}

/** True where the rods of a kind do not last, with spoil. */
export const runsShort = (plan: BeadPlan, rod: RodChoice): boolean =>
  rod.tin?.count != null &&
  rodsByKind(plan)
    .filter((kind) => kind.size === rod.size && kind.rodClass === rod.rodClass)
    .some(({ rods }) => rods * (1 + SPOIL_SHARE) > (rod.tin?.count ?? 0));
