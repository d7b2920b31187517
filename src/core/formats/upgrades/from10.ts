import { isBag, withDefaults, type Step } from './bag';

const each = (items: unknown, defaults: Record<string, unknown>): unknown =>
  Array.isArray(items) ? items.map((item) => withDefaults(item, defaults)) : items;

/** Version 10 did not ask how high above the sea the place lies, what else is on a circuit, or how long the rods of a tin are. */
const upgradeJob = (job: unknown): unknown =>
  isBag(job) ? { ...job, look: withDefaults(job.look, { altitude_m: null }) } : job;

const upgradeKit = (kit: unknown): unknown =>
  isBag(kit)
    ? {
        ...kit,
        supplies: each(kit.supplies, { others_A: null }),
        tins: each(kit.tins, { length_mm: null }),
      }
    : kit;

export const from10: Step = { job: upgradeJob, kit: upgradeKit };
