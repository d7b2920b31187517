import type { BreakerEdge } from '../data/breakers';

/** A stretch of the job at one supply current. */
export interface Stretch {
  duration_s: number;
  current_A: number;
}

/**
 * How near a thermal breaker comes to tripping over a job: peak heat over the heat it trips at. 1 trips.
 * The bimetal is a first-order element heated by current squared; heat left from one rod carries over to the next.
 * @param rating_A breaker rating
 */
export function peakTripShare(stretches: readonly Stretch[], rating_A: number, edge: BreakerEdge): number {
  const trips = edge.holds ** 2;
  let heat = 0;
  let peak = 0;
  for (const { duration_s, current_A } of stretches) {
    const steady = (current_A / rating_A) ** 2;
    heat = steady + (heat - steady) * Math.exp(-duration_s / edge.tau_s);
    peak = Math.max(peak, heat);
  }
  return peak / trips;
}

/** Heat of a thermal breaker now, as a share of that at which it trips. */
export function heatNow(stretches: readonly Stretch[], rating_A: number, edge: BreakerEdge): number {
  const trips = edge.holds ** 2;
  return stretches.reduce((heat, { duration_s, current_A }) => {
    const steady = (current_A / rating_A) ** 2 / trips;
    return steady + (heat - steady) * Math.exp(-duration_s / edge.tau_s);
  }, 0);
}

/** How long a breaker so warm carries a current, s; null where it carries it for ever. */
export function carriesFor_s(
  heat: number,
  current_A: number,
  rating_A: number,
  edge: BreakerEdge,
): number | null {
  const steady = (current_A / rating_A) ** 2 / edge.holds ** 2;
  if (steady <= 1) return null;
  return heat >= 1 ? 0 : edge.tau_s * Math.log((steady - heat) / (steady - 1));
}

/** Supply amps while welding at which the breaker would just trip on this job. Heat goes with current squared. */
export const tripsAt_A = (arc_A: number, tripShare: number): number =>
  tripShare > 0 ? arc_A / Math.sqrt(tripShare) : Infinity;
