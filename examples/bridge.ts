/**
 * A bridge for an instrument that writes one number a line, such as a thermometer on a serial port:
 *
 *   cat /dev/ttyUSB0 | ALLOW=http://phone.yard:8080 npx tsx examples/bridge.ts thermometer °C "Spot thermometer" T-1234
 *
 * The app is then told the address of this machine and its port (8090 unless PORT says otherwise), and the server of the app that it may
 * ask here: INSTRUMENTS=http://<this machine>:8090 npm start. ALLOW names who may read; nobody else's page gets an answer.
 */
import { createServer, type ServerResponse } from 'node:http';
import { createInterface } from 'node:readline';

const WHAT = {
  thermometer: 'temperature',
  ammeter: 'current',
  'field-meter': 'field',
  scale: 'mass',
  'hardness-tester': 'hardness',
};
const [kind = 'thermometer', unit = '°C', name = 'Bridged instrument', serial = 'BRIDGE-1'] =
  process.argv.slice(2);
const allowed = (process.env.ALLOW ?? '').split(',');
const listeners = new Set<ServerResponse>();
let latest: object | null = null;

createInterface({ input: process.stdin }).on('line', (line) => {
  const value = Number.parseFloat(line);
  latest = {
    format: 'elbow-room-reading',
    version: 1,
    serial,
    n: Math.floor(performance.now()),
    at: new Date().toISOString(),
    quality: Number.isFinite(value) ? 'good' : 'no-signal',
    values: [
      {
        what: WHAT[kind as keyof typeof WHAT],
        value: Number.isFinite(value) ? value : null,
        unit,
        error: null,
      },
    ],
  };
  for (const listener of listeners) listener.write(`event: reading\ndata: ${JSON.stringify(latest)}\n\n`);
});

const about = { format: 'elbow-room-instrument', version: 1, kind, name, serial, every_ms: 1000 };
createServer((request, response) => {
  const { origin = '' } = request.headers;
  if (allowed.includes(origin)) response.setHeader('Access-Control-Allow-Origin', origin);
  if (request.url === '/live') {
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    listeners.add(response.on('close', () => listeners.delete(response)));
    return;
  }
  const answer = request.url === '/about' ? about : request.url === '/reading' ? latest : null;
  response.writeHead(answer ? 200 : 404, { 'Content-Type': 'application/json' }).end(JSON.stringify(answer));
}).listen(Number(process.env.PORT ?? 8090));
