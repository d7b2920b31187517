import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, test } from 'node:test';
import { complaints, type Session } from './browser';
import { answerStopWork, freshStart, openDemo, openStop, oneBrowser, type Served } from './paths';
import { allStored, stored, storedText } from './stored';
import { PATIENCE_ms } from './patience';

/** Presses that the commonest repair may take from a blank start to its sheet. */
const MOST_TAPS = 40;

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

describe('a repair on the phone', () => {
  test('the commonest one, from nothing to a sheet, in few presses', async () => {
    b.resetTaps();
    await b.tap('new-job');
    await b.type('title', 'Ramp guard, berth 3');
    await answerStopWork(b);
    await b.tap('place-outdoors');
    await b.tap('position-horizontal');
    await b.tap('surface-scale');
    await b.tap('stop-after');
    await b.tap('sideA-low-carbon-steel');
    await b.tap('sideA-coating-none');
    await b.tap('stop-after');
    await b.tap('joint-t-fillet');
    await b.type('joint.thicknessA_mm', '1/4');
    await b.type('joint.length_mm', '300');
    await b.type('joint.gap_mm', '1');
    await b.tap('stop-after');
    await b.tap('machine-inverter-160');
    await b.tap('supply-workshop-32');
    await openStop(b, 'sheet');
    await b.says('verdict', /Plan to take to the work/i);
    const taps = b.taps();
    process.stdout.write(`# presses from start to sheet: ${taps}\n`);
    assert.ok(taps <= MOST_TAPS, `${taps} presses`);
    assert.match(await b.text('step-1'), /fire watch/i);
    await b.saysMain(/E7018 1\/8/);
    assert.deepEqual(await complaints(b), []);
  });

  test('stop-work answered yes stops it with the reason and who decides; taken back, it goes on', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'look');
    await b.tap('some-hollow');
    await b.tap('answer-container-yes');
    await b.says('tightest', /stop/i);
    await openStop(b, 'sheet');
    await b.says('verdict', /STOP\. DO NOT WELD/);
    await b.says('halts', /Decides: a competent person/);
    assert.equal(await b.has('step-1'), false);
    await openStop(b, 'look');
    await b.tap('none-hollow');
    await openStop(b, 'sheet');
    await b.says('verdict', /Plan to take to the work/);
  });

  test('stop-work unanswered prints a draft, never a plan', async () => {
    await b.tap('new-job');
    await openStop(b, 'sheet');
    await b.says('verdict', /DRAFT, DO NOT WELD/);
    await b.says('halts', /Not answered/);
  });

  test('an unknown metal prints a draft', async () => {
    await openDemo(b, app.url, 'winch-pawl', 'sheet');
    await b.says('verdict', /DRAFT, DO NOT WELD/);
    await b.says('halts', /Metal: (which of these|what is it)\?/);
  });

  test('amps overruled show what that does, and go back', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'rod');
    await b.says('amps', /proposed/);
    const proposed = await b.text('amps-now');
    await b.tap('amps+5');
    await b.tap('amps+1');
    await b.says('amps', /yours/);
    assert.equal(parseInt(await b.text('amps-now'), 10), parseInt(proposed, 10) + 6);
    await b.type('rod.current_A', '190');
    await b.says('tightest', /outside the (rod|machine)/);
    await b.tap('amps-propose');
    await b.says('amps-now', new RegExp(`^${proposed}$`));
  });

  test('sizes step under a thumb, on the grid of the units in use', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.tap('joint.gap_mm-more');
    await b.says('joint.gap_mm-says', /^1\.5 mm/);
    await b.tap('joint.gap_mm-less');
    await b.tap('joint.gap_mm-less');
    await b.says('joint.gap_mm-says', /^0\.5 mm/);
  });

  test('a lever applied opens the tightest room; undone, it is as before', async () => {
    await openDemo(b, app.url, 'vent-cowl', 'rod');
    const before = await b.says('tightest', /past burn-through/);
    await b.tap('tightest');
    await b.tap('lever-aim-flick');
    await b.says('notice', /Run on the thick side/);
    assert.doesNotMatch(await b.text('tightest'), /past burn-through/);
    await b.tap('notice-undo');
    assert.equal(await b.says('tightest', /past burn-through/), before);
  });

  test('typed rubbish gets a message that names the field and says what to type; nothing is lost', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    for (const [typed, message] of [
      ['banana', /"banana" is not a size\. Type 3\.2 mm/],
      ['16 ga', /16 ga steel \(1\.52 mm\)/],
      ['1/0', /divides by nothing/],
      ['3,2', /3\.2 with a point/],
      ['.125', /0\.125 in/],
      ['0', /must be more than zero/],
    ] as const) {
      await b.type('joint.thicknessA_mm', typed);
      await b.says('joint.thicknessA_mm-says', message);
    }
    await b.type('joint.thicknessA_mm', '16 ga steel');
    await b.says('joint.thicknessA_mm-says', /1\.5 mm/);
    await b.type('joint.leg_mm', '12');
    await b.says('joint.leg_mm-says', /over twice the thin side/);
  });
});

