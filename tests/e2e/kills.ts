import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { isDeepStrictEqual } from 'node:util';
import { join } from 'node:path';
import type { Session } from './browser';
import { openDemo } from './paths';
import { stored } from './stored';
import { PATIENCE_ms } from './patience';
import { tempFolder } from './temp';

/** Kinds of edit that a killed browser must not lose: each makes one, and answers how to see that it is there. */

/** Looks for an edit after a new start. */
export type Kept = (b: Session, url: string) => Promise<void>;
type Kind = (b: Session, url: string, n: number) => Promise<Kept>;

const JOB = 'pier-ladder';

/** Whether a kind has its second turn, fourth, sixth..., where each kill takes the next two kinds. */
const isOther = (kill: number): boolean => Math.floor((2 * kill) / KILLED_KINDS.length) % 2 === 1;

const jobIs =
  (look: (job: any) => unknown, wanted: unknown, id = JOB): Kept =>
  async (b) => {
    const held = async () => look((await stored(b, `job/${id}`))?.job);
    // What lies in the journal is laid on its record a moment after the start.
    await b.driver
      .wait(async () => isDeepStrictEqual(await held(), wanted), PATIENCE_ms)
      .catch(async () =>
        assert.fail(`${id} holds ${JSON.stringify(await held())}, not ${JSON.stringify(wanted)}`),
      );
  };

const field: Kind = async (b, url, n) => {
  await openDemo(b, url, JOB, 'joint');
  await b.type('joint.length_mm', String(200 + n));
  return jobIs((job) => job.joint.length_mm, 200 + n);
};

const kit: Kind = async (b, url, n) => {
  await b.driver.get(`${url}/kit/machines/inverter-160`);
  await b.type('name', `Small inverter ${n}`);
  return async (again) => {
    const name = async () =>
      (await stored(again, 'kit')).kit.machines.find(({ id }: { id: string }) => id === 'inverter-160').name;
    await again.driver
      .wait(async () => (await name()) === `Small inverter ${n}`, PATIENCE_ms)
      .catch(async () => assert.fail(`the machine is called ${await name()}, not Small inverter ${n}`));
  };
};

const evidence: Kind = async (b, url, n) => {
  // Pressed again, an answer is taken back: every next time it is the other.
  const saw = isOther(n) ? 'none' : 'strong';
  await b.driver.get(`${url}/job/vent-cowl/test/sideB/magnet`);
  await b.tap(`saw-${saw}`);
  return jobIs(
    (job) =>
      Object.values(job.metal.sideB.evidence as object)
        .map(({ outcome }) => outcome)
        .includes(saw),
    true,
    'vent-cowl',
  );
};

const drag: Kind = async (b, url) => {
  await openDemo(b, url, 'hatch-frame', 'order');
  const order = async () => (await stored(b, 'job/hatch-frame')).job.order;
  const before = await order();
  // The clamp may stand at the end of its tube, or the picture be laid out anew while it is pressed: to the other side then.
  let tries = 0;
  await b.driver.wait(
    async () => {
      const handle = await b.find('handle-clamp-1');
      await b.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', handle);
      await b.driver
        .actions()
        .move({ origin: handle })
        .press()
        .move({ origin: handle, x: tries++ % 2 === 0 ? 24 : -24, y: 6 })
        .release()
        .perform();
      const isMoved = async () => (await order()).clampAlong_mm !== before.clampAlong_mm;
      return b.driver.wait(isMoved, 3000).catch(() => false);
    },
    PATIENCE_ms,
    'the drag moved nothing',
  );
  const { clampAlong_mm, clampAside_mm } = (await stored(b, 'job/hatch-frame')).job.order;
  return jobIs(
    (job) => [job.order.clampAlong_mm, job.order.clampAside_mm],
    [clampAlong_mm, clampAside_mm],
    'hatch-frame',
  );
};

const undo: Kind = async (b, url, n) => {
  await openDemo(b, url, 'ramp-guard', 'joint');
  await b.type('joint.gap_mm', n % 2 === 0 ? '2' : '3');
  await b.says('joint.gap_mm-says', n % 2 === 0 ? /2 mm/ : /3 mm/);
  await b.tap('undo');
  await b.says('joint.gap_mm-says', /1 mm/);
  return jobIs((job) => job.joint.gap_mm, 1, 'ramp-guard');
};

