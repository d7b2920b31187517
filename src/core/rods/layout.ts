import { memoize } from '../units/memoize';
import { areaInside, outlineOf, type Point, type Region } from '../joint/region';
import { backRole, inOrderOf, type Face, type PassRole } from './faces';

export type { PassRole } from './faces';

/** Where each pass lies in the section of a joint. */

/** One bead in the section. */
export interface Bead {
  role: PassRole;
  face: Face;
  /** Layer from the root up, and place in it from its first side on, both from 0. */
  layer: number;
  place: number;
  /** What it adds, and where that lies. */
  area_mm2: number;
  outline: readonly Point[];
  /** The line round it as it is drawn: its face stands a little proud, as far as the next layer leaves it. */
  drawn: readonly Point[];
  /** The middle of it. */
  at: Point;
  /** How wide it runs, with what it melts of the bead beside it. */
  width_mm: number;
  /** Share of its width that lies on the bead beside it in the same layer. */
  overlap: number;
}

export interface LayoutQuestion {
  region: Region;
  /** What each pass adds, root first, mm2. Together the section, or more where no bead can be laid so small. */
  areas_mm2: readonly number[];
  /** Widest that one bead is run, mm. */
  widest_mm: number;
  /** Share of a bead's width that the next one in its layer covers. */
  overlap: number;
  /** What is filled from the other face, and the face of each pass in the order they are laid; absent where all come from one. */
  back?: { region: Region; areas_mm2: readonly number[]; faces: readonly Face[] };
}

/** A bead on its own is about so much wider than the root of its section: a parabola two and a half times as wide as high. */
export const WIDTH_OF_AREA = 1.94;
/** Steps from root to face at which the section is measured. */
const STEPS = 40;

/** How much weld lies under a height, and how wide it stands there. */
export interface Profile {
  total_mm2: number;
  /** Height, 0 to 1, under which so much lies. */
  heightOf: (area_mm2: number) => number;
  widthAt: (s: number) => number;
}

/** Measures a region from root to face. */
export const profileOf = memoize((region: Region): Profile => {
  const under: number[] = [0];
  for (let n = 1; n <= STEPS; n++) {
    const slice = areaInside(strip(region, (n - 1) / STEPS, n / STEPS));
    under.push((under[n - 1] ?? 0) + slice);
  }
  const total_mm2 = under[STEPS] ?? 0;
  return {
    total_mm2,
    heightOf: (area_mm2) => {
      let n = 1;
      while (n < STEPS && (under[n] ?? 0) < area_mm2) n++;
      const [below = 0, above = 0] = [under[n - 1], under[n]];
      const part = above > below ? Math.min(1, Math.max(0, (area_mm2 - below) / (above - below))) : 1;
      return (n - 1 + part) / STEPS;
    },
    widthAt: (s) => lengthOf(across(region, s, 8)),
  };
});

const across = (region: Region, s: number, steps: number): Point[] =>
  Array.from({ length: steps + 1 }, (_, n) => region.at(n / steps, s));

const strip = (region: Region, s0: number, s1: number): Point[] => [
  ...across(region, s0, 8),
  ...across(region, s1, 8).reverse(),
];

function lengthOf(points: readonly Point[]): number {
  let sum = 0;
  for (let n = 1; n < points.length; n++) {
    const [a, b] = [points[n - 1], points[n]];
    if (a && b) sum += Math.hypot(b[0] - a[0], b[1] - a[1]);
  }
  return sum;
}

/** Widest single bead of an area, mm. */
const naturalWidth_mm = (area_mm2: number): number => WIDTH_OF_AREA * Math.sqrt(area_mm2);

/** Beads it takes side by side to cover a width, each over part of the one before. */
function beadsAcross(width_mm: number, bead_mm: number, widest_mm: number, overlap: number): number {
  if (width_mm <= Math.max(bead_mm, widest_mm)) return 1;
  const run = Math.min(Math.max(bead_mm, 1e-6), widest_mm);
  return Math.max(2, Math.ceil((width_mm - run) / (run * (1 - overlap)) - 0.3) + 1);
}

