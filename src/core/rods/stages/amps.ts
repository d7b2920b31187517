import { ampWindow, HOLES_MARGIN, proposeAmps, type AmpWindow } from '../amps/amps';
import { isSheet } from '../../data/limits';
import { ROD_SIZES, type RodSizeId } from '../../data/rodSizes';
import { fusionFloor_A } from '../../heat/fusion';
import { jointTraits } from '../../data/joints';
import { rodClass, type Pole, type RodClassId } from '../../data/rods';
import { OPEN_ROOT } from '../../data/fusion';
import { NOT_TRIED } from '../../bench/stage';
import { planBeads } from '../beads';
import { choosePole, isThat, type RodChoice } from '../choose';
import type { Choice } from '../../judge/choice';
import { holesRange } from './holes';
import type { Reads } from '../../judge/situation';
import { isUneven, opens } from '../../joint/geometry';

/** A rod beside the main one, with what it is run at. */
export interface OtherRod {
  rod: RodChoice;
  window: AmpWindow;
  current_A: number;
  /** The pole it wants where it does not run on the main rod's; null where that does. */
  pole: Pole | null;
}

declare module '../../judge/situation' {
  interface Situation {
    /** Amps that the app begins with, and those that are planned with. */
    readonly proposed_A: number | null;
    readonly current_A: Choice<number> | null;
    /** Another rod for the root, or the same one run cooler. */
    readonly root: OtherRod | null;
    /** Another rod for the last layer, where the welder named one. */
    readonly cap: OtherRod | null;
  }
}

/** What amps are proposed from. */
export type AmpsContext = Reads<
  'job' | 'joint' | 'plate' | 'bias' | 'aim' | 'leanShare' | 'metalMelt' | 'length_mm'
>;

/** Amps that a rod is begun with: from packet or table, by thickness, position and aim, and under what holes the thin side. */
export function startAmps(rod: RodChoice, window: AmpWindow, context: AmpsContext): number {
  const { job, joint, plate, bias, aim, leanShare, metalMelt, length_mm } = context;
  const { coating } = rodClass(rod.rodClass);
  const { share, dial } = bias(rod.tin);
  const ask = (holes: number | null) =>
    proposeAmps({
      window,
      size: rod.size,
      coating,
      thin_mm: joint.thin_mm,
      thick_mm: joint.thick_mm,
      position: job.look.position,
      downhill: isSheet(joint.thin_mm) && coating !== 'basic',
      aim: aim.value,
      holesAt_A: holes,
      machineMin_A: plate?.min_A?.range.nominal ?? null,
      machineMax_A: plate?.max_A?.range.nominal ?? null,
      bias: share,
    });
  const first = ask(null);
  if (joint.area_mm2 === null) return first;
  const uneven = isUneven(joint);
  const beads = planBeads({
    rod: { ...rod, current_A: first },
    area_mm2: joint.area_mm2,
    length_mm,
    position: job.look.position,
    through: opens(joint),
    uneven,
  });
  const holes = holesRange(beads, joint, leanShare, metalMelt.properties, metalMelt.fitted, dial);
  const safe = holes && holes.low < first ? ask(holes.low) : first;
  if (!uneven || joint.thick_mm === null || !metalMelt.fitted) return safe;
  // The thick side has to be fused, as long as that does not hole the thin one: halfway between, never nearer to the hole than is safe.
  const floor =
    dial * fusionFloor_A(coating, ROD_SIZES[rod.size].diameter_mm, joint.thick_mm, 1 - leanShare).nominal;
  const most = Math.min(
    holes?.nominal ?? Infinity,
    share * window.high_A,
    plate?.max_A?.range.low ?? Infinity,
  );
  if (floor >= most) return safe;
  const between = Math.min((floor + most) / 2, HOLES_MARGIN * (holes?.low ?? Infinity));
  return Math.ceil(Math.max(safe, floor, between));
}

/** Amps that chart or packet say for the rod in hand, with nothing that was learned; null where no rod is told. */
export function chartAmps(context: AmpsContext & Reads<'rod' | 'window'>): number | null {
  const { rod, window, job, joint, plate, aim, leanShare, metalMelt, length_mm } = context;
  if (!rod || !window) return null;
  const bias = () => NOT_TRIED;
  return startAmps(rod.value, window, { job, joint, plate, bias, aim, leanShare, metalMelt, length_mm });
}

