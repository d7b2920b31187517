import type { DiagramPoint } from '../data/constitution';

/** Reads a polyline across: its Nieq at a Creq. Past its ends it runs on as its last piece. */
export const heightAt = (points: readonly DiagramPoint[], creq: number): number => read(points, creq, 0, 1);

/** Reads a polyline upwards: its Creq at a Nieq. Past its ends it runs on as its last piece. */
export const acrossAt = (points: readonly DiagramPoint[], nieq: number): number => read(points, nieq, 1, 0);

function read(points: readonly DiagramPoint[], at: number, by: 0 | 1, of: 0 | 1): number {
  const last = points.length - 1;
  const after = points.findIndex((point) => point[by] >= at);
  const n = Math.max(1, after < 0 ? last : after);
  const [a, b] = [points[n - 1], points[n]];
  if (!a || !b) return NaN;
  return a[of] + ((at - a[by]) * (b[of] - a[of])) / (b[by] - a[by]);
}
