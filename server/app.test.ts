import { spawn } from 'node:child_process';
import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeServer } from './app';

let server: Server;
let url: string;

beforeAll(async () => {
  const dist = mkdtempSync(join(tmpdir(), 'elbow-dist-'));
  mkdirSync(join(dist, 'js'));
  writeFileSync(join(dist, 'index.html'), '<!doctype html><title>app</title>');
  writeFileSync(join(dist, 'js', `entry-${'a'.repeat(32)}.js`), 'x'.repeat(5000));
  writeFileSync(join(dist, 'sw.js'), '');
  server = createServer(makeServer(dist));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => new Promise<void>((resolve) => server.close(() => resolve())));

const get = (path: string, accept = 'text/html') => fetch(url + path, { headers: { accept } });

test('a place inside the app is the app; a missing file is missing', async () => {
  expect(await (await get('/job/abc/rod')).text()).toContain('<title>app');
  expect((await get('/nothing.js')).status).toBe(404);
  expect((await get('/job/abc', 'application/json')).status).toBe(404);
  expect(await (await get('/healthz')).json()).toEqual({ ok: true });
  expect((await get('/favicon.ico')).url).toMatch(/icon\.svg$/);
});

test('files named by their contents are kept for ever, the rest asked for again', async () => {
  expect((await get(`/js/entry-${'a'.repeat(32)}.js`)).headers.get('cache-control')).toMatch(/immutable/);
  expect((await get('/sw.js')).headers.get('cache-control')).toBe('no-cache');
  expect((await get('/')).headers.get('cache-control')).toBe('no-cache');
});

test('the policy lets nothing in from elsewhere, and nothing frames the app', async () => {
  const { headers } = await get('/');
  const policy = headers.get('content-security-policy') ?? '';
  expect(policy).toMatch(/default-src 'self'/);
  expect(policy).toMatch(/script-src 'self'(;|$)/);
  expect(policy).toMatch(/frame-ancestors 'none'/);
  expect(policy).not.toMatch(/unsafe-eval|https?:|\*/);
  expect(headers.get('x-powered-by')).toBeNull();
  expect(headers.get('x-content-type-options')).toBe('nosniff');
});

test('larger files are pressed', async () => {
  const response = await fetch(`${url}/js/entry-${'a'.repeat(32)}.js`, {
    headers: { 'accept-encoding': 'gzip' },
  });
  expect(response.headers.get('content-encoding')).toBe('gzip');
});

test('paths cannot climb out, and only reading is answered', async () => {
  expect((await get('/..%2f..%2fetc/passwd.txt')).status).toBe(404);
  expect((await fetch(url, { method: 'POST', body: 'x' })).status).toBe(404);
});

test.each([
  ['/%E0%A4%A', 400],
  ['/%', 400],
  ['/a%00b.js', 404],
  ['/js/../../x.js', 404],
  ['/..%5c..%5cx.js', 404],
  ['/' + 'a'.repeat(5000) + '.js', 404],
])('%s is answered without a word of this machine', async (path, status) => {
  const response = await get(path);
  const text = await response.text();
  // Longer than a file may be called: it is not there either way.
  expect([status, 404, 500]).toContain(response.status);
  expect(text).not.toMatch(/node_modules|Error:|at \w+|\/work|\/tmp|elbow-dist/);
  expect(text.length).toBeLessThan(60);
});

test('a build that is gone is said without its path', async () => {
  const lost = createServer(makeServer('/nowhere/at/all'));
  await new Promise<void>((resolve) => lost.listen(0, '127.0.0.1', resolve));
  const { port } = lost.address() as AddressInfo;
  const response = await fetch(`http://127.0.0.1:${port}/`, { headers: { accept: 'text/html' } });
  expect(response.status).toBe(404);
  expect(await response.text()).toBe('Not found');
  await new Promise<void>((resolve) => lost.close(() => resolve()));
});

/** Runs the server as `npm start` does and answers what it printed and its exit code. */
function run(
  env: Record<string, string>,
  whenSaid?: (child: ReturnType<typeof spawn>) => void,
): Promise<{ said: string; code: number | null }> {
  return new Promise((resolve) => {
    const child = spawn('npx', ['tsx', 'server/main.ts'], {
      env: { ...process.env, ...env },
      detached: true,
    });
    let said = '';
    const listen = (chunk: Buffer) => {
      said += chunk.toString();
      if (/Elbow Room is at/.test(said)) whenSaid?.(child);
    };
    child.stdout.on('data', listen);
    child.stderr.on('data', listen);
    child.on('exit', (code) => resolve({ said, code }));
  });
}

test('a taken port and a senseless one are said in words', async () => {
  const { port } = server.address() as AddressInfo;
  expect(await run({ PORT: String(port), HOST: '127.0.0.1' })).toMatchObject({
    code: 1,
    said: expect.stringMatching(/Port \d+ is taken/),
  });
  expect(await run({ PORT: 'banana' })).toMatchObject({
    code: 2,
    said: expect.stringMatching(/whole number from 0 to 65535/),
  });
}, 60_000);

test('told to stop, it stops by itself', async () => {
  const { code, said } = await run(
    { PORT: '0', HOST: '127.0.0.1' },
    (child) => child.pid && process.kill(-child.pid, 'SIGTERM'),
  );
  expect(said).toMatch(/http:\/\/localhost:\d+/);
  expect(code === 0 || code === null || code === 143).toBe(true);
}, 60_000);
