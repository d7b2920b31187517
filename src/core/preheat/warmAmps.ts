import { rodClass } from '../data/rods';
import { ampsOnWarm_A } from '../heat/warmPlate';
import type { Reads } from '../judge/situation';

/** Amps are set by fives. */
const DIAL_STEP_A = 5;

/**
 * Amps along the rods of an aluminium job: they come down as the part warms, so that the pool stays as it was at the start.
 * @returns amps of each stretch that begins with a fresh look at the metal, in order; empty on metals whose amps stay
 */
export function ampsAsItWarms({
  rod,
  current_A,
  timeline,
  heat,
}: Reads<'rod' | 'current_A' | 'timeline' | 'heat'>): number[] {
  if (!rod || !current_A || !timeline || rodClass(rod.value.rodClass).coating !== 'aluminium') return [];
  const { solidus_C } = heat.piece.metal;
  return timeline.starts.map(({ started_C }) => {
    const amps = ampsOnWarm_A(current_A.value, started_C, heat.start_C, solidus_C);
    return DIAL_STEP_A * Math.round(amps / DIAL_STEP_A);
  });
}
