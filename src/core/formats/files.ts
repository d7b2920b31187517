import { z } from 'zod';
import { ok, refuse, type Result } from '../units/result';
import { explainIssue, jobFileOf, openFile } from './jobFile';
import type { Brought } from './merge';
import { ARCHIVE_FORMAT, JOB_FILE_FORMAT, KIT_FILE_FORMAT } from './write';
import { Job } from './job';
import { Kit } from './kit';
import { DATA_VERSION, upgradeJob, upgradeKit } from './upgrade';

/** The kit alone, as a file. */
export const KitFile = z.object({
  format: z.literal(KIT_FILE_FORMAT),
  version: z.literal(DATA_VERSION),
  kit: Kit,
});

export type KitFile = z.infer<typeof KitFile>;

/** Everything: all jobs and the kit. */
export const Archive = z.object({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.literal(DATA_VERSION),
  jobs: z.array(Job).max(2000),
  kit: Kit,
});

export type Archive = z.infer<typeof Archive>;

/**
 * Reads a job, a kit or an archive, whichever it is, of this version or an earlier one.
 * @returns what it brings, or a message that names what is wrong with it
 */
export function readFile(contents: string): Result<Brought> {
  const opened = openFile(contents);
  if (!opened.ok) return opened;
  const { format, version, data } = opened.value;
  if (format === JOB_FILE_FORMAT) {
    const read = jobFileOf(opened.value);
    return read.ok ? ok({ jobs: [read.value.job], kit: read.value.kit }) : read;
  }
  const kit = upgradeKit(data.kit, version);
  if (format === KIT_FILE_FORMAT) {
    const read = KitFile.safeParse({ format, version: DATA_VERSION, kit });
    return read.success ? ok({ jobs: [], kit: read.data.kit }) : refuse(explainIssue(read.error));
  }
  if (format === ARCHIVE_FORMAT) {
    const jobs = Array.isArray(data.jobs) ? data.jobs.map((job) => upgradeJob(job, version)) : data.jobs;
    const read = Archive.safeParse({ format, version: DATA_VERSION, jobs, kit });
    return read.success ? ok({ jobs: read.data.jobs, kit: read.data.kit }) : refuse(explainIssue(read.error));
  }
  return refuse(`This is no file of this app: its format is "${format.slice(0, 40)}".`);
}
