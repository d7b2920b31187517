import { applyEdits } from '../../src/core/formats/edits';
import type { Job } from '../../src/core/formats/job';
import { DEMO_JOBS } from '../../src/demo/jobs';

/** A job of the invented yard, with some of its fields set. */
export function demoJob(id: string, edits: Readonly<Record<string, unknown>> = {}): Job {
  const job = DEMO_JOBS.find((one) => one.id === id);
  if (!job) throw new Error(`no demo job ${id}`);
  return applyEdits(
    job,
    Object.entries(edits).map(([path, value]) => ({ path, value })),
  );
}
