import type { UnitSystem } from '../units/kinds';
import { NUMBER_FIELDS, readField, type NumberPath } from './fields';
import { readPath } from './edits';
import type { Job } from './job';

/** Something entered that cannot be so, with the field it stands in and what to type instead. */
export interface Problem {
  path: NumberPath;
  message: string;
}

/** What was typed into a job's number fields and could not be read, each with its message. */
export function checkJob(job: Job, system: UnitSystem = 'metric'): Problem[] {
  return Object.entries(job.typed).flatMap(([path, text]) => {
    if (!isNumberPath(path) || readPath(job, path) !== null || text.trim() === '') return [];
    const read = readField(path, text, system);
    return read.ok ? [] : [{ path, message: read.message }];
  });
}

const isNumberPath = (path: string): path is NumberPath => Object.hasOwn(NUMBER_FIELDS, path);
