import { isBag, unchanged, withDefaults, type Step } from './bag';

/**
 * Version 8 had galvanised steel as a metal of its own, asked nothing of plating below a test, and knew one share for all that is not to
 * be welded. Galvanised steel is low-carbon steel with a coat of zinc.
 */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.metal)) return job;
  const { metal } = job;
  const side = (value: unknown): unknown => {
    if (!isBag(value)) return value;
    const galvanised = value.family === 'galvanised-steel';
    return {
      skipped: [],
      ...value,
      ...(galvanised
        ? {
            family: 'low-carbon-steel',
            coating: value.coating === null || value.coating === 'none' ? 'zinc' : value.coating,
          }
        : {}),
    };
  };
  return {
    ...job,
    metal: {
      ...metal,
      sideA: side(metal.sideA),
      sideB: side(metal.sideB),
      oldWeld: side(metal.oldWeld),
      doubt: withDefaults(metal.doubt, { hurts_pct: null, fails_pct: null }),
    },
  };
}

export const from8: Step = { job: upgradeJob, kit: unchanged };
