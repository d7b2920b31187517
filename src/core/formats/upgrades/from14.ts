import { isBag, type Step } from './bag';

/** Version 14 took no readings off instruments. */
export const from14: Step = {
  job: (job) => (isBag(job) ? { readings: {}, ...job } : job),
  kit: (kit) => kit,
};
