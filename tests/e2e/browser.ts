import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { createServer, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, Key, logging, until, type WebElement } from 'selenium-webdriver';
import { Driver, Options, ServiceBuilder } from 'selenium-webdriver/chrome';
import { makeServer } from '../../server/app';

export const DIST = join(__dirname, '..', '..', 'dist');
const WAIT_ms = 15_000;

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

/** A fresh browser, a phone of 390 x 844 unless told otherwise. */
export async function openBrowser({
  wide = false,
  profile,
}: { wide?: boolean; profile?: string } = {}): Promise<Session> {
  const own = profile ?? mkdtempSync(join(tmpdir(), 'elbow-profile-'));
  const downloads = mkdtempSync(join(tmpdir(), 'elbow-downloads-'));
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
  );
  if (!wide) {
    // The typings know device names only; the driver takes metrics.
    options.setMobileEmulation({
      deviceMetrics: { width: 390, height: 844, pixelRatio: 2, touch: true, mobile: true },
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
  const find = (id: string) =>
    driver.wait(until.elementLocated(css(id)), WAIT_ms, `nothing on the page has test id ${id}`);
  const session: Session = {
    driver,
    downloads,
    find,
    has: async (id) => (await driver.findElements(css(id))).length > 0,
    tap: async (id) => {
      taps += 1;
      const element = await find(id);
      await driver.executeScript('arguments[0].scrollIntoView({block: "center", inline: "center"})', element);
      await element.click();
    },
    type: async (id, text) => {
      taps += 1;
      const element = await find(id);
      await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', element);
      await element.click();
      // Marked whole by the page itself: Control and A sent as keys are now and then lost on a busy machine.
      await driver.executeScript('arguments[0].select()', element);
      await element.sendKeys(Key.BACK_SPACE, text);
    },
    text: async (id) => (await find(id)).getText(),
    says: async (id, test) => {
      let last = '';
      await driver
        .wait(async () => {
          last = await innerText(driver, `[data-testid="${id}"]`);
          return test.test(last);
        }, WAIT_ms)
        .catch(() => {
          throw new Error(`${id} says "${last}", not ${test}`);
        });
      return last;
    },
    holds: async (id, text) => {
      await driver.wait(
        async () => (await (await find(id)).getAttribute('value')) === text,
        WAIT_ms,
        `${id} does not hold ${text}`,
      );
    },
    saysMain: async (test) => {
      await driver.wait(
        async () => test.test(await innerText(driver, '[role=main]')),
        WAIT_ms,
        `the page does not say ${test}`,
      );
    },
    downloaded: async (ending) => {
      await driver.wait(
        () => readdirSync(downloads).some((name) => name.endsWith(ending)),
        WAIT_ms,
        `no download ends in ${ending}`,
      );
      return join(downloads, readdirSync(downloads).find((name) => name.endsWith(ending)) ?? '');
    },
    giveFile: async (id, path) => {
      await driver.sendAndGetDevToolsCommand('Page.setInterceptFileChooserDialog', { enabled: true });
      await session.tap(id);
      const input = await driver.wait(until.elementLocated(By.css('input[type=file]')), WAIT_ms);
      await input.sendKeys(path);
    },
    shot: async (path) => writeFileSync(path, await driver.takeScreenshot(), 'base64'),
    taps: () => taps,
    resetTaps: () => {
      taps = 0;
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
