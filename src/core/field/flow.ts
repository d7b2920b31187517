import type { Spot } from './piece';

/**
 * Current in a rectangular sheet with insulated edges, fed at some places and drained at others: images of each across every edge. Sums
 * along the length are closed (a cotangent, or the logarithm of a sine), those across it settle after a few. Kirchhoff 1845, and any
 * handbook of potential flow.
 */

/** A sheet whose current is summed: closed along x, row by row along y. */
export interface Sheet {
  /** Along x, and along y, mm. */
  x_mm: number;
  y_mm: number;
  /** Its ends along x meet: a ring unrolled. */
  ring: boolean;
}

/** A place where current comes into a sheet, as a share of the arc's; below zero where it leaves. */
export interface Feed {
  at: Spot;
  share: number;
}

interface Complex {
  re: number;
  im: number;
}

/** Rows of images each way are taken until they have faded to this. */
const FADED = 14;
/** Streams from further off than so many arcs are felt whole. */
const MISSED_TO = 60;
/** Nearer than this, squared and in the angle of a sine, is the same spot. */
const ON_IT = 1e-14;
/** From so far off the real axis a sine is its larger half. */
const FAR = 20;

/** cot z, without overflow far from the real axis. */
function cot({ re, im }: Complex): Complex {
  if (Math.abs(im) > FAR) return { re: 0, im: im > 0 ? -1 : 1 };
  const [s2, c2] = [Math.sin(2 * re), Math.cos(2 * re)];
  const [sh, ch] = [Math.sinh(2 * im), Math.cosh(2 * im)];
  const under = ch - c2;
  // On the spot itself, or on an image that falls on it at an edge: nothing flows any way more than another.
  if (under < ON_IT) return { re: 0, im: 0 };
  return { re: s2 / under, im: -sh / under };
}

/** ln |sin z|, without overflow. */
function lnSin({ re, im }: Complex): number {
  if (Math.abs(im) > FAR) return Math.abs(im) - Math.LN2;
  return 0.5 * Math.log(Math.sin(re) ** 2 + Math.sinh(im) ** 2);
}

/** How far the images of a sheet lie apart, and how many rows of them count. */
function imagesOf({ x_mm, y_mm, ring }: Sheet) {
  const scale = Math.PI / (ring ? x_mm : 2 * x_mm);
  return { scale, rows: Math.max(1, Math.ceil(FADED / (4 * scale * y_mm))) };
}

/** Sum of 1 / (z - image) over all images of one place, those left out that fall where we stand. */
function pullOf(at: Spot, of: Spot, sheet: Sheet): Complex {
  const { scale, rows } = imagesOf(sheet);
  const columns = sheet.ring ? [of.x] : [of.x, -of.x];
  let [re, im] = [0, 0];
  for (let row = -rows; row <= rows; row++) {
    for (const y of [of.y + 2 * row * sheet.y_mm, -of.y + 2 * row * sheet.y_mm]) {
      for (const x of columns) {
        const term = cot({ re: scale * (at.x - x), im: scale * (at.y - y) });
        re += scale * term.re;
        im += scale * term.im;
      }
    }
  }
  return { re, im };
}

/** Turned over its diagonal. */
const turned = ({ x, y }: Spot): Spot => ({ x: y, y: x });
const turnedFeed = ({ at, share }: Feed): Feed => ({ at: turned(at), share });
/** Summed along the shorter side the rows lie so far apart that few of them count. A ring is summed round. */
const liesAcross = ({ x_mm, y_mm, ring }: Sheet): boolean => x_mm > y_mm && !ring;
const turnedSheet = ({ x_mm, y_mm, ring }: Sheet): Sheet => ({ x_mm: y_mm, y_mm: x_mm, ring });

/**
 * What the arc feels less of, because it stands over the sheet and not in it: averaged over its height, a stream from a distance r counts
 * 1 - (sqrt(r2 + h2) - r) / h. Only the nearest images are near enough for it to matter.
 */
function missed(at: Spot, of: Spot, { x_mm, y_mm, ring }: Sheet, arc_mm: number): Complex {
  const columns = ring ? [of.x, of.x - x_mm, of.x + x_mm] : [of.x, -of.x, 2 * x_mm - of.x];
  let [re, im] = [0, 0];
  for (const x of columns)
    for (const y of [of.y, -of.y, 2 * y_mm - of.y]) {
      const [dx, dy] = [at.x - x, at.y - y];
      const r = Math.hypot(dx, dy);
      if (r < 1e-9 || r > MISSED_TO * arc_mm) continue;
      const share = (Math.hypot(r, arc_mm) - r) / arc_mm;
      re += (share * dx) / (r * r);
      im -= (share * dy) / (r * r);
    }
  return { re, im };
}

/**
 * Current past the arc that does not come from its own spreading, A/mm for every ampere of the arc, averaged over the height of the arc:
 * away from what feeds, towards what drains.
 * @param at the arc; a feed at the same place is its own, and only its images count
 */
export function flowPast(at: Spot, feeds: readonly Feed[], sheet: Sheet, arc_mm: number): Spot {
  if (liesAcross(sheet))
    return turned(flowPast(turned(at), feeds.map(turnedFeed), turnedSheet(sheet), arc_mm));
  let [re, im] = [0, 0];
  for (const { at: of, share } of feeds) {
    const all = pullOf(at, of, sheet);
    const less = missed(at, of, sheet, arc_mm);
    re += share * (all.re - less.re);
    im += share * (all.im - less.im);
  }
  // The current is the conjugate of the sum.
  return { x: re / (2 * Math.PI), y: -im / (2 * Math.PI) };
}

/**
 * Potential at a place for an ampere fed into a sheet of one ohm a square, V, but for a constant that is the same for every feed.
 * @param wide_mm half the width of what feeds: nearer than that it is no higher
 */
export function potentialAt(at: Spot, of: Spot, sheet: Sheet, wide_mm: number): number {
  if (liesAcross(sheet)) return potentialAt(turned(at), turned(of), turnedSheet(sheet), wide_mm);
  const { scale, rows } = imagesOf(sheet);
  const columns = sheet.ring ? [of.x] : [of.x, -of.x];
  const nearest = Math.log(scale * wide_mm);
  let sum = 0;
  for (let row = -rows; row <= rows; row++)
    for (const y of [of.y + 2 * row * sheet.y_mm, -of.y + 2 * row * sheet.y_mm])
      for (const x of columns) {
        sum += Math.max(nearest, lnSin({ re: scale * (at.x - x), im: scale * (at.y - y) }));
      }
  return -sum / (2 * Math.PI);
}