/** Amps that the app begins with; null where no rod is told. */
export function proposed_A(context: AmpsContext & Reads<'rod' | 'window' | 'preferred'>): number | null {
  const { rod, window, preferred } = context;
  if (!rod || !window) return null;
  if (preferred?.ampsAt == null || !isThat(preferred, rod.value))
    return startAmps(rod.value, window, context);
  return Math.round(window.low_A + preferred.ampsAt * (window.high_A - window.low_A));
}

/** Amps: what the welder set, or what the app proposes. */
export function current_A(
  reads: Reads<'job' | 'bias' | 'rod' | 'window' | 'proposed_A'>,
): Choice<number> | null {
  const set_A = reads.job.rod.current_A;
  // No dial is read finer.
  if (set_A !== null) return { value: Math.round(10 * set_A) / 10, by: 'you', why: 'You set it.' };
  const { bias, rod, window, proposed_A: value } = reads;
  if (value === null || window === null) return null;
  const from = window.by === 'packet' ? 'the packet' : 'the table';
  const { words } = bias(rod?.value.tin ?? null);
  return {
    value,
    by: 'app',
    why: `From ${from}, for the thickness and position${words === '' ? '' : `, ${words}`}. Try it on scrap.`,
  };
}

/** The root: another rod where the welder named one, or the same run cooler where it hangs over an open gap. */
export function root(
  context: AmpsContext & Reads<'noRod' | 'kit' | 'rod' | 'window' | 'current_A' | 'machine' | 'pole'>,
): OtherRod | null {
  if (context.noRod) return null;
  const { rodClass: id, size } = context.job.rod.root;
  if (id === null || size === null) return openRoot(context);
  return namedRod(id, size, 'You chose it for the root.', context);
}

/** The last layer with another rod, where the welder named one. */
export function cap(
  context: AmpsContext & Reads<'noRod' | 'kit' | 'rod' | 'machine' | 'pole'>,
): OtherRod | null {
  const { rodClass: id, size } = context.job.rod.cap;
  const main = context.rod?.value;
  if (context.noRod || id === null || size === null || !main) return null;
  return isThat({ rodClass: id, size }, main)
    ? null
    : namedRod(id, size, 'You chose it for the top.', context);
}

/** A rod that the welder named for part of the joint, at the amps it is begun with; null where nobody knows its amps. */
function namedRod(
  id: RodClassId,
  size: RodSizeId,
  why: string,
  context: AmpsContext & Reads<'kit' | 'machine' | 'pole'>,
): OtherRod | null {
  const tin = context.kit.tins.find((t) => t.rodClass === id && t.size === size) ?? null;
  const window = ampWindow(id, size, tin);
  if (window === null) return null;
  const rod = { rodClass: id, size, tin, why };
  const { machine, pole, joint } = context;
  const runsOnIt = pole === null || rodClass(id).poles.includes(pole.value);
  return {
    rod,
    window,
    current_A: startAmps(rod, window, context),
    pole: runsOnIt ? null : choosePole(id, machine?.value.poles ?? null, joint.thin_mm).pole,
  };
}

/** Over an open gap the same rod runs cooler, unless the welder set its amps. */
function openRoot({
  job,
  joint,
  rod,
  window,
  current_A,
}: Parameters<typeof root>[0]): ReturnType<typeof root> {
  const open = jointTraits(job.joint.kind)?.root === 'face' && (joint.gap_mm ?? 0) >= OPEN_ROOT.from_mm;
  if (!open || !rod || !window || current_A?.by !== 'app') return null;
  if (joint.backing || job.joint.back === 'gouged') return null;
  const share = OPEN_ROOT.share[rodClass(rod.value.rodClass).coating] ?? OPEN_ROOT.usual;
  const cooler_A = Math.max(
    Math.round(share * current_A.value),
    Math.ceil(OPEN_ROOT.leastOfLow * window.low_A),
  );
  return cooler_A < current_A.value
    ? { rod: { ...rod.value, why: 'An open root is run cooler.' }, window, current_A: cooler_A, pole: null }
    : null;
}
