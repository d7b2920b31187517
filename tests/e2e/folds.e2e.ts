import assert from 'node:assert/strict';
import { describe, test } from 'node:test';
import type { Session } from './browser';
import { PATIENCE_ms } from './patience';
import { oneBrowser, openDemo, type Served } from './paths';

let b: Session;
let app: Served;
oneBrowser((session, served) => {
  [b, app] = [session, served];
});

const STOPS = ['look', 'metal', 'joint', 'power', 'rod', 'heat', 'order', 'sheet'] as const;

describe('only what matters stands open', () => {
  const height = () =>
    b.driver.executeScript<number>(
      'return Math.max(...[...document.querySelectorAll("[role=main], [role=main] *")].map((e) => e.scrollHeight))',
    );
  const isShown = (id: string) =>
    b.driver.executeScript<boolean>(
      `return document.querySelector('[data-testid="${id}"]')?.checkVisibility() ?? false`,
    );
  const shown = (id: string, is: boolean) =>
    b.driver.wait(async () => (await isShown(id)) === is, PATIENCE_ms, `${id} is not ${is ? '' : 'un'}seen`);

  test('the stops of an ordinary job are walked in a third of what they were', async () => {
    const high: number[] = [];
    for (const stop of STOPS) {
      await openDemo(b, app.url, 'pier-ladder', stop);
      await b.driver.wait(async () => (await height()) > 500, PATIENCE_ms);
      high.push(await height());
    }
    const sum = high.reduce((a, one) => a + one, 0);
    // 25 000 before; the sheet, which is read and not filled in, is the longest of them.
    assert.ok(sum < 15_000, `${sum} px: ${high.join(' ')}`);
    assert.ok(sum - (high.at(-1) ?? 0) < 10_500, `${high.join(' ')}`);
  });

  test('a fold says what is in it, opens at a press, and stands open where something in it was said', async () => {
    await openDemo(b, app.url, 'rail-bracket', 'look');
    await b.says('fold-place', /no hurry/);
    await shown('look.timeWindow_s', false);
    await b.tap('fold-place');
    await shown('look.timeWindow_s', true);
    await b.type('look.timeWindow_s', '2 h');
    await openDemo(b, app.url, 'rail-bracket', 'joint');
    await openDemo(b, app.url, 'rail-bracket', 'look');
    await shown('look.timeWindow_s', true);
    await b.tap('fold-place');
    await shown('look.timeWindow_s', false);
  });

  test('what is worth finding out stands under the answer', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'power');
    await b.says('worth-here', /Could change this plan: the line before the socket\. 0\.1 ohm/);
    await openDemo(b, app.url, 'ramp-guard', 'rod');
    await b.says('worth-here', /Nothing that is left open here/);
  });

  test('paper has no folds', async () => {
    await openDemo(b, app.url, 'ramp-guard', 'sheet');
    await b.find('step-1');
    const hidden = () =>
      b.driver.executeScript<number>(
        'return [...document.querySelectorAll("[data-folded=true]")].filter((e) => getComputedStyle(e).display === "none").length',
      );
    assert.ok((await hidden()) > 0);
    await b.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: 'print' });
    assert.equal(await hidden(), 0);
    await b.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: '' });
  });
});

describe('a root by TIG, the rest with the rod', () => {
  test('is chosen at Rod, has its step on the sheet, and goes back in a press', async () => {
    await openDemo(b, app.url, 'beacon-mast', 'rod');
    await b.says('root-by-says', /Root by TIG, ER70S.*DCEN.*argon/);
    await openDemo(b, app.url, 'beacon-mast', 'sheet');
    await b.saysMain(/root by TIG[\s\S]*Root by TIG[\s\S]*Tungsten[\s\S]*Passes 2 to \d: E7018/);
    await openDemo(b, app.url, 'beacon-mast', 'rod');
    await b.tap('root-by-rod');
    await b.says('root-rod', /Root with E7018 .* An open root is run cooler/);
    await openDemo(b, app.url, 'beacon-mast', 'look');
    await b.type('look.wind_m_s', '5');
    await openDemo(b, app.url, 'beacon-mast', 'rod');
    await b.tap('root-by-tig');
    await b.says('tightest', /root by TIG/i);
  });
});
