import assert from 'node:assert/strict';
import { after, before, describe, test } from 'node:test';
import { openBrowser, serve, type Session } from './browser';
import { PATIENCE_ms } from './patience';

/** Small screens and large type: WCAG 2.2 reflow at 320 px, and a phone of 390 x 844 with everything twice as large. */

const PAGES = [
  '/',
  '/kit',
  '/kit/machines/inverter-160',
  '/kit/tins/7018-18',
  '/bin',
  '/nowhere/at-all',
  '/job/vent-cowl/look',
  '/job/vent-cowl/joint',
  '/job/pier-ladder/power',
  '/job/vent-cowl/rod',
  '/job/cradle-arm/heat',
  '/job/ramp-guard/sheet',
  '/job/hatch-frame/run',
];
/** Room to work in between the bars, px. */
const LEAST_WORK_px = 200;

let app: Awaited<ReturnType<typeof serve>>;
before(async () => {
  app = await serve();
});
after(async () => app?.stop());

for (const [name, size] of [
  ['320 px wide', { width: 320, height: 640 }],
  ['type twice as large', { width: 195, height: 422 }],
] as const) {
  describe(name, () => {
    let b: Session;
    before(async () => {
      b = await openBrowser({ size });
      await b.driver.get(app.url);
      await b.find('new-job');
    });
    after(async () => b?.quit());

    for (const path of PAGES) {
      test(`${path}: nothing stands past the edge but what rolls sideways, and there is room to work`, async () => {
        await b.driver.get(app.url + path);
        await b.driver.wait(
          async () => (await b.driver.findElements({ css: '[role=main]' })).length > 0,
          PATIENCE_ms,
        );
        const found = await b.driver.executeScript<{ over: string[]; work: number; width: number }>(`
          const rolls = (el) => el && (getComputedStyle(el).overflowX === 'auto' || getComputedStyle(el).overflowX === 'scroll' || rolls(el.parentElement));
          const main = document.querySelector('[role=main]');
          const field = (el) => el.scrollHeight > el.clientHeight + 1 && /auto|scroll/.test(getComputedStyle(el).overflowY) ? el : el.parentElement ? field(el.parentElement) : main;
          const over = [...document.querySelectorAll('button, input, textarea, [role=button], [role=radio], [data-testid]')]
            .filter((el) => el.getBoundingClientRect().right > innerWidth + 1 && !el.closest('svg') && !rolls(el))
            .map((el) => el.dataset.testid || el.innerText);
          return { over, work: field(main).clientHeight, width: document.documentElement.scrollWidth };`);
        assert.deepEqual(found.over, []);
        assert.ok(found.work >= LEAST_WORK_px, `${found.work} px to work in`);
        assert.equal(found.width, size.width);
      });
    }
  });
}
