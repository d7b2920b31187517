import { DATA_VERSION } from '@core/formats/upgrade';

export const PREFIX = 'elbow-room/';
export const KIT_KEY = `${PREFIX}kit`;
export const SETTINGS_KEY = `${PREFIX}settings`;
export const JOB_PREFIX = `${PREFIX}job/`;
export const DAMAGED_PREFIX = `${PREFIX}damaged/`;
export const jobKey = (id: string): string => `${JOB_PREFIX}${id}`;
export const JOURNAL_PREFIX = `${PREFIX}pending/`;
export const LAID_PREFIX = `${PREFIX}laid/`;
/** Says that what an earlier app kept in another place has been taken over. */
export const TAKEN_OVER_KEY = `${PREFIX}taken-over`;

/** One record in its envelope, as it is stored. */
export const envelope = (data: unknown): string => JSON.stringify({ version: DATA_VERSION, data });

/** What a record is called where its own name cannot be read. */
export const nameOf = (key: string): string => (key === KIT_KEY ? 'the kit' : key.slice(JOB_PREFIX.length));
