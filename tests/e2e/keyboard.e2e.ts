import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, test } from 'node:test';
import { Key } from 'selenium-webdriver';
import type { Session } from './browser';
import { freshStart, ORDINARY_ANSWERS, oneBrowser, type Served } from './paths';

/** Tabs within which anything on a page must be met. */
const MOST_TABS = 160;

let app: Served;
let b: Session;
oneBrowser(
  (session, served) => {
    b = session;
    app = served;
  },
  { wide: true },
);

const press = (...keys: string[]) =>
  b.driver
    .actions()
    .sendKeys(...keys)
    .perform();
const focused = () => b.driver.executeScript<string>('return document.activeElement?.dataset?.testid ?? ""');
/** Walks to a test id by Tab alone. */
const walkTo = async (id: string) => {
  await b.find(id);
  for (let n = 0; n < MOST_TABS; n++) {
    if ((await focused()) === id) return;
    await press(Key.TAB);
  }
  assert.fail(`${id} is not met within ${MOST_TABS} tabs`);
};
const walkAndPress = async (id: string, key: string = Key.ENTER) => {
  await walkTo(id);
  await press(key);
};
const leave = () => b.driver.executeScript('document.activeElement.blur()');

describe('keyboard only, wide', () => {
  test('a machine into the kit, then a job from the list to its saved sheet', async () => {
    await freshStart(b, app.url);
    await walkAndPress('to-kit');
    await walkAndPress('add-machines');
    await walkTo('name');
    await press(Key.END, ' of the quay');
    await b.says('item-title', /New machine of the quay/);
    await walkAndPress('max_A-more');
    await b.holds('max_A', '165 A');
    await walkAndPress('item-back');
    await walkAndPress('kit-back');
    await walkAndPress('new-job');
    await walkTo('title');
    await press('By keys alone');
    for (const id of ORDINARY_ANSWERS) await walkAndPress(id, Key.SPACE);
    await leave();
    await press('m');
    await walkTo('sideA-low-carbon-steel');
    await press(Key.ARROW_DOWN, Key.ARROW_UP, Key.SPACE);
    await walkAndPress('sideA-coating-none', Key.SPACE);
    await leave();
    await press('j');
    await walkAndPress('joint-t-fillet', Key.SPACE);
    await walkTo('joint.thicknessA_mm');
    await press('8');
    await walkTo('joint.gap_mm');
    await press('1');
    await leave();
    await press('s');
    await b.says('verdict', /Plan to take to the work/i);
    await walkAndPress('export-job');
    assert.match(readFileSync(await b.downloaded('.job.json'), 'utf8'), /By keys alone/);
  });

  test('stops, keys, undo and typing; rail, work and rooms side by side', async () => {
    await freshStart(b, app.url);
    await b.driver.get(`${app.url}/job/vent-cowl/look`);
    await b.find('rail-rod');
    assert.ok(await b.has('list-burn-through'));
    assert.ok(await b.has('lever-aim-flick'));
    assert.equal(await b.has('all-stops'), false);
    await press('r');
    await b.find('amps-now');
    await press('?');
    await b.says('keys', /Open the tightest room/);
    await press(Key.ESCAPE);
    await press('j');
    await walkTo('joint.length_mm');
    // Letters that are keys elsewhere are only letters in a field.
    await press(Key.END);
    await (await b.find('joint.length_mm')).sendKeys(Key.chord(Key.CONTROL, 'a'), '350 mm');
    await b.says('joint.length_mm-says', /350 mm/);
    assert.match(await b.driver.getCurrentUrl(), /joint$/);
    await leave();
    await press('z');
    await b.says('joint.length_mm-says', /400 mm/);
    await press('t');
    await b.saysMain(/What gives more room/);
  });
});
