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

describe('beads on scrap', () => {
  const amps = async () => Number.parseInt(await b.text('amps-now'), 10);

  test('three of them change the amps of the next plan, and it says so; one is taken out again', async () => {
    await freshStart(b, app.url);
    await openDemo(b, app.url, 'ramp-guard', 'rod');
    const before = await amps();
    await b.tap('ran-cold');
    await b.says('notice', /Written down: \d+ A ran cold/);
    await b.says('bead-says', /more than the chart.*by 1 bead/s);
    await b.tap('ran-right');
    await b.says('bead-says', /by 2 beads/);
    await b.tap('ran-right');
    await b.says('bead-says', /by 3 beads/);
    assert.ok((await amps()) > before, `${await amps()} A, not over ${before} A`);
    // The same in another job with that machine and tin, and on the page of the kit.
    await b.driver.get(`${app.url}/kit`);
    await b.says('lessons', /Small DC inverter takes \d+ % more than the chart/);
    await b.driver.get(`${app.url}/job/ramp-guard/rod`);
    await b.says('bead-says', /by 3 beads/);
    await b.tap('ran-hot');
    await b.says('bead-says', /by 4 beads/);
    await b.tap('notice-undo');
    await b.says('bead-says', /by 3 beads/);
  });
});

describe('a length on a photo', () => {
  const folder = tempFolder('measure');
  const [WIDE, HIGH] = [1200, 900];

  /** Where a camera tilted by 30 degrees sees a place on the bench, given in mm from the middle of the picture; px. */
  const sees = ([x, y]: readonly [number, number]): [number, number] => {
    const [off, focal, tilt] = [300, 1000, Math.PI / 6];
    const depth = off + y * Math.sin(tilt);
    return [WIDE / 2 + (focal * x) / depth, HIGH / 2 + (focal * y * Math.cos(tilt)) / depth];
  };
  /** A card of ISO/IEC 7810 and a weld of 40 mm beside it. */
  const CARD = (
    [
      [-70, -60],
      [15.6, -60],
      [15.6, -6.02],
      [-70, -6.02],
    ] as const
  ).map(sees);
  const WELD = (
    [
      [-20, 40],
      [20, 40],
    ] as const
  ).map(sees);

  const picture = async () => {
    const url = await b.driver.executeScript<string>(
      `const [wide, high, card, weld] = arguments;
       const canvas = document.createElement('canvas');
       canvas.width = wide; canvas.height = high;
       const draw = canvas.getContext('2d');
       draw.fillStyle = '#667'; draw.fillRect(0, 0, wide, high);
       const path = (spots) => { draw.beginPath(); for (const [x, y] of spots) draw.lineTo(x, y); };
       draw.fillStyle = '#eee'; path(card); draw.fill();
       draw.strokeStyle = '#210'; draw.lineWidth = 14; path(weld); draw.stroke();
       return canvas.toDataURL('image/jpeg', 0.9);`,
      WIDE,
      HIGH,
      CARD,
      WELD,
    );
    const path = join(folder, 'weld.jpg');
    writeFileSync(path, Buffer.from(url.slice(url.indexOf(',') + 1), 'base64'));
    return path;
  };
  const wideOf = () =>
    b.driver.executeScript<number>(
      'return document.querySelector("[data-testid=marked] img")?.getBoundingClientRect().width ?? 0',
    );
  /** Drags a mark to where the picture shows something. */
  const dragTo = async (mark: string, [x, y]: readonly number[]) => {
    const handle = await b.find(mark);
    const centre = await b.driver.executeScript<[number, number]>(
      `const [mark, share] = [arguments[0].getBoundingClientRect(), arguments[1]];
       const picture = document.querySelector('[data-testid=marked] img').getBoundingClientRect();
       return [
         Math.round(picture.left + share[0] * picture.width - mark.left - mark.width / 2),
         Math.round(picture.top + share[1] * picture.height - mark.top - mark.height / 2),
       ];`,
      handle,
      [(x ?? 0) / WIDE, (y ?? 0) / HIGH],
    );
    await b.driver
      .actions({ async: true })
      .move({ origin: handle })
      .press()
      .move({ origin: 'pointer' as never, x: Math.round(centre[0] / 2), y: Math.round(centre[1] / 2) })
      .move({
        origin: 'pointer' as never,
        x: centre[0] - Math.round(centre[0] / 2),
        y: centre[1] - Math.round(centre[1] / 2),
      })
      .release()
      .perform();
  };
  const read_mm = async () => Number.parseFloat((await b.text('measured-says')).replace(',', '.'));

  test('tilted by 30 degrees: read off, put into the field, kept with the job', async () => {
    await freshStart(b, app.url);
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.tap('measure');
    await b.giveFile('measure-photo', await picture());
    await b.driver.wait(async () => (await wideOf()) > 100, PATIENCE_ms, 'no picture shown');
    for (const [n, at] of CARD.entries()) await dragTo(`mark-corners-${n + 1}`, at);
    for (const [n, at] of WELD.entries()) await dragTo(`mark-along-${n + 1}`, at);
    // A pixel of the phone is about a millimetre here: within what the page says itself.
    await b.driver.wait(async () => Math.abs((await read_mm()) - 40) < 2, PATIENCE_ms, 'not 40 mm');
    await b.says('measured-says', /to .* by finger and lens/);
    await b.tap('into-joint.length_mm');
    await b.driver.get(`${app.url}/job/ramp-guard/joint`);
    await b.driver.wait(
      async () => {
        const field = await b.find('joint.length_mm');
        return Math.abs(Number.parseFloat((await field.getAttribute('value')) ?? '') - 40) < 2;
      },
      PATIENCE_ms,
      'not in the field',
    );
    await b.tap('measure');
    await b.says('measured-says', /mm/);
    // By keys: an arrow moves a mark by five pixels of the page.
    const now = await read_mm();
    await (await b.find('mark-along-2')).sendKeys('\uE014\uE014\uE014');
    await b.driver.wait(async () => (await read_mm()) > now + 3, PATIENCE_ms, 'the arrow key moved nothing');
  });

  test('corners that cross, and a file that is no picture, are answered with what to do', async () => {
    await dragTo('mark-corners-1', CARD[2] ?? []);
    await b.says('measured-says', /do not go round/);
    const path = join(folder, 'no.jpg');
    writeFileSync(path, 'no picture');
    await b.giveFile('measure-photo', path);
    await b.says('notice', /cannot be read as a picture/);
  });

  test('the picture stays while a job names it, whatever is swept away', async () => {
    await b.driver.get(app.url);
    await b.tap('more-vent-cowl');
    await b.tap('delete-vent-cowl');
    await b.driver.wait(async () => !(await b.has('job-vent-cowl')), PATIENCE_ms);
    await b.tap('to-bin');
    await b.tap('bin-empty');
    await b.tap('bin-empty-sure');
    await b.says('notice', /One job is gone for good/);
    await b.driver.get(`${app.url}/job/ramp-guard/measure`);
    await b.driver.wait(async () => (await wideOf()) > 100, PATIENCE_ms, 'the picture was swept away');
  });
});
