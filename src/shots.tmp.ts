import { writeFileSync } from 'node:fs';
import { openBrowser, serve } from '../tests/e2e/browser';
async function main() {
  const app = await serve();
  const b = await openBrowser({ wide: false } as never);
  const shot = async (name: string) => writeFileSync(`/tmp/${name}.png`, Buffer.from(await b.driver.takeScreenshot(), 'base64'));
  await b.driver.get(app.url);
  await b.find('new-job');
  await b.driver.get(`${app.url}/job/ramp-guard/sheet`);
  await b.find('tightest');
  await shot('r0');
  await b.tap('to-run');
  await b.find('press');
  await shot('r1');
  for (let n = 0; n < 12; n++) { const t = await b.driver.findElement({ css: '[data-testid="run-title"]' }); const s = await t.getText(); if (/pass/i.test(s)) break; await b.tap('press'); await new Promise((r) => setTimeout(r, 500)); }
  await shot('r2');
  await b.tap('press');
  await new Promise((r) => setTimeout(r, 5000));
  await shot('r3');
  await b.tap('press');
  await b.tap('pass-laid');
  await new Promise((r) => setTimeout(r, 300));
  await shot('r4');
  await b.tap('full-less');
  await new Promise((r) => setTimeout(r, 500));
  await shot('r5');
  await b.driver.executeScript("document.querySelector('[role=main]').scrollTo(0, 100000)");
  await new Promise((r) => setTimeout(r, 300));
  await shot('r6');
  await b.tap('to-report');
  await b.find('report');
  await shot('r7'); await b.driver.get(`${app.url}/notes/past`); await b.find('past-search'); await shot('r8');
  console.log(JSON.stringify((b as any).logs ?? ''));
  await b.quit(); await app.stop();
}
void main();
