import type { Spot } from './piece';

/**
 * Current in a rectangular sheet with insulated edges, fed by an arc and drained by clamps: images of both across every edge. Sums along
 * the length are closed (a cotangent), those across it settle after a few. Kirchhoff 1845, and any handbook of potential flow.
 */

interface Complex {
  re: number;
  im: number;
}

/** Rows of images each way are taken until they have faded to this. */
const FADED = 14;

/** cot z, without overflow far from the real axis. */
function cot({ re, im }: Complex): Complex {
  if (Math.abs(im) > 20) return { re: 0, im: im > 0 ? -1 : 1 };
  const [s2, c2] = [Math.sin(2 * re), Math.cos(2 * re)];
  const [sh, ch] = [Math.sinh(2 * im), Math.cosh(2 * im)];
  const under = ch - c2;
  return { re: s2 / under, im: -sh / under };
}

/** A sheet whose current is summed: closed along x as a cotangent, row by row along y. */
interface Sheet {
  /** Along x, and along y, mm. */
  x_mm: number;
  y_mm: number;
  /** Its ends along x meet: a ring unrolled. */
  ring: boolean;
}

/** Sum of 1 / (z - image) over all images of one place; the place itself left out where it is where we stand. */
function pullOf(at: Spot, of: Spot, { x_mm, y_mm, ring }: Sheet, self: boolean): Complex {
  const scale = Math.PI / (ring ? x_mm : 2 * x_mm);
  const rows = Math.max(2, Math.ceil(FADED / (4 * scale * y_mm)));
  const columns = ring ? [of.x] : [of.x, -of.x];
  let [re, im] = [0, 0];
  for (let row = -rows; row <= rows; row++) {
    for (const y of [of.y + 2 * row * y_mm, -of.y + 2 * row * y_mm]) {
      for (const x of columns) {
        // The place itself: its own row without it sums to nothing.
        if (self && row === 0 && y === of.y && x === of.x) continue;
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
      if (r < 1e-9) continue;
      const share = (Math.hypot(r, arc_mm) - r) / arc_mm;
      re += (share * dx) / (r * r);
      im -= (share * dy) / (r * r);
    }
  return { re, im };
}

/**
 * Current past the arc that does not come from its own spreading, A/mm for every ampere, averaged over the height of the arc: towards the
 * clamps.
 * @param at the arc
 * @param closed a ring unrolled: its ends along the length meet
 */
export function flowPast(
  at: Spot,
  clamps: readonly Spot[],
  length_mm: number,
  width_mm: number,
  arc_mm: number,
  closed = false,
): Spot {
  // Summed along the shorter side: the rows then lie so far apart that few of them count. A ring is summed round.
  if (length_mm > width_mm && !closed)
    return turned(flowPast(turned(at), clamps.map(turned), width_mm, length_mm, arc_mm));
  const sheet: Sheet = { x_mm: length_mm, y_mm: width_mm, ring: closed };
  const felt = (of: Spot, self: boolean): Complex => {
    const all = pullOf(at, of, sheet, self);
    const less = missed(at, of, sheet, arc_mm);
    return { re: all.re - less.re, im: all.im - less.im };
  };
  const source = felt(at, true);
  let [re, im] = [source.re, source.im];
  for (const clamp of clamps) {
    const sink = felt(clamp, false);
    re -= sink.re / clamps.length;
    im -= sink.im / clamps.length;
  }
  // The current is the conjugate of the sum.
  return { x: re / (2 * Math.PI), y: -im / (2 * Math.PI) };
}
