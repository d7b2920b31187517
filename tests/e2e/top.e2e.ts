import assert from 'node:assert/strict';
import { beforeEach, describe, test } from 'node:test';
import { complaints, type Session } from './browser';
import { freshStart, oneBrowser, openDemo, openStop, type Served } from './paths';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

describe('a rod of its own for the top', () => {
  test('is taken from the list, stands with its amps and its rods on sheet and truck, and goes back', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'joint');
    await b.tap('joint-v-butt');
    await b.type('joint.thicknessA_mm', '12');
    await b.type('joint.gap_mm', '3');
    await b.driver.get(`${app.url}/job/ramp-guard/rods`);
    await b.tap('role-cap');
    await b.tap('take-E6013-1_8');
    await b.says('fit-E6013-1_8', /Taken for the top/);
    await openStop(b, 'rod');
    await b.says('cap-rod', /The top with E6013 1\/8 at \d+ A/);
    await openStop(b, 'sheet');
    await b.saysMain(/Rod for the top\s+E6013 1\/8 in/);
    await b.saysMain(/\d+ A for the top/);
    await b.driver.navigate().refresh();
    await b.saysMain(/Rod for the top\s+E6013 1\/8 in/);
    await b.driver.get(`${app.url}/job/ramp-guard/room/other-rods`);
    await b.saysMain(/E6013 1\/8 for the top/);
    await b.driver.get(`${app.url}/job/ramp-guard/rods`);
    await b.tap('role-cap');
    await b.tap('cap-same');
    await openStop(b, 'rod');
    assert.equal(await b.has('cap-rod'), false);
    assert.deepEqual(await complaints(b), []);
  });
});
