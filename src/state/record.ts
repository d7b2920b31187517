import { z } from 'zod';
import { INSTRUMENT_IDS } from '@core/data/instruments';
import { blankJob } from '@core/formats/blankJob';
import { EMPTY_KIT } from '@core/formats/blankKit';
import { explainIssue } from '@core/formats/jobFile';
import { Job } from '@core/formats/job';
import { Kit } from '@core/formats/kit';
import { salvage, type LostPart } from '@core/formats/salvage';
import { DATA_VERSION, upgradeJob, upgradeKit } from '@core/formats/upgrade';
import type { JournalPage } from './journal';
import { jobKey } from './keys';
import { DEFAULT_SETTINGS } from './settings';

const FieldChange = z.object({
  path: z.string(),
  before: z.unknown().optional(),
  after: z.unknown().optional(),
});

/** One act of somebody's, with what stood there before: the trail that undo and restore walk back. */
export const HistoryEntry = z.object({
  at: z.iso.datetime(),
  /** The window it was done in, so that two people's acts are never taken for one. */
  by: z.string().optional(),
  title: z.string(),
  changes: z.array(FieldChange),
});
export type HistoryEntry = z.infer<typeof HistoryEntry>;

/** A job as stored: the job, what was done to it, and whether it was thrown away. */
export const JobRecord = z.object({
  job: Job,
  history: z.array(HistoryEntry),
  deletedAt: z.iso.datetime().nullable(),
});
export type JobRecord = z.infer<typeof JobRecord>;

export const KitRecord = z.object({ kit: Kit, history: z.array(HistoryEntry) });
export type KitRecord = z.infer<typeof KitRecord>;

export const Settings = z.object({
  system: z.enum(['metric', 'inch']),
  theme: z.enum(['daylight', 'dark']),
  /** How the work calls: by a buzz, a tone, the whole screen's colour; and whether it beats the pace. An earlier app did not ask. */
  calls: z
    .object({ buzz: z.boolean(), tone: z.boolean(), colour: z.boolean(), pace: z.boolean() })
    .default(DEFAULT_SETTINGS.calls),
  /** Hours without tones, as typed. An earlier app did not ask. */
  quiet: z.object({ from: z.string().max(20), till: z.string().max(20) }).default(DEFAULT_SETTINGS.quiet),
  /** Instruments that this phone trusts, and where each answers. An earlier app knew none. */
  instruments: z
    .array(
      z.object({
        id: z.string().max(40),
        address: z.string().max(300),
        kind: z.enum(INSTRUMENT_IDS),
        name: z.string().max(120),
        serial: z.string().max(120),
      }),
    )
    .max(20)
    .default([]),
  /** A day of several jobs, word for word: when it begins, when it gets dark, the way between two, and who stays at home. */
  day: z
    .object({
      begins: z.string().max(20),
      dark: z.string().max(20),
      walk: z.string().max(20),
      left: z.array(z.string().max(120)).max(1000),
    })
    .default({ ...DEFAULT_SETTINGS.day, left: [] }),
});
export type Settings = z.infer<typeof Settings>;

/** What reading a record came to. What had to be taken out of one that is otherwise sound stands beside it. */
export type Stored<T> =
  | { kind: 'ok'; data: T; lost: readonly LostPart[] }
  | { kind: 'missing' }
  /** Of a newer app: shown where it can be read, never written over. */
  | { kind: 'newer'; data: T | null; name: string; version: number }
  | { kind: 'damaged'; text: string; reason: string };

/** A record of an earlier version brought up to this one: whatever in it is a job or a kit. */
function upgraded(data: unknown, from: number): unknown {
  if (typeof data !== 'object' || data === null) return data;
  return {
    ...data,
    ...('job' in data ? { job: upgradeJob(data.job, from) } : {}),
    ...('kit' in data ? { kit: upgradeKit(data.kit, from) } : {}),
  };
}

const Envelope = z.object({ version: z.number(), data: z.unknown() });
const Named = z.object({ job: z.object({ title: z.string() }) });

/** Reads and checks the text of one record. Never throws, whatever it holds. */
function readText<T>(text: string | null, schema: z.ZodType<T>, blank: unknown): Stored<T> {
  if (text === null) return { kind: 'missing' };
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { kind: 'damaged', text, reason: 'it is cut short or not JSON' };
  }
  const opened = Envelope.safeParse(raw);
  if (!opened.success) return { kind: 'damaged', text, reason: 'it has no version' };
  const { version, data } = opened.data;
  if (version > DATA_VERSION) {
    const read = schema.safeParse(data);
    const named = Named.safeParse(data);
    return {
      kind: 'newer',
      data: read.success ? read.data : null,
      name: named.success ? named.data.job.title : '',
      version,
    };
  }
  const found = upgraded(data, version);
  const checked = schema.safeParse(found);
  if (checked.success) return { kind: 'ok', data: checked.data, lost: [] };
  const saved = salvage(schema, found, blank);
  return saved ? { kind: 'ok', ...saved } : { kind: 'damaged', text, reason: explainIssue(checked.error) };
}

const LONG_AGO = '2000-01-01T00:00:00.000Z';

/** Reads one record, by what kind it is. */
export const readJobRecord = (text: string | null, key: string): Stored<JobRecord> => {
  const id = key.slice(jobKey('').length);
  const read = readText<JobRecord>(text, JobRecord, {
    job: blankJob(id, LONG_AGO),
    history: [],
    deletedAt: null,
  });
  return read;
};
export const readKitRecord = (text: string | null): Stored<KitRecord> =>
  readText<KitRecord>(text, KitRecord, { kit: EMPTY_KIT, history: [] });
export const readSettings = (text: string | null): Stored<Settings> =>
  readText<Settings>(text, Settings, DEFAULT_SETTINGS);

/** Why a record may not be stored; null where it may. */
export const whyNotJob = (record: JobRecord): string | null => whyNot(JobRecord, record);
export const whyNotKit = (record: KitRecord): string | null => whyNot(KitRecord, record);
export const whyNotSettings = (record: Settings): string | null => whyNot(Settings, record);

function whyNot(schema: z.ZodType, record: unknown): string | null {
  const read = schema.safeParse(record);
  return read.success ? null : explainIssue(read.error);
}

const Edits = z.array(z.object({ path: z.string(), value: z.unknown().optional() }));
const PageBase = { at: z.iso.datetime(), by: z.string().optional(), title: z.string(), edits: Edits };
const PageText = z.union([
  z.object({ version: z.number(), record: z.string(), ...PageBase }),
  // Before version 9 a page was of a job always, and said nothing of a version.
  z.object({ jobId: z.string(), ...PageBase }).transform(({ jobId, ...page }) => ({
    ...page,
    version: 1,
    record: jobKey(jobId),
  })),
]);

/** Reads a page of the journal; null where it holds none. */
export function readPage(key: string, text: string): JournalPage | null {
  const read = PageText.safeParse(safeJson(text));
  if (!read.success) return null;
  const { edits, ...page } = read.data;
  return { key, ...page, edits: edits.map(({ path, value }) => ({ path, value })) };
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** Something set aside: what could not be read, whole or a part of it, until somebody lets it go. */
const SetAside = z.object({
  key: z.string(),
  reason: z.string(),
  text: z.string(),
  /** Path of the part in its record; none where it is the whole record. */
  part: z.string().optional(),
});
export type SetAside = z.infer<typeof SetAside>;

/** Reads what was set aside under a key. */
export function readSetAside(text: string, key: string): SetAside {
  const read = SetAside.safeParse(safeJson(text));
  return read.success ? read.data : { key, reason: 'it was damaged before', text };
}
