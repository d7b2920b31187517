import { counted } from '../units/format';
import { BEAD_OVERLAP } from '../data/limits';
import { rodClass, type RodClassId } from '../data/rods';
import { ROD_SIZES, STUB_mm, type RodSizeId } from '../data/rodSizes';
import type { MoveId, PositionId } from '../data/words';
import type { Back, Region } from '../joint/region';
import { ampsForHeat_A, tigHeat_W } from '../heat/arcEnergy';
import { clamp } from './amps/amps';
import { backRole, facesInTurn, inOrderOf, type Face, type PassRole } from './faces';
import { intoLayers, profileOf, rolesOf, type LayoutQuestion } from './layout';
import { widestOf } from './moves';

/** A rod as it burns in a pass. */
export interface BurnedRod {
  rodClass: RodClassId;
  size: RodSizeId;
  current_A: number;
  /** Length of a new rod, where its tin says it. */
  long_mm?: number | null;
  /** Laid by another process with no covered rod at all; the amps are that arc's. */
  by?: ByOther | null;
}

/** A pass laid without covered rods: its bead and pace, and what is told of it. */
export interface ByOther {
  process: 'tig';
  bead_mm2: number;
  pace_mm_s: number;
  /** Filler, pole and gas in a line. */
  words: string;
}

/** Amps at which a covered rod puts the same heat into the metal: what everything of heat is reckoned with. */
export const heatAmps_A = ({ by, current_A }: Pick<BurnedRod, 'by' | 'current_A'>): number =>
  by ? ampsForHeat_A(tigHeat_W(current_A)) : current_A;

/** The first pass that is laid with a covered rod; null where none is. */
export const stickPass = (beads: Pick<BeadPlan, 'passes'> | null): Pass | null =>
  beads?.passes.find(({ rod }) => !rod.by) ?? null;

/** Bead that a hand lays by TIG before it shifts, mm. Our judgement. */
const TIG_REACH_mm = 75;

/** One pass: a bead laid from end to end of the joint, or of the part of it that one kind of rod reaches. */
export interface Pass {
  role: PassRole;
  /** The face it is laid from. */
  face: Face;
  rod: BurnedRod;
  area_mm2: number;
  /** Part of the joint it runs along. */
  from_mm: number;
  to_mm: number;
  /** Travel, mm per second, that lays that area at its amps. */
  travel_mm_s: number;
  /** Bead one rod lays of it, mm, and how long that rod burns, s; without rods, what is laid before the hand shifts. */
  beadPerRod_mm: number;
  arcPerRod_s: number;
  rods: number;
}

/** The passes that fill a joint and what each rod lays of them. */
export interface BeadPlan {
  passes: readonly Pass[];
  /** How they are to be laid in the section; null while it cannot be drawn. */
  layout: LayoutQuestion | null;
  /** Section asked for, mm2; the passes may overfill it where a bead cannot be laid that small. */
  wanted_mm2: number;
  oversize: boolean;
  /** Rods that go into the tacks, of the first pass's kind. */
  tackRods: number;
  /** Bead sizes that the hand can lay with the main rod, mm2. */
  smallest_mm2: number;
  largest_mm2: number;
}

/** Pace of a hand-held rod on steel, mm/s: dragged fast on sheet, slowest uphill and in a root. Common practice: 80 to 330 mm/min. */
const PACE_FASTEST_mm_s = 5.5;
const PACE_SLOWEST_mm_s = 1.3;
/**
 * Slowest that passes are planned at, mm/s: slower lays fewer beads and twice the heat. Uphill and with a rod that is whipped the pool is
 * carried slowly, and slower lying where it fills an open square gap or the metal wants the heat. Common practice: 130 to 210 mm/min lying, 85 to 145 uphill, 90 to 130 in a
 * whipped root, 105 to 160 where slow.
 */
