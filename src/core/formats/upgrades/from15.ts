import { eachOf, isBag, type Step } from './bag';

const FINDING = { what: null, at_mm: null, length_mm: null, photos: [], typed: {} };
const PERMIT = { issuer: '', watcher: '', from: null, until: null, watch_s: null, lines: {} };

/** Version 15 had no hot-work card, and findings without place, size or picture. */
export const from15: Step = {
  job: (job) =>
    isBag(job)
      ? {
          permit: PERMIT,
          ...job,
          checks: eachOf(job.checks, (check) => ({ ...FINDING, ...check })),
        }
      : job,
  kit: (kit) => kit,
};
