import assert from 'node:assert/strict';
import { beforeEach, describe, test } from 'node:test';
import { assess } from '../../src/core/plan/assess';
import { DEMO_JOBS } from '../../src/demo/jobs';
import { DEMO_KIT } from '../../src/demo/kit';
import { complaints, type Session } from './browser';
import { PATIENCE_ms } from './patience';
import { freshStart, oneBrowser, openDemo, toFirstPass, type Served } from './paths';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

/** Tells a stand-in what it is held to, or how it fails. */
const tell = async (kind: string, what: object) => {
  const answer = await fetch(`${app.url}/instruments/${kind}/set`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(what),
  });
  assert.equal(answer.status, 200);
};

/** Trusts a stand-in, by its button. */
async function trust(kind: string): Promise<void> {
  await b.driver.get(`${app.url}/kit/instruments`);
  await b.tap(`stand-in-${kind}`);
  await b.says('instrument-met', /number YARD-/);
  await b.tap('instrument-trust');
  await b.find(`instrument-${kind}`);
}

describe('instruments that tell by themselves', () => {
  test('found by address, asked about, live; nonsense and strangers are turned away', async () => {
    await b.driver.get(`${app.url}/kit`);
    await b.tap('to-instruments');
    await b.find('no-instruments');
    for (const [typed, why] of [
      ['', /address on its label/],
      ['not an address', /address on its label/],
      ['/healthz', /Nothing answers|no instrument/],
      ['javascript:alert(1)', /address|Nothing answers/],
    ] as const) {
      await b.type('instrument-address', typed);
      await b.tap('instrument-ask');
      await b.says('instrument-says', why);
      assert.equal(await b.has('instrument-met'), false);
    }
    await b.type('instrument-address', `${app.url}/instruments/scale`);
    await b.tap('instrument-ask');
    await b.says('instrument-met', /Yard bench scale, number YARD-S-06.*a scale/s);
    await b.tap('instrument-trust');
    await b.says('live-value', /860 g/);
    await tell('scale', { fault: 'wrong-unit' });
    await b.says('live-problem', /"div"/);
    await tell('scale', { fault: null });
    await b.says('live-age', /not believed/);
    await b.driver.wait(async () => !(await b.has('live-problem')), PATIENCE_ms);
    await b.tap('forget-scale');
    await b.find('no-instruments');
    // A stranger's address is asked for something that it does not have: the browser writes that down, and nothing else.
    const said = await complaints(b);
    assert.deepEqual(
      said.filter((line) => !/healthz\/about.*404/.test(line)),
      [],
    );
  });

  test('an analyser’s reading settles a metal; it is kept with what it was read by', async () => {
    await tell('analyser', { family: 'austenitic-stainless' });
    await trust('analyser');
    await b.driver.get(app.url);
    await b.tap('new-job');
    await b.find('tightest');
    const [, id] = /job\/([^/]+)/.exec(await b.driver.getCurrentUrl()) ?? [];
    await b.driver.get(`${app.url}/job/${id}/test/sideA/chemistry`);
    await b.tap('start-reading');
    await b.says('from-analyser-says', /Fe \d+.*Cr 1\d/);
    await b.tap('from-analyser-take');
    await b.says('showed', /Cr/);
    await b.says('now', /[Aa]ustenitic.* (9\d %|nearly sure)/);
    // Cut off it says so, and what was typed or taken stands.
    await tell('analyser', { fault: 'out-of-range' });
    await b.says('from-analyser-problem', /past the end/);
    await b.tap('from-analyser-take');
    await b.says('showed', /Cr/);
    await tell('analyser', { fault: null, family: null });
  });

  test('a field meter fills the field before any arc, and an odd one is refused', async () => {
    await trust('field-meter');
    await openDemo(b, app.url, 'pier-ladder', 'order');
    await b.tap('setting-more');
    const field = async () => (await (await b.find('order.residual_G')).getAttribute('value')) ?? '';
    await tell('field-meter', { fault: 'drift' });
    await b.says('from-field-meter-problem', /creeps/);
    await b.tap('from-field-meter-take');
    assert.equal(await field(), '');
    await tell('field-meter', { fault: null });
    await b.driver.wait(async () => !(await b.has('from-field-meter-problem')), PATIENCE_ms);
    await b.tap('from-field-meter-take');
    await b.driver.wait(async () => /^1\d|^2\d/.test(await field()), PATIENCE_ms);
  });

  test('at the work the ammeter tells the arc and the thermometer the metal, and each fails once', async () => {
    const job = DEMO_JOBS.find(({ id }) => id === 'ramp-guard');
    assert.ok(job);
    const { timeline } = assess(job, DEMO_KIT).situation;
    const arc = timeline?.events.find(({ kind, duration_s }) => kind === 'arc' && duration_s > 20);
    assert.ok(arc);
    const till = arc.start_s + arc.duration_s;
    const rest = timeline?.events.find(({ kind, start_s }) => kind !== 'arc' && start_s >= till);
    assert.ok(rest);
    // Each stands still at its moment, however long this machine takes to look.
    await tell('ammeter', { job: job.id, at_s: 0, still: true, fault: 'out-of-range' });
    await tell('thermometer', { job: job.id, at_s: 0, still: true });
    await trust('ammeter');
    await trust('thermometer');
    await openDemo(b, app.url, job.id, 'sheet');
    await b.tap('to-run');
    await b.find('press');
    await toFirstPass(b);
    await b.tap('meter-drives');
    await b.says('meter-says', /past the end.*by hand/s);
    await tell('ammeter', { fault: null, at_s: arc.start_s + arc.duration_s / 2 });
    await b.says('press', /Arc burns/);
    await tell('ammeter', { at_s: rest.start_s + rest.duration_s / 2 });
    await b.says('press', /Arc on/);
    await b.says('run-taken', /of arc/);
    // The plate as it is after that pass, by a thermometer that comes late first.
    await tell('thermometer', { fault: 'late', at_s: till + 20 });
    await b.says('from-thermometer-problem', /old: it comes late/);
    await tell('thermometer', { fault: null });
    await b.driver.wait(async () => !(await b.has('from-thermometer-problem')), PATIENCE_ms);
    await b.tap('from-thermometer-take');
    await b.says('run-heat', /by the thermometer|Reckoned/);
    await b.tap('to-report');
    await b.says('report-passes', /s of arc|min of arc/);
    assert.deepEqual(await complaints(b), []);
  });
});
