import { BEAD_OVERLAP } from '../data/limits';
import { rodClass } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import type { MoveId, PositionId } from '../data/words';
import type { Back, Region } from '../joint/region';
import { clamp } from './amps/amps';
import { backRole, facesInTurn, inOrderOf, type Face, type PassRole } from './faces';
import { handLays_mm2, laid, planned_mm2, type BurnedRod } from './hand';
import { intoLayers, profileOf, rolesOf, type LayoutQuestion } from './layout';
import { widestOf } from './moves';

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

/** More passes than this nobody lays by hand. */
export const MOST_PASSES = 150;

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
  /** Another rod or arc for the first pass, for the one on it, and for the last layer. */
  root?: BurnedRod | null;
  hot?: BurnedRod | null;
  cap?: BurnedRod | null;
  /** A face is built up: the top is two layers. */
  overlay?: boolean;
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
    hot: null,
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
  const { rod, area_mm2, length_mm, region = null, root = null, hot = null, tackArc_s = 0 } = question;
  const main = handLays_mm2(rod, question.uneven);
  // What is begun with takes beads of its own; the rest is the main rod's.
  const begun = [root, hot].filter((one) => one !== null);
  const first = beginnings(begun, area_mm2, question.uneven);
  const rest_mm2 = Math.max(0, area_mm2 - sum(first));
  const alone = first.length > 0 && rest_mm2 < main.smallest;
  const least = clamp(Math.ceil(rest_mm2 / planned_mm2(rod, question) - 0.05), 1, MOST_PASSES);
  const most = Math.max(least, Math.floor(rest_mm2 / main.smallest + 1e-9));
  const areasFor = (count: number): number[] => {
    if (alone) return [...first.slice(0, -1), (first.at(-1) ?? 0) + rest_mm2];
    const each = Math.max(rest_mm2 / count, main.smallest);
    return [...first, ...Array.from({ length: count }, () => each)];
  };
  const own = question.count == null ? null : clamp(question.count - first.length, 1, MOST_PASSES);
  const lay = region ? layQuestion(question, region) : null;
  const profile = region && profileOf(region);
  const layers = (areas: readonly number[]) => (lay && profile ? intoLayers(profile, lay(areas)) : null);
  const count = own ?? evenCount(least, most, (n) => layers(areasFor(n))?.missing ?? 0);
  const plain = areasFor(count);
  const top = withTop(plain, layers(plain)?.counts ?? plain.map(() => 1), first.length, question);
  const areas = shared([...top.under, ...top.over], question.shares ?? []);
  const laidOut = layers(areas);
  const roles = laidOut ? rolesOf(laidOut) : [];
  const passes = areas.map((area, index): Pass => {
    const burned =
      (index < first.length ? begun[index] : index >= top.under.length ? question.cap : null) ?? rod;
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
  return {
    passes,
    layout: lay && lay(areas),
    wanted_mm2: area_mm2,
    oversize: sum(areas) > area_mm2 * 1.25,
    tackRods: passes[0]?.rod.by ? 0 : tackArc_s / (passes[0]?.arcPerRod_s ?? Infinity),
    smallest_mm2: main.smallest,
    largest_mm2: main.largest,
  };
}

const sum = (areas: readonly number[]): number => areas.reduce((a, b) => a + b, 0);

/** Beads of root and hot pass, where they have rods or an arc of their own, mm2: none of more than there is to fill. */
function beginnings(begun: readonly BurnedRod[], area_mm2: number, uneven?: boolean): number[] {
  let left_mm2 = area_mm2;
  const areas = begun.map((rod, n) => {
    const { smallest, largest } = rod.by
      ? { smallest: rod.by.bead_mm2, largest: rod.by.bead_mm2 }
      : handLays_mm2(rod, uneven);
    const usual = (smallest + largest) / 2;
    // A root is laid, however little there is to fill.
    const mine = n === 0 ? Math.max(Math.min(left_mm2, usual), smallest) : Math.min(left_mm2, usual);
    left_mm2 = Math.max(0, left_mm2 - mine);
    return mine;
  });
  return areas.filter((mine, n) => n === 0 || mine > 0);
}

/**
 * The last layer, laid with a rod of its own in beads that it lays; of a face that is built up the last two. Nothing of it where there is
 * only one layer, or all of it is root.
 */
function withTop(
  areas: readonly number[],
  counts: readonly number[],
  begun: number,
  question: BeadQuestion,
): { under: readonly number[]; over: readonly number[] } {
  const { cap, count, overlay = false } = question;
  const layers = Math.min(overlay ? TOP_LAYERS.overlay : TOP_LAYERS.groove, counts.length - 1);
  const beads = Math.min(sum(counts.slice(counts.length - layers)), areas.length - Math.max(1, begun));
  if (!cap || layers < 1 || beads < 1) return { under: areas, over: [] };
  const under = areas.slice(0, areas.length - beads);
  const top_mm2 = sum(areas.slice(areas.length - beads));
  const { smallest } = handLays_mm2(cap, question.uneven);
  const most = Math.max(1, Math.floor(top_mm2 / smallest + 1e-9));
  const own = count == null ? Math.ceil(top_mm2 / planned_mm2(cap, question) - 0.05) : beads;
  const n = clamp(own, 1, most);
  return { under, over: Array.from({ length: n }, () => Math.max(top_mm2 / n, smallest)) };
}
/** Layers that are laid with the rod of the top: of hard metal no more than two. Common practice. */
const TOP_LAYERS = { groove: 1, overlay: 2 } as const;

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
  const weighed = sum(weights);
  return weights.map((weight) => (weight / weighed) * sum(areas));
}
