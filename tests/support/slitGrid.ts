import type { BlowPiece, Spot } from '../../src/core/field/piece';

/**
 * Two plates, side by side or one standing on the other, cell by cell: current passes between them only where they are joined. Settled
 * by conjugate gradients, the field summed face by face (Biot and Savart). Nothing of the app's own way of reckoning it is used.
 */
export interface SlitGrid {
  piece: BlowPiece;
  /** Where the arc stands along the seam, mm, and how far it reaches up from the plate. */
  arc_mm: { x: number; up: number };
  /** Half of what the pool and a tack join along the seam, mm. */
  half_mm: { pool: number; tack: number };
  /** Side of a cell, mm. */
  cell_mm: number;
}

/** A face or a link between two cells, and what an ampere through it counts for along and across at the arc. */
interface Face {
  from: number;
  to: number;
  along: number;
  across: number;
}

const HEIGHTS = 16;

/** Current past the arc for every ampere of it, A/mm of an even flow, averaged over its height. */
export function flowOnSlitGrid(grid: SlitGrid): Spot {
  const { piece, arc_mm, half_mm, cell_mm } = grid;
  const cells = (mm: number) => Math.round(mm / cell_mm);
  const columns = cells(piece.length_mm);
  const stands = piece.kind === 'tee';
  // Rows of the lying plate from below, then those of the upright; side by side all of them lie.
  const lying = cells(piece.width_mm);
  const rows = lying + (stands ? cells(piece.web_mm) : 0);
  const seam = cells(piece.seam_mm);
  const size = columns * rows;
  const column = cells(arc_mm.x);

  const isJoined = (n: number): boolean => {
    const x = (n + 0.5) * cell_mm;
    const near = (at: number, half: number) => Math.abs(x - at) <= half;
    return near(arc_mm.x, half_mm.pool) || piece.tacks.some((tack) => near(tack, half_mm.tack));
  };
  /** Seen from the arc: leaning at half a right angle where one stands, upright else. */
  const lean = stands ? Math.SQRT1_2 : 1;
  const counts = (x: number, away: number): number => {
    let sum = 0;
    for (let n = 0; n < HEIGHTS; n++) {
      const up = ((n + 0.5) / HEIGHTS) * arc_mm.up * lean;
      const over = stands ? up : 0;
      sum += up / ((x - arc_mm.x) ** 2 + (away - over) ** 2 + up * up) ** 1.5;
    }
    return (sum * cell_mm) / (2 * Math.PI) / HEIGHTS;
  };
  const faces: Face[] = [];
  for (let row = 0; row < rows; row++)
    for (let n = 0; n < columns; n++) {
      const here = row * columns + n;
      const up = row >= lying;
      const away = up ? (row - lying + 0.5) * cell_mm : (row + 0.5 - seam) * cell_mm;
      const x = (n + 0.5) * cell_mm;
      if (n + 1 < columns)
        faces.push({
          from: here,
          to: here + 1,
          along: counts(x + cell_mm / 2, away) * lean,
          across: 0,
        });
      const slit = row + 1 === (stands ? lying : seam);
      if (row + 1 < rows && (!slit || (!stands && isJoined(n))))
        faces.push({
          from: here,
          to: here + columns,
          along: 0,
          // What flows up the upright turns the arc the other way.
          across: counts(x, away + cell_mm / 2) * (up ? -1 : 1),
        });
      if (stands && row === lying && isJoined(n))
        for (const side of [seam - 1, seam])
          faces.push({ from: side * columns + n, to: here, along: 0, across: 0 });
    }

  const fed = new Float64Array(size);
  const feed = (cell: number, share: number): void => {
    fed[cell] = (fed[cell] as number) + share;
  };
  for (const row of stands ? [seam, lying] : [seam - 1, seam])
    for (const n of [column - 1, column]) feed(row * columns + n, 0.25);
  for (const { x, y, upright } of piece.clamps) {
    const row = upright ? lying + Math.floor(Math.abs(y - piece.seam_mm) / cell_mm) : Math.floor(y / cell_mm);
    feed(row * columns + Math.floor(x / cell_mm), -1 / piece.clamps.length);
  }

  const v = settled(fed, faces, 40 * (columns + rows));
  let [along, across] = [0, 0];
  for (const face of faces) {
    const flow = (v[face.from] as number) - (v[face.to] as number);
    along += flow * face.along;
    across += flow * face.across;
  }
  return { x: along, y: across };
}

/** Potential of every cell: what flows out of it is what is fed in. Conjugate gradients, until what is left is a hundred millionth. */
function settled(fed: Float64Array, faces: readonly Face[], mostSteps: number): Float64Array {
  const from = Int32Array.from(faces, (face) => face.from);
  const to = Int32Array.from(faces, (face) => face.to);
  const size = fed.length;
  const dot = (a: Float64Array, b: Float64Array) => {
    let sum = 0;
    for (let n = 0; n < size; n++) sum += (a[n] as number) * (b[n] as number);
    return sum;
  };
  const v = new Float64Array(size);
  const left = fed.slice();
  const way = left.slice();
  const out = new Float64Array(size);
  let rest = dot(left, left);
  const enough = rest * 1e-16;
  for (let step = 0; step < mostSteps && rest > enough; step++) {
    out.fill(0);
    for (let n = 0; n < from.length; n++) {
      const [a, b] = [from[n] as number, to[n] as number];
      const flow = (way[a] as number) - (way[b] as number);
      out[a] = (out[a] as number) + flow;
      out[b] = (out[b] as number) - flow;
    }
    const far = rest / dot(way, out);
    for (let n = 0; n < size; n++) {
      v[n] = (v[n] as number) + far * (way[n] as number);
      left[n] = (left[n] as number) - far * (out[n] as number);
    }
    const next = dot(left, left);
    for (let n = 0; n < size; n++) way[n] = (left[n] as number) + (next / rest) * (way[n] as number);
    rest = next;
  }
  return v;
}
