import { POOL_HALF_mm, TACK_HALF_mm } from '../data/arcBlow';
import { seamOn, type Feed, type Seam } from './flow';
import { feedsOf, type Strip } from './joined';
import type { BlowArc, BlowPiece, Spot } from './piece';
import { memoize, memoizeBy } from '../units/memoize';
import { pieceTraits } from '../data/pieces';

/**
 * Flow past the arc between two plates, or in the corner of a tee, A/mm for every ampere: along the seam, and across it. The arc stands
 * over the edge of one plate and over the other, and feels both; what is fed to one side more than to the other pushes it over.
 */
export function flowBetween(piece: BlowPiece, { arc_mm }: BlowArc, x: number): Spot {
  return pieceTraits(piece.kind).joins === 'upright'
    ? intoTee(piece, arc_mm, x)
    : betweenPlates(piece, arc_mm, x);
}

/** A stretch is taken in strips no wider than that share of how far they lie from the arc; nor does a gap that is less count as one. */
const STRIP = { share: 2, least_mm: 3 } as const;
/** The pool is taken in so many strips, the arc over the middle one. */
const IN_POOL = 5;

/** Where the plates are joined, the strip under the arc first: the pool, and what of the tacks it has not melted. */
function joinedAt({ tacks, welded, weld_mm }: BlowPiece, x: number): Strip[] {
  const [pool, tack] = [POOL_HALF_mm.value, TACK_HALF_mm.value];
  const half_mm = pool / IN_POOL;
  const beside = (way: 1 | -1): Strip[] => {
    const found: Strip[] = Array.from({ length: (IN_POOL - 1) / 2 }, (_, n) => ({
      x: x + way * 2 * (n + 1) * half_mm,
      half_mm,
    }));
    // Going outwards from the pool, in distances from the arc.
    let at: number = pool;
    let open: { from: number; to: number } | null = null;
    const close = () => {
      if (open) found.push({ x: x + (way * (open.from + open.to)) / 2, half_mm: (open.to - open.from) / 2 });
      open = null;
    };
    const joined = tacks.map((spot) => ({ from: way * (spot - x) - tack, to: way * (spot - x) + tack }));
    // Behind an arc that runs to the right lies what is to its left.
    if (welded === 'all' || welded === -way)
      joined.push({ from: 0, to: way * (weld_mm[way > 0 ? 1 : 0] - x) });
    for (const { from: begins, to } of joined.sort((a, b) => a.from - b.from)) {
      let from = Math.max(begins, at);
      while (to - from > SLIVER_mm) {
        const most = Math.max(STRIP.least_mm, STRIP.share * (open?.from ?? from));
        if (open && from - open.from < most - SLIVER_mm) {
          open.to = Math.min(to, open.from + most);
          from = open.to;
        } else {
          close();
          open = { from, to: from };
        }
      }
      at = Math.max(at, to);
    }
    close();
    return found;
  };
  return [{ x, half_mm }, ...beside(1), ...beside(-1)];
}
/** What is left of a tack beside the pool is no joint under that, mm. */
const SLIVER_mm = 0.1;

/** The plates of a piece, made once: the arc moves along them. */
const platesOf = memoize((piece: BlowPiece): Plates =>
  pieceTraits(piece.kind).joins === 'upright' ? flangeAndUpright(piece) : sideBySide(piece),
);

type Plates = readonly [Seam, Seam];
/** Where tacks lie, what is welded and how thick it is changes nothing of its seam. */
const seamOf = memoizeBy(
  ({
    x_mm,
    y_mm,
    seam_mm,
    drains,
  }: {
    x_mm: number;
    y_mm: number;
    seam_mm: number;
    drains: readonly Feed[];
  }): Seam => seamOn({ x_mm, y_mm, ring: false }, seam_mm, drains, TACK_HALF_mm.value),
  JSON.stringify,
);
const plate = (x_mm: number, y_mm: number, seam_mm: number, drains: readonly Feed[]): Seam =>
  seamOf({ x_mm, y_mm, seam_mm, drains });

