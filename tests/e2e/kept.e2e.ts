import assert from 'node:assert/strict';
import { rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, test } from 'node:test';
import { setTimeout as wait } from 'node:timers/promises';
import { DATA_VERSION } from '../../src/core/formats/upgrade';
import { openBrowser, type Session } from './browser';
import { KILLED_KINDS, type Kept } from './kills';
import { freshStart, openDemo, openStop, oneBrowser, type Served } from './paths';
import { allStored, putStored, stored, storedText } from './stored';
import { PATIENCE_ms } from './patience';
import { tempFolder } from './temp';

/** What is entered is kept: killed for real, with storage really full, in two windows, beside a newer version. */

/** Kills in the everyday run, enough to meet every kind; `KILLS=60` for the whole of it. */
const KILLS = Number(process.env.KILLS ?? 5);
/** Everything older than this is on disk, ms. */
const KEPT_AFTER_ms = 250;

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});

test(`killed for real ${KILLS} times, over every kind of edit: all that is older than ${KEPT_AFTER_ms} ms is there`, async () => {
  const profile = tempFolder('kill');
  try {
    const expected: Kept[] = [];
    for (let kill = 0; kill < KILLS; kill++) {
      const phone = await openBrowser({ profile });
      await phone.driver.get(app.url);
      await phone.find('new-job');
      for (const kept of expected) await kept(phone, app.url);
      expected.length = 0;
      // Two kinds a kill, so that a run of five meets them all.
      for (const kind of [0, 1].map((n) => KILLED_KINDS[(2 * kill + n) % KILLED_KINDS.length]))
        if (kind) expected.push(await kind(phone, app.url, kill));
      await wait(KEPT_AFTER_ms);
      await phone.kill();
    }
    const last = await openBrowser({ profile });
    await last.driver.get(app.url);
    await last.find('new-job');
    for (const kept of expected) await kept(last, app.url);
    await last.quit();
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
});

describe('storage that is full', () => {
  /** A phone that leaves so much room for this address, bytes, from its first page on: what was allowed before is remembered for minutes. */
  const withRoom = async (
    quotaSize: number,
    work: (phone: Session, allow: (size: number) => Promise<void>) => Promise<void>,
  ) => {
    const phone = await openBrowser();
    const { origin } = new URL(app.url);
    const allow = (size: number) =>
      phone.driver.sendDevToolsCommand('Storage.overrideQuotaForOrigin', { origin, quotaSize: size });
    try {
      await allow(quotaSize);
      await freshStart(phone, app.url);
      await phone.driver.wait(() => isLaidBy(phone), PATIENCE_ms, 'no room is held back');
      await work(phone, allow);
    } finally {
      await phone.quit();
    }
  };
  /** Whether all the room that is held back lies by. */
  const isLaidBy = (phone: Session) =>
    phone.driver.executeAsyncScript<boolean>(`
      const done = arguments[0];
      indexedDB.databases().then((all) => {
        if (!all.some(({ name }) => name === 'elbow-room-reserve')) return done(false);
        const asked = indexedDB.open('elbow-room-reserve');
        asked.onsuccess = () => {
          const count = asked.result.transaction('pieces').objectStore('pieces').count();
          count.onsuccess = () => { asked.result.close(); done(count.result >= 8); };
        };
      });`);
  /** Fills what room there is, in ever smaller pieces of text that does not press, and answers how many went in. */
  const fill = (phone: Session, upTo = Infinity) =>
    phone.driver.executeAsyncScript<number>(
      `
      const [upTo, done] = [arguments.length > 1 ? arguments[0] : Infinity, arguments[arguments.length - 1]];
      const asked = indexedDB.open('elbow-fill', 1);
      asked.onupgradeneeded = () => asked.result.createObjectStore('s');
      asked.onsuccess = async () => {
        const db = asked.result;
        let seed = Math.floor(performance.now());
        const noise = (size) => {
          let text = '';
          while (text.length < size) text += (seed = (Math.imul(seed, 1103515245) + 12345) >>> 1).toString(36);
          return text;
        };
        const put = (n, size) => new Promise((go) => {
          const acts = db.transaction('s', 'readwrite');
          acts.objectStore('s').put(noise(size), n);
          acts.oncomplete = () => go(true);
          acts.onabort = () => go(false);
        });
        const from = seed;
        const used = async () => (await navigator.storage.estimate()).usage;
        let n = 0;
        for (const size of [40000, 4000, 400]) while (n < 900 && (upTo === Infinity || await used() < upTo) && await put(from + '-' + n, size)) n++;
        db.close();
        done(n);
      };`,
      ...(upTo === Infinity ? [] : [upTo]),
    );

  test('the room held back takes edits on; then it is said at once and stays said, nothing typed is lost, and it is kept once there is room', () =>
    withRoom(20_000_000, async (phone, allow) => {
      await openDemo(phone, app.url, 'ramp-guard', 'joint');
      assert.ok((await fill(phone)) > 0);
      let typed = 100;
      while (!(await phone.has('notice')) && typed < 130) {
        typed += 1;
        await phone.type('joint.length_mm', String(typed));
        await phone.says('joint.length_mm-says', new RegExp(`^${typed} mm`));
        await fill(phone);
      }
      assert.ok(typed > 101, 'nothing was held back');
      await phone.says('notice', /Storage is full.*not kept.*Export/s);
      await phone.type('joint.gap_mm', '2');
      await phone.says('notice', /Storage is full/);
      await phone.says('joint.length_mm-says', new RegExp(`^${typed} mm`));
      await allow(80_000_000);
      await phone.driver
        .wait(async () => !(await phone.has('notice')), PATIENCE_ms)
        .catch(async () => assert.fail(`not taken back: ${await phone.text('notice')}`));
      await phone.driver.navigate().refresh();
      await phone.says('joint.length_mm-says', new RegExp(`^${typed} mm`));
      await phone.says('joint.gap_mm-says', /2 mm/);
    }));

  test('emptying the bin makes room at once, and a file that does not fit says so', () =>
    withRoom(20_000_000, async (phone, allow) => {
      await phone.tap('more-vent-cowl');
      await phone.tap('delete-vent-cowl');
      await phone.driver.wait(async () => !(await phone.has('job-vent-cowl')), PATIENCE_ms);
      // No further than a little past its end: a browser lets more in for a while than it allows.
      await fill(phone, 21_000_000);
      await phone.tap('to-bin');
      await phone.tap('bin-empty');
      await phone.tap('bin-empty-sure');
      await phone.says('notice', /One job is gone for good/);
      // Without a reload: the browser's database swells for a while when it is opened again.
      await phone.tap('bin-back');
      await phone.tap('open-ramp-guard');
      await openStop(phone, 'joint');
      await phone.type('joint.length_mm', '345');
      await phone.driver.wait(
        async () => (await stored(phone, 'job/ramp-guard')).job.joint.length_mm === 345,
        PATIENCE_ms,
        'no room was made',
      );
      const job = (await stored(phone, 'job/ramp-guard')).job;
      const kit = (await stored(phone, 'kit')).kit;
      // Few and heavy: it is the room that is tried, not the reading.
      const heavy = Object.fromEntries(
        Array.from({ length: 80 }, (_, n) => [`text-${n}`, `${n} `.repeat(100).slice(0, 200)]),
      );
      const jobs = Array.from({ length: 800 }, (_, n) => ({ ...job, id: `many-${n}`, typed: heavy }));
      const path = join(tempFolder('big'), 'big.json');
      writeFileSync(path, JSON.stringify({ format: 'elbow-room-archive', version: DATA_VERSION, jobs, kit }));
      await phone.tap('to-jobs');
      // The browser may have taken its word back meanwhile.
      await allow(20_000_000);
      await phone.giveFile('import', path);
      await phone.tap('import-take');
      await phone.says(
        'import-refused',
        /Storage is full: there was room for \d+ of 800 jobs, so none was taken in/,
      );
      assert.equal((await allStored(phone)).includes('many-'), false);
    }));

  test('still opens everything: no start hangs on being able to write', async () => {
    const profile = tempFolder('full');
    const first = await openBrowser({ profile });
    await first.driver.get(app.url);
    await first.find('job-ramp-guard');
    await first.driver.wait(async () => (await storedText(first, 'job/ramp-guard')) !== null, PATIENCE_ms);
    await first.quit();
    const phone = await openBrowser({ profile });
    try {
      await phone.driver.sendDevToolsCommand('Storage.overrideQuotaForOrigin', {
        origin: new URL(app.url).origin,
        quotaSize: 1,
      });
      await phone.driver.get(app.url);
      await phone.find('job-ramp-guard');
      await phone.driver.get(`${app.url}/kit`);
      await phone.saysMain(/Small DC inverter/);
      assert.ok((await allStored(phone)).includes('ramp-guard'));
    } finally {
      await phone.quit();
      rmSync(profile, { recursive: true, force: true });
    }
  });
});

describe('the bin', () => {
  test('is opened from the list of jobs, gives jobs and items of the kit back, and is emptied when asked twice', async () => {
    await freshStart(b, app.url);
    for (const id of ['vent-cowl', 'ramp-guard']) {
      await b.tap(`more-${id}`);
      await b.tap(`delete-${id}`);
      await b.driver.wait(async () => !(await b.has(`job-${id}`)), PATIENCE_ms);
    }
    await b.driver.get(`${app.url}/kit/tins/7018-18`);
    await b.tap('item-delete');
    await b.driver.get(app.url);
    await b.tap('to-bin');
    await b.tap('bin-back-ramp-guard');
    await b.tap('bin-back-7018-18');
    await b.driver.wait(
      async () => (await stored(b, 'kit')).kit.tins.some(({ id }: { id: string }) => id === '7018-18'),
      PATIENCE_ms,
    );
    assert.equal((await stored(b, 'job/ramp-guard')).deletedAt, null);
    await b.tap('bin-empty');
    assert.notEqual(await storedText(b, 'job/vent-cowl'), null);
    await b.tap('bin-empty-sure');
    await b.says('notice', /One job is gone for good/);
    assert.equal(await storedText(b, 'job/vent-cowl'), null);
  });
});

describe('versions', () => {
  test('what a newer app wrote is shown, never changed, and said', async () => {
    await freshStart(b, app.url);
    const text = (await storedText(b, 'job/ramp-guard')) ?? '';
    const newer = text.replace(/"version":\d+/, `"version":${DATA_VERSION + 1}`);
    await putStored(b, 'job/ramp-guard', newer);
    await b.driver.get(app.url);
    await b.says('newer-records', /Ramp hinge guard, berth 3/);
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.says('read-only', /newer version/);
    await b.type('joint.gap_mm', '3');
    await b.says('notice', /read here, not changed/);
    assert.equal(await storedText(b, 'job/ramp-guard'), newer);
  });

  test('a kit with one entry that cannot stand opens without it, and offers it back', async () => {
    await freshStart(b, app.url);
    const text = (await storedText(b, 'kit')) ?? '';
    await putStored(b, 'kit', text.replace(/"max_A":160/, '"max_A":99999'));
    await b.driver.get(app.url);
    await b.says('damaged', /The kit, one entry: .*Highest amps.*It stood as 99999/s);
    await b.tap('damaged-again');
    await b.says('notice', /still does not fit/);
    await b.tap('damaged-let-go');
    await b.driver.wait(async () => !(await b.has('damaged')), PATIENCE_ms);
    await b.driver.get(`${app.url}/kit`);
    await b.saysMain(/machines|Machines/);
  });
});

describe('a big file', () => {
  test('1 500 jobs come in with progress, without holding the page up, and every one lies on disk', async () => {
    await freshStart(b, app.url);
    const job = (await stored(b, 'job/ramp-guard')).job;
    const kit = (await stored(b, 'kit')).kit;
    const jobs = Array.from({ length: 1500 }, (_, n) => ({ ...job, id: `many-${n}`, title: `Guard ${n}` }));
    const path = join(tempFolder('many'), 'many.json');
    writeFileSync(path, JSON.stringify({ format: 'elbow-room-archive', version: DATA_VERSION, jobs, kit }));
    await b.giveFile('import', path);
    await b.says('import-preview', /Adds 1500 jobs/);
    await b.driver.executeScript(`
      window.progress = new Set();
      new MutationObserver(() => {
        const text = document.querySelector('[data-testid=import-progress]')?.innerText;
        if (text) window.progress.add(text);
      }).observe(document.body, { subtree: true, childList: true, characterData: true });`);
    await b.tap('import-take');
    await b.says('notice', /Taken in: 1500 jobs/);
    const told = await b.driver.executeScript<string[]>('return [...window.progress]');
    assert.ok(told.length > 3, told.join(' | '));
    assert.equal((await allStored(b)).match(/elbow-room\/job\/many-/g)?.length, 1500);
    await b.tap('more-jobs');
    await freshStart(b, app.url);
  });
});
