import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beforeEach, describe, test } from 'node:test';
import { complaints, type Session } from './browser';
import { PATIENCE_ms } from './patience';
import { freshStart, oneBrowser, openDemo, toFirstPass, type Served } from './paths';
import { allStored } from './stored';
import { tempFolder } from './temp';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

const folder = tempFolder('finding');
/** A picture as a phone takes one, made in the browser. */
const picture = async () => {
  const url = await b.driver.executeScript<string>(`
    const canvas = document.createElement('canvas');
    canvas.width = 800; canvas.height = 600;
    const draw = canvas.getContext('2d');
    draw.fillStyle = '#777'; draw.fillRect(0, 0, 800, 600);
    draw.strokeStyle = '#111'; draw.lineWidth = 3; draw.moveTo(200, 300); draw.lineTo(420, 330); draw.stroke();
    return canvas.toDataURL('image/jpeg', 0.8);
  `);
  const path = join(folder, 'toe.jpg');
  writeFileSync(path, Buffer.from(url.slice(url.indexOf(',') + 1), 'base64'));
  return path;
};
const shown = () =>
  b.driver.executeScript<number>(`return document.querySelectorAll('[data-testid^="photo-"] img').length`);
const waitForPicture = () => b.driver.wait(async () => (await shown()) > 0, PATIENCE_ms, 'no picture shown');

describe('what is found, at its place', () => {
  test('on the seam by number and by hand, with a picture; kept, reported, exported and brought in again', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'checks');
    await b.tap('showed-eye-found');
    await b.tap('what-eye-crack');
    // Beyond the end of the seam it is asked back, and kept as typed.
    await b.type('at_mm-eye', '9000');
    await b.says('check-eye', /The seam is \d+ mm long: type 0 to/);
    await b.holds('at_mm-eye', '9000');
    await b.type('at_mm-eye', '5 cm');
    await b.says('found-on-seam', /A crack, 50 mm from the left end/);
    await b.type('length_mm-eye', '12');
    const mark = await b.find('mark-eye');
    await mark.sendKeys('\uE014');
    await b.holds('at_mm-eye', '55 mm');
    await b.giveFile('photo-add-eye', join(__dirname, 'findings.e2e.ts'));
    await b.says('notice', /cannot be read as a picture/);
    await b.driver.navigate().refresh();
    await b.giveFile('photo-add-eye', await picture());
    await waitForPicture();
    await b.type('found-eye', 'upper toe');
    await b.driver.navigate().refresh();
    await waitForPicture();
    await b.says('found-on-seam', /12 mm long, 55 mm from the left end, upper toe, a picture/);
    await b.driver.get(`${app.url}/job/ramp-guard/report`);
    await b.saysMain(/a crack, 12 mm long, 55 mm from the left end/);
    await waitForPicture();
    await b.driver.get(app.url);
    await b.tap('save-zip');
    const zip = await b.downloaded('.zip');
    await freshStart(b, app.url);
    await b.giveFile('import', zip);
    await b.tap('import-take');
    const keys = async () =>
      (JSON.parse(await allStored(b)) as [string, string][]).flatMap(([key, text]) =>
        text.includes('"at_mm":55') ? [key] : [],
      );
    await b.driver.wait(async () => (await keys()).length > 0, PATIENCE_ms, 'not brought in');
    const [key = ''] = await keys();
    await b.driver.get(`${app.url}/job/${key.split('/').at(-1)}/checks`);
    await waitForPicture();
    assert.deepEqual(await complaints(b), []);
  });

  test('done over, it is a repair of its own with what is known filled in, and asked why', async () => {
    await openDemo(b, app.url, 'hatch-frame', 'checks');
    await b.tap('why-eye');
    await b.saysMain(/Holes in the bead/);
    await b.tap('why-back');
    await b.tap('what-eye-crack');
    await b.tap('repair-eye');
    await b.find('tightest');
    assert.notEqual(/job\/([^/]+)/.exec(await b.driver.getCurrentUrl())?.[1], 'hatch-frame');
    await b.saysMain(/Crack in the metal/);
    await b.tap('all-stops');
    await b.tap('stop-joint');
    await b.holds('repair.crackLength_mm', '6 mm');
    await b.holds('joint.thicknessA_mm', '4 mm');
  });
});

