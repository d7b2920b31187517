import { isBag, type Step } from './bag';

/** Version 12 kept nothing of the work itself. */
export const from12: Step = {
  job: (job) => (isBag(job) ? { run: { events: {} }, ...job } : job),
  kit: (kit) => kit,
};
