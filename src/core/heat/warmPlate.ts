import { ampsForHeat_A, arcHeat_W } from './arcEnergy';

/** What metal that is already warm asks of the arc. */

/** Share of the heat that still has to be put in to melt it, against metal at the start. */
export const stillToMelt = (at_C: number, start_C: number, solidus_C: number): number =>
  Math.max(0, solidus_C - at_C) / Math.max(1, solidus_C - start_C);

/**
 * Amps that keep the pool as it was at the start, on metal that has warmed up: the arc's heat falls with what is left to the melting point.
 * Not under half: the arc would not hold.
 */
export function ampsOnWarm_A(start_A: number, at_C: number, start_C: number, solidus_C: number): number {
  const wanted_W = arcHeat_W(start_A) * stillToMelt(at_C, start_C, solidus_C);
  return Math.min(start_A, Math.max(start_A / 2, ampsForHeat_A(wanted_W)));
}
