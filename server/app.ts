import compression from 'compression';
import express, { type Express } from 'express';
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
  return app;
}