const PACE_PLANNED_mm_s = { lying: 2.2, uphill: 1.55, whipped: 1.55, slow: 1.75 } as const;
/** Between unequal sides the pace is the thick side's: slow enough to fuse it. Read off the jobs the melt-through fit was made on. */
const PACE_UNEVEN_mm_s = 2.75;
/** No bead is smaller than its rod lays a pool wide: section over the square of the core. Common practice: legs of 1.1 to 1.4 cores. */
const LEAST_BEAD_CORES2 = 0.7;
/** Aluminium is never run slowly: its pool would run away. */
const ALUMINIUM_SLOWEST_mm_s = 2.6;
/** More passes than this nobody lays by hand. */
export const MOST_PASSES = 150;

/**
 * Weld metal one rod lays: core area x (length - stub) x recovery, mm3.
 * @param long_mm how long a new rod is, where its tin says it; blank: as its size is mostly sold
 */
export function depositPerRod_mm3(id: RodClassId, size: RodSizeId, long_mm?: number | null): number {
  const { diameter_mm, length_mm } = ROD_SIZES[size];
  return (Math.PI / 4) * diameter_mm ** 2 * ((long_mm ?? length_mm) - STUB_mm) * rodClass(id).recovery;
}

/** Seconds one rod burns at so many amps. */
export const arcPerRod_s = (
  id: RodClassId,
  size: RodSizeId,
  current_A: number,
  long_mm?: number | null,
): number => depositPerRod_mm3(id, size, long_mm) / (rodClass(id).deposit_mm3_As * current_A);

/** Smallest and largest bead that a hand lays with a rod, mm2: what its arc lays at the fastest and the slowest pace. */
export function handLays_mm2(
  { rodClass: id, size, current_A }: BurnedRod,
  uneven = false,
): { smallest: number; largest: number } {
  const row = rodClass(id);
  const aluminium = row.coating === 'aluminium';
  const deposit_mm3_s = row.deposit_mm3_As * current_A;
  const largest = deposit_mm3_s / (aluminium ? ALUMINIUM_SLOWEST_mm_s : PACE_SLOWEST_mm_s);
  const fastest = uneven && !aluminium ? PACE_UNEVEN_mm_s : PACE_FASTEST_mm_s;
  const pool = LEAST_BEAD_CORES2 * ROD_SIZES[size].diameter_mm ** 2;
  return {
    smallest: Math.min(largest, Math.max(deposit_mm3_s / fastest, pool)),
    largest,
  };
}

/** Largest bead that is planned with a rod in a position, mm2: what a hand lays at the pace it goes by itself. */
function planned_mm2(
  { rodClass: id, current_A }: BurnedRod,
  { position = null, through = false, big = false }: Pick<BeadQuestion, 'position' | 'through' | 'big'>,
): number {
  const { coating, deposit_mm3_As } = rodClass(id);
  const pace =
    coating === 'aluminium'
      ? ALUMINIUM_SLOWEST_mm_s
      : coating === 'cellulosic'
        ? PACE_PLANNED_mm_s.whipped
        : PACE_PLANNED_mm_s[position === 'vertical' ? 'uphill' : through || big ? 'slow' : 'lying'];
  return (deposit_mm3_As * current_A) / pace;
}

export interface BeadQuestion {
  rod: BurnedRod;
  /** Section to fill, mm2, and how it fills where that can be drawn. */
  area_mm2: number;
  region?: Region | null;
  /** What of it is filled from the other face. */
  back?: Back | null;
  length_mm: number;
  position?: PositionId | null;
  /** Slow, so bigger: the metal wants the heat. */
  big?: boolean;
  /** Melted through in one. */
  through?: boolean;
  /** Thin to thick. */
  uneven?: boolean;
  /** Another rod for the first pass. */
  root?: BurnedRod | null;
  /** Passes asked for by the welder, and their sizes against one another. */
  count?: number | null;
  shares?: readonly number[];
  move?: MoveId | null;
  /** Beads lie half over one another. */
  half?: boolean;
  /** Arc time of all tacks, s. */
  tackArc_s?: number;
}

/**
 * Lays a joint out in passes: as few as the pace a hand goes by itself allows, of one size, and one more where the cap would come out uneven.
 * @returns the passes, whose areas add up to the section unless one bead alone is bigger than it
 */
