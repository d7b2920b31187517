import { each, isBag, withDefaults, type Step } from './bag';

/** Version 1 knew no leads, cords, tools, generators, time window or joints round things. */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job)) return job;
  return {
    ...job,
    look: withDefaults(job.look, { timeWindow_s: null }),
    joint: withDefaults(job.joint, {
      cornerRadius_mm: null,
      plugDiameter_mm: null,
      plugCount: null,
      pipeDiameter_mm: null,
      tubeWidth_mm: null,
      tubeHeight_mm: null,
    }),
    power: withDefaults(job.power, { leadsId: null }),
  };
}

function upgradeKit(kit: unknown): unknown {
  if (!isBag(kit)) return kit;
  return {
    cords: [],
    leads: [],
    tools: [],
    ...kit,
    machines: each(kit.machines, { photos: [] }),
    supplies: each(kit.supplies, { kind: 'socket', rating_kW: null, rating_kVA: null }),
  };
}

export const from1: Step = { job: upgradeJob, kit: upgradeKit };
