import { isBag, withDefaults, type Step } from './bag';

/** Version 11 did not ask what becomes of a weld's face or of its back; its kit had no reels, bottles or tungstens. */
const upgradeJob = (job: unknown): unknown =>
  isBag(job) ? { ...job, joint: withDefaults(job.joint, { cap: null, back: null }) } : job;

const upgradeKit = (kit: unknown): unknown =>
  isBag(kit) ? withDefaults(kit, { fillers: [], bottles: [], tungstens: [] }) : kit;

export const from11: Step = { job: upgradeJob, kit: upgradeKit };