describe('the sheet', () => {
  test('prints whole: every step, no buttons, more than one page where it needs one', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'sheet');
    const { data } = (await b.driver.sendAndGetDevToolsCommand('Page.printToPDF', {
      preferCSSPageSize: true,
    })) as unknown as { data: string };
    const pages =
      Buffer.from(data, 'base64')
        .toString('latin1')
        .match(/\/Type\s*\/Page\b/g) ?? [];
    assert.ok(pages.length >= 2, `${pages.length} pages`);
    await b.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: 'print' });
    try {
      const shown = await b.driver.executeScript<string>('return document.body.innerText');
      assert.match(shown, /Afterwards/);
      assert.doesNotMatch(shown, /Print the sheet|All stops/);
    } finally {
      await b.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: '' });
    }
  });

  test('saves as text with the reasons behind every number', async () => {
    await openDemo(b, app.url, 'vent-cowl', 'sheet');
    await b.tap('save-markdown');
    const text = readFileSync(await b.downloaded('.md'), 'utf8');
    assert.match(text, /NO ROOM: CHANGE THE PLAN FIRST/);
    assert.match(text, /fitted, for comparing only/);
  });
});

describe('nothing entered is lost', () => {
  test('a reload in the middle of an entry keeps it word for word', async () => {
    await b.tap('new-job');
    await openStop(b, 'joint');
    await b.tap('joint-lap');
    await b.type('joint.thicknessA_mm', '3/');
    await b.driver.navigate().refresh();
    const field = await b.find('joint.thicknessA_mm');
    assert.equal(await field.getAttribute('value'), '3/');
    await b.type('joint.thicknessA_mm', '3/16');
    await b.driver.navigate().refresh();
    await b.says('joint.thicknessA_mm-says', /4\.8 mm · 3\/16 in/);
  });

  test('a job exported, wiped and imported is the same job', async () => {
    await openDemo(b, app.url, 'vent-cowl', 'sheet');
    await b.tap('export-job');
    const file = await b.downloaded('.job.json');
    const exported = readFileSync(file, 'utf8');
    await b.driver.get(app.url);
    await b.tap('more-vent-cowl');
    await b.tap('delete-vent-cowl');
    await b.driver.wait(async () => !(await b.has('job-vent-cowl')), PATIENCE_ms);
    await b.tap('to-bin');
    await b.tap('bin-empty');
    await b.tap('bin-empty-sure');
    await b.says('notice', /One job is gone for good/);
    await b.tap('bin-back');
    await b.giveFile('import', file);
    await b.tap('import-take');
    await b.says('notice', /Taken in: Vent cowl patch/);
    assert.deepEqual((await stored(b, 'job/vent-cowl')).job, JSON.parse(exported).job);
  });

  test('a file that is no job file is refused with words, and changes nothing', async () => {
    const before = await allStored(b);
    await b.giveFile('import', `${process.cwd()}/package.json`);
    await b.says('import-refused', /no file of this app.*Nothing was changed/s);
    assert.equal(await allStored(b), before);
  });

  test('delete and copy, with undo', async () => {
    await b.tap('more-ramp-guard');
    await b.tap('delete-ramp-guard');
    await b.driver.wait(async () => !(await b.has('job-ramp-guard')), PATIENCE_ms);
    await b.tap('notice-undo');
    await b.find('job-ramp-guard');
    await b.tap('more-ramp-guard');
    await b.tap('copy-ramp-guard');
    await b.saysMain(/Ramp hinge guard, berth 3, copy/);
  });
});

describe('the kit', () => {
  test('a machine, a supply and a tin of one’s own are put in, and plans use them', async () => {
    await b.tap('to-kit');
    await b.tap('add-machines');
    await b.type('name', 'Borrowed 200');
    await b.type('max_A', '200');
    await b.type('rated.0.current_A', '200');
    await b.type('rated.0.duty_pct', '140');
    await b.says('rated.0.duty_pct-says', /Duty cycle: 140 % is over 100 %/);
    await b.type('rated.0.duty_pct', '30 %');
    await b.tap('item-back');
    await b.tap('add-tins');
    await b.tap('class-E7018');
    await b.tap('class-E7016');
    await b.tap('size-1/8');
    await b.type('count', '25');
    await b.tap('item-back');
    await b.driver.get(`${app.url}/job/ramp-guard/power`);
    await b.saysMain(/Borrowed 200/);
    await openStop(b, 'rod');
    await b.saysMain(/E7016 1\/8/);
  });

  /** Pressed, and on disk before the page is left: what is entered is kept within a quarter of a second, not at once. */
  const switchTo = async (units: 'metric' | 'inch') => {
    await b.tap(`units-${units}`);
    await b.driver.wait(
      async () => (await storedText(b, 'settings'))?.includes(`"${units}"`) ?? false,
      PATIENCE_ms,
      'the units are not kept',
    );
  };

  test('units switch everywhere at one press', async () => {
    await switchTo('inch');
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.type('joint.thicknessA_mm', '1/2');
    await b.driver.get(app.url);
    await switchTo('metric');
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.says('joint.thicknessA_mm-says', /12\.7 mm · 1\/2 in/);
    await b.type('joint.thicknessA_mm', '6');
    await b.driver.get(app.url);
    await switchTo('inch');
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.says('joint.thicknessA_mm-says', /0\.236 in · 6 mm/);
    assert.equal(await (await b.find('joint.thicknessA_mm')).getAttribute('value'), '0.236 in');
    await b.says('strip-wind', /mph/);
    // Rules of thumb too: nobody is to read half of a plan in the other system.
    await openDemo(b, app.url, 'winch-pawl', 'metal');
    await b.saysMain(/Preheat 390 to 700 °F/);
    await openDemo(b, app.url, 'cradle-arm', 'sheet');
    const warming = await b.says('step-6', /203 °F or more[\s\S]*Below 32 °F warm it to 68 °F/);
    assert.doesNotMatch(warming, /°C|\d mm/);
  });
});
