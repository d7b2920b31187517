import { isBag, withDefaults, type Step } from './bag';

/** Version 13 kept no beads on scrap. */
export const from13: Step = {
  job: (job) => job,
  kit: (kit) => (isBag(kit) ? withDefaults(kit, { trials: [] }) : kit),
};
