import type { MethodId, RestraintId } from '../../data/heatIds';
import type { Source } from '../../units/sources';
import type { SteelGrade } from '../../data/steelGrades';
import type { SteelNumbers } from '../../heat/samples';

/** What a method wants to know besides the steel. */
export interface PreheatConditions {
  /** Thicker side, mm. */
  thick_mm: number;
  /** Diffusible hydrogen, ml in 100 g of weld metal, by mercury. */
  hydrogen_ml: number;
  /** Heat input with the arc's efficiency in it. */
  heat_kJ_mm: number;
  restraint: RestraintId;
  /** Category of the prescriptive table that lists the grade. */
  listed: SteelGrade['listed'];
  /** A dry basic rod. */
  lowHydrogen: boolean;
}

/** A preheat, °C, or why this method has none to give here. 0: nothing above the air. */
export type MethodAnswer = { valid: true; preheat_C: number } | { valid: false; why: string };

/** One way of reckoning a preheat of plain and low-alloy steel. */
export interface PreheatMethod {
  id: MethodId;
  name: string;
  /** What it looks at, in a line. */
  looksAt: string;
  source: Source;
  judge(steel: SteelNumbers, conditions: PreheatConditions): MethodAnswer;
}

export const asks = (preheat_C: number): MethodAnswer => ({ valid: true, preheat_C: Math.max(0, preheat_C) });
export const outside = (why: string): MethodAnswer => ({ valid: false, why });

/** Carbon over which the hydrogen methods have no steel behind them, %. EN 1011-2 and common practice. */
export const CARBON_END_pct = 0.32;
/**
 * Of a steel that is known the rules for hard ones (square root, family) come in by degrees between these carbons, %, and between
 * these thicknesses, mm: few draws just over CARBON_END_pct do not ask for all of them. Common practice: thin 4130 tube is
 * welded cold or hand-hot, 12 mm of it at 150 to 230 °C, the 4140 kind always warm.
 */
export const HARD_BY_DEGREES = { from_pct: 0.28, full_pct: 0.36, from_mm: 2, full_mm: 12 } as const;
export const OVER_CARBON = `Carbon over ${CARBON_END_pct} %: it was not made for that.`;
