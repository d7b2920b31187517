import { jointTraits } from '../data/joints';
import { segmentsOf } from '../joint/segments';
import { pathOf, planRuns, runsInOrder, type RunPlan } from '../rods/along';
import { toldPass } from '../rods/counts';
import { pieceKindOf } from '../field/blowPiece';
import type { Reads } from '../judge/situation';
import { pieceTraits } from '../data/pieces';

declare module '../judge/situation' {
  interface Situation {
    /** How the first pass is laid along the joint. */
    readonly runs: RunPlan | null;
  }
}

const FRAME_CORNERS = 4;

/** How the first pass is laid along the joint: round a pipe or tube as is usual there, along a seam as its segments are ordered. */
export function runs({
  job,
  beads,
  length_mm,
  order,
}: Reads<'job' | 'beads' | 'length_mm' | 'order'>): RunPlan | null {
  if (!beads) return null;
  const { kind, tubeWidth_mm, tubeHeight_mm, plugCount } = job.joint;
  const frame = pieceTraits(pieceKindOf(job)).cornered;
  const run = jointTraits(kind)?.run;
  const pieces = run === 'holes' ? (plugCount ?? 1) : frame ? FRAME_CORNERS : 1;
  const path = pathOf(kind, length_mm, { width_mm: tubeWidth_mm, height_mm: tubeHeight_mm }, pieces);
  if (order && frame) {
    const corners = segmentsOf(length_mm, length_mm / FRAME_CORNERS);
    return runsInOrder(path, corners, order.taken.judged.order, order.taken.id);
  }
  const round = path.closed && (run === 'sides' || order?.taken.id === 'backstep');
  if (order && !round && pieces === 1 && order.question.joined && order.taken.id !== 'straight')
    return runsInOrder(path, order.question.heat.segments, order.taken.judged.order, order.taken.id);
  const stepped = path.closed && order?.taken.id === 'backstep' ? 'backstep' : 'straight';
  return planRuns(path, toldPass(beads)?.beadPerRod_mm ?? length_mm, stepped);
}
