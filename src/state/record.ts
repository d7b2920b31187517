import { z } from 'zod';
import { explainIssue } from '@core/formats/jobFile';
import { Job } from '@core/formats/job';
import { Kit } from '@core/formats/kit';
import { DATA_VERSION, upgradeJob, upgradeKit } from '@core/formats/upgrade';
import type { JournalPage } from './journal';
import { DAMAGED_PREFIX, JOURNAL_PREFIX } from './keys';
import type { KeyValueStorage } from './storage';

const FieldChange = z.object({
  path: z.string(),
  before: z.unknown().optional(),
  after: z.unknown().optional(),
});

/** One act of somebody's, with what stood there before: the trail that undo and restore walk back. */
export const HistoryEntry = z.object({
  at: z.iso.datetime(),
  /** The tab it was done in, so that two people's acts are never taken for one. */
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
});
export type Settings = z.infer<typeof Settings>;
/** What reading a record came to. */
export type Stored<T> =
  { kind: 'ok'; data: T } | { kind: 'missing' } | { kind: 'damaged'; text: string; reason: string };

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

/** Reads and checks one record. Never throws on what it holds; only a storage that refuses to be read throws. */
export async function readRecord<T>(
  storage: KeyValueStorage,
  key: string,
  schema: z.ZodType<T>,
): Promise<Stored<T>> {
  const text = await storage.getItem(key);
  if (text === null) return { kind: 'missing' };
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { kind: 'damaged', text, reason: 'it is cut short or not JSON' };
  }
  const envelope = Envelope.safeParse(raw);
  if (!envelope.success) return { kind: 'damaged', text, reason: 'it has no version' };
  const { version, data } = envelope.data;
  if (version > DATA_VERSION)
    return { kind: 'damaged', text, reason: `it was written by a newer app (version ${version})` };
  const checked = schema.safeParse(upgraded(data, version));
  return checked.success
    ? { kind: 'ok', data: checked.data }
    : { kind: 'damaged', text, reason: explainIssue(checked.error) };
}

const JournalEntry = z.object({
  jobId: z.string(),
  at: z.iso.datetime(),
  by: z.string().optional(),
  title: z.string(),
  edits: z.array(z.object({ path: z.string(), value: z.unknown().optional() })),
});

/** Pages left over, oldest first. A page that cannot be read holds half an entry at most, and is struck out. */
export async function readJournal(storage: KeyValueStorage): Promise<JournalPage[]> {
  const keys = (await storage.getAllKeys()).filter((key) => key.startsWith(JOURNAL_PREFIX)).sort();
  const found: JournalPage[] = [];
  for (const key of keys) {
    const read = JournalEntry.safeParse(safeJson((await storage.getItem(key)) ?? ''));
    if (read.success) {
      const { edits, ...rest } = read.data;
      found.push({ key, entry: { ...rest, edits: edits.map(({ path, value }) => ({ path, value })) } });
    } else await storage.removeItem(key);
  }
  return found;
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

const SetAside = z.object({ key: z.string(), reason: z.string(), text: z.string() });

/** Damaged records set aside earlier and not let go of since. */
export async function readSetAside(
  storage: KeyValueStorage,
): Promise<{ key: string; reason: string; text: string; heldAt: string }[]> {
  const keys = (await storage.getAllKeys()).filter((key) => key.startsWith(DAMAGED_PREFIX));
  const held = await Promise.all(
    keys.map(async (heldAt) => {
      const text = (await storage.getItem(heldAt)) ?? '';
      const read = SetAside.safeParse(safeJson(text));
      return read.success
        ? { ...read.data, heldAt }
        : { key: heldAt, reason: 'it was damaged before', text, heldAt };
    }),
  );
  return held;
}
