import { DATA_VERSION } from '@core/formats/upgrade';
import type { KeyValueStorage } from './storage';

export const PREFIX = 'elbow-room/';
export const KIT_KEY = `${PREFIX}kit`;
export const SETTINGS_KEY = `${PREFIX}settings`;
export const JOB_PREFIX = `${PREFIX}job/`;
export const DAMAGED_PREFIX = `${PREFIX}damaged/`;
export const jobKey = (id: string): string => `${JOB_PREFIX}${id}`;
export const JOURNAL_PREFIX = `${PREFIX}pending/`;

/** Writes one record in its envelope. */
export const writeRecord = (storage: KeyValueStorage, key: string, data: unknown): Promise<void> =>
  storage.setItem(key, JSON.stringify({ version: DATA_VERSION, data }));
