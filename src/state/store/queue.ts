import { sameValue } from '@core/formats/changes';
import type { Edit } from '@core/formats/edits';
import { newPage, pageText, STRUCK_OUT, type JournalPage } from '../journal';
import { envelope } from '../keys';
import { marksOf } from '../marks';
import { loadChecks, loadedChecks } from '../lazyChecks';
import { readOne, withLock } from '../storage';
import { get, isForRoom, kept, now, saveWords, notify, set, TAB } from './app';
import { asideOf } from './aside';
import { kindOf, layOn, type AnyRecord } from './records';
import { makeRoom } from './room';
import { announce } from './tabs';
import { setWaiting } from './waiting';

/**
 * Everything this window writes goes through here: one queue a record, in the order it was entered. An edit goes into the journal at
 * once; the record follows, under a lock that all windows share, laid on what is stored by then. What the storage refuses stays in
 * its queue, is said until it is made good, and is tried again.
 */
interface Act {
  key: string;
  /** Null where a whole record is put, thrown away or taken out rather than edited. */
  page: JournalPage | null;
  /** The record with this laid on it; null takes it out. Undefined: it cannot be laid on that. */
  lay(base: AnyRecord | null): AnyRecord | null | undefined;
  /** What stood at each path when it was entered; null where nobody is to be told that somebody else changed it. */
  before: ReadonlyMap<string, unknown> | null;
  /** Called once it is on disk, or has been refused. */
  done(kept: boolean): void;
}

const queues = new Map<string, Act[]>();
const draining = new Map<string, Promise<void>>();

/** How long after a refusal it is tried again, ms. */
const AGAIN_AFTER_ms = 4000;
let again: ReturnType<typeof setTimeout> | null = null;

/** Whether something entered here is not on disk yet. */
export const isOwing = (): boolean => [...queues.values()].some((queue) => queue.length > 0);

/** Why a record may not be changed by this app; null where it may. */
export function whyReadOnly(key: string): string | null {
  return Object.hasOwn(get().newer, key)
    ? 'A newer version of this app wrote it: it can be read here, not changed. Load the page again for the newer version.'
    : null;
}

/**
 * Edits a record: checked, shown at once, on disk at once. Edits that would not pass the check are refused with a word, and nothing is
 * changed.
 * @returns whether it is on disk
 */
export function edit(key: string, edits: readonly Edit[], title: string): Promise<boolean> {
  const kind = kindOf(key);
  const shown = kind?.shown(key) ?? null;
  if (!kind || !shown || edits.length === 0) return Promise.resolve(false);
  const page = newPage({ record: key, at: now(), by: TAB, title, edits });
  const laid = kind.lay(shown, page);
  if (refused(key, laid)) return Promise.resolve(false);
  const before = new Map(edits.map(({ path }) => [path, kind.valueAt(shown, path)]));
  return enqueue(key, page, (base) => layOn(kind, base, page), before, laid);
}

/** Puts a whole record; shown at once. @returns whether it is on disk */
export function put(key: string, record: AnyRecord): Promise<boolean> {
  if (refused(key, record)) return Promise.resolve(false);
  return enqueue(key, null, () => record, null, record);
}

/** Takes a record out for good. @returns whether it is out */
export function takeOut(key: string): Promise<boolean> {
  if (whyReadOnly(key) !== null) return Promise.resolve(false);
  return enqueue(key, null, () => null, null, null);
}

/** Lays a page that an earlier start left behind on its record. @returns whether it is on disk */
export function replay(page: JournalPage): Promise<boolean> {
  const kind = kindOf(page.record);
  if (!kind) return Promise.resolve(false);
  const act = actOf(page.record, page, (base) => layOn(kind, base, page), null);
  queueOf(page.record).push(act.act);
  drain(page.record);
  return act.kept;
}

/** Says why a record may not be stored. */
function refused(key: string, record: AnyRecord): boolean {
  const readOnly = whyReadOnly(key);
  const checking = loadedChecks();
  const why = readOnly ?? (checking && kindOf(key)?.whyNot(checking, record));
  if (why) notify(readOnly ?? `Not kept: ${why.replace(/^(job|kit)\./, '')}`);
  return Boolean(why);
}

const queueOf = (key: string): Act[] => {
  const queue = queues.get(key) ?? [];
  queues.set(key, queue);
  return queue;
};

function actOf(key: string, page: JournalPage | null, lay: Act['lay'], before: Act['before']) {
  let done: Act['done'] = () => undefined;
  const onDisk = new Promise<boolean>((resolve) => (done = resolve));
  return { act: { key, page, lay, before, done } satisfies Act, kept: onDisk };
}

function enqueue(
  key: string,
  page: JournalPage | null,
  lay: Act['lay'],
  before: Act['before'],
  shown: AnyRecord | null,
): Promise<boolean> {
  const { act, kept: onDisk } = actOf(key, page, lay, before);
  queueOf(key).push(act);
  kindOf(key)?.show(key, shown);
  // A refusal of the page is not told: the record's own write follows it and is.
  if (page) {
    kept.words.say(page);
    kept.storage
      .setMany({ [page.key]: pageText(page) })
      .then(() => kept.words.takeBack([page.key]))
      .catch(() => undefined);
  }
  drain(key);
  return onDisk;
}

/** Writes what waits for a record, unless that is under way already. */
function drain(key: string): void {
  if (draining.has(key)) return;
  const run = drainAll(key).finally(() => {
    draining.delete(key);
    if (failed === null && queueOf(key).length > 0) drain(key);
  });
  draining.set(key, run);
}