/** Beads in each layer, root first. */
function layersOf(profile: Profile, question: LayoutQuestion, areas: readonly number[]): number[] {
  const layers: number[] = [];
  let done = 0;
  let filled = 0;
  while (done < areas.length) {
    const next = areas[done] ?? 0;
    const left = areas.length - done;
    let count = 1;
    // The layer's middle moves with the beads in it: twice round settles it.
    for (let turn = 0; turn < 2; turn++) {
      const middle = profile.heightOf(filled + (count * next) / 2);
      count = beadsAcross(
        profile.widthAt(middle),
        naturalWidth_mm(next),
        question.widest_mm,
        question.overlap,
      );
    }
    count = Math.min(count, left);
    layers.push(count);
    for (let n = 0; n < count; n++) filled += areas[done + n] ?? 0;
    done += count;
  }
  return layers;
}

/** A region measured once: how many beads make an even cap is asked of it several times. */
export interface Layers {
  /** Beads in each layer, root first. */
  counts: readonly number[];
  /** Beads that the face wants and the last layer does not have: 0 where the passes come out even. */
  missing: number;
}

/** Sorts passes into layers. */
export function intoLayers(profile: Profile, question: LayoutQuestion): Layers {
  const areas = scaledTo(profile.total_mm2, question.areas_mm2);
  const counts = layersOf(profile, question, areas);
  const last = counts.at(-1) ?? 1;
  if (counts.length === 1 && last === 1) return { counts, missing: 0 };
  const wanted = beadsAcross(
    profile.widthAt(0.97),
    naturalWidth_mm(areas.at(-1) ?? 0),
    question.widest_mm,
    question.overlap,
  );
  return { counts, missing: Math.max(0, wanted - last) };
}

/** What each pass of a layering is there for, in the order they are laid. */
export const rolesOf = ({ counts }: Layers): PassRole[] => {
  const passes = counts.reduce((a, b) => a + b, 0);
  return counts.flatMap((count, layer) =>
    Array.from({ length: count }, () => roleOf(layer, counts.length, passes)),
  );
};

function scaledTo(total_mm2: number, areas_mm2: readonly number[]): number[] {
  const sum = areas_mm2.reduce((a, b) => a + b, 0);
  return areas_mm2.map((area) => (sum > 0 ? (area / sum) * total_mm2 : 0));
}

/**
 * Places passes in a joint: layer on layer from the root, each layer bead by bead from its first side, every bead with the area it has.
 * The beads fill the region whole and lie beside one another; what one melts of its neighbour is in its width.
 */
export function layOut(question: LayoutQuestion): Bead[] {
  const { back } = question;
  const front = layFace(question);
  if (!back) return front;
  const behind = layFace({ ...question, region: back.region, areas_mm2: back.areas_mm2 }).map(
    (bead, n): Bead => ({
      ...bead,
      face: 2,
      role: backRole(bead.role, n),
    }),
  );
  return inOrderOf(back.faces, front, behind);
}

