import { STOP_WORK_GROUPS } from '../../src/core/data/stopWork';
import { after, before } from 'node:test';
import { openBrowser, serve, type Session } from './browser';
import { PATIENCE_ms } from './patience';
import { wipe } from './stored';

/** Ways through the app that more than one test walks. */

/** The built app, served for a file of tests. */
export type Served = Awaited<ReturnType<typeof serve>>;

/** One app and one browser for a file of tests: there before its first, gone after its last. */
export function oneBrowser(take: (session: Session, app: Served) => void, options = { wide: false }): void {
  const closing: (() => Promise<void>)[] = [];
  before(async () => {
    const app = await serve();
    closing.push(app.stop);
    const session = await openBrowser(options);
    closing.unshift(session.quit);
    take(session, app);
  });
  after(async () => {
    for (const close of closing) await close();
  });
}

/** A first visit: nothing stored, the invented yard on the page. */
export async function freshStart(b: Session, url: string): Promise<void> {
  // A page of the same place without the app: nothing is being kept while all is taken away.
  await b.driver.get(`${url}/healthz`);
  await wipe(b);
  await b.driver.get(url);
  await b.find('new-job');
}

/** Opens a job of the invented yard at a stop, by its address. */
export async function openDemo(b: Session, url: string, job: string, where: string): Promise<void> {
  await b.driver.get(`${url}/job/${job}/${where}`);
  await b.find('tightest');
}

/** Opens a stop through the list of all stops. */
export async function openStop(b: Session, stop: string): Promise<void> {
  await b.tap('all-stops');
  await b.tap(`stop-${stop}`);
}

/** The stop-work questions of an ordinary repair, and how each is answered: test ids in their order. */
export const ORDINARY_ANSWERS: readonly string[] = Object.entries(STOP_WORK_GROUPS).flatMap(([id, group]) => {
  const questions = Object.entries(group.questions);
  return questions.every(([, { kind }]) => kind === 'condition')
    ? questions.map(([question]) => `answer-${question}-will-meet`)
    : [`none-${id}`];
});

/** At the work: ticks what comes before the arc, till a pass is in hand. */
export async function toFirstPass(b: Session): Promise<void> {
  const title = () => b.text('run-title');
  for (let n = 0; n < 15 && !/pass/i.test(await title()); n++) {
    const was = await title();
    await b.tap('press');
    await b.driver.wait(async () => (await title()) !== was, PATIENCE_ms);
  }
}

export async function answerStopWork(b: Session): Promise<void> {
  for (const id of ORDINARY_ANSWERS) await b.tap(id);
}
