import { isBag, unchanged, withDefaults, type Step } from './bag';

/** Version 9 did not ask what lies behind the seam. */
const upgradeJob = (job: unknown): unknown =>
  isBag(job) ? { ...job, joint: withDefaults(job.joint, { backing: null }) } : job;

export const from9: Step = { job: upgradeJob, kit: unchanged };
