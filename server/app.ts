import type { Express, RequestHandler } from 'express';
import type { HouseTold } from '@/words/phones/houseTold';
import { asksForFile, exportedFiles, plainError, startPage, strictApp, type Start } from './common';

export type { Start } from './common';

interface Options {
  /** Folder of the exported pages. */
  readonly dist: string;
  readonly start: Start;
  /** How phones reach this server, as Settings tells it. */
  readonly house?: () => HouseTold;
  /** The exchange of the house, where it has one. */
  readonly exchange?: RequestHandler | undefined;
  /** What this very computer may see of it and switch. */
  readonly here?: RequestHandler | undefined;
}

const NO_PHONES: HouseTold = { phones: false, exchange: false };
const noExchange: RequestHandler = (_request, response) =>
  void response.status(404).json({ why: 'nothing' });

/** Serves the exported app with strict headers; any deep link gets the one page. */
export function makeApp(options: Options): Express {
  const {
    dist,
    start,
    house = () => NO_PHONES,
    exchange = noExchange,
    here = noExchange,
  } = options;
  const html = startPage(dist, start);
  const app = strictApp([], { '/exchange': exchange, '/house/exchange': here });
  app.get('/health', (_request, response) => void response.json({ ok: true }));
  app.get('/house.json', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.json(house());
  });
  // Asked from the plain page that helps: an answer means that the house is trusted.
  app.get('/trusted', (_request, response) => {
    response.setHeader('Cross-Origin-Resource-Policy', 'cross-origin');
    response.setHeader('Cache-Control', 'no-store');
    response.json({ ok: true });
  });
  // Another address of the same computer would open another, empty book.
  app.use((request, response, next) => {
    const told = house();
    const elsewhere = told.phones && request.headers.host !== new URL(told.address).host;
    if (!elsewhere || asksForFile(request.path)) return void next();
    response.setHeader('Cache-Control', 'no-store');
    // Put together, not resolved: a path of two slashes would lead to another host.
    response.redirect(302, `${told.address}${request.originalUrl}`);
  });
  // The page as a file too: the service worker keeps this one, and it must open the same book.
  app.get('/index.html', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.type('html').send(html);
  });
  app.use(exportedFiles(dist));
  app.get('/{*path}', (request, response) => {
    if (asksForFile(request.path)) return void response.status(404).type('text').send('Not found');
    response.setHeader('Cache-Control', 'no-cache');
    response.type('html').send(html);
  });
  app.use(plainError);
  return app;
}
