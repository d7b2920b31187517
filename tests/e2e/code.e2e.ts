import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, test } from 'node:test';
import type { Session } from './browser';
import { PATIENCE_ms } from './patience';
import { freshStart, oneBrowser, openDemo, type Served } from './paths';
import { tempFolder } from './temp';

let b: Session;
let app: Served;
oneBrowser((session, served) => {
  [b, app] = [session, served];
});

describe('a job by codes', () => {
  const folder = tempFolder('codes');
  const count = () =>
    b.driver.executeScript<number>('return document.querySelectorAll("[data-testid=codes] svg").length');
  /** The nth code of the page as a photo of it: turned a little, grey, with something round it. */
  const photo = async (n: number) => {
    const url = await b.driver.executeAsyncScript<string>(
      `const [n, done] = arguments;
       const svg = document.querySelectorAll('[data-testid=codes] svg')[n].cloneNode(true);
       svg.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
       svg.setAttribute('width', 800); svg.setAttribute('height', 800);
       const image = new Image();
       image.onload = () => {
         const canvas = document.createElement('canvas');
         canvas.width = 1100; canvas.height = 1000;
         const draw = canvas.getContext('2d');
         draw.fillStyle = '#9a9a90'; draw.fillRect(0, 0, 1100, 1000);
         draw.translate(550, 500); draw.rotate(0.12); draw.globalAlpha = 0.92;
         draw.drawImage(image, -400, -400, 800, 800);
         done(canvas.toDataURL('image/jpeg', 0.85));
       };
       image.src = 'data:image/svg+xml;charset=utf-8,' + encodeURIComponent(svg.outerHTML);`,
      n,
    );
    const path = join(folder, `code-${n}.jpg`);
    writeFileSync(path, Buffer.from(url.slice(url.indexOf(',') + 1), 'base64'));
    return path;
  };

  test('leaves one phone by its screen and is taken in by another, in any order, without a signal', async () => {
    await freshStart(b, app.url);
    await openDemo(b, app.url, 'hatch-frame', 'sheet');
    await b.tap('to-code');
    await b.driver.wait(async () => (await count()) >= 2, PATIENCE_ms, 'no codes drawn');
    const all = await count();
    const photos: string[] = [];
    for (let n = 0; n < all; n++) photos.push(await photo(n));
    // The other phone: a list of its own, on which the job is not.
    await freshStart(b, app.url);
    await b.driver.get(`${app.url}/job/hatch-frame/look`);
    await b.type('title', 'Mine before');
    await b.driver.get(app.url);
    for (const [n, path] of [...photos].reverse().entries()) {
      await b.giveFile('read-code', path);
      if (n < all - 1) await b.says('codes-read', new RegExp(`${n + 1} of ${all} read`));
    }
    await b.says('import-preview', /Hatch frame/);
    assert.equal(await b.has('codes-read'), false);
  });

  test('a picture without a code, and a code of something else, are answered with what to do', async () => {
    const url = await b.driver.executeScript<string>(
      `const canvas = document.createElement('canvas');
       canvas.width = 400; canvas.height = 300;
       canvas.getContext('2d').fillRect(0, 0, 200, 100);
       return canvas.toDataURL('image/png');`,
    );
    const path = join(folder, 'none.png');
    writeFileSync(path, Buffer.from(url.slice(url.indexOf(',') + 1), 'base64'));
    await b.giveFile('read-code', path);
    await b.says('import-refused', /No code is to be read in that picture/);
  });
});
