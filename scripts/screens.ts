/** `npm run screens`: pictures of the main views, from the demo data, into docs/screenshots. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { openBrowser, serve, type Session } from '../tests/e2e/browser';

const FOLDER = join(__dirname, '..', 'docs', 'screenshots');

interface View {
  name: string;
  path: string;
  /** What has to be there before the picture. */
  ready?: string;
  wide?: boolean;
  theme?: 'dark';
}

const VIEWS: readonly View[] = [
  { name: 'jobs', path: '/' },
  { name: 'say', path: '/job/cradle-arm/say' },
  { name: 'metal', path: '/job/winch-pawl/metal' },
  { name: 'mix', path: '/job/galley-tray/mix', ready: 'cloud-says' },
  { name: 'heat', path: '/job/cradle-arm/heat' },
  { name: 'plate', path: '/job/pier-ladder/heat-field', ready: 'field-rerun' },
  { name: 'checks', path: '/job/hatch-frame/checks', ready: 'checks' },
  { name: 'ways', path: '/job/pier-ladder/ways', ready: 'worth' },
  { name: 'look', path: '/job/bollard-cap/look' },
  { name: 'power', path: '/job/pier-ladder/power' },
  { name: 'order', path: '/job/hatch-frame/order', ready: 'handle-clamp-1' },
  { name: 'technique', path: '/job/ramp-guard/technique', ready: 'card-strike' },
  { name: 'rod', path: '/job/vent-cowl/rod' },
  { name: 'room', path: '/job/vent-cowl/room/burn-through' },
  { name: 'sheet', path: '/job/ramp-guard/sheet' },
  { name: 'run', path: '/job/hatch-frame/run', ready: 'press' },
  { name: 'kit', path: '/kit' },
  { name: 'wide-joint', path: '/job/vent-cowl/joint', wide: true },
  { name: 'dark-beads', path: '/job/pier-ladder/beads', theme: 'dark' },
];

/** Waits until the page is drawn and stands still: the same for three looks. */
async function standsStill({ driver }: Session): Promise<void> {
  let [last, looks] = ['', 0];
  await driver.wait(async () => {
    // A stop keeps a line empty for what is worth finding out, until that has come.
    const now = await driver.executeScript<string>(
      `const worth = document.querySelector('[data-testid=worth-here]');
       if (worth && worth.innerText.trim() === '') return '';
       return document.querySelector('[role=main]')?.innerText ? document.body.innerHTML : ''`,
    );
    looks = now !== '' && now === last ? looks + 1 : 0;
    last = now;
    if (looks < 3) await driver.sleep(400);
    return looks >= 3;
  }, 60_000);
}

async function take(session: Session, url: string, view: View): Promise<void> {
  await session.driver.get(url);
  await session.tap(`theme-${view.theme ?? 'daylight'}`);
  await session.driver.get(`${url}${view.path}`);
  if (view.ready !== undefined) await session.find(view.ready);
  await standsStill(session);
  await session.shot(join(FOLDER, `${view.name}.png`));
}

async function main(): Promise<void> {
  mkdirSync(FOLDER, { recursive: true });
  const app = await serve();
  for (const wide of [false, true]) {
    const session = await openBrowser({ wide, pixelRatio: 2 });
    try {
      for (const view of VIEWS.filter((v) => (v.wide ?? false) === wide)) await take(session, app.url, view);
    } finally {
      await session.quit();
    }
  }
  await app.stop();
}

void main();