/** Why the storage refused the last time; null while it takes what it is given. */
let failed: unknown = null;

async function drainAll(key: string): Promise<void> {
  try {
    while (queueOf(key).length > 0) await drainOnce(key);
    if (failed !== null) retryOthers(key);
  } catch (error) {
    failed = error;
    const full = await isForRoom(error);
    if (full && (await makeRoom())) return drainAll(key);
    set({ saveProblem: saveWords(full) });
    queueOf(key).forEach(({ done }) => done(false));
    again ??= setTimeout(retryAll, AGAIN_AFTER_ms);
  }
}

/** The storage took it: once nothing is owing any more, the word is taken back. */
function madeGood(): void {
  if (failed === null || isOwing()) return;
  failed = null;
  set({ saveProblem: null });
}

/** Room has come: what other records owe is tried now. */
function retryOthers(key: string): void {
  for (const [other, queue] of queues) if (other !== key && queue.length > 0) drain(other);
}

/** Tries everything again that the storage refused. */
export function retryAll(): void {
  if (again) clearTimeout(again);
  again = null;
  for (const [key, queue] of queues) if (queue.length > 0) drain(key);
}

/** Lays all that waits for a record on what is stored of it, in one transaction that strikes their pages out. */
function drainOnce(key: string): Promise<void> {
  return withLock(key, async () => {
    const kind = kindOf(key);
    const waiting = [...queueOf(key)];
    if (!kind || waiting.length === 0) return;
    const checking = await loadChecks();
    const stored = kind.read(checking, await readOne(kept.storage, key), key);
    if (stored.kind === 'newer') return standBack(key, waiting);
    const base = stored.kind === 'ok' ? stored.data : null;
    const overruled = base !== null && isOverruled(kind, base, waiting);
    const { record, laid, left } = layAll(checking, key, base, waiting);
    const written = laid.flatMap(({ page }) => page ?? []);
    const pages = written.map((page) => page.key);
    const aside = stored.kind === 'damaged' ? asideOf(key, stored.reason, stored.text) : {};
    if (record === undefined) {
      // Nothing of it could be laid: the pages wait where they are.
    } else if (record === null) await kept.storage.removeMany([key, ...pages]);
    else
      await kept.storage.setMany({
        ...aside,
        [key]: envelope(record),
        ...marksOf(written),
        ...Object.fromEntries(pages.map((page) => [page, STRUCK_OUT])),
      });
    const queue = queueOf(key);
    queue.splice(0, waiting.length);
    madeGood();
    if (record !== undefined) show(key, record);
    announce([key]);
    laid.forEach(({ done }) => done(true));
    for (const { page, done } of left) {
      if (page) setWaiting(page, 'it does not fit what is stored now');
      done(false);
    }
    kept.words.takeBack(pages);
    if (pages.length > 0) kept.storage.removeMany(pages).catch(() => undefined);
    if (overruled) notify('Another window changed the same entry. Yours shows; theirs is in the history.');
  });
}

/** What is shown of a record: what is stored, with all that still waits laid on it. */
export function show(key: string, stored: AnyRecord | null): void {
  const shown = queueOf(key).reduce<AnyRecord | null>((at, act) => {
    const laid = act.lay(at);
    return laid === undefined ? at : laid;
  }, stored);
  kindOf(key)?.show(key, shown);
}

/** Lays acts in their order; those that cannot be laid, or would leave a record that does not pass, are left. */
function layAll(
  checking: Parameters<NonNullable<ReturnType<typeof kindOf>>['whyNot']>[0],
  key: string,
  base: AnyRecord | null,
  acts: readonly Act[],
) {
  const kind = kindOf(key);
  // A record that is shown but not stored, as after a storage that was full from the start, is stored as it was shown.
  let record: AnyRecord | null | undefined = base ?? undefined;
  const [laid, left]: [Act[], Act[]] = [[], []];
  for (const act of acts) {
    const next: AnyRecord | null | undefined = act.lay(record ?? null);
    const fits = next === null || (next !== undefined && kind?.whyNot(checking, next) === null);
    (fits ? laid : left).push(act);
    if (fits) record = next;
  }
  const orShown = record === undefined && left.length > 0 ? kind?.shown(key) : undefined;
  if (orShown && kind?.whyNot(checking, orShown) === null) return { record: orShown, laid: acts, left: [] };
  return { record, laid, left };
}

/** Whether another window has changed, since it was last seen here, what one of these acts changes too. */
function isOverruled(
  kind: NonNullable<ReturnType<typeof kindOf>>,
  base: AnyRecord,
  acts: readonly Act[],
): boolean {
  const seen = new Set<string>();
  const writer = (path: string) =>
    'history' in base
      ? base.history.findLast(({ changes }) => changes.some((change) => change.path === path))?.by
      : undefined;
  for (const { page, before } of acts) {
    if (page === null) return false;
    for (const [path, was] of before ?? []) {
      if (seen.has(path)) continue;
      seen.add(path);
      const by = writer(path);
      if (by !== undefined && by !== TAB && !sameValue(kind.valueAt(base, path), was)) return true;
    }
  }
  return false;
}

/** A newer app has written the record meanwhile: what was entered here stays in the journal for it to lay on. */
function standBack(key: string, acts: readonly Act[]): void {
  queueOf(key).splice(0, acts.length);
  set(({ newer }) => ({ newer: { ...newer, [key]: newer[key] ?? '' } }));
  acts.forEach(({ done }) => done(false));
  notify(
    'A newer version of this app wrote it in another window. What you entered waits, and is laid on when you load the page again.',
  );
}
