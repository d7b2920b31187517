/** A point of the nameplate: this current for this share of ten minutes at 40 °C. */
export interface RatedPoint {
  current_A: number;
  duty: number;
}

export const DUTY_PERIOD_s = 600;

/**
 * Share of ten minutes a machine may burn at a current. Between rated points log duty runs straight on log current;
 * beyond them I^2 x duty stays that of the nearest point: IEC 60974-1, NEMA EW-1.
 * @returns 0 to 1; null where the plate gives no point
 */
export function permittedDuty(points: readonly RatedPoint[], current_A: number): number | null {
  const sorted = points
    .filter((p) => p.current_A > 0 && p.duty > 0)
    .sort((a, b) => a.current_A - b.current_A);
  const first = sorted[0];
  const last = sorted[sorted.length - 1];
  if (!first || !last || !(current_A > 0)) return null;
  const fromPoint = (p: RatedPoint) => Math.min(1, p.duty * (p.current_A / current_A) ** 2);
  if (current_A <= first.current_A) return fromPoint(first);
  if (current_A >= last.current_A) return fromPoint(last);
  const upper = sorted.findIndex((p) => p.current_A >= current_A);
  const a = sorted[upper - 1];
  const b = sorted[upper];
  if (!a || !b) return fromPoint(last);
  const along = Math.log(current_A / a.current_A) / Math.log(b.current_A / a.current_A);
  return Math.min(1, Math.exp(Math.log(a.duty) + along * Math.log(b.duty / a.duty)));
}

/** Rated points in other air than the plate's, or behind dust: every duty a share of what it was. */
export const derated = (points: readonly RatedPoint[], share: number): RatedPoint[] =>
  points.map(({ current_A, duty }) => ({ current_A, duty: duty * share }));

/** Conductor sizing multiplier for a duty: its square root, as in NEC 630.11 for machines without a motor. */
export const effectiveMultiplier = (duty: number): number => Math.sqrt(Math.min(Math.max(duty, 0), 1));

/** Effective supply current: sqrt(I1max^2 X + I0^2 (1 - X)), IEC 60974-1. */
export const effectiveCurrent_A = (max_A: number, idle_A: number, duty: number): number =>
  Math.sqrt(max_A ** 2 * duty + idle_A ** 2 * (1 - duty));
