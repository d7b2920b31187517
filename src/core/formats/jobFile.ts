import { z } from 'zod';
import { ok, refuse, type Result } from '../units/result';
import { Job } from './job';
import { Kit } from './kit';
import { JOB_FILE_FORMAT } from './write';
import { DATA_VERSION, upgradeJob, upgradeKit } from './upgrade';

/** Text of a file larger than this is refused before it is parsed, characters: some ten thousand jobs. The writers stay under it. */
export const MOST_TEXT = 256_000_000;

/** A job as a file: the job, and the kit its plan was made with, so that it reads the same anywhere. */
export const JobFile = z.object({
  format: z.literal(JOB_FILE_FORMAT),
  version: z.literal(DATA_VERSION),
  job: Job,
  kit: Kit,
});
export type JobFile = z.infer<typeof JobFile>;

/** What stands at the top of any file of the app. */
export interface OpenedFile {
  format: string;
  version: number;
  data: Record<string, unknown>;
}

/** Opens the text of a file as far as its format and version; a message where it is none of ours, broken, or newer. */
export function openFile(text: string): Result<OpenedFile> {
  if (text.length > MOST_TEXT)
    return refuse('The file is over 256 MB of text. A file of jobs is far smaller: choose another.');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return refuse('The file is not whole JSON: it may be cut short or broken. Export it again.');
  }
  const head = z.looseObject({ format: z.string(), version: z.number() }).safeParse(data);
  if (!head.success) return refuse('This is no file of this app: it has no format and version at its top.');
  const { format, version } = head.data;
  if (version > DATA_VERSION || version < 1) {
    return refuse(
      `The file is of version ${version}; this app reads 1 to ${DATA_VERSION}. Update the app first.`,
    );
  }
  return ok({ format, version, data: head.data });
}

/**
 * Reads the text of a job file.
 * @returns the file, or a message naming the first field that is wrong and what was expected there
 */
export function readJobFile(text: string): Result<JobFile> {
  const opened = openFile(text);
  return opened.ok ? jobFileOf(opened.value) : opened;
}

/** The job file that an opened file is. */
export function jobFileOf({ format, version, data }: OpenedFile): Result<JobFile> {
  if (format !== JOB_FILE_FORMAT)
    return refuse(`This is not a job file. Expected "format": "${JOB_FILE_FORMAT}" at its top.`);
  const { job, kit } = data;
  const file = JobFile.safeParse({
    format,
    version: DATA_VERSION,
    job: upgradeJob(job, version),
    kit: upgradeKit(kit, version),
  });
  return file.success ? ok(file.data) : refuse(explainIssue(file.error));
}

/** The first thing wrong with a record, as "field: what was expected". */
export function explainIssue(error: z.ZodError): string {
  const issue = error.issues[0];
  if (!issue) return 'The file does not fit its format.';
  const where = issue.path.join('.') || 'the file';
  return `${where.slice(0, MOST_WHERE)}: ${expectedWords(issue)}`;
}

/** As much of a path is told, characters. */
const MOST_WHERE = 100;
/** So many choices are named; more are counted. */
const MOST_NAMED = 4;
const NOUNS: Readonly<Record<string, string>> = {
  string: 'a text',
  array: 'a list',
  object: 'a group of fields',
};

/** What was expected where an issue stands, in a few words. */
function expectedWords(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_value':
      return oneOf(issue.values);
    case 'invalid_union':
      return 'options' in issue && Array.isArray(issue.options)
        ? oneOf(issue.options as unknown[])
        : 'expected another value';
    case 'invalid_key':
      return 'this name is not known there, or too long';
    case 'unrecognized_keys':
      return 'there is more in it than is known';
    case 'too_big':
    case 'too_small': {
      if (issue.origin === 'number') return issue.message;
      const most = issue.code === 'too_big';
      const count = most ? issue.maximum : issue.minimum;
      const what = issue.origin === 'string' ? 'characters' : 'entries';
      return `expected ${most ? `${count} ${what} at most` : `${count} or more ${what}`}`;
    }
    case 'invalid_format':
      return issue.format === 'datetime'
        ? 'expected a moment, such as 2026-03-02T07:30:00.000Z'
        : issue.message;
    case 'invalid_type':
      return /^Invalid input: expected/.test(issue.message)
        ? `expected ${NOUNS[issue.expected] ?? `a ${issue.expected}`}`
        : issue.message;
    case 'custom':
    case 'invalid_element':
    case 'not_multiple_of':
      return issue.message;
  }
}

function oneOf(values: readonly unknown[]): string {
  const [first] = values;
  if (values.length === 1) return `expected ${String(first)}`;
  return values.length <= MOST_NAMED
    ? `expected one of ${values.map(String).join(', ')}`
    : `expected one of ${values.length} words, such as ${String(first)}`;
}
