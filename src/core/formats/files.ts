import { z } from 'zod';
import { ok, refuse, type Result } from '../units/result';
import { explainIssue, JOB_FILE_FORMAT, jobFileOf, openFile } from './jobFile';
import { Job } from './job';
import { Kit } from './kit';
import { DATA_VERSION, upgradeJob, upgradeKit } from './upgrade';

export const KIT_FILE_FORMAT = 'elbow-room-kit';
export const ARCHIVE_FORMAT = 'elbow-room-archive';

/** The kit alone, as a file. */
export const KitFile = z.object({
  format: z.literal(KIT_FILE_FORMAT),
  version: z.literal(DATA_VERSION),
  kit: Kit,
});

/** Everything: all jobs and the kit. */
export const Archive = z.object({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.literal(DATA_VERSION),
  jobs: z.array(Job).max(2000),
  kit: Kit,
});

/** What any file of the app brings. */
export interface Brought {
  jobs: readonly Job[];
  kit: Kit;
}

const text = (data: object): string => `${JSON.stringify(data, null, 2)}\n`;

export const writeKitFile = (kit: Kit): string =>
  text({ format: KIT_FILE_FORMAT, version: DATA_VERSION, kit } satisfies z.infer<typeof KitFile>);

export const writeArchive = (jobs: readonly Job[], kit: Kit): string =>
  text({ format: ARCHIVE_FORMAT, version: DATA_VERSION, jobs: [...jobs], kit } satisfies z.infer<
    typeof Archive
  >);

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

/** What taking a file in would do, before it does it. */
export interface ImportPreview {
  adds: readonly string[];
  replaces: readonly string[];
  kitAdds: number;
}

const called = (job: Job): string => job.title || 'Untitled job';

/** Holds what a file brings against what is here: jobs of the same id are replaced, kit is only added to. */
export function previewImport(brought: Brought, here: { jobs: readonly Job[]; kit: Kit }): ImportPreview {
  const isHere = (job: Job) => here.jobs.some(({ id }) => id === job.id);
  const merged = mergeKit(here.kit, brought.kit);
  return {
    adds: brought.jobs.filter((job) => !isHere(job)).map(called),
    replaces: brought.jobs.filter(isHere).map(called),
    kitAdds: countItems(merged) - countItems(here.kit),
  };
}

const countItems = (kit: Kit): number => Object.values(kit).reduce((sum, shelf) => sum + shelf.length, 0);

/** A kit with what another brings and it lacks, by id; what is there already stays as it is. */
export function mergeKit(kit: Kit, extra: Kit): Kit {
  const add = <T extends { id: string }>(mine: readonly T[], theirs: readonly T[]): T[] => [
    ...mine,
    ...theirs.filter(({ id }) => !mine.some((item) => item.id === id)),
  ];
  return {
    machines: add(kit.machines, extra.machines),
    supplies: add(kit.supplies, extra.supplies),
    cords: add(kit.cords, extra.cords),
    leads: add(kit.leads, extra.leads),
    tins: add(kit.tins, extra.tins),
    tools: add(kit.tools, extra.tools),
  };
}
