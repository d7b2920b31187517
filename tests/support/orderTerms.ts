import { PLAIN_PIECE } from '../../src/core/heat/piece';
import { heatTable } from '../../src/core/order/heatBetween';
import type { OrderTerms } from '../../src/core/order/judgeOrder';
import { edgesOf, segmentsOf } from '../../src/core/joint/segments';

/** A straight seam in so many segments on a plain steel plate, with nothing that limits it. */
export function orderTerms(count: number, piece: Partial<typeof PLAIN_PIECE>): OrderTerms {
  const whole = { ...PLAIN_PIECE, ...piece };
  const segments = segmentsOf(whole.weldLength_mm, whole.weldLength_mm / count);
  return {
    heat: heatTable({
      piece: whole,
      segments,
      edges_mm: edgesOf(segments),
      start_C: 15,
      energy_J: 60_000,
      arc_s: 30,
      between_s: 25,
    }),
    blowOf: () => 0,
    middles: segments.map(({ from_mm, to_mm }) => ({ x: (from_mm + to_mm) / 2, y: 0 })),
    joined: true,
    ceiling_C: null,
    holesAt_C: null,
    rodsEach: 1,
  };
}
