import { INTERPASS_AT_mm } from '../data/heatLimits';
import { diffusivity_mm2_s } from '../heat/loss';
import { pieceLoss_per_s, type Piece } from '../heat/piece';
import { spreadShare_per_mm } from '../heat/spread';
import type { Segment } from './segments';

/**
 * How much every segment warms every other, by how many turns ago it was laid: the whole of the heat that an order of segments can see,
 * reckoned once. A band of heat in a finite plate spreads along and across it by itself, and is lost to the air.
 */
export interface HeatTable {
  count: number;
  start_C: number;
  /** K at an edge between segments, from 0 at the beginning of the seam, `turns` turns after `by` was laid. */
  rise_K: (by: number, edge: number, turns: number) => number;
  /** From the end of one segment to the end of the next, s. */
  turn_s: number;
}

export interface HeatTableQuestion {
  piece: Piece;
  segments: readonly Segment[];
  /** Metal before the first, °C. */
  start_C: number;
  /** Heat of one segment, J, how long its arc burns, and what the hand takes between two, s. */
  energy_J: number;
  arc_s: number;
  between_s: number;
}

export function heatTable({
  piece,
  segments,
  start_C,
  energy_J,
  arc_s,
  between_s,
}: HeatTableQuestion): HeatTable {
  const n = segments.length;
  const edges = n + 1;
  const values = new Float64Array(n * edges * n);
  const each_mm = piece.weldLength_mm / n;
  const { length_mm, width_mm, weldLength_mm, thickness_mm, metal } = piece;
  const left = (length_mm - Math.min(weldLength_mm, length_mm)) / 2;
  const middle = width_mm / 2;
  const a = diffusivity_mm2_s(metal);
  const capacity = metal.heatCapacity_J_mm3K * thickness_mm;
  const lossRate = pieceLoss_per_s(piece);
  const turn_s = arc_s + between_s;
  for (let turns = 1; turns < n; turns++) {
    // From the end of the one to the strike of the other.
    const after_s = Math.max(1, turns * turn_s - arc_s);
    const spread_mm2 = a * after_s;
    const across = spreadShare_per_mm({
      side_mm: width_mm,
      from_mm: middle,
      to_mm: middle,
      at_mm: Math.min(width_mm, middle + INTERPASS_AT_mm.value),
      spread_mm2,
    });
    const common = (energy_J * across * Math.exp(-lossRate * after_s)) / capacity;
    for (const by of segments)
      for (let edge = 0; edge < edges; edge++) {
        const along = spreadShare_per_mm({
          side_mm: length_mm,
          from_mm: left + by.from_mm,
          to_mm: left + by.to_mm,
          at_mm: left + edge * each_mm,
          spread_mm2,
        });
        values[(by.index * edges + edge) * n + turns] = common * along;
      }
  }
  return {
    count: n,
    start_C,
    turn_s,
    rise_K: (by, edge, turns) => values[(by * edges + edge) * n + turns] ?? 0,
  };
}
