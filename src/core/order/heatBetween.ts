import { INTERPASS_AT_mm } from '../data/heatLimits';
import { diffusivity_mm2_s } from '../heat/loss';
import { pieceLoss_per_s, type Piece } from '../heat/piece';
import { spreadShare_per_mm } from '../heat/spread';
import type { Segment } from '../joint/segments';

/**
 * How much every segment warms every start, by how many turns ago it was laid: the whole of the heat that an order of segments can see,
 * reckoned once. A band of heat in a finite plate spreads along and across it by itself, and is lost to the air.
 */
export interface HeatTable {
  count: number;
  start_C: number;
  /** K at a place where a run may begin, whole `turns` after segment `by` was laid: beside the seam as metal is measured. */
  rise_K: (by: number, at: number, turns: number) => number;
  /** The same on the seam itself, where the rod is struck. */
  onSeam_K: (by: number, at: number, turns: number) => number;
  /** What is known of it, by segment, place and turn: read by what asks a hundred thousand times; NaN where it is still to be reckoned. */
  known: Float64Array;
  places: number;
  turns: number;
  /** From the end of one segment to the end of the next, and of that the arc, s. */
  turn_s: number;
  arc_s: number;
}

export interface HeatTableQuestion {
  piece: Piece;
  segments: readonly Segment[];
  /** Places where runs begin and end, along the seam: one more than segments where these touch, else one each. */
  edges_mm: readonly number[];
  /** Metal before the first, °C. */
  start_C: number;
  /** Heat of one segment, J, how long its arc burns, and what the hand takes between two, s. */
  energy_J: number;
  arc_s: number;
  between_s: number;
}

/** Turns that are looked ahead, for every segment: so that a wait can be told. */
const AHEAD = 3;

/** Reckoned as it is asked for, and kept: few orders see but little of it, a search all. */
export function heatTable(question: HeatTableQuestion): HeatTable {
  const { piece, segments, edges_mm, start_C, energy_J, arc_s, between_s } = question;
  const n = segments.length;
  const edges = edges_mm.length;
  const most = AHEAD * n;
  const known = new Float64Array(n * edges * (most + 1)).fill(NaN);
  const turnsKnown = new Map<number, Turn>();
  const { length_mm, weldLength_mm } = piece;
  const left = (length_mm - Math.min(weldLength_mm, length_mm)) / 2;
  const turn_s = arc_s + between_s;
  const turnOf = (turns: number): Turn => {
    const kept = turnsKnown.get(turns);
    if (kept) return kept;
    // From the end of the one to the strike of the other.
    const made = heatAcross(piece, energy_J, Math.max(1, turns * turn_s - arc_s));
    turnsKnown.set(turns, made);
    return made;
  };
  const whole = (by: number, at: number, turns: number): number => {
    const place = (by * edges + at) * (most + 1) + turns;
    const kept = known[place] ?? 0;
    if (!Number.isNaN(kept)) return kept;
    const { beside_K, spread_mm2 } = turnOf(turns);
    const along = spreadShare_per_mm({
      side_mm: length_mm,
      from_mm: left + (segments[by]?.from_mm ?? 0),
      to_mm: left + (segments[by]?.to_mm ?? 0),
      at_mm: left + (edges_mm[at] ?? 0),
      spread_mm2,
    });
    return (known[place] = beside_K * along);
  };
  const rise_K = (by: number, at: number, turns: number): number => whole(by, at, Math.min(turns, most));
  return {
    count: n,
    start_C,
    turn_s,
    arc_s,
    rise_K,
    known,
    places: edges,
    turns: most + 1,
    onSeam_K: (by, at, turns) => rise_K(by, at, turns) * turnOf(Math.min(turns, most)).hotter,
  };
}

/** The heat of a run so long after it, but for where along the seam it lies. */
interface Turn {
  /** K beside the seam for all of it in a millimetre of the length; and how many times that on the seam. */
  beside_K: number;
  hotter: number;
  spread_mm2: number;
}

function heatAcross(piece: Piece, energy_J: number, after_s: number): Turn {
  const { width_mm, thickness_mm, metal } = piece;
  const spread_mm2 = diffusivity_mm2_s(metal) * after_s;
  const middle = width_mm / 2;
  const acrossAt = (at_mm: number) =>
    spreadShare_per_mm({ side_mm: width_mm, from_mm: middle, to_mm: middle, at_mm, spread_mm2 });
  const beside = acrossAt(Math.min(width_mm, middle + INTERPASS_AT_mm.value));
  const left = Math.exp(-pieceLoss_per_s(piece) * after_s);
  return {
    beside_K: (energy_J * beside * left) / (metal.heatCapacity_J_mm3K * thickness_mm),
    hotter: beside > 0 ? acrossAt(middle) / beside : 1,
    spread_mm2,
  };
}
