import { readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import assert from 'node:assert/strict';
import { Builder, By, Key, logging, until, type WebElement } from 'selenium-webdriver';
import { Driver, Options, ServiceBuilder } from 'selenium-webdriver/chrome';
import { makeServer } from '../../server/app';
import { PATIENCE_ms } from './patience';
import { isAlive, killNow, processesOf, waitUntil } from './processes';
import { tempFolder } from './temp';

export const DIST = join(__dirname, '..', '..', 'dist');

/** The built app on a free port of this machine. */
export async function serve(dist: string = DIST): Promise<{ url: string; stop: () => Promise<void> }> {
  const server: Server = createServer(makeServer(dist));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return {
    url: `http://localhost:${(server.address() as AddressInfo).port}`,
    stop: () =>
      new Promise((resolve) => {
        server.closeAllConnections();
        server.close(() => resolve());
      }),
  };
}

export interface Session {
  driver: Driver;
  downloads: string;
  /** The element of a test id, once it is there. */
  find(id: string): Promise<WebElement>;
  /** Whether a test id stands on the page now. */
  has(id: string): Promise<boolean>;
  /** Presses; every press is counted. */
  tap(id: string): Promise<void>;
  /** Replaces what a field holds; counted as one press. */
  type(id: string, text: string): Promise<void>;
  text(id: string): Promise<string>;
  /** Waits until a test id's text satisfies a test. */
  says(id: string, test: RegExp): Promise<string>;
  /** Waits until a field holds just this. */
  holds(id: string, text: string): Promise<void>;
  /** Waits until the work in the middle of the page satisfies a test. */
  saysMain(test: RegExp): Promise<void>;
  /** Waits for a downloaded file and answers its name. */
  downloaded(ending: string): Promise<string>;
  /** Presses what asks for a file, and hands it this one. */
  giveFile(id: string, path: string): Promise<void>;
  shot(path: string): Promise<void>;
  taps(): number;
  resetTaps(): void;
  /** Ends the browser's processes at once, as a battery does; the profile stays. */
  kill(): Promise<void>;
  quit(): Promise<void>;
}

/** The text of the first element there is, as it is read: a space that does not break is a space. */
const innerText = async (driver: Driver, selector: string): Promise<string> =>
  (
    await driver.executeScript<string>(
      'return document.querySelector(arguments[0])?.innerText ?? ""',
      selector,
    )
  ).replaceAll('\u00a0', ' ');

/** Opens what an element is folded away in: a fold of the page, or a choice of which only what was picked is shown. */
const REVEAL = `
  const reveal = (id) => {
    const press = (other) => document.querySelector('[data-testid="' + other + '"]')?.click();
    const found = document.querySelector('[data-testid="' + id + '"]');
    const fold = found?.closest('[data-folded=true]');
    if (fold) press('fold-' + fold.dataset.fold);
    else if (found) return found;
    else {
      const picks = [...document.querySelectorAll('[data-picked]')];
      const pick = picks.find(({ dataset }) => id.startsWith(dataset.picked + '-'));
      pick?.querySelector('[role=radio]')?.click();
    }
    const now = document.querySelector('[data-testid="' + id + '"]');
    return now?.closest('[data-folded=true]') ? null : (now ?? null);
  };
`;

/** The element of a test id, opened up to; null while it is not there. */
const revealed = (driver: Driver, id: string): Promise<WebElement | null> =>
  driver.executeScript(`${REVEAL} return reveal(arguments[0]);`, id);

/** Opens all that is folded away in a part of the page. */
const unfold = (driver: Driver, selector: string): Promise<void> =>
  driver.executeScript(
    `const part = document.querySelector(arguments[0]);
     part?.querySelectorAll('[data-testid^=fold-][aria-expanded=false]').forEach((fold) => fold.click());
     part?.querySelectorAll('[data-picked] [role=radio]').forEach((pick) => pick.click());`,
    selector,
  );

const PHONE = { width: 390, height: 844 };

/** A fresh browser, a phone of 390 x 844 unless told otherwise. */
export async function openBrowser({
  wide = false,
  profile,
  size = PHONE,
  pixelRatio = 1,
  hears,
}: {
  wide?: boolean;
  profile?: string;
  size?: { width: number; height: number };
  /** Sharper pictures take a busy machine longer. */
  pixelRatio?: number;
  /** A WAV file that its microphone hears, once. */
  hears?: string;
} = {}): Promise<Session> {
  const own = profile ?? tempFolder('profile');
  const downloads = tempFolder('downloads');
  const options = new Options();
  options.setChromeBinaryPath('/usr/bin/chromium');
  options.addArguments(
    '--headless=new',
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-gpu',
    '--hide-scrollbars',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
    `--user-data-dir=${own}`,
    ...(hears === undefined
      ? []
      : [
          '--use-fake-ui-for-media-stream',
          '--use-fake-device-for-media-stream',
          `--use-file-for-fake-audio-capture=${hears}%noloop`,
        ]),
  );
  if (!wide) {
    // The typings know device names only; the driver takes metrics.
    options.setMobileEmulation({
      deviceMetrics: { ...size, pixelRatio, touch: true, mobile: true },
    } as never);
  }
  options.setUserPreferences({ 'download.default_directory': downloads });
  const logs = new logging.Preferences();
  logs.setLevel(logging.Type.BROWSER, logging.Level.ALL);
  options.setLoggingPrefs(logs);
  const driver = (await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
    .build()) as unknown as Driver;
  if (wide) {
    await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      width: 1280,
      height: 800,
      deviceScaleFactor: 1,
      mobile: false,
    });
  }
  await driver.sendDevToolsCommand('Page.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: downloads,
  });

  let taps = 0;
  const css = (id: string) => By.css(`[data-testid="${id}"]`);
  const find = async (id: string) => {
    const found = await driver.wait(
      () => revealed(driver, id),
      PATIENCE_ms,
      `nothing on the page has test id ${id}`,
    );
    return found as WebElement;
  };
  /** Into the middle of the screen, and still there: a page that is still being laid out moves a button from under the press. */
  const settle = (element: WebElement): Promise<void> =>
    driver.executeAsyncScript(
      `const [element, done] = arguments;
       element.scrollIntoView({ block: 'center', inline: 'center' });
       let [was, same] = ['', 0];
       const look = () => {
         const { left, top, width } = element.getBoundingClientRect();
         const now = [left, top, width].join();
         same = now === was ? same + 1 : 0;
         was = now;
         return same > 1 || !element.isConnected ? done() : requestAnimationFrame(look);
       };
       look();`,
      element,
    );
  const session: Session = {
    driver,
    downloads,
    find,
    has: async (id) => (await driver.findElements(css(id))).length > 0,
    tap: async (id) => {
      taps += 1;
      const element = await find(id);
      await settle(element);
      await element.click();
    },
    type: async (id, text) => {
      taps += 1;
      const element = await find(id);
      await settle(element);
      await element.click();
      // Marked whole by the page itself: Control and A sent as keys are now and then lost on a busy machine.
      await driver.executeScript('arguments[0].select()', element);
      await element.sendKeys(Key.BACK_SPACE, text);
    },
    text: async (id) => {
      const element = await find(id);
      await unfold(driver, `[data-testid="${id}"]`);
      return element.getText();
    },
    says: async (id, test) => {
      let last = '';
      await driver
        .wait(async () => {
          await revealed(driver, id);
          await unfold(driver, `[data-testid="${id}"]`);
          last = await innerText(driver, `[data-testid="${id}"]`);
          return test.test(last);
        }, PATIENCE_ms)
        .catch(() => {
          throw new Error(`${id} says "${last}", not ${test}`);
        });
      return last;
    },
    holds: async (id, text) => {
      await driver.wait(
        async () => (await (await find(id)).getAttribute('value')) === text,
        PATIENCE_ms,
        `${id} does not hold ${text}`,
      );
    },
    saysMain: async (test) => {
      await driver.wait(
        async () => {
          // Whoever reads a whole page opens what is folded.
          await unfold(driver, '[role=main]');
          return test.test(await innerText(driver, '[role=main]'));
        },
        PATIENCE_ms,
        `the page does not say ${test}`,
      );
    },
    downloaded: async (ending) => {
      // Whole once nothing is under way any more; then out of the folder, so that the next one is waited for too.
      const here = () => readdirSync(downloads);
      const isWhole = () =>
        here().some((name) => name.endsWith(ending)) && !here().some((name) => name.endsWith('.crdownload'));
      await driver.wait(isWhole, PATIENCE_ms, `no whole download ends in ${ending}: ${here().join(', ')}`);
      const name = here().find((one) => one.endsWith(ending)) ?? '';
      const taken = tempFolder('taken');
      renameSync(join(downloads, name), join(taken, name));
      here().forEach((other) => rmSync(join(downloads, other)));
      return join(taken, name);
    },
    giveFile: async (id, path) => {
      await driver.sendAndGetDevToolsCommand('Page.setInterceptFileChooserDialog', { enabled: true });
      await session.tap(id);
      const input = await driver.wait(until.elementLocated(By.css('input[type=file]')), PATIENCE_ms);
      await input.sendKeys(path);
    },
    shot: async (path) => writeFileSync(path, await driver.takeScreenshot(), 'base64'),
    taps: () => taps,
    resetTaps: () => {
      taps = 0;
    },
    kill: async () => {
      const tree = processesOf(`--user-data-dir=${own}`);
      assert.ok(tree.length > 0, 'no browser to kill');
      tree.forEach(killNow);
      await waitUntil(() => tree.every((pid) => !isAlive(pid)));
      await driver.quit().catch(() => undefined);
    },
    quit: async () => {
      await driver.quit();
      rmSync(downloads, { recursive: true, force: true });
      if (profile === undefined) rmSync(own, { recursive: true, force: true });
    },
  };
  return session;
}

/** What the console complained of since last asked: CSP breaches and errors appear here. */
export async function complaints(session: Session): Promise<string[]> {
  const entries = await session.driver.manage().logs().get(logging.Type.BROWSER);
  return entries
    .filter((entry) => entry.level.value >= logging.Level.WARNING.value)
    .map((entry) => entry.message);
}
