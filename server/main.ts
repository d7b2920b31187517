/**
 * Serves the built app: PORT (8080) and HOST (0.0.0.0) may be set, and in INSTRUMENTS the addresses (http://host:port, commas between them) of
 * instruments that answer elsewhere. Stops gracefully when told to.
 */
import { createServer } from 'node:http';
import { join } from 'node:path';
import { makeServer, originsIn } from './app';

const port = Number(process.env.PORT ?? 8080);
const host = process.env.HOST ?? '0.0.0.0';

if (!Number.isInteger(port) || port < 0 || port > 65535) {
  process.stderr.write(`PORT is ${process.env.PORT}. Set it to a whole number from 0 to 65535.\n`);
  process.exit(2);
}

const instruments = originsIn(process.env.INSTRUMENTS ?? '');
if (instruments === null) {
  process.stderr.write(
    `INSTRUMENTS is ${process.env.INSTRUMENTS}. Set it to addresses like http://192.168.1.20:8090, commas between them.\n`,
  );
  process.exit(2);
}

const server = createServer(makeServer(join(__dirname, '..', 'dist'), instruments));
server.headersTimeout = 10_000;
server.requestTimeout = 30_000;

server.on('error', (error: NodeJS.ErrnoException) => {
  const words =
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Stop what uses it, or set PORT to another.`
      : error.message;
  process.stderr.write(`${words}\n`);
  process.exit(1);
});

server.listen(port, host, () => {
  const address = server.address();
  const shown = typeof address === 'object' && address !== null ? address.port : port;
  process.stdout.write(`Elbow Room is at http://localhost:${shown}\n`);
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    // Whoever listens to an instrument is let go.
    server.closeAllConnections();
  });
}