/** Passes of one face. */
function layFace(question: LayoutQuestion): Bead[] {
  const { region, overlap } = question;
  const profile = profileOf(region);
  const areas = scaledTo(profile.total_mm2, question.areas_mm2);
  const layers = layersOf(profile, question, areas);
  const beads: Bead[] = [];
  let filled = 0;
  layers.forEach((count, layer) => {
    const mine = areas.slice(beads.length, beads.length + count);
    const sum = mine.reduce((a, b) => a + b, 0);
    const s0 = profile.heightOf(filled);
    const s1 = layer === layers.length - 1 ? 1 : profile.heightOf(filled + sum);
    filled += sum;
    const cuts = cutsOf(region, s0, s1, mine);
    const wide = profile.widthAt((s0 + s1) / 2);
    mine.forEach((area_mm2, place) => {
      const [u0 = 0, u1 = 1] = [cuts[place], cuts[place + 1]];
      const over = place === 0 ? 0 : overlap;
      beads.push({
        role: roleOf(layer, layers.length, areas.length),
        face: 1,
        layer,
        place,
        area_mm2,
        outline: outlineOf(region, [u0, u1], [s0, s1]),
        drawn: crowned(region, [u0, u1], [s0, s1]),
        at: region.at((u0 + u1) / 2, (s0 + s1) / 2),
        width_mm: ((u1 - u0) * wide) / (1 - over),
        overlap: over,
      });
    });
  });
  return beads;
}

/** How far the face of a bead stands proud, over its width. */
const CROWN = 0.09;

/** A bead with its face bowed outwards, square to it. */
function crowned(
  region: Region,
  [u0, u1]: readonly [number, number],
  [s0, s1]: readonly [number, number],
): Point[] {
  const steps = 10;
  const bottom = Array.from({ length: steps + 1 }, (_, n) => region.at(u0 + ((u1 - u0) * n) / steps, s0));
  const top = Array.from({ length: steps + 1 }, (_, n) => region.at(u0 + ((u1 - u0) * n) / steps, s1));
  const wide = lengthOf(top);
  const face = top.map(([x, y], n): Point => {
    const [before, after] = [top[Math.max(0, n - 1)] ?? [x, y], top[Math.min(steps, n + 1)] ?? [x, y]];
    const [alongX, alongY] = [after[0] - before[0], after[1] - before[1]];
    const long = Math.hypot(alongX, alongY) || 1;
    // Outwards: the way from the foot of the bead to its face.
    const [footX, footY] = bottom[n] ?? [x, y];
    const out = Math.sign(-alongY * (x - footX) + alongX * (y - footY)) || 1;
    const proud = (CROWN * wide * 4 * n * (steps - n)) / steps ** 2;
    return [x + (out * proud * -alongY) / long, y + (out * proud * alongX) / long];
  });
  const side = (u: number) =>
    Array.from({ length: steps - 1 }, (_, n) => region.at(u, s0 + ((s1 - s0) * (n + 1)) / steps));
  return [...bottom, ...side(u1), ...face.reverse(), ...side(u0).reverse()];
}

/** Where a layer is cut across so that each bead has its area: shares of its width from 0 to 1. */
function cutsOf(region: Region, s0: number, s1: number, areas: readonly number[]): number[] {
  const steps = 40;
  const low = across(region, s0, steps);
  const high = across(region, s1, steps);
  const under = [0];
  for (let n = 1; n <= steps; n++) {
    const cell = [low[n - 1], low[n], high[n], high[n - 1]].filter((p): p is Point => p !== undefined);
    under.push((under[n - 1] ?? 0) + areaInside(cell));
  }
  const total = under[steps] ?? 0;
  const sum = areas.reduce((a, b) => a + b, 0);
  const cuts = [0];
  let asked = 0;
  for (const area of areas) {
    asked += area;
    const target = sum > 0 ? (asked / sum) * total : total;
    let n = 1;
    while (n < steps && (under[n] ?? 0) < target) n++;
    const [below = 0, above = 0] = [under[n - 1], under[n]];
    cuts.push((n - 1 + (above > below ? Math.min(1, (target - below) / (above - below)) : 1)) / steps);
  }
  cuts[cuts.length - 1] = 1;
  return cuts;
}

/** What a pass is there for: the root first, a hot pass over an open one where more follow, the last layer the cap. */
function roleOf(layer: number, layers: number, passes: number): PassRole {
  if (passes === 1) return 'single';
  if (layer === 0 && layers > 1) return 'root';
  if (layer === layers - 1) return 'cap';
  return layer === 1 ? 'hot' : 'fill';
}
