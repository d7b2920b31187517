import { z } from 'zod';
import { ok, refuse, type Result } from '../units/result';
import { Job } from './job';
import { Kit } from './kit';

export const JOB_FILE_FORMAT = 'elbow-room-job';
export const JOB_FILE_VERSION = 1;
/** Text larger than this is refused before it is parsed, characters. */
const MAX_TEXT = 5_000_000;

/** A job as a file: the job, and the kit its plan was made with, so that it reads the same anywhere. */
export const JobFile = z.object({
  format: z.literal(JOB_FILE_FORMAT),
  version: z.literal(JOB_FILE_VERSION),
  job: Job,
  kit: Kit,
});
export type JobFile = z.infer<typeof JobFile>;

/** A job and its kit as the text of a file. */
export const writeJobFile = (job: Job, kit: Kit): string =>
  `${JSON.stringify({ format: JOB_FILE_FORMAT, version: JOB_FILE_VERSION, job, kit } satisfies JobFile, null, 2)}\n`;

/**
 * Reads the text of a job file.
 * @returns the file, or a message naming the first field that is wrong and what was expected there
 */
export function readJobFile(text: string): Result<JobFile> {
  if (text.length > MAX_TEXT)
    return refuse('The file is over 5 MB. A job file is a few kilobytes: choose another.');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return refuse('The file is not whole JSON: it may be cut short. Export the job again.');
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(data);
  if (!head.success || head.data.format !== JOB_FILE_FORMAT) {
    return refuse(`This is not a job file. Expected "format": "${JOB_FILE_FORMAT}" at its top.`);
  }
  if (head.data.version > JOB_FILE_VERSION) {
    return refuse(
      `The file is of version ${head.data.version}; this app reads up to ${JOB_FILE_VERSION}. Update the app first.`,
    );
  }
  const file = JobFile.safeParse(data);
  if (!file.success) return refuse(explainIssue(file.error));
  return ok(file.data);
}

/** The first thing wrong with a record, as "field: what was expected". */
export function explainIssue(error: z.ZodError): string {
  const issue = error.issues[0];
  if (!issue) return 'The file does not fit its format.';
  const where = issue.path.join('.') || 'the file';
  return `${where}: ${issue.message}`;
}
