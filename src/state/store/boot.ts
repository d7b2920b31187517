import { EMPTY_KIT } from '@core/formats/blankKit';
import { changesBetween } from '@core/formats/changes';
import type { LostPart } from '@core/formats/salvage';
import type * as Checks from '../checks';
import {
  DAMAGED_PREFIX,
  envelope,
  JOB_PREFIX,
  JOURNAL_PREFIX,
  jobKey,
  KIT_KEY,
  LAID_PREFIX,
  nameOf,
  SETTINGS_KEY,
} from '../keys';
import { isLaid, oldMarks } from '../marks';
import { loadChecks } from '../lazyChecks';
import { olderStorage, takeOver } from '../legacy';
import { STRUCK_OUT, type JournalPage } from '../journal';
import { deviceWords, type LastWords } from '../lastWords';
import { layReserve } from '../reserve';
import { deviceStorage, READ_AT_A_TIME, readOne, withLock, type KeyValueStorage } from '../storage';
import {
  get,
  dismissNotice,
  isForRoom,
  kept,
  saveWords,
  notify,
  set,
  type AppState,
  type Damaged,
} from './app';
import { asideOf } from './aside';
import { edit, put, replay, show } from './queue';
import { kindOf, type AnyRecord } from './records';
import { setWaiting } from './waiting';

/** What a start finds. */
interface Found {
  records: Map<string, AnyRecord>;
  newer: Record<string, string>;
  damaged: Damaged[];
  pages: JournalPage[];
  /** Set aside once there is time, with what is left of the record: by its key. */
  aside: { key: string; entries: Record<string, string>; was: string }[];
  struck: string[];
  /** How far each window's pages were laid, by record. */
  marks: Map<string, string>;
}

/**
 * Reads everything stored and shows it; then, and only then, lays the journal's edits on, sets aside what was damaged, and tidies up.
 * Nothing of the start hangs on being able to write. First visit: the demo yard.
 */
export async function boot(
  from: KeyValueStorage = deviceStorage,
  older: KeyValueStorage = olderStorage,
  words: LastWords = deviceWords,
): Promise<void> {
  kept.storage = from;
  kept.words = words;
  const checking = await loadChecks();
  try {
    await takeOver(older, from).catch(() => undefined);
    const found = await readAll(checking, from);
    const isFirst =
      found.records.size === 0 && Object.keys(found.newer).length === 0 && found.damaged.length === 0;
    set(shownOf(found));
    for (const page of found.pages) layUnsaved(checking, page);
    const yard = isFirst ? await openDemo() : [];
    set({ ready: true });
    await Promise.all(yard);
    await tidyUp(found);
  } catch (error) {
    set({ ready: true, saveProblem: saveWords(await isForRoom(error)) });
  }
}

async function readAll(checking: typeof Checks, storage: KeyValueStorage): Promise<Found> {
  const found: Found = {
    records: new Map(),
    newer: {},
    damaged: [],
    pages: [],
    aside: [],
    struck: [],
    marks: new Map(),
  };
  const keys = [...(await storage.getAllKeys())].sort();
  for (let n = 0; n < keys.length; n += READ_AT_A_TIME) {
    const some = keys.slice(n, n + READ_AT_A_TIME);
    const texts = await storage.getMany(some);
    for (const key of some) readInto(found, checking, key, texts[key] ?? null);
  }
  // What was said in the last moment and never reached the database.
  for (const [key, text] of kept.words.left()) {
    const page = keys.includes(key) ? null : checking.readPage(key, text);
    if (page && !isLaid(page, found.marks)) found.pages.push(page);
    else kept.words.takeBack([key]);
  }
  found.pages.sort((a, b) => (a.key < b.key ? -1 : 1));
  return found;
}

