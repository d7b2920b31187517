import assert from 'node:assert/strict';
import { beforeEach, describe, test } from 'node:test';
import { Key, Origin } from 'selenium-webdriver';
import { GOALS } from '../../src/core/data/orderGoals';
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

/** A small plate with the clamp near one end: 300 x 150, where arcs wander. */
async function smallPlate(): Promise<void> {
  await openDemo(b, app.url, 'pier-ladder', 'look');
  await b.tap('position-flat');
  await openDemo(b, app.url, 'pier-ladder', 'rod');
  await b.type('rod.current_A', '160 A');
  await openDemo(b, app.url, 'pier-ladder', 'heat');
  await b.type('heat.pieceLength_mm', '200 mm');
  await b.type('heat.pieceWidth_mm', '100 mm');
  await openDemo(b, app.url, 'pier-ladder', 'order');
  await b.type('order.clampAlong_mm', '20 mm');
  await b.type('order.clampAside_mm', '20 mm');
}

describe('a heavy groove with a clamp that stays where it is', () => {
  test('towards the clamp the arc is lost; what helps is ranked, and what the clamp forbids is struck out', async () => {
    await smallPlate();
    await b.says('order-answer', /Weld away from the clamp/);
    await b.tap('travel-towards');
    await b.says('order-answer', /Weld towards the clamp: at .* the arc is lost/);
    await b.says('clean-says', /it is lost from .* B back/);
    await b.tap('clamp-fixed-fixed');
    await b.tap('remedies-show');
    await b.says('remedies', /Move the clamp to the other end[\s\S]*The clamp cannot be moved/);
    await b.tap('pull-travel-away');
    await b.says('order-answer', /Weld away from the clamp/);
    // Stood up, its way is given.
    await openDemo(b, app.url, 'pier-ladder', 'look');
    await b.tap('position-vertical');
    await openDemo(b, app.url, 'pier-ladder', 'order');
    await b.tap('remedies-show');
    await b.says('remedies', /There and back, pass by pass[\s\S]*A vertical seam is welded upwards/);
    await b.driver.get(`${app.url}/job/pier-ladder/room/arc-blow`);
    await b.saysMain(/Away from the clamp[\s\S]*half the arc stands twice[\s\S]*Stop when it starts/);
  });

  test('the clamp is put by a press on the plate, by number, and where it would do best', async () => {
    await smallPlate();
    const picture = await b.find('plan-plate');
    const before = await (await b.find('order.clampAlong_mm')).getAttribute('value');
    await b.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', picture);
    await b.driver.actions({ async: true }).move({ origin: picture, x: 60, y: 20 }).click().perform();
    await b.driver.wait(
      async () => (await (await b.find('order.clampAlong_mm')).getAttribute('value')) !== before,
      PATIENCE_ms,
    );
    await b.tap('best-clamp');
    await b.says('best-clamp-1', /along, .* welding to the (left|right): \d+ %/);
    await b.tap('put-clamp-1');
    await b.says('order-answer', /the arc stays|the arc is lost/);
    await b.tap('setting-more');
    await b.type('order.residual_G', '45 G');
    await b.driver.get(`${app.url}/job/pier-ladder/room/arc-blow`);
    await b.saysMain(/45 G before any arc: severe/);
  });
});

