import { ON_PLATE, type ShapeFactors } from '../data/shapeFactors';

/** Cooling from 800 to 500 °C beside the weld (EN 1011-2 annex D, from memory). Plain and low-alloy steel. */

export interface CoolingQuestion {
  /** Heat input with the arc's efficiency in it, kJ/mm. */
  heat_kJ_mm: number;
  thickness_mm: number;
  /** Metal temperature before the bead, °C; under 500. */
  start_C: number;
  shape?: ShapeFactors;
}

/** Seconds from 800 to 500 °C. */
export interface CoolingTime {
  thick_s: number;
  thin_s: number;
  /** The longer of the two, which governs. */
  governing_s: number;
  governs: 'thick' | 'thin';
}

/** Answers "how fast does the metal beside the bead cool?" */
export function coolingTime85({
  heat_kJ_mm: q,
  thickness_mm: d,
  start_C: t,
  shape = ON_PLATE,
}: CoolingQuestion): CoolingTime {
  const [to500, to800] = [1 / (500 - t), 1 / (800 - t)];
  const thick_s = (6700 - 5 * t) * q * (to500 - to800) * shape.thick;
  const thin_s = (((4300 - 4.3 * t) * 1e5 * q * q) / (d * d)) * (to500 ** 2 - to800 ** 2) * shape.thin;
  return {
    thick_s,
    thin_s,
    governing_s: Math.max(thick_s, thin_s),
    governs: thin_s > thick_s ? 'thin' : 'thick',
  };
}

/** Thickness at which the two agree, mm: under it heat flows through plate as through a sheet (shape factors 1). */
export function transitionThickness_mm(heat_kJ_mm: number, start_C: number): number {
  const t = start_C;
  return Math.sqrt(
    (((4300 - 4.3 * t) * 1e5) / (6700 - 5 * t)) * heat_kJ_mm * (1 / (500 - t) + 1 / (800 - t)),
  );
}

/** Heat input, kJ/mm, that gives a cooling time: found by halving, since the longer of two rising curves governs. */
export function heatForCooling_kJ_mm(
  wanted_s: number,
  question: Omit<CoolingQuestion, 'heat_kJ_mm'>,
): number {
  let low = 0;
  let high = 20;
  for (let n = 0; n < 40; n++) {
    const middle = (low + high) / 2;
    if (coolingTime85({ ...question, heat_kJ_mm: middle }).governing_s < wanted_s) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
