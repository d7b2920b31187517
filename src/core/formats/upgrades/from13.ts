import { isBag, withDefaults, type Step } from './bag';

/** Version 13 kept no beads on scrap, and measured nothing on pictures. */
export const from13: Step = {
  job: (job) => (isBag(job) ? { measured: {}, ...job } : job),
  kit: (kit) => (isBag(kit) ? withDefaults(kit, { trials: [] }) : kit),
};