describe('the picture', () => {
  const numberAt = async (id: string) =>
    Number(/[-\d]+/.exec((await (await b.find(id)).getAttribute('value')) ?? '')?.[0]);

  test('the clamp is dragged, and moved by the arrow keys; undone it is back', async () => {
    await smallPlate();
    const pull = b.driver
      .actions({ async: true })
      .move({ origin: await b.find('handle-clamp-1') })
      .press();
    for (let n = 0; n < 4; n++) pull.move({ origin: Origin.POINTER, x: 10, y: 0, duration: 50 });
    await pull.release().perform();
    await b.driver.wait(async () => (await numberAt('order.clampAlong_mm')) > 30, PATIENCE_ms);
    const dragged = await numberAt('order.clampAlong_mm');
    await (await b.find('handle-clamp-1')).sendKeys(Key.ARROW_RIGHT);
    await b.driver.wait(async () => (await numberAt('order.clampAlong_mm')) === dragged + 5, PATIENCE_ms);
    // One move after another is one act.
    await b.tap('undo');
    await b.driver.wait(async () => (await numberAt('order.clampAlong_mm')) === 20, PATIENCE_ms);
  });

  test('ends, edges and the seam are taken hold of; a seam near an edge is pushed off it', async () => {
    await smallPlate();
    await b.tap('piece-plate');
    await (await b.find('handle-length')).sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    await b.driver.wait(async () => (await numberAt('heat.pieceLength_mm')) === 210, PATIENCE_ms);
    await (await b.find('handle-width')).sendKeys(Key.ARROW_UP);
    await b.driver.wait(async () => (await numberAt('heat.pieceWidth_mm')) === 105, PATIENCE_ms);
    await b.type('order.seamSide_mm', '8 mm');
    await b.driver.get(`${app.url}/job/pier-ladder/room/arc-blow`);
    await b.saysMain(/blown forward at/);
  });

  test('from the tray: a second clamp is dragged on and off, tabs, lead and the field before are set', async () => {
    await smallPlate();
    await b.tap('piece-plate');
    const draw = async (id: string, x: number, y: number) => {
      const held = await b.find(id);
      await b.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', held);
      const pull = b.driver.actions({ async: true }).move({ origin: held }).press();
      for (let n = 0; n < 5; n++) pull.move({ origin: Origin.POINTER, x: x / 5, y: y / 5, duration: 40 });
      await pull.release().perform();
    };
    await draw('tray-clamp', 180, -90);
    await b.driver.wait(async () => (await numberAt('order.clamp2Along_mm')) > 60, PATIENCE_ms);
    await b.says('plan-picture', /take C2 off/);
    await draw('handle-clamp-2', 0, 160);
    await b.driver.wait(async () => !(await b.has('order.clamp2Aside_mm')), PATIENCE_ms);
    // The same by keys.
    await (await b.find('tray-clamp')).sendKeys(Key.ENTER);
    await b.driver.wait(async () => (await numberAt('order.clamp2Along_mm')) === 180, PATIENCE_ms);
    await (await b.find('handle-clamp-2')).sendKeys(Key.DELETE);
    await b.driver.wait(async () => !(await b.has('handle-clamp-2')), PATIENCE_ms);
    await draw('handle-residual', 40, 0);
    await b.says('field-before', /\d\d G to the right/);
    await (await b.find('handle-residual')).sendKeys(Key.ARROW_LEFT);
    await b.tap('tray-tabs');
    await b.says('plan-picture', /tabs on/);
    await b.tap('tray-lead');
    await b.says('plan-picture', /lead up/);
    await b.tap('setting-more');
    assert.ok((await numberAt('order.residual_G')) > 5);
    await b.driver.get(`${app.url}/job/pier-ladder/sheet`);
    await b.saysMain(/Clamp and order[\s\S]*standing up[\s\S]*Run-off tabs at both ends/);
  });

  test('two plates: which one the clamp is on, and how far its tacks lie apart, changes what pushes', async () => {
    await smallPlate();
    await b.driver.get(`${app.url}/job/pier-ladder/room/arc-blow`);
    await b.saysMain(/in each plate, from one to the other over \d+ tacks/);
    await openDemo(b, app.url, 'pier-ladder', 'order');
    await b.tap('piece-tee');
    await b.tap('clamp-on-upright');
    await b.type('order.web_mm', '60 mm');
    await b.says('order-answer', /G at the worst place|the arc is lost/);
    await b.says('pass-plan', /1 root, to the right, × 1.5[\s\S]*2 cap, to the right, × 1\.3/);
  });
});

describe('a frame of tube', () => {
  test('corner by corner: where the arc is pushed, in which order, and how it stays square', async () => {
    await openDemo(b, app.url, 'hatch-frame', 'order');
    await b.says('order-answer', /From the inside out: the arc stays/);
    await b.says('sequence', /4 corners/);
    await b.says(
      'sequence-says',
      /corners counted from the lower left, to the right: \d, \d, \d, \d, each from the inside out/,
    );
    await b.tap('search-start');
    await b.says('search-found', /Every order was tried/);
    await b.says('order-search', /Pulls least/);
    // Its corners heat in that order, and every start is told.
    await b.tap('to-field');
    await b.find('frame-heats');
    await b.find('field-rerun');
    await b.says('starts-heat', /Pass 1, corner [1-4]\s+15 °C\s+\d{3} °C[\s\S]*Pass 2, corner [1-4]/);
    await b.tap('frame-before');
    await b.says('frame-says', /after the first arc: (rested|pass \d, corner [1-4] ends)/);
    await openDemo(b, app.url, 'hatch-frame', 'order');
    // The clamp stays on the tubes, wherever it is put.
    await b.type('order.clampAlong_mm', '690 mm');
    await b.type('order.clampAside_mm', '480 mm');
    await b.type('order.tube_mm', '40 mm');
    await b.tap('setting-more');
    await b.type('order.residual_G', '60 G');
    await b.says('order-answer', /at corner [1-4] the arc is lost/);
    await b.driver.get(`${app.url}/job/hatch-frame/room/arc-blow`);
    await b.saysMain(/at corner [1-4][\s\S]*both ways round the frame/);
    await b.driver.get(`${app.url}/job/hatch-frame/sheet`);
    await b.saysMain(/Clamp and order[\s\S]*check both diagonals[\s\S]*Turn it over/);
  });
});

