import assert from 'node:assert/strict';
import { beforeEach, describe, test } from 'node:test';
import type { Session } from './browser';
import { freshStart, openDemo, oneBrowser, type Served } from './paths';
import { PATIENCE_ms } from './patience';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

/** Opens the other ways of a job and waits until all of them are found. */
async function waysOf(job: string): Promise<void> {
  await openDemo(b, app.url, job, 'sheet');
  await b.tap('to-ways');
  await b.find('ways');
  await lookedThrough();
}

const lookedThrough = () =>
  b.driver.wait(
    () =>
      b.driver.executeScript<boolean>(
        `return document.querySelector('[data-testid=ways]')?.getAttribute('data-state') === 'done'`,
      ),
    PATIENCE_ms,
  );

describe('a job that is shut', () => {
  test('has a way through from the sheet, taken at one press and taken back at one', async () => {
    await waysOf('pier-ladder');
    await b.says('ways-now', /shut by cord drop/);
    await b.says('way-fuss', /Least trouble[\s\S]*Cord cut to 40 m[\s\S]*0 % → 8 %/);
    await b.tap('take-way-fuss');
    await b.says('ways-now', /As it stands it is open/);
    await b.tap('notice-undo');
    await b.says('ways-now', /shut by cord drop/);
  });

  test('has it from the page of the limit too, and what has to be bought goes onto the truck', async () => {
    await openDemo(b, app.url, 'bollard-cap', 'sheet');
    await b.driver.get(`${app.url}/job/bollard-cap/room/rods`);
    await b.tap('to-ways');
    await lookedThrough();
    await b.says('way-fuss', /A sealed tin of ENi/);
    await b.tap('take-way-fuss');
    await b.says('ways-now', /As it stands it is open/);
    await openDemo(b, app.url, 'bollard-cap', 'rod');
    await b.saysMain(/100 rods/);
  });

  test('what is on the truck and not in its list is put there from the limit, and the way back leads there', async () => {
    await b.driver.get(`${app.url}/job/bollard-cap/room/rods`);
    const tins = async () => b.driver.executeScript<string>('return location.pathname');
    await b.tap('truck-tins');
    await b.find('item-done');
    assert.match(await tins(), /kit\/tins/);
    // Looked at only: nothing is kept.
    await b.tap('item-back');
    await b.find('truck-tins');
    assert.match(await tins(), /room\/rods/);
    await b.tap('truck-tins');
    await b.type('printed', 'ENi-CI');
    await b.tap('take-class');
    await b.tap('size-3/32');
    await b.type('count', '30');
    await b.tap('item-done');
    // The limit that lacked them has room now.
    await b.driver.wait(async () => /room\/rods/.test(await tins()), PATIENCE_ms);
    await b.driver.wait(async () => !(await b.has('truck-tins')), PATIENCE_ms);
    await b.driver.get(`${app.url}/kit`);
    await b.saysMain(/30 rods/);
  });

  test('of which nothing opens is not to be welded here, and is told so', async () => {
    await openDemo(b, app.url, 'pier-ladder', 'joint');
    await b.type('joint.thicknessA_mm', '0.4 mm');
    await b.type('rod.current_A', '').catch(() => undefined);
    await openDemo(b, app.url, 'pier-ladder', 'look');
    await b.type('look.clearance_mm', '40 mm');
    await b.driver.get(`${app.url}/job/pier-ladder/ways`);
    await lookedThrough();
    await b.says('no-way', /Do not weld this here/);
  });
});

describe('a job that is open', () => {
  test('says how sure it is and what is worth finding out, and a press leads to where it is typed', async () => {
    await waysOf('cradle-arm');
    await b.says('sure', /Holds in \d+ of 60/);
    await b.says('worth', /How much it may move[\s\S]*1 mm: shut by lift of the flange/);
    await b.tap('find-tolerance');
    await b.find('order.tolerance_mm');
  });

  test('why not another rod or more amps: the limit that shuts it, and its page', async () => {
    await waysOf('hatch-frame');
    await b.type('why-amps', 'plenty');
    await b.says('why-not', /type|such as/i);
    await b.type('why-amps', '175 A');
    await b.tap('why-ask');
    await b.says('why-answer', /175 A is shut by[\s\S]*Machine range/);
    await b.tap('why-machine-range');
    await b.saysMain(/Machine range/);
  });

  test('a search is called off, and begun again', async () => {
    await openDemo(b, app.url, 'bollard-cap', 'sheet');
    await b.tap('to-ways');
    await b.tap('ways-stop');
    await b.tap('ways-again');
    await lookedThrough();
    assert.ok(await b.has('way-fuss'));
  });
});

test('what opens a limit and is not on the truck is told on its page, and taken at a press', async () => {
  await b.driver.get(`${app.url}/job/bollard-cap/room/rods`);
  // An empty tin: what opens it is not on the truck.
  await b.says('together-1', /sealed tin of[\s\S]*not on the truck/);
  await b.tap('make-1');
  await b.says('notice', /sealed tin/);
  // What was bought is on the truck, and the limit has room.
  await b.driver.get(`${app.url}/job/bollard-cap/rods`);
  await b.says('fit-ENiFe-CI-1_8', /Taken/);
});

test('two jobs side by side: what differs, line by line', async () => {
  await openDemo(b, app.url, 'pier-ladder', 'sheet');
  await b.tap('to-ways');
  await b.tap('to-beside');
  await b.tap('beside-hatch-frame');
  await b.says(
    'beside',
    /Ladder stringer[\s\S]*Hatch frame[\s\S]*Verdict[\s\S]*Amps[\s\S]*\d+ A[\s\S]*\d+ A/,
  );
  await b.tap('beside-other');
  await b.find('beside-ramp-guard');
});

test('under a stop there is no other way to weld it', async () => {
  await openDemo(b, app.url, 'bilge-drum', 'sheet');
  assert.equal(await b.has('to-ways'), false);
  await b.driver.get(`${app.url}/job/bilge-drum/ways`);
  await b.saysMain(/stop/i);
});
