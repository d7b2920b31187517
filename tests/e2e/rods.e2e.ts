import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, test } from 'node:test';
import type { Session } from './browser';
import { freshStart, openDemo, oneBrowser, type Served } from './paths';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

describe('what is printed on a rod', () => {
  test('is taken apart as it is typed; a slip is answered with near words, a faint one with all it may be', async () => {
    await b.driver.get(`${app.url}/notes`);
    await b.tap('to-rod-word');
    await b.type('rod-text', '7018-1 h4r');
    await b.says('rod-canonical', /^E7018-1 H4R$/);
    await b.says('rod-word', /70 ksi tensile[\s\S]*basic with iron powder[\s\S]*Planned here as E7018/);
    await b.type('rod-text', 'E 42 5 B 42 H5');
    await b.says('rod-word', /yield 420 MPa[\s\S]*at most 5 ml/);
    await b.type('rod-text', '7038');
    await b.says('rod-wrong', /3 is no position/);
    await b.tap('take-E7018');
    await b.says('rod-canonical', /^E7018$/);
    await b.type('rod-text', '70?8');
    await b.says('rod-faint', /one of 3[\s\S]*nothing that carries load/);
  });

  test('tells a tin of one’s own what it is, and is kept word for word', async () => {
    await b.driver.get(`${app.url}/kit/tins/7018-18`);
    await b.type('printed', 'nife-ci');
    await b.tap('take-class');
    await b.says('item-title', /ENiFe-CI 1\/8/);
    await b.driver.navigate().refresh();
    await b.says('rod-canonical', /^ENiFe-CI$/);
  });
});

describe('where welders disagree', () => {
  test('both ways stand with their price; a job shows those that touch it and the way its plan goes', async () => {
    await b.driver.get(`${app.url}/notes`);
    await b.tap('to-schools');
    await b.says('school-square-tube', /Backstep[\s\S]*Buys:[\s\S]*Costs:/);
    await openDemo(b, app.url, 'vent-cowl', 'rod');
    await b.says('school-pole-on-sheet', /Electrode negative: this plan/);
    await b.tap('pole-DCEP');
    await b.says('school-pole-on-sheet', /Electrode positive: this plan/);
  });
});

describe('the truck', () => {
  test('three jobs at once: rods added up against the tins, what is short to buy, and what is no plan yet', async () => {
    await b.tap('to-truck');
    await b.says('truck-says', /^7 jobs/);
    for (const id of ['bilge-drum', 'winch-pawl', 'galley-tray', 'bollard-cap']) await b.tap(`trip-${id}`);
    await b.says('truck-says', /^3 jobs/);
    await b.says('truck-rods', /E6013 5\/64[\s\S]*Vent cowl/);
    await b.says('truck-things', /Small DC inverter[\s\S]*Ramp hinge guard/);
    await b.tap('truck-save');
    const text = readFileSync(await b.downloaded('truck.md'), 'utf8');
    assert.match(text, /- \[ \] Small DC inverter/);
    await b.tap('trip-bilge-drum');
    await b.tap('unready-bilge-drum');
    await b.find('tightest');
  });
});
