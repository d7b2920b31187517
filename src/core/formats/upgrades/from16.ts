import { each, isBag, type Step } from './bag';

const NO_ROD = { rodClass: null, size: null };
const NOT_RATED = { rated_A: null, duty_pct: null };

/** Version 16 had no rod of its own for the last layer, and torches and guns without a rating. */
export const from16: Step = {
  job: (job) =>
    isBag(job) && isBag(job.rod) ? { ...job, rod: { ...job.rod, cap: job.rod.cap ?? NO_ROD } } : job,
  kit: (kit) => (isBag(kit) ? { ...kit, tools: each(kit.tools, NOT_RATED) } : kit),
};
