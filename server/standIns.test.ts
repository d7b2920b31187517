import { createServer, request as ask, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { INSTRUMENT_IDS } from '../src/core/data/instruments';
import { About, Reading } from '../src/core/formats/instrument';
import { makeServer, originsIn } from './app';

let server: Server;
let url: string;
beforeEach(async () => {
  server = createServer(makeServer(mkdtempSync(join(tmpdir(), 'elbow-none-'))));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/instruments`;
});
afterEach(
  () =>
    new Promise<void>((resolve) => {
      server.close(() => resolve());
      server.closeAllConnections();
    }),
);
const set = (kind: string, body: string, type = 'application/json') =>
  fetch(`${url}/${kind}/set`, { method: 'POST', headers: { 'content-type': type }, body });

test.each(INSTRUMENT_IDS)('%s says what it is, and reads', async (kind) => {
  const about = About.parse(await (await fetch(`${url}/${kind}/about`)).json());
  const reading = Reading.parse(await (await fetch(`${url}/${kind}/reading`)).json());
  expect([about.kind, reading.serial]).toEqual([kind, about.serial]);
});

test('live readings come as they are made, each a reading', async () => {
  const stop = new AbortController();
  const response = await fetch(`${url}/ammeter/live`, { signal: stop.signal });
  expect(response.headers.get('content-type')).toMatch(/event-stream/);
  expect(response.headers.get('content-encoding')).toBeNull();
  const reader = response.body?.getReader();
  let text = '';
  while ((text.match(/data: /g) ?? []).length < 3)
    text += new TextDecoder().decode((await reader?.read())?.value);
  stop.abort();
  const told = [...text.matchAll(/^data: (.*)$/gm)].map(([, data]) => Reading.parse(JSON.parse(data ?? '')));
  expect(told.length).toBeGreaterThanOrEqual(3);
  expect(told[1]?.n).toBeGreaterThan(told[0]?.n ?? Infinity);
});

test('told to fail it fails, until it is told not to', async () => {
  expect((await set('scale', '{"fault":"wrong-unit"}')).status).toBe(200);
  expect(Reading.parse(await (await fetch(`${url}/scale/reading`)).json()).values[0]?.unit).toBe('div');
  await set('scale', '{"fault":"drop-out"}');
  expect((await fetch(`${url}/scale/reading`)).status).toBe(503);
  await set('scale', '{"fault":null,"inWater":true}');
  expect(Reading.parse(await (await fetch(`${url}/scale/reading`)).json()).values[0]?.value).toBeLessThan(
    860,
  );
});

test.each([
  ['{"fault":"banana"}', 400],
  ['{"along":7}', 400],
  ['{"job":"no-such-job"}', 400],
  ['{"__proto__":{"x":1},"y":2}', 400],
  ['{"fault":', 400],
  [`{"job":"${'x'.repeat(5000)}"}`, 413],
])('%s is not taken', async (body, status) => {
  const response = await set('scale', body);
  expect(response.status).toBe(status);
  expect(await response.text()).not.toMatch(/node_modules|SyntaxError|at \w+ \(/);
});

test('what is no JSON, no instrument, or climbs out is turned away', async () => {
  expect((await set('scale', 'fault=noise', 'application/x-www-form-urlencoded')).status).toBe(400);
  for (const path of ['/banana/reading', '/__proto__/about', '/..%2f..%2fetc/about', '/scale/other'])
    expect((await fetch(url + path)).status).toBe(404);
});

test('asked too often, it says so', async () => {
  const answers = await Promise.all(Array.from({ length: 260 }, () => fetch(`${url}/scale/about`)));
  expect(answers.filter(({ status }) => status === 429).length).toBeGreaterThan(30);
});

test('so many may listen and no more; those that go make room', async () => {
  const open = () =>
    new Promise<{ status: number; end: () => void }>((resolve, reject) => {
      const asked = ask(`${url}/field-meter/live`, (response) => {
        response.resume();
        resolve({ status: response.statusCode ?? 0, end: () => asked.destroy() });
      });
      asked.on('error', reject);
      asked.end();
    });
  const all = await Promise.all(Array.from({ length: 66 }, open));
  expect(all.filter(({ status }) => status === 200)).toHaveLength(64);
  for (const one of all) one.end();
  // Until the server has seen that they went.
  let again = await open();
  while (again.status !== 200) again = await open();
  again.end();
}, 30_000);

test('other origins are named one by one, as origins and nothing else', () => {
  expect(originsIn('')).toEqual([]);
  expect(originsIn('http://10.0.0.7:8090, https://meter.yard')).toEqual([
    'http://10.0.0.7:8090',
    'https://meter.yard',
  ]);
  for (const wrong of ['*', 'meter', 'http://a/b', 'http://a; script-src *', 'ftp://a', "'unsafe-eval'"])
    expect(originsIn(wrong)).toBeNull();
});
