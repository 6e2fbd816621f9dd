import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Which book a first visit opens: the made-up glasshouse, or the grower's own. */
export type Start = 'demo' | 'own';

interface Options {
  /** Folder of the exported pages. */
  readonly dist: string;
  readonly start: Start;
}

/** A request to read brings no body worth more than this, bytes. */
const BODY_MAX_BYTES = 1024;

const self = ["'self'"];

/** Serves the exported app with strict headers; any deep link gets the one page. */
export function makeApp({ dist, start }: Options): Express {
  const page = join(dist, 'index.html');
  if (!existsSync(page)) throw new Error(`No build in ${dist}. Run npm start, which makes one.`);
  const html = readFileSync(page, 'utf8').replace(
    /<meta name="zolder-start" content="\w+"/,
    `<meta name="zolder-start" content="${start}"`,
  );
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: self,
          scriptSrc: self,
          // react-native-web writes its style sheet at run time.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          workerSrc: self,
          connectSrc: self,
          fontSrc: self,
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      // The app is meant to be reached over plain HTTP on a local network too.
      strictTransportSecurity: false,
    }),
  );
  // Nothing is ever sent to this server: what brings a body, or wants to write, is turned away.
  app.use((request, response, next) => {
    const reads = request.method === 'GET' || request.method === 'HEAD';
    const length = Number(request.headers['content-length'] ?? 0);
    if (!reads) return void response.status(405).type('text').send('Only reading is served here');
    if (length > BODY_MAX_BYTES || request.headers['transfer-encoding'])
      return void response.status(413).type('text').send('Too much');
    next();
  });
  app.use(compression());
  app.get('/health', (_request, response) => void response.json({ ok: true }));
  // The page as a file too: the service worker keeps this one, and it must open the same book.
  app.get('/index.html', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.type('html').send(html);
  });
  app.use(
    express.static(dist, {
      index: false,
      setHeaders: (response, path) => {
        const hashed = /-[0-9a-f]{32}\.js$|\.woff2$/.test(path);
        response.setHeader(
          'Cache-Control',
          hashed ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
  app.get('/{*path}', (request, response) => {
    const isFile = /\.[a-z0-9]+$/i.test(request.path) && request.path !== '/index.html';
    if (isFile) return void response.status(404).type('text').send('Not found');
    response.setHeader('Cache-Control', 'no-cache');
    response.type('html').send(html);
  });
  app.use(plainError);
  return app;
}

/** Every error in plain words: no stack, no path of the computer. Express knows it by its four arguments. */
const plainError: ErrorRequestHandler = (error, _request, response, next) => {
  if (response.headersSent) return void next(error);
  const { status } = error as { status?: unknown };
  const asked = typeof status === 'number' && status >= 400 && status < 500;
  const text = asked ? 'This address cannot be understood' : 'Something went wrong on the server';
  response
    .status(asked ? status : 500)
    .type('text')
    .send(text);
};