function readInto(found: Found, checking: typeof Checks, key: string, text: string | null): void {
  if (text === null) return;
  if (key.startsWith(JOURNAL_PREFIX)) {
    const page = text === STRUCK_OUT ? null : checking.readPage(key, text);
    if (page) found.pages.push(page);
    else if (text === STRUCK_OUT) found.struck.push(key);
    else found.damaged.push({ key: 'an entry', reason: 'it cannot be read', text, heldAt: key });
    return;
  }
  if (key.startsWith(LAID_PREFIX)) {
    found.marks.set(key, text);
    return;
  }
  if (key.startsWith(DAMAGED_PREFIX)) {
    const held = { ...checking.readSetAside(text, key), heldAt: key };
    found.damaged.push(held);
    return;
  }
  const kind = kindOf(key);
  if (!kind) return;
  const stored = kind.read(checking, text, key);
  switch (stored.kind) {
    case 'missing':
      return;
    case 'ok': {
      found.records.set(key, stored.data);
      const parts = stored.lost.flatMap((part) => asidePart(key, part));
      found.damaged.push(...parts);
      if (parts.length > 0)
        found.aside.push({
          key,
          was: text,
          entries: Object.assign({ [key]: envelope(stored.data) }, ...parts.map(entryOf)),
        });
      return;
    }
    case 'newer':
      found.newer[key] = stored.name || nameOf(key);
      if (stored.data) found.records.set(key, stored.data);
      return;
    case 'damaged': {
      const entries = asideOf(key, stored.reason, text);
      const [heldAt = ''] = Object.keys(entries);
      found.damaged.push({ key, reason: stored.reason, text, heldAt });
      found.aside.push({ key, was: text, entries });
    }
  }
}

/** A part taken out of a record, as it is set aside; what was only in the history is not missed. */
function asidePart(key: string, { path, value, reason }: LostPart): Damaged[] {
  const [holder, ...rest] = path;
  if (holder !== 'job' && holder !== 'kit') return [];
  const text = JSON.stringify(value);
  const part = rest.join('.');
  return Object.keys(asideOf(key, reason, text, part)).map((heldAt) => ({ key, reason, text, part, heldAt }));
}

const entryOf = ({ heldAt, ...held }: Damaged): Record<string, string> => ({
  [heldAt]: JSON.stringify(held),
});

function shownOf({ records, newer, damaged }: Found): Partial<AppState> {
  const jobs = Object.fromEntries(
    [...records].flatMap(([key, record]) =>
      key.startsWith(JOB_PREFIX) ? [[key.slice(JOB_PREFIX.length), record]] : [],
    ),
  ) as AppState['jobs'];
  const kit = (records.get(KIT_KEY) ?? { kit: EMPTY_KIT, history: [] }) as AppState['kit'];
  const settings = records.get(SETTINGS_KEY) as AppState['settings'] | undefined;
  return {
    jobs,
    kit,
    ...(settings ? { settings } : {}),
    newer,
    damaged: damaged.filter(({ heldAt }, n) => damaged.findIndex((d) => d.heldAt === heldAt) === n),
    saveProblem: null,
    notice: null,
  };
}

/** Shows what an edit that never reached its record makes of it. One that cannot be laid waits, and is said. */
function layUnsaved(checking: typeof Checks, page: JournalPage): void {
  const kind = kindOf(page.record);
  const shown = kind?.shown(page.record);
  const isNewer = Object.hasOwn(get().newer, page.record);
  const laid = kind && shown && !isNewer ? kind.lay(shown, page) : null;
  const why =
    laid && kind ? kind.whyNot(checking, laid) : isNewer ? 'a newer app wrote it' : 'it is not here any more';
  if (laid && kind && why === null) kind.show(page.record, laid);
  else setWaiting(page, why ?? '');
}

/**
 * Shows the invented yard, and stores it in one transaction: a page torn down meanwhile leaves all of it or none, and none is a first
 * visit again. What the storage refuses goes the way of anything else that it refuses.
 * @returns its way to the disk
 */
async function openDemo(): Promise<Promise<unknown>[]> {
  const { DEMO_JOBS, DEMO_KIT } = await import('@/demo/yard');
  const yard = new Map<string, AnyRecord>([
    [KIT_KEY, { kit: DEMO_KIT, history: [] }],
    ...DEMO_JOBS.map((job): [string, AnyRecord] => [jobKey(job.id), { job, history: [], deletedAt: null }]),
  ]);
  for (const [key, record] of yard) kindOf(key)?.show(key, record);
  const texts = Object.fromEntries([...yard].map(([key, record]) => [key, envelope(record)]));
  return [
    kept.storage.setMany(texts).catch(() => Promise.all([...yard].map(([key, record]) => put(key, record)))),
  ];
}

