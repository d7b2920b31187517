import { spawn } from 'node:child_process';
import { About, Reading } from '../src/core/formats/instrument';

const PORT = 18_090 + (process.pid % 500);
const url = `http://127.0.0.1:${PORT}`;
const asking = async (path: string, origin: string): Promise<Response> => {
  // Until it has started.
  for (;;) {
    const answer = await fetch(url + path, { headers: { origin } }).catch(() => null);
    if (answer?.ok) return answer;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
};

test('a line of a serial port becomes a reading, for the origin that may have it and no other', async () => {
  const bridge = spawn('npx', ['tsx', 'examples/bridge.ts', 'thermometer', '°C', 'Bench', 'T-9'], {
    env: { ...process.env, PORT: String(PORT), ALLOW: 'http://app.yard:8080' },
    detached: true,
    stdio: ['pipe', 'ignore', 'ignore'],
  });
  try {
    bridge.stdin.write('123.5\n');
    const about = await asking('/about', 'http://app.yard:8080');
    expect(About.parse(await about.json())).toMatchObject({ kind: 'thermometer', serial: 'T-9' });
    expect(about.headers.get('access-control-allow-origin')).toBe('http://app.yard:8080');
    const reading = await asking('/reading', 'http://stranger.yard');
    expect(Reading.parse(await reading.json())).toMatchObject({
      quality: 'good',
      values: [{ what: 'temperature', value: 123.5, unit: '°C' }],
    });
    expect(reading.headers.get('access-control-allow-origin')).toBeNull();
  } finally {
    if (bridge.pid) process.kill(-bridge.pid, 'SIGKILL');
  }
}, 60_000);
