import assert from 'node:assert/strict';
import { createHash } from 'node:crypto';
import { appendFileSync, cpSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beforeEach, describe, test } from 'node:test';
import { strFromU8, unzipSync, zipSync, strToU8 } from 'fflate';
import { DATA_VERSION } from '../../src/core/formats/upgrade';
import { complaints, DIST, openBrowser, serve, type Session } from './browser';
import { freshStart, openDemo, oneBrowser, type Served } from './paths';
import { allStored, putStored, stored, wipe } from './stored';
import { PATIENCE_ms } from './patience';
import { tempFolder } from './temp';

const PHOTOS = 30;

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
/** As the app names a picture: the head of the SHA-256 of what is in it. */
const contentId = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex').slice(0, 40);
const fresh = () => freshStart(b, app.url);
describe('storage', () => {
  beforeEach(fresh);

  test('a damaged record is set aside, reported and to be had as a file; the rest opens', async () => {
    await putStored(b, 'job/vent-cowl', '{"version":2,"data":{"job":');
    await b.driver.navigate().refresh();
    await b.says('damaged', /One record could not be read and was set aside.*not JSON/s);
    assert.equal(await b.has('job-vent-cowl'), false);
    assert.equal(await b.has('job-ramp-guard'), true);
    await b.tap('damaged-save');
    assert.match(readFileSync(await b.downloaded('.txt'), 'utf8'), /^\{"version":2/);
    await b.driver.navigate().refresh();
    await b.says('damaged', /set aside/);
    await b.tap('damaged-let-go');
    await b.driver.wait(async () => !(await b.has('damaged')), PATIENCE_ms);
  });

  test('a record of version 1 opens as one of today', async () => {
    const { job } = JSON.parse(readFileSync(join(__dirname, '..', 'fixtures', 'job-v1.json'), 'utf8'));
    await putStored(
      b,
      'job/old',
      JSON.stringify({
        version: 1,
        data: { job: { ...job, id: 'old', title: 'From last year' }, history: [], deletedAt: null },
      }),
    );
    await openDemo(b, app.url, 'old', 'joint');
    await b.says('joint.thicknessA_mm-says', /1\.5 mm/);
  });

  test('two tabs: different fields merge; on the same one the newer shows and the older is in the history', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    const first = await b.driver.getWindowHandle();
    await b.driver.switchTo().newWindow('tab');
    const second = await b.driver.getWindowHandle();
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.type('joint.length_mm', '450');
    await b.driver.switchTo().window(first);
    await b.type('joint.gap_mm', '2');
    await b.says('joint.length_mm-says', /450 mm/);
    await b.driver.switchTo().window(second);
    await b.says('joint.gap_mm-says', /2 mm/);
    await b.type('joint.gap_mm', '3');
    await b.driver.switchTo().window(first);
    await b.says('joint.gap_mm-says', /3 mm/);
    const data = await stored(b, 'job/ramp-guard');
    assert.equal(data.job.joint.length_mm, 450);
    assert.equal(data.job.joint.gap_mm, 3);
    const gaps = data.history.flatMap((entry: { changes: { path: string; after?: unknown }[] }) =>
      entry.changes.filter(({ path }) => path === 'joint.gap_mm').map(({ after: a }) => a),
    );
    assert.ok(gaps.includes(2) && gaps.includes(3), JSON.stringify(gaps));
    await b.driver.switchTo().window(second);
    await b.driver.close();
    await b.driver.switchTo().window(first);
  });

  test('history: a job goes back to how it stood, and forward again', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'rod');
    await b.tap('amps+5');
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.type('joint.gap_mm', '3');
    await openDemo(b, app.url, 'ramp-guard', 'history');
    await b.tap('back-to-0');
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.says('joint.gap_mm-says', /1 mm/);
    await b.tap('undo');
    await b.says('joint.gap_mm-says', /3 mm/);
  });
});

