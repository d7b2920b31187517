import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { standIns } from './standIns';

/** Names with a hash of their contents in them never change. */
const HASHED = /[.-][0-9a-f]{32}\./;

const HIGHEST_CLIENT = 499;

/** A request that cannot be answered, told without saying anything of this machine. */
const inOurWords: ErrorRequestHandler = (error: { status?: number }, _request, response, next) => {
  if (response.headersSent) return next(error);
  const { status = 500 } = error;
  const isTheirs = status >= 400 && status <= HIGHEST_CLIENT;
  response
    .status(isTheirs ? status : 500)
    .type('text')
    .send(
      status === 404 ? 'Not found' : isTheirs ? 'This address cannot be read' : 'The server could not answer',
    );
};

/** Origins that a text names, one after the other; null where one of them is none. */
export function originsIn(text: string): readonly string[] | null {
  const origins = text.split(',').flatMap((one) => (one.trim() === '' ? [] : [one.trim()]));
  return origins.every((one) => URL.canParse(one) && new URL(one).origin === one && /^https?:/.test(one))
    ? origins
    : null;
}

/**
 * Serves the built app, and nothing that keeps state; beside it stand-ins for instruments.
 * @param dist absolute folder of the build, @param instruments origins besides this one that the app may ask for readings
 */
export function makeServer(dist: string, instruments: readonly string[] = []): Express {
  const app = express();
  // What goes wrong is told in a word of ours, whatever the environment says: never with a path or a stack.
  app.set('env', 'production');
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          // The style sheet of react-native-web and the font faces are written into style elements.
          styleSrcElem: ["'self'", "'unsafe-inline'"],
          styleSrcAttr: ["'none'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'", ...instruments],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
          formAction: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  // Before anything is pressed: live readings are not held back.
  app.use('/instruments', standIns());
  app.use(compression());
  app.get('/healthz', (_request, response) => {
    response.json({ ok: true });
  });
  // Asked for by browsers wherever a page names no icon of its own.
  app.get('/favicon.ico', (_request, response) => {
    response.redirect(301, '/icon.svg');
  });
  app.use(
    express.static(dist, {
      index: false,
      setHeaders: (response, path) =>
        response.setHeader(
          'Cache-Control',
          HASHED.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache',
        ),
    }),
  );
  // Any other page address is a place inside the app; a missing file stays missing.
  app.get('/{*path}', (request, response) => {
    if (/\.[^/]+$/.test(request.path) || !request.accepts('html')) {
      response.status(404).type('text').send('Not found');
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile('index.html', { root: dist });
  });
  app.use(inOurWords);
  return app;
}
