import { isBag, withDefaults, type Step } from './bag';

const REPAIR = {
  crackLength_mm: null,
  crackDepth_mm: null,
  found: null,
  remover: null,
  held: null,
  better: null,
};

/**
 * Version 11 did not ask what broke and why, what becomes of a weld's face or of its back, or what was found on it; its kit had no
 * reels, bottles or tungstens.
 */
const upgradeJob = (job: unknown): unknown =>
  isBag(job)
    ? {
        repair: REPAIR,
        checks: {},
        ...job,
        look: withDefaults(job.look, { damage: null, cause: null }),
        joint: withDefaults(job.joint, { cap: null, back: null }),
      }
    : job;

const upgradeKit = (kit: unknown): unknown =>
  isBag(kit) ? withDefaults(kit, { fillers: [], bottles: [], tungstens: [] }) : kit;

export const from11: Step = { job: upgradeJob, kit: upgradeKit };
