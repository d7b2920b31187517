import { applyEdits, readPath, type Edit } from '@core/formats/edits';
import { applyKitEdits, readKitPath } from '@core/formats/kitEdits';
import type * as Checks from '../checks';
import type { JournalPage } from '../journal';
import { JOB_PREFIX, KIT_KEY, SETTINGS_KEY } from '../keys';
import { DEFAULT_SETTINGS } from '../settings';
import type { JobRecord, KitRecord, Settings, Stored } from '../record';
import { get, set } from './app';
import { remember } from './history';

/** Any record that is stored. */
export type AnyRecord = JobRecord | KitRecord | Settings;

/** What the queue needs to know of a kind of record. */
interface Kind<T extends AnyRecord> {
  read(checks: typeof Checks, text: string | null, key: string): Stored<T>;
  /** Why it may not be stored; null where it may. */
  whyNot(checks: typeof Checks, record: T): string | null;
  shown(key: string): T | null;
  show(key: string, record: T | null): void;
  /** A record with a page of the journal laid on it. */
  lay(record: T, page: JournalPage): T;
  valueAt(record: T, path: string): unknown;
  /** What edits are laid on where nothing is stored yet; null where an edit of what is not there is lost with it. */
  begins: T | null;
}

/** A record with a page laid on it; one that nobody has stored yet is begun. Undefined where there is nothing to lay it on. */
export const layOn = (
  kind: Kind<AnyRecord>,
  base: AnyRecord | null,
  page: JournalPage,
): AnyRecord | undefined => {
  const on = base ?? kind.begins;
  return on === null ? undefined : kind.lay(on, page);
};

const changesOf = (valueAt: (path: string) => unknown, edits: readonly Edit[]) =>
  edits.map(({ path, value }) => ({ path, before: valueAt(path), after: value }));

const KIT_HISTORY_LENGTH = 60;

/** The path at which a page throws a whole job away, or brings it back: it stands beside the job, not in it. */
export const THROWN_AWAY = '@deletedAt';

/** Where what happened at the work stands in a job. */
const HAPPENED = 'run.events.';

/** The job's id in its key. */
const idIn = (key: string): string => key.slice(JOB_PREFIX.length);

const JOB: Kind<JobRecord> = {
  read: (checks, text, key) => checks.readJobRecord(text, key),
  whyNot: (checks, record) => checks.whyNotJob(record),
  shown: (key) => get().jobs[idIn(key)] ?? null,
  show: (key, record) =>
    set(({ jobs }) => {
      const copy = { ...jobs };
      if (record === null) delete copy[idIn(key)];
      else copy[idIn(key)] = record;
      return { jobs: copy };
    }),
  lay: (record, { at, by, title, edits }) => {
    const away = edits.find(({ path }) => path === THROWN_AWAY);
    if (away) return { ...record, deletedAt: typeof away.value === 'string' ? away.value : null };
    const job = applyEdits(record.job, edits);
    // What happened at the work is a list of its own: it is put right by what is added to it, and pushes nothing out of the history.
    if (edits.every(({ path }) => path.startsWith(HAPPENED))) return { ...record, job };
    return {
      ...record,
      job,
      history: remember(record.history, {
        at,
        by,
        title,
        changes: changesOf((path) => readPath(record.job, path), edits),
      }),
    };
  },
  valueAt: (record, path) => readPath(record.job, path),
  begins: null,
};

const KIT: Kind<KitRecord> = {
  read: (checks, text) => checks.readKitRecord(text),
  whyNot: (checks, record) => checks.whyNotKit(record),
  shown: () => get().kit,
  show: (_, record) => record && set({ kit: record }),
  lay: (record, { at, by, title, edits }) => ({
    kit: applyKitEdits(record.kit, edits),
    history: remember(
      record.history,
      { at, by, title, changes: changesOf((path) => readKitPath(record.kit, path), edits) },
      KIT_HISTORY_LENGTH,
    ),
  }),
  valueAt: (record, path) => readKitPath(record.kit, path),
  begins: null,
};

const SETTINGS: Kind<Settings> = {
  read: (checks, text) => checks.readSettings(text),
  whyNot: (checks, record) => checks.whyNotSettings(record),
  shown: () => get().settings,
  show: (_, record) => record && set({ settings: record }),
  lay: (record, { edits }) => applyEdits(record, edits),
  valueAt: (record, path) => readPath(record, path),
  begins: DEFAULT_SETTINGS,
};

/** The kind of record a key holds; null where it holds none of ours. */
export function kindOf(key: string): Kind<AnyRecord> | null {
  const kind = key.startsWith(JOB_PREFIX)
    ? JOB
    : key === KIT_KEY
      ? KIT
      : key === SETTINGS_KEY
        ? SETTINGS
        : null;
  return kind as Kind<AnyRecord> | null;
}