describe('files', () => {
  beforeEach(fresh);

  const folder = tempFolder('files');
  const write = (name: string, contents: string | Uint8Array) => {
    const path = join(folder, name);
    writeFileSync(path, contents);
    return path;
  };
  const whole = readFileSync(join(__dirname, '..', '..', 'demo', 'jobs', 'vent-cowl.json'), 'utf8');

  for (const [name, contents, message] of [
    ['cut.json', whole.slice(0, 700), /not whole JSON/],
    [
      'newer.json',
      whole.replace(/"version": \d+/, '"version": 77'),
      new RegExp(`version 77; this app reads 1 to ${DATA_VERSION}`),
    ],
    [
      'wrong-field.json',
      whole.replace('"current_A": 48', '"current_A": -48'),
      /Amps: must be more than zero/,
    ],
    ['deep.json', '['.repeat(100_000), /not whole JSON/],
    [
      'hostile.json',
      '{"format":"elbow-room-archive","version":2,"jobs":[{"id":"<img src=x onerror=alert(1)>"}],"kit":{}}',
      /kit|jobs/,
    ],
    ['broken.zip', 'PK\u0003\u0004 nothing', /zip is broken/],
    ['other.zip', zipSync({ 'readme.txt': strToU8('hello') }), /holds no elbow-room\.json/],
    [
      'flipped.zip',
      flipped(zipSync({ 'elbow-room.json': strToU8(whole) }, { level: 0 })),
      /damaged: its check sum/,
    ],
    ['bomb.zip', zipSync({ 'elbow-room.json': new Uint8Array(60_000_000) }), /swells to far more/],
  ] as const) {
    test(`${name} is refused with what is wrong, and nothing changes`, async () => {
      const before = await allStored(b);
      await b.giveFile('import', write(name, contents));
      await b.says('import-refused', message);
      assert.equal(await allStored(b), before);
    });
  }

  test('what a file would do is shown before it does it; left, it does nothing', async () => {
    const other = JSON.parse(whole);
    other.job = { ...other.job, id: 'brought', title: 'Brought along' };
    await b.giveFile('import', write('brought.json', JSON.stringify(other)));
    await b.says('import-preview', /Adds the job: Brought along/);
    await b.tap('import-leave');
    assert.equal(await b.has('job-brought'), false);
    await b.giveFile('import', write('again.json', whole));
    await b.says('import-preview', /Replaces the job: Vent cowl patch/);
  });

  test(`everything with ${PHOTOS} pictures goes out as a zip, and comes back the same after a wipe`, async () => {
    const { kit } = JSON.parse(whole);
    const picture = await b.driver.takeScreenshot();
    const photos = Object.fromEntries(
      Array.from({ length: PHOTOS }, (_, n) => [
        `photo-${n}`,
        new Uint8Array([...Buffer.from(picture, 'base64').subarray(0, 4000), n]),
      ]),
    );
    const machine = kit.machines[0];
    const machines = Array.from({ length: PHOTOS / 6 }, (_, n) => ({
      ...machine,
      id: `pictured-${n}`,
      photos: Object.keys(photos).slice(6 * n, 6 * n + 6),
    }));
    const archive = { format: 'elbow-room-archive', version: 2, jobs: [], kit: { ...kit, machines } };
    const files = {
      'elbow-room.json': strToU8(JSON.stringify(archive)),
      ...Object.fromEntries(Object.entries(photos).map(([id, bytes]) => [`photos/${id}.jpg`, bytes])),
    };
    const packed = zipSync(files, { level: 0 });

    await b.giveFile('import', write('pictures.zip', packed));
    await b.says('import-preview', new RegExp(`Brings ${PHOTOS} pictures`));
    await b.tap('import-take');
    await b.says('notice', /Taken in/);
    await b.tap('save-zip');
    const out = unzipSync(new Uint8Array(readFileSync(await b.downloaded('.zip'))));
    for (const bytes of Object.values(photos))
      assert.deepEqual(Buffer.from(out[`photos/${contentId(bytes)}.jpg`] ?? []), Buffer.from(bytes));

    await wipe(b);
    await b.driver.navigate().refresh();
    await b.giveFile('import', write('back.zip', zipSync(out, { level: 0 })));
    await b.tap('import-take');
    await b.says('notice', /Taken in/);
    const kept = (await stored(b, 'kit')).kit.machines.filter(({ id }: { id: string }) =>
      id.startsWith('pictured'),
    );
    assert.deepEqual(
      kept,
      JSON.parse(strFromU8(out['elbow-room.json'] ?? new Uint8Array())).kit.machines.filter(
        ({ id }: { id: string }) => id.startsWith('pictured'),
      ),
    );
    await b.driver.get(`${app.url}/kit/machines/pictured-0`);
    await b.find(`photo-${contentId(photos['photo-0'] ?? new Uint8Array())}`);
  });

  test('a picture of another file under the same name takes nothing’s place', async () => {
    const { kit } = JSON.parse(whole);
    const machine = (id: string) => ({ ...kit.machines[0], id, photos: ['plate'] });
    const zipOf = (id: string, byte: number) =>
      zipSync({
        'elbow-room.json': strToU8(
          JSON.stringify({
            format: 'elbow-room-archive',
            version: 2,
            jobs: [],
            kit: { ...kit, machines: [machine(id)] },
          }),
        ),
        'photos/plate.jpg': new Uint8Array(2000).fill(byte),
      });
    for (const [id, byte] of [
      ['first', 1],
      ['second', 2],
    ] as const) {
      await b.giveFile('import', write(`${id}.zip`, zipOf(id, byte)));
      await b.tap('import-take');
      await b.says('notice', /Taken in/);
      await b.tap('notice-close');
    }
    const photos = (await stored(b, 'kit')).kit.machines
      .filter(({ id }: { id: string }) => id === 'first' || id === 'second')
      .map(({ photos: ids }: { photos: string[] }) => ids[0]);
    assert.deepEqual(
      photos,
      [1, 2].map((byte) => contentId(new Uint8Array(2000).fill(byte))),
    );
  });

  test('tins go out as a table and come in again, with undo', async () => {
    await b.tap('to-kit');
    await b.tap('save-tins');
    const path = await b.downloaded('tins.csv');
    await b.giveFile('take-tins', path);
    await b.says('notice', /Taken in: 9 tins/);
    await b.tap('notice-undo');
    assert.equal((await stored(b, 'kit')).kit.tins.length, 9);
    await b.giveFile('take-tins', write('bad.csv', 'class,size_in,rods,low_A,high_A,note\nE9999,1/8,5,,,'));
    await b.says('notice', /Line 2: class: one of/);
  });
});

