import type { Session } from './browser';

/** What lies in the browser's database, read and written from outside the app. The app has to have opened it first. */

const OPEN = `
  const open = () => new Promise((go, fail) => {
    const asked = indexedDB.open('elbow-room');
    asked.onsuccess = () => go(asked.result);
    asked.onerror = () => fail(asked.error);
  });
  const settled = (request) => new Promise((go, fail) => {
    request.onsuccess = () => go(request.result);
    request.onerror = () => fail(request.error);
  });
  const shelf = async (work, mode = 'readonly') => {
    const db = await open();
    const acts = db.transaction('entries', mode);
    const ended = new Promise((go, fail) => { acts.oncomplete = go; acts.onabort = () => fail(acts.error); });
    const answer = await work(acts.objectStore('entries'));
    await ended;
    db.close();
    return answer;
  };
`;

/** Runs a piece of page code over the shelf of records, and answers what it comes to. */
const onShelf = <T>(b: Session, code: string, ...args: unknown[]): Promise<T> =>
  b.driver.executeAsyncScript<T>(
    `const done = arguments[arguments.length - 1]; const args = [...arguments];
     ${OPEN}
     (async () => { ${code} })().then(done, (error) => done({ error: String(error) }));`,
    ...args,
  );

/** The text of a record; null where there is none. */
export const storedText = (b: Session, key: string): Promise<string | null> =>
  onShelf(b, `return (await shelf((s) => settled(s.get(args[0])))) ?? null;`, `elbow-room/${key}`);

/** A record, out of its envelope. */

export const stored = async (b: Session, key: string): Promise<any> =>
  JSON.parse((await storedText(b, key)) ?? 'null')?.data;

/** Puts a text where a record lies. */
export const putStored = (b: Session, key: string, text: string): Promise<void> =>
  onShelf(b, `await shelf((s) => settled(s.put(args[1], args[0])), 'readwrite');`, `elbow-room/${key}`, text);

/** Everything stored but the journal's pages that are done with, in one text. */
export const allStored = (b: Session): Promise<string> =>
  onShelf(
    b,
    `const [keys, texts] = await shelf((s) => Promise.all([settled(s.getAllKeys()), settled(s.getAll())]));
     return JSON.stringify(keys.map((key, n) => [key, texts[n]]).filter(([, text]) => text !== ''));`,
  );

/** Takes everything away, the small storage of earlier apps and the pictures included. */
export async function wipe(b: Session): Promise<void> {
  await onShelf(
    b,
    `localStorage.clear();
     for (const { name } of await indexedDB.databases()) {
       const db = await settled(indexedDB.open(name));
       for (const store of db.objectStoreNames) await settled(db.transaction(store, 'readwrite').objectStore(store).clear());
       db.close();
     }`,
  );
}
