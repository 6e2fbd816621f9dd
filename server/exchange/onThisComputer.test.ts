import { createServer, request, type Server } from 'node:http';
import express from 'express';
import { openHouseFolder } from '../house/houseFolder';
import { listenOn, portOf } from '../listening';
import { onThisComputer } from './onThisComputer';
import { theExchange, type TheExchange } from './theExchange';
import { ownFolder } from './testing/pieces';

let server: Server;
let exchange: TheExchange;

beforeAll(async () => {
  exchange = await theExchange({ folder: openHouseFolder(ownFolder()), asked: false });
  const app = express();
  app.use(
    '/house/exchange',
    onThisComputer(exchange, () => 'https://kitchen.local:4443'),
  );
  server = await listenOn(createServer(app), 0, { host: '127.0.0.1', variable: 'PORT' });
});
afterAll(() => {
  server.close();
  server.closeAllConnections();
});

interface Asked {
  readonly host?: string;
  readonly headers?: Record<string, string>;
  readonly turn?: boolean;
}

const ask = ({ host, headers = {}, turn }: Asked = {}) =>
  new Promise<{ status: number; told: Record<string, unknown> }>((resolve, reject) => {
    const port = portOf(server);
    const sent = request(
      {
        port,
        host: '127.0.0.1',
        path: '/house/exchange',
        method: turn === undefined ? 'GET' : 'POST',
        headers: {
          host: host ?? `localhost:${port}`,
          'content-type': 'application/json',
          ...headers,
        },
      },
      (response) => {
        let text = '';
        response.on('data', (part) => (text += String(part)));
        response.on('end', () =>
          resolve({
            status: response.statusCode ?? 0,
            told: JSON.parse(text) as Record<string, unknown>,
          }),
        );
      },
    );
    sent.on('error', reject);
    sent.end(turn === undefined ? undefined : JSON.stringify({ on: turn }));
  });

const OWN = { 'x-zolder': 'here' };

test('it is switched on and off on the computer itself, and shows the code there', async () => {
  expect(await ask()).toEqual({ status: 200, told: { on: false } });
  const on = await ask({ turn: true, headers: OWN });
  expect(on.told.code).toMatch(/^\d{6}$/);
  expect(String(on.told.qr)).toContain('<svg');
  expect(exchange.isOn()).toBe(true);
  // The same code as long as it holds.
  expect((await ask()).told.code).toBe(on.told.code);
  expect((await ask({ turn: false, headers: OWN })).told).toEqual({ on: false });
  expect(exchange.isOn()).toBe(false);
});

test('by another name nothing is told: a site that points its name here learns no code', async () => {
  await ask({ turn: true, headers: OWN });
  for (const host of ['elsewhere.test', '192.168.1.20', 'localhost.elsewhere.test'])
    expect(await ask({ host })).toEqual({ status: 404, told: { why: 'nothing' } });
  // A program on this computer that passes requests of others on is not this computer.
  const passedOn = await ask({ headers: { 'x-forwarded-for': '192.168.1.9' } });
  expect(passedOn).toEqual({ status: 404, told: { why: 'nothing' } });
});

test('another site may not switch it: not without the page’s own header, not from its own origin', async () => {
  await ask({ turn: true, headers: OWN });
  expect((await ask({ turn: false })).status).toBe(403);
  const foreign = { ...OWN, origin: 'http://elsewhere.test' };
  expect((await ask({ turn: false, headers: foreign })).status).toBe(403);
  expect(exchange.isOn()).toBe(true);
});