/** Each measured from the seam: A above it, B below. */
function sideBySide({ length_mm, width_mm, seam_mm, clamps }: BlowPiece): Plates {
  const share = 1 / Math.max(1, clamps.length);
  const above = clamps.filter(({ y }) => y >= seam_mm);
  const below = clamps.filter(({ y }) => y < seam_mm);
  return [
    plate(
      length_mm,
      width_mm - seam_mm,
      0,
      above.map(({ x, y }) => ({ at: { x, y: y - seam_mm }, share })),
    ),
    plate(
      length_mm,
      seam_mm,
      0,
      below.map(({ x, y }) => ({ at: { x, y: seam_mm - y }, share })),
    ),
  ];
}

function flangeAndUpright({ length_mm, width_mm, seam_mm, web_mm, clamps }: BlowPiece): Plates {
  const share = 1 / Math.max(1, clamps.length);
  const [flat, up] = [clamps.filter(({ upright }) => !upright), clamps.filter(({ upright }) => upright)];
  return [
    plate(
      length_mm,
      width_mm,
      seam_mm,
      flat.map(({ x, y }) => ({ at: { x, y }, share })),
    ),
    plate(
      length_mm,
      web_mm,
      0,
      up.map(({ x, y }) => ({ at: { x, y: Math.abs(y - seam_mm) }, share })),
    ),
  ];
}

/** Between two plates: the arc stands half over each, and what crosses from one to the other drives it. */
function betweenPlates(piece: BlowPiece, arc_mm: number, x: number): Spot {
  const { strips, sides } = flowsOf(piece, arc_mm, x);
  const [a, b] = sides;
  if (!a || !b) return { x: 0, y: 0 };
  const kernel = betweenSides({ arc_mm, thick_mm: piece.thick_mm });
  const crossing = strips.reduce(
    (sum, strip, k) => sum + (a.feed(k) - b.feed(k)) * overStrip(strip, x, kernel),
    0,
  );
  return { x: (a.past.x + b.past.x) / 2, y: (a.past.y - b.past.y) / 2 + crossing / 2 };
}

/** In the corner of flange and upright the arc leans at half a right angle: each counts by what of it lies across the arc. */
function intoTee(piece: BlowPiece, arc_mm: number, x: number): Spot {
  const { strips, sides } = flowsOf(piece, arc_mm, x);
  const [flange, upright] = sides;
  if (!flange || !upright) return { x: 0, y: 0 };
  // Evenly shared it is a solid corner, and no push of its own: what the upright takes beyond that comes out of the flange.
  const kernel = outOfFlange({ arc_mm, thick_mm: piece.thick_mm });
  const crossing = strips.reduce(
    (sum, strip, k) => sum + (upright.feed(k) - (k === 0 ? EVEN_IN_TEE : 0)) * overStrip(strip, x, kernel),
    0,
  );
  return {
    x: (flange.past.x + upright.past.x) * Math.SQRT1_2,
    // Across is from the upright out over the flange: what flows up the upright drives it that way.
    y: flange.past.y - upright.past.y - crossing,
  };
}

function flowsOf(piece: BlowPiece, arc_mm: number, x: number) {
  const plates = platesOf(piece);
  const strips = joinedAt(piece, x);
  const sides = feedsOf(plates, strips).map((fed, s) => ({
    feed: (k: number) => fed[k] ?? 0,
    past: (plates[s] as Seam).flow(
      x,
      strips.map((strip, k) => ({ x: strip.x, share: fed[k] ?? 0 })),
      arc_mm,
    ),
  }));
  return { strips, sides };
}

/** What an ampere fed so far aside along the seam does at an arc, as A/mm of even flow across. */
type Kernel = (aside: number) => number;

/**
 * A kernel over an arc and the depth that current spreads to, from a table: asked for at every strip of every place. Far off it falls as
 * the square of how far.
 * @param of at a distance aside and a height over the current
 */