describe('a long seam', () => {
  test('split in segments, the named orders side by side, played through, and a better one looked for', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.type('joint.length_mm', '900 mm');
    await openDemo(b, app.url, 'ramp-guard', 'order');
    await b.type('order.segment_mm', '180 mm');
    await b.says('sequence', /5 segments of 180 mm/);
    await b.tap('pattern-straight');
    await b.says('sequence-says', /Straight through, segments counted from the left: 1, 2, 3, 4, 5/);
    await b.tap('step-before');
    await b.says('step-says', /4 of 5 laid/);
    await (await b.find('step-before')).sendKeys(Key.ARROW_LEFT);
    await b.says('step-says', /3 of 5 laid/);
    await b.driver.get(`${app.url}/job/ramp-guard/sheet`);
    await b.saysMain(
      /Clamp and order[\s\S]*straight through[\s\S]*Segments counted from the left: 1, 2, 3, 4, 5/,
    );
    await b.driver.get(`${app.url}/job/ramp-guard/room/tie-ins`);
    await b.saysMain(/5 of 5 starts bare[\s\S]*ground to sound metal/);
    // Rod lays its runs in the same order: there is one.
    await b.driver.get(`${app.url}/job/ramp-guard/runs`);
    await b.tap('runs-backstep');
    await openDemo(b, app.url, 'ramp-guard', 'order');
    await b.says(
      'sequence-says',
      /Back-step, segments counted from the left: 5, 4, 3, 2, 1, each run to the right/,
    );
    await b.tap('search-start');
    await b.says('search-found', /Every order was tried/);
    await b.says(
      'order-search',
      /Coolest starts[\s\S]*Fewest bare starts|Fewest bare starts[\s\S]*Coolest starts/,
    );
    const offered = [];
    for (const goal of Object.keys(GOALS)) if (await b.has(`take-${goal}`)) offered.push(goal);
    await b.tap(`take-${offered[0]}`);
    await b.says('sequence-says', /The order found, segments counted from the left: /);
    await b.says(`choice-${offered[0]}`, /taken/);
    await b.driver.get(`${app.url}/job/ramp-guard/sheet`);
    await b.saysMain(/Clamp and order[\s\S]*the order found/);
    await openDemo(b, app.url, 'ramp-guard', 'order');
    await b.type('order.segment_mm', '300 mm');
    await b.says('outgrown', /was for 5 segments and is not gone by now that there are 3/);
  });

  test('a search over many segments runs beside the page and can be called off', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.type('joint.length_mm', '3000 mm');
    await openDemo(b, app.url, 'ramp-guard', 'order');
    await b.type('order.segment_mm', '125 mm');
    await b.says('sequence', /24 segments/);
    await b.tap('search-start');
    await b.tap('search-stop');
    await b.says('search-found', /Called off/);
    await b.type('order.segment_mm', '250 mm');
    await b.says('sequence', /12 segments/);
    await b.tap('search-start');
    await b.says('search-found', /On the first six of these segments, where every order could be tried/);
  });
});

describe('the field a second way', () => {
  test('runs beside the page place by place, agrees, and can be called off', async () => {
    await smallPlate();
    await b.tap('piece-plate');
    await b.tap('grid-start');
    await b.says('grid-says', /At 100 places .* differs by 0?\.?\d+ G at the most|differs by [01](\.\d)? G/);
    await b.tap('grid-start');
    await b.says('grid-progress', /Place \d+ of 100/);
    await b.tap('grid-stop');
    await b.says('grid-says', /Called off after \d+ of 100/);
  });

  test('a second visit without a signal still looks for an order', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'order');
    await b.driver.sendDevToolsCommand('Network.enable', {});
    await b.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
      offline: true,
      latency: 0,
      downloadThroughput: 0,
      uploadThroughput: 0,
    });
    try {
      await b.tap('search-start');
      await b.says('search-found', /Every order was tried/);
    } finally {
      await b.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
        offline: false,
        latency: 0,
        downloadThroughput: -1,
        uploadThroughput: -1,
      });
    }
  });
});

describe('a sheet seam', () => {
  test('where a run begins on hot sheet it holes: told in the order, and a rest or another order helps', async () => {
    await openDemo(b, app.url, 'vent-cowl', 'heat');
    await b.type('heat.pieceWidth_mm', '60 mm');
    await b.type('heat.pieceLength_mm', '260 mm');
    await openDemo(b, app.url, 'vent-cowl', 'rod');
    await b.type('rod.current_A', '30 A');
    await openDemo(b, app.url, 'vent-cowl', 'order');
    await b.tap('pattern-straight');
    await b.says('holes-say', /of these starts would hole the sheet/);
    await b.driver.get(`${app.url}/job/vent-cowl/room/start-heat`);
    await b.saysMain(/where run \d begins[\s\S]*melts through where the rod is struck/);
  });

  test('buckling is told once the sheet is measured, and a tolerance is kept as typed', async () => {
    await openDemo(b, app.url, 'vent-cowl', 'heat');
    await b.type('heat.pieceWidth_mm', '800 mm');
    await openDemo(b, app.url, 'vent-cowl', 'order');
    await b.says('pull-along', /kN; the sheet buckles at about/);
    // A tee is drawn as it lifts, with how many times too big.
    await openDemo(b, app.url, 'cradle-arm', 'order');
    await b.says('lift-picture', /drawn \d+ times too big/);
    await openDemo(b, app.url, 'vent-cowl', 'order');
    await b.type('order.tolerance_mm', 'a bit');
    await b.says('order.tolerance_mm-says', /It may move.*Type|type/);
    await b.driver.navigate().refresh();
    const field = await b.find('order.tolerance_mm');
    assert.equal(await field.getAttribute('value'), 'a bit');
  });
});
