import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, test } from 'node:test';
import { complaints, openBrowser, type Session } from './browser';
import { allStored, stored } from './stored';
import { answerStopWork, freshStart, openDemo, openStop, oneBrowser, type Served } from './paths';
import { PATIENCE_ms } from './patience';
import { tempFolder } from './temp';

/** Presses and entries from an empty truck to the first plan: two seconds each keeps it under two minutes. */
const MOST_ACTS = 60;
/** Longest side of a kept picture, px. */
const LONGEST_px = 1600;

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});

describe('the first day', () => {
  test('from an empty truck to a plan to take to the work', async () => {
    await freshStart(b, app.url);
    b.resetTaps();
    await b.tap('clear-demo');
    await b.saysMain(/Nothing broken yet/);
    await b.tap('to-kit');
    await b.tap('add-machines');
    await b.type('name', 'Own 160');
    await b.tap('input-add');
    await b.tap('inputs.0.inputMax_A-more');
    await b.tap('ocv_V-more');
    await b.tap('item-back');
    await b.tap('add-supplies');
    await b.tap('item-done');
    await b.tap('add-tins');
    await b.tap('size-3/32');
    await b.tap('count-more');
    await b.tap('item-back');
    await b.tap('kit-back');
    await b.tap('new-job');
    await b.type('title', 'First of my own');
    await answerStopWork(b);
    await b.tap('place-indoors');
    await b.tap('position-flat');
    await b.tap('stop-after');
    await b.tap('sideA-low-carbon-steel');
    await b.tap('sideA-coating-none');
    await b.tap('stop-after');
    await b.tap('joint-t-fillet');
    await b.tap('joint.thicknessA_mm-more');
    await b.tap('joint.length_mm-more');
    await b.tap('joint.gap_mm-more');
    await openStop(b, 'sheet');
    await b.says('verdict', /Plan to take to the work/i);
    const acts = b.taps();
    process.stdout.write(`# acts from an empty truck to a plan: ${acts}\n`);
    assert.ok(acts <= MOST_ACTS, `${acts} acts`);
    await b.saysMain(/E7018 3\/32/);
    assert.deepEqual(await complaints(b), []);
  });
});

describe('a browser that refuses to store', () => {
  test('opens, says so at once, works, and still hands out the file', async () => {
    const denied = await openBrowser();
    try {
      await denied.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
        source: `for (const name of ['localStorage', 'indexedDB']) Object.defineProperty(window, name, {
          get() { throw new DOMException('access is denied', 'SecurityError'); },
        });`,
      });
      await denied.driver.get(app.url);
      await denied.says('notice', /refuses to store anything.*Export/s);
      await denied.tap('new-job');
      await denied.type('title', 'Kept by file only');
      await denied.says('notice', /refuses to store/);
      await openStop(denied, 'sheet');
      await denied.tap('export-job');
      assert.match(readFileSync(await denied.downloaded('.job.json'), 'utf8'), /Kept by file only/);
    } finally {
      await denied.quit();
    }
  });
});

describe('a nameplate picture', () => {
  const folder = tempFolder('picture');
  /** A picture as big as a phone takes them, made in the browser. */
  const bigPicture = async () => {
    const url = await b.driver.executeScript<string>(`
      const canvas = document.createElement('canvas');
      // Fifty million points, as a phone of today takes them.
      canvas.width = 6144; canvas.height = 8192;
      const draw = canvas.getContext('2d');
      draw.fillStyle = '#888'; draw.fillRect(0, 0, 6144, 8192);
      draw.fillStyle = '#000'; draw.font = '300px sans-serif'; draw.fillText('160 A 25 %', 300, 2000);
      return canvas.toDataURL('image/jpeg', 0.8);
    `);
    const path = join(folder, 'plate.jpg');
    writeFileSync(path, Buffer.from(url.slice(url.indexOf(',') + 1), 'base64'));
    return path;
  };
  const shownSize = () =>
    b.driver.executeAsyncScript<[number, number] | null>(`
      const done = arguments[0];
      const image = document.querySelector('[data-testid^="photo-"] img');
      if (!image) return done(null);
      const copy = new Image();
      copy.onload = () => done([copy.naturalWidth, copy.naturalHeight]);
      copy.src = image.src;
    `);

  test('is added at the button, scaled to what can be read, survives a reload, and comes back when taken out', async () => {
    await freshStart(b, app.url);
    await b.driver.get(`${app.url}/kit/machines/inverter-160`);
    await b.giveFile('add-photo', await bigPicture());
    await b.driver.wait(async () => (await shownSize()) !== null, PATIENCE_ms, 'no picture shown');
    assert.deepEqual(await shownSize(), [LONGEST_px * 0.75, LONGEST_px]);
    await b.driver.get(`${app.url}/kit/machines/inverter-160`);
    await b.driver.wait(async () => (await shownSize()) !== null, PATIENCE_ms, 'lost on reload');
    await b.tap('photo-out');
    await b.says('notice', /Picture taken out/);
    assert.equal(await shownSize(), null);
    await b.tap('notice-undo');
    await b.driver.wait(async () => (await shownSize()) !== null, PATIENCE_ms, 'not brought back');
    assert.ok((await allStored(b)).length < 200_000, 'the picture lies among the records');
  });

  test('a file that is no picture is refused with words', async () => {
    const path = join(folder, 'not-a-picture.jpg');
    writeFileSync(path, 'no picture at all');
    await b.driver.get(`${app.url}/kit/machines/generator-set`).catch(() => undefined);
    await b.driver.get(`${app.url}/kit/machines/inverter-160`);
    await b.giveFile('add-photo', path);
    await b.says('notice', /cannot be read as a picture.*JPEG or PNG/);
  });
});

describe('two windows on the kit', () => {
  test('each adds a tin: both are kept', async () => {
    await freshStart(b, app.url);
    const first = await b.driver.getWindowHandle();
    await b.driver.get(`${app.url}/kit`);
    await b.find('add-tins');
    await b.driver.switchTo().newWindow('tab');
    const second = await b.driver.getWindowHandle();
    await b.driver.get(`${app.url}/kit`);
    await b.tap('add-tins');
    await b.find('item-back');
    await b.driver.switchTo().window(first);
    await b.tap('add-tins');
    await b.find('item-back');
    await b.driver.wait(
      async () => (await stored(b, 'kit')).kit.tins.length === 11,
      PATIENCE_ms,
      'a tin is lost',
    );
    await b.driver.switchTo().window(second);
    await b.driver.close();
    await b.driver.switchTo().window(first);
  });
});

describe('units switched in mid-job', () => {
  test('steppers of every number field stand beside it, on the grid of the units in use', async () => {
    await freshStart(b, app.url);
    await openDemo(b, app.url, 'ramp-guard', 'look');
    await b.tap('look.air_C-more');
    await b.says('look.air_C-says', /°C/);
    await openStop(b, 'rod');
    await b.tap('rod.rest_s-more');
    await b.holds('rod.rest_s', '30 s');
    await b.driver.get(`${app.url}/kit/supplies/workshop-32`);
    await b.tap('breaker_A-less');
    await b.holds('breaker_A', '30 A');
  });
});
