import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beforeEach, describe, test } from 'node:test';
import { Report } from '../../src/core/formats/report';
import { arc, grinder, RATE_Hz, shop, wavOf } from '../support/sounds';
import { complaints, openBrowser, type Session } from './browser';
import { tempFolder } from './temp';
import { freshStart, oneBrowser, openDemo, type Served } from './paths';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

const title = () => b.text('run-title');

/** Ticks every step before the arc. */
async function toTheArc(): Promise<void> {
  await b.find('press');
  for (let n = 0; n < 15 && !/pass/i.test(await title()); n++) {
    const was = await title();
    await b.tap('press');
    await b.driver.wait(async () => (await title()) !== was, 5000);
  }
  assert.match(await title(), /pass/i);
}

async function startRun(job: string): Promise<void> {
  await openDemo(b, app.url, job, 'sheet');
  await b.tap('to-run');
  await toTheArc();
}

/** Puts the clock of this page on by so many minutes. */
const later = (minutes: number) =>
  b.driver.executeScript(
    'const was = Date.now.bind(Date); const by = 60000 * arguments[0]; Date.now = () => was() + by;',
    minutes,
  );

describe('the work itself, on the phone', () => {
  test('a whole job by the large press, killed in the middle, to its report', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'sheet');
    await b.tap('to-run');
    await b.says('run-title', /Before you strike/);
    // What must be so comes before any arc.
    assert.equal(await b.has('strike-now'), false);
    await toTheArc();
    await b.tap('press');
    await b.says('press', /Arc burns/);
    await b.says('bite', /left in this rod/);
    // Lost power with the arc on: it burns on, by the clock.
    await b.driver.navigate().refresh();
    await b.says('press', /Arc burns/);
    await b.tap('press');
    await b.says('press', /Arc on/);
    await b.says('run-taken', /1 E7018/);
    await b.tap('new-rod');
    await b.tap('press');
    await b.says('press', /Arc burns/);
    await b.tap('pass-laid');
    await b.tap('full-planned');
    await b.says('run-title', /Let it|cool|After|Check/i);
    await b.says('run-taken', /2 E7018/);
    for (let n = 0; n < 6 && !/Finish/.test(await b.text('press')); n++) {
      const was = await b.text('press');
      await b.tap('press');
      await b.driver.wait(async () => (await b.text('press')) !== was, 5000);
    }
    await b.tap('press');
    await b.says('bite', /fire watch/);
    await b.tap('to-report');
    await b.says('report-passes', /planned 120 A/);
    await b.tap('report-data');
    const report = Report.parse(JSON.parse(readFileSync(await b.downloaded('.report.json'), 'utf8')));
    assert.equal(report.rods[0]?.count, 2);
    assert.notEqual(report.finished, null);
    // Found again by what was run.
    await b.driver.get(`${app.url}/notes/past`);
    await b.type('past-search', 'guard 7018');
    await b.says('past-ramp-guard', /E7018 1\/8 at 120 A/);
    await b.tap('past-copy-ramp-guard');
    await b.find('tightest');
    assert.match(await b.driver.getCurrentUrl(), /\/look$/);
    assert.deepEqual(await complaints(b), []);
  });

  test('an arc nobody ended counts to the rod’s end, and asks', async () => {
    await startRun('ramp-guard');
    await b.tap('press');
    await b.says('press', /Arc burns/);
    await later(12);
    await b.says('forgotten', /never said to stop/);
    await b.tap('stopped-rod');
    await b.says('press', /Arc on/);
    assert.equal(await b.has('forgotten'), false);
    await b.tap('to-report');
    await b.says('report-passes', /120 A, \d+ s of arc|120 A, 1\.\d min of arc/);
  });

  test('the dial is another: the rest is judged again; a hole is settled first, and tells its reasons', async () => {
    await startRun('gangway-trolley');
    for (let n = 0; n < 14; n++) await b.tap('amps-more');
    await b.says('changed', /instead of 94 A[\s\S]*(Shuts|Tight)/);
    await b.tap('wrong-hole');
    await b.says('bite', /Blew a hole/);
    await b.says('press', /settled/);
    await b.tap('run-why');
    await b.find('why');
    await b.saysMain(/Burns through/);
    await b.driver.navigate().back();
    await b.tap('press');
    await b.says('press', /Arc on/);
    assert.deepEqual(await complaints(b), []);
  });

  test('bad input is asked back, kept as typed and not counted', async () => {
    await startRun('ramp-guard');
    await b.type('quiet-from', '25:00');
    await b.says('quiet-says', /Type an hour such as/);
    await b.type('quiet-from', '22');
    await b.type('quiet-till', '6:00');
    await b.says('quiet-says', /buzzes and shows colour only/);
    await b.type('run-reading', '4000 C');
    await b.says('reading-problem', /\S/);
    await b.driver.navigate().refresh();
    await b.holds('run-reading', '4000 C');
    await b.type('run-reading', '-10 C');
    await b.says('reading-problem', /not colder/);
    await b.type('run-reading', '95 C');
    await b.tap('tell-reading');
    await b.holds('run-reading', '');
    await b.type('later-rods', '3');
    await b.type('later-since', '25:00');
    await b.says('later-problem', /since when/);
    await b.type('later-rods', '4000');
    await b.says('later-problem', /how many rods/);
    await b.driver.get(`${app.url}/job/ramp-guard/report`);
    await b.saysMain(/95 °C/);
    await b.saysMain(/Pass[\s\S]*not laid/);
  });

  test('two windows: one runs, the other watches, and may take over', async () => {
    await startRun('ramp-guard');
    const here = await b.driver.getWindowHandle();
    await b.driver.switchTo().newWindow('tab');
    const there = await b.driver.getWindowHandle();
    await b.driver.get(`${app.url}/job/ramp-guard/run`);
    await b.find('watching');
    assert.equal(await b.has('press'), false);
    await b.tap('take-over');
    await b.find('press');
    await b.tap('press');
    await b.says('press', /Arc burns/);
    await b.driver.switchTo().window(here);
    await b.find('watching');
    await b.says('run-taken', /1 E7018/);
    await b.driver.switchTo().window(there);
    await b.driver.close();
    await b.driver.switchTo().window(here);
    await b.tap('take-over');
    await b.says('press', /Arc burns/);
  });

  test('the microphone hears the arc begin and end; what it got wrong is taken out', async () => {
    const [noise, burn, grit] = [shop(3), arc(4, 0.4, false), grinder(5, 0.4)];
    const from_s = 7;
    const file = join(tempFolder('sound'), 'bench.wav');
    writeFileSync(
      file,
      wavOf((n) => {
        const at = n / RATE_Hz;
        const arcs = at > from_s && at < from_s + 6 ? burn(n) : 0;
        return noise(n) + arcs + (at > from_s + 10 && at < from_s + 16 ? grit(n) : 0);
      }, 40),
    );
    const heard = await openBrowser({ hears: file });
    try {
      const run = heard;
      await freshStart(run, app.url);
      await openDemo(run, app.url, 'ramp-guard', 'sheet');
      await run.tap('to-run');
      for (let n = 0; n < 15 && !/pass/i.test(await run.text('run-title')); n++) {
        const was = await run.text('run-title');
        await run.tap('press');
        await run.driver.wait(async () => (await run.text('run-title')) !== was, 5000);
      }
      await run.says('ear-says', /nothing of the sound is kept/);
      await run.tap('listen');
      await run.says('ear-says', /Learning|Listening/);
      await run.says('press', /Arc burns/);
      await run.says('press', /Arc on/);
      await run.says('heard', /% sure/);
      await run.says('run-taken', /0\.1 min of arc/);
      await run.tap('heard-wrong');
      await run.driver.wait(async () => !(await run.has('run-taken')), 5000);
      // The grinder that comes next is none.
      await run.driver.wait(async () => /No arc/.test(await run.text('ear-says')), 5000);
      await run.tap('listen');
      await run.says('ear-says', /Off/);
      assert.deepEqual(await complaints(run), []);
    } finally {
      await heard.quit();
    }
  });

  test('a key or a pedal does what the large press does; nothing stopped is run', async () => {
    await startRun('ramp-guard');
    await b.driver.executeScript('document.activeElement?.blur()');
    await b.driver.actions().sendKeys(' ').perform();
    await b.says('press', /Arc burns/);
    await b.driver.actions().sendKeys('\uE00F').perform();
    await b.says('press', /Arc on/);
    await b.driver.get(`${app.url}/job/pier-ladder/run`);
    await b.says('no-run', /No room/);
    await b.driver.get(`${app.url}/job/bilge-drum/run`);
    await b.says('no-run', /Stopped/);
    assert.equal(await b.has('press'), false);
  });
});
