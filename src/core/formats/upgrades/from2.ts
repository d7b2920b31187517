import { isBag, unchanged, withDefaults, type Bag, type Step } from './bag';

const BLANK_SIDE: Bag = {
  family: null,
  coating: null,
  coatingLook: null,
  part: null,
  age: null,
  setting: null,
  evidence: {},
};
const BLANK_DOUBT: Bag = {
  share_pct: null,
  wastedRods: null,
  sentOut: null,
  cracked: null,
  partLost: null,
  personHurt: null,
};

/** Version 2 took a metal by name or not at all: no tests, no part, no old weld. */
function upgradeJob(job: unknown): unknown {
  if (!isBag(job) || !isBag(job.metal)) return job;
  const { metal } = job;
  return {
    ...job,
    metal: {
      ...metal,
      sideA: withDefaults(metal.sideA, BLANK_SIDE),
      sideB: withDefaults(metal.sideB, BLANK_SIDE),
      oldWeld: BLANK_SIDE,
      doubt: BLANK_DOUBT,
    },
  };
}

export const from2: Step = { job: upgradeJob, kit: unchanged };
