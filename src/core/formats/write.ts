import type { Job } from './job';
import type { Kit } from './kit';
import { DATA_VERSION } from './upgrade';

export const JOB_FILE_FORMAT = 'elbow-room-job';
export const KIT_FILE_FORMAT = 'elbow-room-kit';
export const ARCHIVE_FORMAT = 'elbow-room-archive';

const text = (data: object): string => `${JSON.stringify(data, null, 2)}\n`;

/** A job and its kit as the text of a file. */
export const writeJobFile = (job: Job, kit: Kit): string =>
  text({ format: JOB_FILE_FORMAT, version: DATA_VERSION, job, kit });

/** The kit alone, as the text of a file. */
export const writeKitFile = (kit: Kit): string =>
  text({ format: KIT_FILE_FORMAT, version: DATA_VERSION, kit });

/** All jobs and the kit, as the text of a file. */
export const writeArchive = (jobs: readonly Job[], kit: Kit): string =>
  text({ format: ARCHIVE_FORMAT, version: DATA_VERSION, jobs: [...jobs], kit });
