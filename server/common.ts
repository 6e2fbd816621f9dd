import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import policy from './policy.json';

/** Which book a first visit opens: the made-up glasshouse, the grower's own; or it saves an old one. */
export type Start = 'demo' | 'own';

/** A request to read brings no body worth more than this, bytes. */
const BODY_MAX_BYTES = 1024;

/** What every answer is sent with; `connect` names what else the page may ask. */
function headers(connect: readonly string[]): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        // Styles inline too: react-native-web writes its style sheet at run time.
        ...policy,
        'connect-src': [...policy['connect-src'], ...connect],
        // Only a header can say this; the rest stands in the page itself as well.
        'frame-ancestors': ["'none'"],
      },
    },
    // Never: it would bind the host on every port, and with it the plain page that helps.
    strictTransportSecurity: false,
  });
}

/** Nothing else is ever sent to this server: what brings a body, or wants to write, is turned away. */
const readingOnly: RequestHandler = (request, response, next) => {
  const reads = request.method === 'GET' || request.method === 'HEAD';
  const length = Number(request.headers['content-length'] ?? 0);
  if (!reads) return void response.status(405).type('text').send('Only reading is served here');
  if (length > BODY_MAX_BYTES || request.headers['transfer-encoding'])
    return void response.status(413).type('text').send('Too much');
  next();
};

/** What may be written to, by path: it looks after its own limits. */
type Writing = Readonly<Record<string, RequestHandler>>;

/** An Express app with all that every page of the house needs before anything is answered. */
export function strictApp(connect: readonly string[] = [], writing: Writing = {}): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(headers(connect));
  for (const [path, handler] of Object.entries(writing)) app.use(path, handler);
  app.use(readingOnly);
  app.use(compression());
  return app;
}

/** The one page of the export, told how it starts; throws where nothing was built. */
export function startPage(dist: string, start: Start | 'take-along'): string {
  const page = join(dist, 'index.html');
  if (!existsSync(page)) throw new Error(`No build in ${dist}. Run npm start, which makes one.`);
  return readFileSync(page, 'utf8').replace(
    /<meta name="zolder-start" content="[\w-]+"/,
    `<meta name="zolder-start" content="${start}"`,
  );
}

/** Files of the export; those with a name of their own are kept for good. */
export function exportedFiles(dist: string): RequestHandler {
  return express.static(dist, {
    index: false,
    setHeaders: (response, path) => {
      const hashed = /-[0-9a-f]{32}\.js$|\.woff2$/.test(path);
      response.setHeader(
        'Cache-Control',
        hashed ? 'public, max-age=31536000, immutable' : 'no-cache',
      );
    },
  });
}

/** Whether an address asks for a file, not for a screen. */
export const asksForFile = (path: string) => /\.[a-z0-9]+$/i.test(path) && path !== '/index.html';

/** Every error in plain words: no stack, no path of the computer. Express knows it by its four arguments. */
export const plainError: ErrorRequestHandler = (error, _request, response, next) => {
  if (response.headersSent) return void next(error);
  const { status } = error as { status?: unknown };
  const asked = typeof status === 'number' && status >= 400 && status < 500;
  const text = asked ? 'This address cannot be understood' : 'Something went wrong on the server';
  response
    .status(asked ? status : 500)
    .type('text')
    .send(text);
};
