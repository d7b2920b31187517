import type { FamilyId } from '../data/families';
import type { Source } from '../units/sources';
import type { Cooling, Correction } from '../heat/cooling';
import type { CoolingTime } from '../heat/cooling85';
import type { Piece } from '../heat/piece';
import type { PreheatQuestion, SteelPreheat } from './preheat';
import type { TorchWork } from '../heat/torch';
import type { Range } from '../units/range';
import type { Choice } from '../judge/choice';
import type { HeatHolds } from '../heat/holds';

/** A steel that a side may be, with what its preheat was asked with. */
export interface SteelAsked {
  side: 'A' | 'B';
  family: FamilyId;
  preheat: SteelPreheat;
  question: PreheatQuestion;
}

/** A limit of temperature with the words that say it. */
export interface Ceiling {
  value_C: number;
  words: string;
  source: Source;
}

/** Heat input of the passes, kJ/mm with the arc's efficiency in it: the least of them, and the most. */
export interface HeatInput {
  least_kJ_mm: number;
  most_kJ_mm: number;
  /** The most, as US procedures print it: arc energy in kJ/in. */
  most_kJ_in: number;
}

/** The heat half of a situation. */
export interface HeatPlan {
  /** Every steel that either side may be and that is reckoned by chemistry. */
  steels: readonly SteelAsked[];
  /** Preheat asked by all of it, °C; all 0 where nothing above the air is. */
  asked_C: Range;
  /** What of it the plan is made for: the usual piece of a common steel, the unluckiest of a treacherous one, °C. */
  aim_C: number;
  /** What set its high end, in words, and where that comes from. */
  askedBy: string;
  askedSource: Source;
  /** The steel that sets it; null where a family's rule alone does. */
  asker: SteelAsked | null;
  ceiling: Ceiling | null;
  /** Metal temperature before the first arc; null where it is welded as it lies. */
  preheat: Choice<number> | null;
  /** The metal as it lies, °C. */
  metal_C: number;
  /** Metal temperature while it is welded, °C. */
  start_C: number;
  torch: { kW: number; by: 'you' | 'app'; work: TorchWork } | null;
  /** No torch among the tools. */
  noTorch: boolean;
  input: HeatInput | null;
  /** Cooling of the coldest bead, and of the hottest at the ceiling. */
  fastest: CoolingTime | null;
  slowest: CoolingTime | null;
  piece: Piece;
  cooling: Cooling;
  /** Cooling beside the first pass as reckoned, °C by seconds after the arc stops; null while nothing is laid out. */
  curve: ((after_s: number) => number) | null;
  correction: Correction | null;
  holds: HeatHolds;
}
