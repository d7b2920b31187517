import {
  BASE_MELTED,
  DILUTION_DOUBT,
  DILUTION_MOVES,
  LAYER_DILUTION_pct,
  STICK_DILUTION_pct,
  type BeadPlace,
} from '../data/dilution';
import type { Pole } from '../data/rods';
import type { MoveId } from '../data/words';
import type { PassRole } from '../rods/layout';
import type { Range } from '../units/range';

/** What decides how much base metal a stick bead melts. */
export interface DilutionQuestion {
  place: BeadPlace;
  move: MoveId | null;
  pole: Pole | null;
  /** Place of the amps in the rod's range: 0 at its low end, 1 at its high end. */
  ampsAt: number | null;
  /** Typed by somebody who has measured or been told it, %. */
  typed_pct: number | null;
}

/** Share of the first bead that is melted base metal, 0 to 1. */
export function dilutionOf({ place, move, pole, ampsAt, typed_pct }: DilutionQuestion): Range {
  if (typed_pct !== null) return bounded(typed_pct, DILUTION_DOUBT.typed, DILUTION_DOUBT.typed);
  const { low, nominal, high } = STICK_DILUTION_pct[place];
  const moved =
    (move === 'weave' ? DILUTION_MOVES.weave : 0) +
    (pole === 'DCEN' ? DILUTION_MOVES.negative : 0) +
    (ampsAt === null ? 0 : DILUTION_MOVES.amps * (Math.min(1, Math.max(0, ampsAt)) - 0.5));
  return bounded(nominal + moved, nominal - low, high - nominal);
}

const share = (percent: number): number =>
  Math.min(DILUTION_DOUBT.most, Math.max(DILUTION_DOUBT.least, percent)) / 100;
const bounded = (nominal: number, below: number, above: number): Range => ({
  low: share(nominal - below),
  nominal: share(nominal),
  high: share(nominal + above),
});

/** Base metal in every pass of a joint, 0 to 1: later passes melt mostly the one before them. */
export function dilutionByPass(first: number, roles: readonly PassRole[]): number[] {
  let before = 0;
  return roles.map((role, n) => {
    const base = n === 0 ? 1 : BASE_MELTED[role];
    before = first * (base + (1 - base) * before);
    return before;
  });
}

/** Base metal in every layer laid on a face, 0 to 1: by the table, the first one scaled to what is known of it. */
export function dilutionByLayer(first: number, layers: number): number[] {
  const [top = 30] = LAYER_DILUTION_pct.layers;
  return Array.from({ length: layers }, (_, n) => {
    const at = LAYER_DILUTION_pct.layers[Math.min(n, LAYER_DILUTION_pct.layers.length - 1)] ?? top;
    return first * (at / top);
  });
}
