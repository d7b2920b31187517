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
function imagesOf({ x_mm, y_mm, ring }: Sheet, faded: number = FADED) {
  const scale = Math.PI / (ring ? x_mm : 2 * x_mm);
  return { scale, rows: Math.max(1, Math.ceil(faded / (4 * scale * y_mm))) };
}

/** Sum of 1 / (z - image) over all images of one place, those left out that fall where we stand. */
function pullOf(at: Spot, of: Spot, sheet: Sheet, faded?: number): Complex {
  const { scale, rows } = imagesOf(sheet, faded);
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
export function potentialAt(at: Spot, of: Spot, sheet: Sheet, wide_mm: number, faded?: number): number {
  const { scale, rows } = imagesOf(sheet, faded);
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

/** An image nearer to the seam than this lies on it, mm. */
const ON_SEAM_mm = 1e-9;
/** For a table rows are taken until they have faded to this: a thousandth. */
const SEAM_FADED = 8;
/** Steps of a table of what the images of a seam add, along its length. */
const TABLE = 64;
type Read = (mm: number) => number;
type Three = readonly [Read, Read, Read];

/**
 * A straight seam on a sheet, along x, and what it is drained by: potentials and flows at places of it. All of it is summed along x, as
 * what does not add up to nothing flows off along that.
 */
export interface Seam {
  sheet: Sheet;
  /** Where it lies across the sheet, mm; 0 where it is its edge. */
  seam_mm: number;
  /** For an ampere fed at one place of it, at another, as `potentialAt`. */
  potential: (at: number, of: number, wide_mm: number) => number;
  /** Share of the arc's current that its drains take, and the potential of that at a place. */
  taken: number;
  drained: (at: number) => number;
  /** Current past an arc over it, for what is fed along it and for its drains, as `flowPast`. */
  flow: (at: number, feeds: readonly { x: number; share: number }[], arc_mm: number) => Spot;
}

/**
 * Makes the tables of a seam: what lies on it is reckoned each time, what its images and its drains add is smooth and is read.
 * @param drains with the share of the arc's current that each takes, and half their width, mm
 */
export function seamOn(sheet: Sheet, seam_mm: number, drains: readonly Feed[], wide_mm: number): Seam {
  const { scale, rows } = imagesOf(sheet, SEAM_FADED);
  const round = 2 * sheet.x_mm;
  const step = sheet.x_mm / TABLE;
  /** Several values tabled at once along the length, each read at any distance: it comes back as it went, or turned over. */
  const tabled = (odd: readonly boolean[], values: (mm: number) => readonly number[]) => {
    const rows = Array.from({ length: TABLE + 1 }, (_, n) => values(n * step));
    return odd.map((isOdd, k) => {
      const table = Float64Array.from(rows, (row) => row[k] ?? 0);
      return (mm: number): number => {
        const gone = ((mm % round) + round) % round;
        const back = gone > sheet.x_mm;
        const place = (back ? round - gone : gone) / step;
        const n = Math.min(TABLE - 1, Math.floor(place));
        const here = table[n] as number;
        const value = here + (place - n) * ((table[n + 1] as number) - here);
        return back && isOdd ? -value : value;
      };
    }) as readonly Read[];
  };
  const images = Array.from({ length: 2 * rows + 1 }, (_, n) => 2 * (n - rows) * sheet.y_mm).flatMap((y) => [
    y,
    y + 2 * seam_mm,
  ]);
  const onSeam = images.filter((y) => Math.abs(y) <= ON_SEAM_mm).length;
  // Rows as far on either side are alike, but for which way across they pull.
  const beyond = new Map<number, { count: number; up: number }>();
  for (const y of images) {
    if (Math.abs(y) <= ON_SEAM_mm) continue;
    const row = beyond.get(Math.abs(y)) ?? { count: 0, up: 0 };
    beyond.set(Math.abs(y), { count: row.count + 1, up: row.up + Math.sign(y) });
  }
  const [potentialBeyond, alongBeyond, acrossBeyond] = tabled([false, true, false], (mm) => {
    let [ln, re, im] = [0, 0, 0];
    for (const [y, { count, up }] of beyond) {
      const away = { re: scale * mm, im: scale * y };
      const pull = cot(away);
      ln += count * lnSin(away);
      re += count * scale * pull.re;
      im += up * scale * pull.im;
    }
    return [ln, re, im];
  }) as Three;
  const place = (mm: number): Spot => ({ x: mm, y: seam_mm });
  const [drained, drainedAlong, drainedAcross] = tabled([false, false, false], (mm) => {
    let [potential, re, im] = [0, 0, 0];
    for (const { at, share } of drains) {
      const pull = pullOf(place(mm), at, sheet, SEAM_FADED);
      potential -= share * potentialAt(place(mm), at, sheet, wide_mm, SEAM_FADED);
      re -= share * pull.re;
      im -= share * pull.im;
    }
    return [potential, re, im];
  }) as Three;
  const alongFrom = (away: number): number =>
    onSeam * scale * cot({ re: scale * away, im: 0 }).re + alongBeyond(away);
  const lnFrom = (away: number, wide: number): number =>
    onSeam * Math.log(Math.max(scale * wide, Math.abs(Math.sin(scale * away)))) + potentialBeyond(away);
  return {
    sheet,
    seam_mm,
    taken: drains.reduce((all, { share }) => all + share, 0),
    drained,
    potential: (at, from, wide) => -(lnFrom(at - from, wide) + lnFrom(at + from, wide)) / (2 * Math.PI),
    flow: (at, feeds, arc_mm) => {
      const here = place(at);
      let re = drainedAlong(at);
      let im = drainedAcross(at);
      for (const { x, share } of feeds) {
        const less = missed(here, place(x), sheet, arc_mm);
        re += share * (alongFrom(at - x) + alongFrom(at + x) - less.re);
        im += share * (acrossBeyond(at - x) + acrossBeyond(at + x) - less.im);
      }
      for (const { at: drain, share } of drains) {
        const less = missed(here, drain, sheet, arc_mm);
        re += share * less.re;
        im += share * less.im;
      }
      return { x: re / (2 * Math.PI), y: -im / (2 * Math.PI) };
    },
  };
}
