import type { Express } from 'express';
import { join } from 'node:path';
import type { HouseTold } from '@/words/phones/houseTold';
import { onThisComputer } from '../exchange/onThisComputer';
import type { TheExchange } from '../exchange/theExchange';
import { exportedFiles, plainError, startPage, strictApp } from '../common';
import { helpPage } from './helpPage';
import { trustFiles } from './trustFiles';

interface Options {
  readonly dist: string;
  readonly authorityPem: string;
  /** Where the app itself is, to be asked from here whether it is trusted. */
  readonly appOrigin: string;
  readonly exchange: TheExchange;
  readonly house: () => Extract<HouseTold, { phones: true }>;
}

/**
 * The plain-HTTP page of a house: it helps a device to trust the house's authority, saves a book that
 * was begun at this old address, and leads to the one address of the app. Nothing else is served.
 */
export function makeHelpApp({ dist, authorityPem, appOrigin, house, exchange }: Options): Express {
  const takeAlong = startPage(dist, 'take-along');
  const { hostname } = new URL(appOrigin);
  const app = strictApp([appOrigin, `http://${hostname}:*`], {
    '/house/exchange': onThisComputer(exchange, () => appOrigin),
  });
  app.get('/health', (_request, response) => {
    response.setHeader('Cross-Origin-Resource-Policy', 'cross-origin');
    response.setHeader('Cache-Control', 'no-store');
    response.json({ ok: true });
  });
  app.get('/house.json', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.json(house());
  });
  for (const { name, type, body } of trustFiles(authorityPem))
    app.get(`/house/${name}`, (_request, response) => {
      response.setHeader('Cache-Control', 'no-store');
      response.type(type).send(body);
    });
  const own = (name: string) => join(__dirname, name);
  app.get('/house/help.js', (_request, response) => response.sendFile(own('help.js')));
  app.get('/house/help.css', (_request, response) => response.sendFile(own('help.css')));
  app.get('/sw.js', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.type('js').sendFile(own('retired.js'));
  });
  app.get('/old-book', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.type('html').send(takeAlong);
  });
  app.get('/', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.type('html').send(helpPage(house()));
  });
  // What the page that saves the old book is made of; never the app's own page.
  app.get('/index.html', (_request, response) => response.redirect(302, '/'));
  app.use(exportedFiles(dist));
  app.get('/{*path}', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.redirect(302, '/');
  });
  app.use(plainError);
  return app;
}