/** What may wait until everything is shown: the journal is laid on what is stored, what was damaged set aside. */
async function tidyUp({ pages, aside, struck, damaged, marks }: Found): Promise<void> {
  const waits = (page: JournalPage) => get().damaged.some(({ heldAt }) => heldAt === page.key);
  await Promise.all(pages.filter((page) => !waits(page)).map(replay));
  for (const { key, was, entries } of aside) await setAside(key, was, entries).catch(() => undefined);
  for (const held of damaged) await comeBack(held).catch(() => undefined);
  const gone = [...struck, ...oldMarks(marks, Date.now())];
  if (gone.length > 0) await kept.storage.removeMany(gone).catch(() => undefined);
  void layReserve();
}

/** Sets aside what a record held that cannot stand, unless another window has written it since. */
const setAside = (key: string, was: string, entries: Record<string, string>): Promise<void> =>
  withLock(key, async () => {
    if ((await readOne(kept.storage, key)) !== was) return;
    await kept.storage.setMany(entries);
    if (!Object.hasOwn(entries, key)) await kept.storage.removeMany([key]);
  });

/** A whole record set aside earlier that can be read now, as after a newer version has come, goes back where it was. */
async function comeBack(held: Damaged): Promise<boolean> {
  const kind = kindOf(held.key);
  if (!kind || held.part !== undefined || !held.heldAt.startsWith(DAMAGED_PREFIX)) return false;
  const stored = kind.read(await loadChecks(), held.text, held.key);
  if (stored.kind !== 'ok' || stored.lost.length > 0) return false;
  return withLock(held.key, async () => {
    const here = await readOne(kept.storage, held.key);
    const isBlank = here === null || (held.key === KIT_KEY && isEmptyKit(here));
    if (!isBlank) return false;
    await kept.storage.setMany({ [held.key]: envelope(stored.data) });
    await kept.storage.removeMany([held.heldAt]);
    show(held.key, stored.data);
    set(({ damaged }) => ({ damaged: damaged.filter(({ heldAt }) => heldAt !== held.heldAt) }));
    return true;
  });
}

const isEmptyKit = (text: string): boolean => {
  try {
    const { data } = JSON.parse(text) as { data: { kit: object } };
    return changesBetween(EMPTY_KIT, data.kit).length === 0;
  } catch {
    return false;
  }
};

/** Tries to put back what was set aside. @returns whether it is back */
export async function putBack(held: Damaged): Promise<boolean> {
  if (held.part !== undefined) {
    const value: unknown = JSON.parse(held.text);
    if (!(await edit(held.key, [{ path: held.part, value }], 'Put back'))) return false;
  } else if (held.heldAt.startsWith(JOURNAL_PREFIX)) {
    const page = (await loadChecks()).readPage(held.heldAt, held.text);
    if (!page || !(await edit(page.record, page.edits, page.title))) return false;
  } else return comeBack(held);
  await kept.storage.removeMany([held.heldAt]).catch(() => undefined);
  kept.words.takeBack([held.heldAt]);
  set(({ damaged }) => ({ damaged: damaged.filter(({ heldAt }) => heldAt !== held.heldAt) }));
  return true;
}

/** Lets go of something that was set aside; it can be had back. */
export async function letGo(held: Damaged): Promise<void> {
  const text = await readOne(kept.storage, held.heldAt);
  await kept.storage.removeMany([held.heldAt]);
  kept.words.takeBack([held.heldAt]);
  set(({ damaged }) => ({ damaged: damaged.filter(({ heldAt }) => heldAt !== held.heldAt) }));
  notify('Let go of what was set aside', () => {
    if (text !== null) void kept.storage.setMany({ [held.heldAt]: text });
    set(({ damaged }) => ({ damaged: [...damaged, held] }));
    dismissNotice();
  });
}