/** The same zip with one byte of its contents another. */
function flipped(zip: Uint8Array): Uint8Array {
  const copy = zip.slice();
  copy[300] = (copy[300] ?? 0) ^ 1;
  return copy;
}

describe('without a signal', () => {
  test('after one visit, a deep link opens, computes and saves with the server stopped', async () => {
    const own = await serve();
    const offline = await openBrowser();
    try {
      await offline.driver.get(own.url);
      await offline.says('about', /works without a signal/);
      await offline.driver.get(own.url);
      await offline.find('new-job');
      await own.stop();
      await offline.driver.get(`${own.url}/job/vent-cowl/rod`);
      await offline.says('tightest', /past burn-through/);
      await offline.tap('amps-5');
      await offline.driver.get(`${own.url}/job/vent-cowl/room/burn-through`);
      await offline.saysMain(/fitted, for comparing only/);
      await offline.driver.get(`${own.url}/kit`);
      await offline.saysMain(/Rod tins/);
      const fonts = await offline.driver.executeScript<number>(
        'return [...document.fonts].filter((f) => f.status === "loaded").length',
      );
      assert.ok(fonts >= 3, `${fonts} fonts`);
      assert.deepEqual(
        (await complaints(offline)).filter((line) => !/favicon|ERR_CONNECTION_REFUSED/.test(line)),
        [],
      );
    } finally {
      await offline.quit();
      await own.stop().catch(() => undefined);
    }
  });
});

describe('a newer version', () => {
  test('waits, is offered on the list of jobs only, and takes over when asked, with everything kept', async () => {
    const copy = tempFolder('dist');
    cpSync(DIST, copy, { recursive: true });
    const own = await serve(copy);
    const phone = await openBrowser();
    try {
      await phone.driver.get(own.url);
      await phone.says('about', /works without a signal/);
      await phone.driver.get(`${own.url}/job/ramp-guard/joint`);
      await phone.type('joint.gap_mm', '2.5');
      appendFileSync(join(copy, 'sw.js'), '\n// a newer build\n');
      await phone.driver.get(`${own.url}/job/ramp-guard/joint`);
      await phone.find('tightest');
      await phone.driver.wait(
        () =>
          phone.driver.executeAsyncScript<boolean>(
            'const done = arguments[0]; navigator.serviceWorker.getRegistration().then((r) => done(Boolean(r && r.waiting)));',
          ),
        PATIENCE_ms,
        'no newer version waits',
      );
      assert.equal(await phone.has('newer'), false);
      await phone.tap('to-jobs');
      await phone.says('newer', /A newer version is ready/);
      await phone.tap('use-newer');
      await phone.driver.wait(
        async () => !(await phone.has('newer')) && (await phone.has('new-job')),
        PATIENCE_ms,
      );
      await phone.driver.get(`${own.url}/job/ramp-guard/joint`);
      await phone.says('joint.gap_mm-says', /2\.5 mm/);
    } finally {
      await phone.quit();
      await own.stop();
    }
  });
});