const tabled = (of: (aside: number, height: number) => number) =>
  memoizeBy(
    ({ arc_mm, thick_mm }: { arc_mm: number; thick_mm: number }): Kernel => {
      const over = heightsOver(arc_mm, thick_mm);
      const table = Float64Array.from({ length: STEPS + 1 }, (_, n) => {
        const aside = Math.max(LEAST_mm, FURTHEST_mm * (n / STEPS) ** 3);
        return over.reduce((sum, height) => sum + of(aside, height), 0) / over.length;
      });
      return (aside) => {
        const far = Math.max(1, aside / FURTHEST_mm);
        const place = STEPS * Math.cbrt(Math.min(1, aside / FURTHEST_mm));
        const n = Math.min(STEPS - 1, Math.floor(place));
        const here = table[n] as number;
        return (here + (place - n) * ((table[n + 1] as number) - here)) / far ** 2;
      };
    },
    ({ arc_mm, thick_mm }) => `${arc_mm} ${thick_mm}`,
  );
const STEPS = 128;
const FURTHEST_mm = 400;
const LEAST_mm = 0.01;

/** A kernel averaged over a strip. Along an edge nothing flows across, but the arc stands over it and feels what flows beside it. */
function overStrip({ x, half_mm }: Strip, arc_x: number, kernel: Kernel): number {
  // From so far off it matters little where in the strip it is fed.
  const places = Math.abs(x - arc_x) > FAR_OFF * half_mm ? MIDDLE : ALONG;
  let mean = 0;
  for (const place of places) mean += kernel(Math.abs(x - arc_x + place * half_mm));
  return mean / places.length;
}

/** Along the arc, and over the depth that current spreads to as it crosses: deep in a thick plate it is far from the arc. */
const heightsOver = (arc_mm: number, thick_mm: number): number[] =>
  DEPTHS.slice(0, thick_mm > 0 ? DEPTHS.length : 1).flatMap((depth) =>
    Array.from({ length: HEIGHTS }, (_, n) => ((n + 0.5) / HEIGHTS) * arc_mm + depth * thick_mm),
  );
const HEIGHTS = 5;
/** Shares of the thickness, the face first. */
const DEPTHS = [0, 0.25, 0.5, 0.75, 1] as const;
const ALONG = [-0.75, -0.25, 0.25, 0.75] as const;
const MIDDLE = [0] as const;
const FAR_OFF = 2;

/** Fed to both halves, away from the seam on either: at a height z over it, s aside, 2 z artanh(s / R) / (pi2 s R), R2 = s2 + z2. */
function bothHalves(s: number, z: number): number {
  const R = Math.hypot(s, z);
  return ((2 / Math.PI ** 2) * z * Math.atanh(s / R)) / (s * R);
}

/** Of three half plates that meet in a corner the upright is one. */
const EVEN_IN_TEE = 1 / 3;

/**
 * An ampere that comes out of the flange and goes up the upright, the arc leaning between them. Either spread, kept to the height of the
 * arc over its plate (harmonic): that of a whole plate, 1 / (2 pi r), and that of a half one, which is the whole one and half of what
 * both halves would be.
 */
function fromFlangeToUpright(s: number, z: number): number {
  const d = z * Math.SQRT1_2;
  const r2 = s * s + d * d;
  const whole = (d / (2 * Math.PI * r2)) * (1 - d / Math.sqrt(r2 + d * d));
  let both = 0;
  for (let n = 0; n < TURNS; n++) {
    const turn = ((n + 0.5) / TURNS) * Math.PI;
    const across = s * Math.cos(turn) + d * Math.sin(turn);
    both += (Math.abs(Math.cos(turn)) * d) / (d * d + across * across) / TURNS / Math.PI;
  }
  return 2 * whole + both / 2;
}
const TURNS = 16;

const betweenSides = tabled(bothHalves);
const outOfFlange = tabled(fromFlangeToUpright);
