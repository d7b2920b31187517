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
  jobs: z.array(Job),
  kit: Kit,
});

export type Archive = z.infer<typeof Archive>;

/** So many jobs are read between two words of how far it is. */
const TOLD_EVERY = 20;

/**
 * Reads a job, a kit or an archive, whichever it is, of this version or an earlier one.
 * @param onRead told as the jobs of an archive are read: so many of so many
 * @returns what it brings, or a message that names what is wrong with it
 */
export function readFile(
  contents: string,
  onRead: (done: number, of: number) => void = () => undefined,
): Result<Brought> {
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
  if (format !== ARCHIVE_FORMAT)
    return refuse(`This is no file of this app: its format is "${format.slice(0, 40)}".`);
  const head = Archive.safeParse({
    format,
    version: DATA_VERSION,
    jobs: Array.isArray(data.jobs) ? [] : data.jobs,
    kit,
  });
  if (!head.success) return refuse(explainIssue(head.error));
  const jobs = readJobs(data.jobs as unknown[], version, onRead);
  return jobs.ok ? ok({ jobs: withOwnIds(jobs.value), kit: head.data.kit }) : jobs;
}

/** Reads jobs one by one; the message names the one that is wrong. */
function readJobs(
  raw: readonly unknown[],
  version: number,
  onRead: (done: number, of: number) => void,
): Result<Job[]> {
  const jobs: Job[] = [];
  for (const [n, one] of raw.entries()) {
    const read = Job.safeParse(upgradeJob(one, version));
    if (!read.success) return refuse(`jobs.${n}.${explainIssue(read.error)}`);
    jobs.push(read.data);
    if (jobs.length % TOLD_EVERY === 0 || jobs.length === raw.length) onRead(jobs.length, raw.length);
  }
  return ok(jobs);
}

/** Jobs of which no two go by one id: the second of two becomes a job of its own. */
function withOwnIds(jobs: readonly Job[]): Job[] {
  const taken = new Set(jobs.map(({ id }) => id));
  const met = new Set<string>();
  return jobs.map((job) => {
    if (!met.has(job.id)) {
      met.add(job.id);
      return job;
    }
    let n = 2;
    while (taken.has(`${job.id}-${n}`)) n += 1;
    const id = `${job.id}-${n}`;
    taken.add(id);
    return { ...job, id };
  });
}