export function planBeads(question: BeadQuestion): BeadPlan {
  const { back, area_mm2, count, shares = [] } = question;
  if (!back) return planFace(question);
  const front_mm2 = area_mm2 - back.area_mm2;
  // The welder's own count is shared out by what there is to fill.
  const own = count == null ? null : Math.max(1, Math.round((count * front_mm2) / area_mm2));
  const most_mm2 = handLays_mm2(question.rod, question.uneven).largest;
  const front = { ...question, back: null, area_mm2: front_mm2, count: own, shares: [] };
  const behind = {
    ...front,
    area_mm2: back.area_mm2,
    region: question.region ? back.region : null,
    root: null,
    count:
      count != null ? Math.max(1, count - (own ?? 0)) : back.oneRun && back.area_mm2 <= most_mm2 ? 1 : null,
    tackArc_s: 0,
  };
  const faces = facesInTurn(planFace(front).passes.length, planFace(behind).passes.length);
  const sharesOf = (face: Face) =>
    shares.length === 0 ? [] : faces.flatMap((of, n) => (of === face ? [shares[n] ?? 1] : []));
  const [one, two] = [
    planFace({ ...front, shares: sharesOf(1) }),
    planFace({ ...behind, shares: sharesOf(2) }),
  ];
  const turned = two.passes.map((pass, n): Pass => ({ ...pass, face: 2, role: backRole(pass.role, n) }));
  return {
    ...one,
    passes: inOrderOf(faces, one.passes, turned),
    layout: one.layout &&
      two.layout && {
        ...one.layout,
        back: { region: two.layout.region, areas_mm2: two.layout.areas_mm2, faces },
      },
    wanted_mm2: area_mm2,
    oversize: one.oversize || two.oversize,
  };
}

/** The passes that are laid from one face. */
function planFace(question: BeadQuestion): BeadPlan {
  const { rod, area_mm2, length_mm, region = null, root = null, tackArc_s = 0 } = question;
  const main = handLays_mm2(rod, question.uneven);
  // The root takes a bead of its own rod; the rest is the main rod's.
  const first = root
    ? root.by
      ? { smallest: root.by.bead_mm2, largest: root.by.bead_mm2 }
      : handLays_mm2(root, question.uneven)
    : null;
  const rootArea = first ? Math.min(area_mm2, (first.smallest + first.largest) / 2) : 0;
  const rest_mm2 = Math.max(0, area_mm2 - rootArea);
  const rootAlone = first !== null && rest_mm2 < main.smallest;
  const least = clamp(Math.ceil(rest_mm2 / planned_mm2(rod, question) - 0.05), 1, MOST_PASSES);
  const most = Math.max(least, Math.floor(rest_mm2 / main.smallest + 1e-9));
  const areasFor = (count: number): number[] => {
    if (rootAlone) return [Math.max(area_mm2, first.smallest)];
    const each = Math.max(rest_mm2 / count, main.smallest);
    return [...(first ? [rootArea] : []), ...Array.from({ length: count }, () => each)];
  };
  const own = question.count == null ? null : clamp(question.count - (first ? 1 : 0), 1, MOST_PASSES);
  const lay = region ? layQuestion(question, region) : null;
  const profile = region && profileOf(region);
  const layers = (areas: readonly number[]) => (lay && profile ? intoLayers(profile, lay(areas)) : null);
  const count = own ?? evenCount(least, most, (n) => layers(areasFor(n))?.missing ?? 0);
  const areas = shared(areasFor(count), question.shares ?? []);
  const laidOut = layers(areas);
  const roles = laidOut ? rolesOf(laidOut) : [];
  const passes = areas.map((area, index): Pass => {
    const burned = root && index === 0 ? root : rod;
    return {
      role: roles[index] ?? plainRole(index, areas.length),
      face: 1,
      rod: burned,
      area_mm2: area,
      from_mm: 0,
      to_mm: length_mm,
      ...laid(burned, area, length_mm),
    };
  });
  const filled = areas.reduce((a, b) => a + b, 0);
  return {
    passes,
    layout: lay && lay(areas),
    wanted_mm2: area_mm2,
    oversize: filled > area_mm2 * 1.25,
    tackRods: passes[0]?.rod.by ? 0 : tackArc_s / (passes[0]?.arcPerRod_s ?? Infinity),
    smallest_mm2: main.smallest,
    largest_mm2: main.largest,
  };
}