describe('the hot-work card', () => {
  test('held against the work: too short is told with the hour to strike by; the watch counts after the last arc', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'sheet');
    await b.tap('to-permit');
    await b.says('permit-left', /\d+ of \d+ to see to/);
    await b.says('permit-watch', /Strike at .* watched till .*60 min after it/);
    await b.type('permit-until', 'in 30 min');
    await b.says('clash-too-short', /have it given longer/);
    await b.type('permit-until', 'in 9 h');
    await b.type('permit.watch_s', '20 min');
    await b.saysMain(/under (1 h|60 min)/);
    await b.type('permit.watch_s', '2 h');
    await b.says('permit-watch', /2 h after it/);
    await b.tap('permit-clear-done');
    await b.type('permit-issuer', 'harbour office');
    await b.driver.navigate().refresh();
    await b.holds('permit-issuer', 'harbour office');
    await b.driver.get(`${app.url}/job/ramp-guard/run`);
    await toFirstPass(b);
    await b.tap('press');
    await b.says('press', /Arc burns/);
    await b.tap('press');
    await b.says('press', /Arc on/);
    await b.driver.get(`${app.url}/job/ramp-guard/permit`);
    await b.says('permit-watch', /1(19|20):\d\d of watch to go[\s\S]*if no other follows/);
    // It runs out while there is work: told where the arc would be struck.
    await b.type('permit-until', '5 min ago');
    await b.find('clash-over');
    await b.driver.get(`${app.url}/job/ramp-guard/run`);
    await b.says('run-permit', /It ran out at .*: no arc/);
    assert.deepEqual(await complaints(b), []);
  });

  test('under a stop there is no card, no figure of the hand and no reason with a setting', async () => {
    await openDemo(b, app.url, 'bilge-drum', 'sheet');
    await b.says('verdict', /STOP/);
    assert.equal(await b.has('to-permit'), false);
    for (const page of ['permit', 'technique', 'why', 'checks']) {
      await b.driver.get(`${app.url}/job/bilge-drum/${page}`);
      await b.says('withheld-page', /Stopped/);
    }
  });
});

describe('ways of mending and how the hand goes', () => {
  const drawn = (words: RegExp) =>
    b.driver.wait(
      async () =>
        (
          await b.driver.executeScript<string[]>(
            `return [...document.querySelectorAll('[role=img]')].map((one) => one.getAttribute('aria-label') ?? '')`,
          )
        ).some((label) => words.test(label)),
      PATIENCE_ms,
      `nothing drawn says ${words}`,
    );

  test('a patch in sheet and a worn hole: their steps, drawn with their figures', async () => {
    await openDemo(b, app.url, 'vent-cowl', 'look');
    await b.tap('damage-thin-sheet');
    await openDemo(b, app.url, 'vent-cowl', 'joint');
    await b.tap('joint-lap');
    await openDemo(b, app.url, 'vent-cowl', 'sheet');
    await drawn(/Cut back and fit the patch.*laps 25 mm, corners 25 mm/);
    await openDemo(b, app.url, 'cradle-arm', 'look');
    await b.tap('damage-worn-hole');
    await openDemo(b, app.url, 'cradle-arm', 'joint');
    await b.tap('joint-plug');
    await b.type('joint.plugDiameter_mm', '32');
    await openDemo(b, app.url, 'cradle-arm', 'sheet');
    await drawn(/The hole.*pin 32 mm/);
  });

  test('from the rod to the cards, with this job’s figures; another position has another card', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'look');
    await b.tap('position-overhead');
    await openDemo(b, app.url, 'ramp-guard', 'rod');
    await b.tap('to-technique');
    await b.says('card-strike', /\d+ mm ahead of where the bead begins/);
    await b.says('card-underneath', /Stand beside where it falls/);
    assert.equal(await b.has('card-up'), false);
    assert.deepEqual(await complaints(b), []);
  });
});
