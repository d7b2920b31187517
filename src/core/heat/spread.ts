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
 * Over the whole side it adds up to one. Sines, cosines and fading of each mode follow from those of the two before it.
 */
export function spreadShare_per_mm({ side_mm, from_mm, to_mm, at_mm, spread_mm2 }: SpreadQuestion): number {
  const step = Math.PI / side_mm;
  const width = to_mm - from_mm;
  const band = width > 1e-9;
  const slow = step * step * spread_mm2;
  const modes = Math.min(MOST_MODES - 1, slow > 0 ? Math.floor(Math.sqrt(GONE / slow)) : MOST_MODES);
  const at = steps(step * at_mm, 'cos');
  const from = steps(step * from_mm, band ? 'sin' : 'cos');
  const to = steps(step * to_mm, 'sin');
  let fade = Math.exp(-slow);
  let faster = fade * fade * fade;
  const more = fade * fade;
  let sum = 1;
  for (let n = 1; n <= modes; n++) {
    const source = band ? (to.value - from.value) / (n * step * width) : from.value;
    sum += 2 * source * at.value * fade;
    fade *= faster;
    faster *= more;
    next(at);
    next(from);
    next(to);
  }
  return Math.max(0, sum) / side_mm;
}

/** sin or cos of n times an angle, from n = 1 on. */
interface Steps {
  value: number;
  before: number;
  twice: number;
}

const steps = (angle: number, of: 'sin' | 'cos'): Steps => ({
  value: of === 'sin' ? Math.sin(angle) : Math.cos(angle),
  before: of === 'sin' ? 0 : 1,
  twice: 2 * Math.cos(angle),
});

/** To the next multiple (Chebyshev). */
function next(of: Steps): void {
  const after = of.twice * of.value - of.before;
  of.before = of.value;
  of.value = after;
}
