import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import axe from 'axe-core';
import { openBrowser, serve, type Session } from './browser';
import { PATIENCE_ms } from './patience';

const VIEWS = [
  '/',
  '/kit',
  '/kit/machines/inverter-160',
  '/kit/supplies/barge-set',
  '/kit/tins/7018-18',
  '/kit/tools/tool-magnet',
  '/kit/fillers/tig-316',
  '/kit/bottles/argon-20',
  '/kit/tungstens/gold-24',
  '/kit/trials/bead-1',
  '/kit/instruments',
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
  '/job/hatch-frame/checks',
  '/job/hatch-frame/permit',
  '/job/ramp-guard/technique',
  '/job/ramp-guard/why',
  '/job/hatch-frame/run',
  '/job/hatch-frame/report',
  '/notes/past',
  '/job/galley-tray/process/tig',
  '/job/winch-pawl/sheet',
  '/job/vent-cowl/room/burn-through',
  '/job/vent-cowl/history',
  '/job/ramp-guard/measure',
  '/job/ramp-guard/code',
  '/job/ramp-guard/beside',
];
/** Rules that axe itself is still trying out: this one takes a full stop where the page has a line break for another word. */
const ON_TRIAL = { 'label-content-name-mismatch': { enabled: false } };
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

let app: Awaited<ReturnType<typeof serve>>;
before(async () => {
  app = await serve();
});
after(async () => app?.stop());

/** Opens a view and waits until it stands. */
async function open(b: Session, path: string): Promise<void> {
  await b.driver.get(app.url + path);
  await b.driver.wait(
    async () => (await b.driver.findElements({ css: '[role=main]' })).length > 0,
    PATIENCE_ms,
  );
  await b.driver.executeAsyncScript(
    `const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)));`,
  );
}

/** What breaks a rule on the page as it stands; by all rules of WCAG 2.2 AA where none is named. */
async function findings(b: Session, rules?: string[]): Promise<string[]> {
  if (!(await b.driver.executeScript<boolean>('return "axe" in window')))
    await b.driver.executeScript(axe.source);
  // Only what is broken comes back: all that is not would be a thousand times as much.
  return b.driver.executeAsyncScript<string[]>(
    `const [runOnly, done] = arguments;
     const words = ({ id, nodes }) => id + ': ' + nodes.slice(0, 3).map(({ html }) => html.slice(0, 160)).join(' | ');
     axe.run({ runOnly, rules: ${JSON.stringify(ON_TRIAL)}, resultTypes: ['violations'] })
       .then(({ violations }) => done(violations.map(words)), (error) => done([String(error)]));`,
    rules ? { type: 'rule', values: rules } : { type: 'tag', values: TAGS },
  );
}

/** What is pressed and is smaller than a cold thumb. */
const tooSmall = (b: Session): Promise<string[]> =>
  b.driver.executeScript<string[]>(`
    return [...document.querySelectorAll('[role=button],[role=radio],[role=link],button,input,textarea')]
      .filter((e) => e.offsetParent !== null && e.type !== 'file')
      .map((e) => [e, e.getBoundingClientRect()])
      .filter(([, r]) => r.width > 0 && (r.height < 47.5 || r.width < 47.5))
      .map(([e, r]) => (e.dataset.testid || e.innerText) + ' ' + Math.round(r.width) + 'x' + Math.round(r.height));
  `);

/** What is cut once the page's text is twice as large. */
const cutAtTwice = (b: Session): Promise<string[]> =>
  b.driver.executeScript<string[]>(`
    const hasText = (e) => [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim());
    for (const e of document.querySelectorAll('*')) {
      const size = parseFloat(getComputedStyle(e).fontSize), line = parseFloat(getComputedStyle(e).lineHeight);
      if (!hasText(e)) continue;
      e.style.fontSize = 2 * size + 'px';
      if (line) e.style.lineHeight = 2 * line + 'px';
    }
    return [...document.querySelectorAll('[role=main] *')]
      .filter((e) => hasText(e) && e.scrollWidth > e.clientWidth + 2 && getComputedStyle(e).overflowX !== 'visible')
      .map((e) => e.innerText.slice(0, 60));
  `);

/** Day or night is chosen in another window, and comes to this one. */
async function turnTo(b: Session, theme: 'daylight' | 'dark', there: string): Promise<void> {
  const here = await b.driver.getWindowHandle();
  const ink = () =>
    b.driver.executeScript<string>(
      `return getComputedStyle([...document.querySelectorAll('[role=main] *')].find((e) => e.children.length === 0)).color`,
    );
  const before = await ink();
  await b.driver.switchTo().window(there);
  await b.tap(`theme-${theme}`);
  await b.driver.switchTo().window(here);
  await b.driver.wait(async () => (await ink()) !== before, PATIENCE_ms, `it does not turn ${theme}`);
}

/** Day and night take turns: every view is looked at by every rule in one of them, and for its colours in the other. */
test('on the phone every view is clean by WCAG 2.2 AA, nothing is too small to press, and text at 200 % is not cut', async () => {
  const b = await openBrowser();
  try {
    await b.driver.get(app.url);
    await b.find('theme-dark');
    const here = await b.driver.getWindowHandle();
    await b.driver.switchTo().newWindow('tab');
    await b.driver.get(app.url);
    const there = await b.driver.getWindowHandle();
    await b.driver.switchTo().window(here);
    for (const [n, path] of VIEWS.entries()) {
      await open(b, path);
      const broken = await findings(b);
      const small = await tooSmall(b);
      await turnTo(b, n % 2 === 0 ? 'dark' : 'daylight', there);
      const colours = await findings(b, ['color-contrast']);
      const cut = await cutAtTwice(b);
      assert.deepEqual(
        { broken, small, colours, cut },
        { broken: [], small: [], colours: [], cut: [] },
        path,
      );
    }
  } finally {
    await b.quit();
  }
});

test('wide in the dark every view is clean by WCAG 2.2 AA', async () => {
  const b = await openBrowser({ wide: true });
  try {
    await b.driver.get(app.url);
    await b.tap('theme-dark');
    for (const path of VIEWS) {
      await open(b, path);
      assert.deepEqual(await findings(b), [], path);
    }
  } finally {
    await b.quit();
  }
});
