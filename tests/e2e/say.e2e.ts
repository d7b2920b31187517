import assert from 'node:assert/strict';
import { beforeEach, describe, test } from 'node:test';
import type { Session } from './browser';
import { freshStart, oneBrowser, openDemo, openStop, type Served } from './paths';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(async () => {
  await freshStart(b, app.url);
  await b.driver.get(app.url);
  await b.tap('say-it');
});

const valueOf = async (id: string): Promise<string | null> => (await b.find(id)).getAttribute('value');

describe('what broke, in one sentence', () => {
  test('is understood as it is typed, put right, filled in at one press, and taken back at one', async () => {
    await b.type(
      'say-text',
      '10 mm bracket torn off, vertical, outside, bit of wind, 200 long, 3/32 seventy eighteen',
    );
    await b.says(
      'say-chips',
      /E7018 3\/32[\s\S]*Length 200 mm[\s\S]*Thickness 10 mm[\s\S]*Vertical[\s\S]*A breeze/,
    );
    await b.tap('chip-word-A breeze, 4 m/s');
    await b.says('say-chips', /left out: A breeze/);
    await b.tap('say-fill');
    await b.says('notice', /Filled in: \d+ fields/);
    assert.equal(
      await valueOf('broke'),
      '10 mm bracket torn off, vertical, outside, bit of wind, 200 long, 3/32 seventy eighteen',
    );
    assert.equal(await valueOf('look.wind_m_s'), '');
    const path = new URL(await b.driver.getCurrentUrl()).pathname.replace(/\/[^/]+$/, '');
    await b.driver.get(`${app.url}${path}/joint`);
    assert.match((await valueOf('joint.thicknessA_mm')) ?? '', /^10/);
    assert.match((await valueOf('joint.length_mm')) ?? '', /^200/);
    await b.tap('undo');
    await b.holds('joint.thicknessA_mm', '');
  });

  test('asks what may mean two things, raises what stops work and answers none of it', async () => {
    await b.type('say-text', 'cracked casting under the diesel tank, flummoxed');
    await b.says('ask-cast', /Cast: of what/);
    await b.says('say-raised', /“tank”: is it/);
    await b.says('say-unknown', /flummoxed/);
    await b.tap('answer-cast-1');
    await b.tap('say-fill');
    await b.saysMain(/Not answered|Holds or held something/);
  });

  test('stays with the job word for word, also where nothing of it was understood', async () => {
    await b.type('say-text', 'flummoxed');
    await b.says('say-unknown', /flummoxed/);
    await b.driver.navigate().refresh();
    await b.holds('say-text', 'flummoxed');
    await b.tap('say-fill');
    await b.holds('broke', 'flummoxed');
    await b.tap('to-say');
    await b.holds('say-text', 'flummoxed');
  });
});

describe('a quick plan', () => {
  test('four answers and it tells rod, amps, passes and what to watch; the job they make keeps them', async () => {
    await freshStart(b, app.url);
    b.resetTaps();
    await b.tap('quick-plan');
    await b.says('quick-answer', /The metal first/);
    await b.tap('quick-metal-low-carbon-steel');
    await b.type('joint.thicknessA_mm', '6');
    await b.tap('quick-joint-t-fillet');
    await b.tap('quick-position-horizontal');
    await b.says('quick-answer', /E\d{4} .* \d+ A[\s\S]*1 pass, \d rods?[\s\S]*Watch/);
    assert.ok(b.taps() <= 6, `${b.taps()} presses`);
    await b.says('quick-first', /tank, drum[\s\S]*Answer these/);
    await b.tap('quick-sheet');
    await b.says('verdict', /draft/i);
    await openStop(b, 'joint');
    await b.holds('joint.thicknessA_mm', '6');
  });

  test('an empty truck is filled from one like it in a press, and plans are made from it', async () => {
    await freshStart(b, app.url);
    await b.tap('clear-demo');
    await b.tap('to-kit');
    await b.tap('setup-household');
    await b.saysMain(/Household socket[\s\S]*E7018 1\/8/);
    assert.equal(await b.has('start-from'), false);
    await b.tap('kit-back');
    await b.tap('quick-plan');
    await b.tap('quick-metal-low-carbon-steel');
    await b.type('joint.thicknessA_mm', '5');
    await b.tap('quick-joint-lap');
    await b.says('quick-answer', /E\d{4} .* \d+ A/);
  });

  test('what is stopped tells no setting there either', async () => {
    await openDemo(b, app.url, 'bilge-drum', 'quick');
    assert.doesNotMatch(await b.text('quick'), /\d A\b|E\d{4} /);
  });
});
