import { isBag, unchanged, withDefaults, type Bag, type Step } from './bag';

/** What version 8 asked of the piece besides. */
const BLANK_PIECE: Bag = {
  piece: null,
  tackEvery_mm: null,
  clampOn: null,
  seamSide_mm: null,
  frameLong_mm: null,
  frameWide_mm: null,
  tube_mm: null,
};

/** Version 7 knew two orders, of runs and of segments, and a piece by its joint only. */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.rod)) return job;
  const { runs, ...rod } = job.rod;
  const order = withDefaults(job.order, BLANK_PIECE);
  const taken = runs === 'backstep' ? 'backstep' : runs === 'continuous' ? 'straight' : null;
  return {
    ...job,
    rod,
    order: isBag(order) && order.pattern === null ? { ...order, pattern: taken } : order,
  };
}

export const from7: Step = { job: upgradeJob, kit: unchanged };
