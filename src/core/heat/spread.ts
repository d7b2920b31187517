/** Heat spreading along one side of an insulated plate: the part that a finite plate's two sides share. */

/** Past this exponent a mode is gone. */
const GONE = 30;
const MOST_MODES = 600;

export interface SpreadQuestion {
  /** Side of the plate, mm. */
  side_mm: number;
  /** Where the heat was put in, evenly; both the same for a point. */
  from_mm: number;
  to_mm: number;
  at_mm: number;
  /** Diffusivity times the time since, mm2. */
  spread_mm2: number;
}

/**
 * Share of the heat that lies in a millimetre at a place, 1/mm: sum of cosine modes, exact for a side that lets nothing through.
 * Over the whole side it adds up to one.
 */
export function spreadShare_per_mm({ side_mm, from_mm, to_mm, at_mm, spread_mm2 }: SpreadQuestion): number {
  const step = Math.PI / side_mm;
  const width = to_mm - from_mm;
  let sum = 1;
  for (let n = 1; n < MOST_MODES; n++) {
    const k = n * step;
    const fading = k * k * spread_mm2;
    if (fading > GONE) break;
    const source =
      width > 1e-9 ? (Math.sin(k * to_mm) - Math.sin(k * from_mm)) / (k * width) : Math.cos(k * from_mm);
    sum += 2 * source * Math.cos(k * at_mm) * Math.exp(-fading);
  }
  return Math.max(0, sum) / side_mm;
}