/** What a rod does of a bead: pace, reach and rods for a length. */
export function laid(rod: BurnedRod, area_mm2: number, length_mm: number) {
  if (rod.by) {
    const { pace_mm_s } = rod.by;
    return {
      travel_mm_s: pace_mm_s,
      beadPerRod_mm: TIG_REACH_mm,
      arcPerRod_s: TIG_REACH_mm / pace_mm_s,
      rods: length_mm / TIG_REACH_mm,
    };
  }
  const beadPerRod_mm = depositPerRod_mm3(rod.rodClass, rod.size, rod.long_mm) / area_mm2;
  return {
    travel_mm_s: (rodClass(rod.rodClass).deposit_mm3_As * rod.current_A) / area_mm2,
    beadPerRod_mm,
    arcPerRod_s: arcPerRod_s(rod.rodClass, rod.size, rod.current_A, rod.long_mm),
    rods: length_mm / beadPerRod_mm,
  };
}

const plainRole = (index: number, count: number): PassRole =>
  count === 1 ? 'single' : index === 0 ? 'root' : index === count - 1 ? 'cap' : 'fill';

const layQuestion =
  ({ rod, move, half, position }: BeadQuestion, region: Region) =>
  (areas_mm2: readonly number[]) => {
    return {
      region,
      areas_mm2,
      widest_mm: widestOf(rod, position ?? null, move ?? null) * ROD_SIZES[rod.size].diameter_mm,
      overlap:
        half || rodClass(rod.rodClass).coating === 'stainless' ? BEAD_OVERLAP.half : BEAD_OVERLAP.usual,
    };
  };

/** The fewest passes, or one more where the last layer then covers more of the face. */
function evenCount(least: number, most: number, missing: (count: number) => number): number {
  const lacks = missing(least);
  return lacks > 0 && least < most && missing(least + 1) < lacks ? least + 1 : least;
}

/** Areas with the welder's own shares, the sum left as it is. */
function shared(areas: readonly number[], shares: readonly number[]): number[] {
  const weights = areas.map((area, n) => area * (shares[n] ?? 1));
  const sum = areas.reduce((a, b) => a + b, 0);
  const weighed = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => (weight / weighed) * sum);
}

/** Covered rods that a pass takes. */
export const rodsOfPass = ({ rod, rods }: Pick<Pass, 'rod' | 'rods'>): number => (rod.by ? 0 : rods);

/** Rods that passes and tacks take, without spoil. */
export const rodsNeeded = (beads: BeadPlan): number =>
  beads.passes.reduce((sum, pass) => sum + rodsOfPass(pass), beads.tackRods);

/** Rods by class and size, without spoil, in the order they are first used. */
export function rodsByKind(beads: BeadPlan): { rodClass: RodClassId; size: RodSizeId; rods: number }[] {
  const kinds = new Map<string, { rodClass: RodClassId; size: RodSizeId; rods: number }>();
  beads.passes.forEach(({ rod, rods }, n) => {
    if (rod.by) return;
    const key = `${rod.rodClass} ${rod.size}`;
    const kind = kinds.get(key) ?? {
      rodClass: rod.rodClass,
      size: rod.size,
      rods: n === 0 ? beads.tackRods : 0,
    };
    kinds.set(key, { ...kind, rods: kind.rods + rods });
  });
  return [...kinds.values()];
}

/** Passes from end to end of the joint: one that two sizes share counts once. */
export const passCount = (beads: BeadPlan): number =>
  beads.passes.filter(({ from_mm }) => from_mm === 0).length;

/** "one pass", "six passes": as it is said after a number. */
export const passesInWords = (count: number): string => counted(count, 'pass', 'passes');
