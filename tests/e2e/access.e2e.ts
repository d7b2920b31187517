import assert from 'node:assert/strict';
import { after, before, describe, test } from 'node:test';
import AxeBuilder from '@axe-core/webdriverjs';
import { openBrowser, serve, type Session } from './browser';
import { PATIENCE_ms } from './patience';

const VIEWS = [
  '/',
  '/kit',
  '/kit/machines/inverter-160',
  '/kit/supplies/barge-set',
  '/kit/tins/7018-18',
  '/kit/tools/tool-magnet',
  '/job/ramp-guard/look',
  '/job/galley-tray/metal',
  '/job/winch-pawl/metal',
  '/job/winch-pawl/test/sideA/spark',
  '/job/winch-pawl/test/sideA/chemistry',
  '/job/winch-pawl/family/sideA/gray-iron',
  '/notes',
  '/notes/magnesium',
  '/notes/rod',
  '/truck/list',
  '/notes/schools',
  '/job/vent-cowl/joint',
  '/job/pier-ladder/power',
  '/job/ramp-guard/process',
  '/job/ramp-guard/no-arc',
  '/job/vent-cowl/rod',
  '/job/ramp-guard/rods',
  '/job/pier-ladder/beads',
  '/job/gangway-trolley/runs',
  '/job/cradle-arm/heat',
  '/job/bollard-cap/heat',
  '/job/cradle-arm/heat-field',
  '/job/galley-tray/mix',
  '/job/bollard-cap/procedure',
  '/job/pier-ladder/order',
  '/job/cradle-arm/order',
  '/job/ramp-guard/sheet',
  '/job/bilge-drum/sheet',
  '/job/winch-pawl/sheet',
  '/job/vent-cowl/room/burn-through',
  '/job/vent-cowl/history',
];
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

let app: Awaited<ReturnType<typeof serve>>;
before(async () => {
  app = await serve();
});
after(async () => app?.stop());

async function findings(b: Session, path: string, rules: readonly string[] | null): Promise<string[]> {
  await b.driver.get(app.url + path);
  await b.driver.wait(
    async () => (await b.driver.findElements({ css: '[role=main]' })).length > 0,
    PATIENCE_ms,
  );
  await b.driver.executeAsyncScript(
    `const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)));`,
  );
  // No frames on any page: axe need not open a window of its own to put frames together.
  const axe = new AxeBuilder(b.driver).setLegacyMode(true);
  const { violations } = await (rules === null ? axe.withTags(TAGS) : axe.withRules([...rules])).analyze();
  return violations.map(
    ({ id, nodes }) =>
      `${path}: ${id}: ${nodes
        .slice(0, 3)
        .map(({ html }) => html.slice(0, 160))
        .join(' | ')}`,
  );
}

/** Every view is looked at by every rule on the phone by day and wide in the dark; colours of the dark are looked at on the phone too. */
const LOOKS = [
  { theme: 'daylight', wide: false, rules: null },
  { theme: 'dark', wide: true, rules: null },
  { theme: 'dark', wide: false, rules: ['color-contrast'] },
] as const;

for (const { theme, wide, rules } of LOOKS) {
  describe(`${theme}, ${wide ? 'wide' : 'phone'}`, () => {
    test('every view is clean by WCAG 2.2 AA', async () => {
      const b = await openBrowser({ wide });
      try {
        await b.driver.get(app.url);
        await b.tap(`theme-${theme}`);
        const found: string[] = [];
        for (const path of VIEWS) found.push(...(await findings(b, path, rules)));
        assert.deepEqual(found, []);
      } finally {
        await b.quit();
      }
    });
  });
}

describe('for cold hands and far eyes', () => {
  test('nothing that is pressed is smaller than 48 px, and text at 200 % is not cut', async () => {
    const b = await openBrowser();
    try {
      await b.driver.get(app.url);
      await b.find('new-job');
      for (const path of VIEWS) {
        await b.driver.get(app.url + path);
        await b.driver.wait(
          async () => (await b.driver.findElements({ css: '[role=main]' })).length > 0,
          PATIENCE_ms,
        );
        const small = await b.driver.executeScript<string[]>(`
          return [...document.querySelectorAll('[role=button],[role=radio],[role=link],button,input,textarea')]
            .filter((e) => e.offsetParent !== null && e.type !== 'file')
            .map((e) => [e, e.getBoundingClientRect()])
            .filter(([, r]) => r.width > 0 && (r.height < 47.5 || r.width < 47.5))
            .map(([e, r]) => (e.dataset.testid || e.innerText) + ' ' + Math.round(r.width) + 'x' + Math.round(r.height));
        `);
        assert.deepEqual(small, [], path);
        // The same page with its text twice as large.
        await b.driver.executeScript(`
          for (const e of document.querySelectorAll('*')) {
            const size = parseFloat(getComputedStyle(e).fontSize), line = parseFloat(getComputedStyle(e).lineHeight);
            if ([...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim())) {
              e.style.fontSize = 2 * size + 'px';
              if (line) e.style.lineHeight = 2 * line + 'px';
            }
          }
        `);
        const cut = await b.driver.executeScript<string[]>(`
          return [...document.querySelectorAll('[role=main] *')]
            .filter((e) => [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim()))
            .filter((e) => e.scrollWidth > e.clientWidth + 2 && getComputedStyle(e).overflowX !== 'visible')
            .map((e) => e.innerText.slice(0, 60));
        `);
        assert.deepEqual(cut, [], `${path} at 200 %`);
      }
    } finally {
      await b.quit();
    }
  });
});