const remove: Kind = async (b, url) => {
  await b.driver.get(url);
  await b.tap('new-job');
  await b.type('title', 'To be thrown away');
  const id = (await b.driver.getCurrentUrl()).split('/job/')[1]?.split('/')[0] ?? '';
  await b.tap('to-jobs');
  await b.tap(`more-${id}`);
  await b.tap(`delete-${id}`);
  return async (again) => {
    const held = async () => {
      const record = await stored(again, `job/${id}`);
      return record && [record.job.title, record.deletedAt !== null];
    };
    await again.driver
      .wait(async () => isDeepStrictEqual(await held(), ['To be thrown away', true]), PATIENCE_ms)
      .catch(async () => assert.fail(`the job thrown away holds ${JSON.stringify(await held())}`));
  };
};

const bring: Kind = async (b, url, n) => {
  await b.driver.get(url);
  await b.find('new-job');
  const { job } = await stored(b, 'job/ramp-guard');
  const { kit: here } = await stored(b, 'kit');
  const path = join(tempFolder('bring'), 'brought.json');
  const file = { format: 'elbow-room-job', version: 8, job: { ...job, id: `brought-${n}` }, kit: here };
  writeFileSync(path, JSON.stringify(file));
  await b.giveFile('import', path);
  await b.tap('import-take');
  await b.says('notice', /Taken in/);
  return jobIs((brought) => brought.id, `brought-${n}`, `brought-${n}`);
};

const picture: Kind = async (b, url) => {
  await b.driver.get(`${url}/kit/machines/inverter-160`);
  const photosIn = async (s: Session): Promise<string[]> =>
    (await stored(s, 'kit')).kit.machines.find(({ id }: { id: string }) => id === 'inverter-160').photos;
  await b.find('name');
  // A machine holds only so many.
  if (await b.has('photos-full')) await b.tap('photo-out');
  await b.find('add-photo');
  const before = await photosIn(b);
  const path = join(tempFolder('plate'), 'plate.png');
  writeFileSync(path, await b.driver.takeScreenshot(), 'base64');
  await b.giveFile('add-photo', path);
  const added = async () => (await photosIn(b)).find((id) => !before.includes(id));
  await b.driver.wait(async () => (await added()) !== undefined, PATIENCE_ms, 'the picture is not kept');
  const photo = await added();
  return async (again, at) => {
    await again.driver.get(`${at}/kit/machines/inverter-160`);
    await again.find(`photo-${photo}`);
    const image = { css: `[data-testid="photo-${photo}"] img` };
    await again.driver.wait(async () => (await again.driver.findElements(image)).length > 0, PATIENCE_ms);
  };
};

const setting: Kind = async (b, url, n) => {
  await b.driver.get(url);
  const theme = isOther(n) ? 'daylight' : 'dark';
  await b.tap(`theme-${theme}`);
  return async (again) => {
    const held = async () => (await stored(again, 'settings'))?.theme;
    await again.driver
      .wait(async () => (await held()) === theme, PATIENCE_ms)
      .catch(async () => assert.fail(`the theme is ${await held()}, not ${theme}`));
  };
};

/** The large press at the work: whichever way it was, the arc is now the other, and its event is there. */
const atWork: Kind = async (b, url) => {
  const counted = async (s: Session) =>
    Object.keys((await stored(s, 'job/hatch-frame')).job.run.events as object).length;
  await b.driver.get(`${url}/job/hatch-frame/run`);
  await b.find('press');
  const before = await counted(b);
  await b.tap('press');
  return async (again) => {
    await again.driver
      .wait(async () => (await counted(again)) === before + 1, PATIENCE_ms)
      .catch(async () => assert.fail(`${await counted(again)} events, not ${before + 1}`));
  };
};

export const KILLED_KINDS: readonly Kind[] = [
  field,
  kit,
  evidence,
  drag,
  undo,
  remove,
  bring,
  picture,
  setting,
  atWork,
];
