import { readFileSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import { digestOf } from '@/interchange/bundle';
import { PIECE_MAX_BYTES, piecesOf } from '@/interchange/exchange';
import { makeApp } from '../app';
import { openHouseFolder } from '../house/houseFolder';
import { listenOn, portOf } from '../listening';
import { openExchange } from './exchange';
import { aPerson, ownFolder } from './testing/pieces';
import { theExchange, type TheExchange } from './theExchange';

const dist = ownFolder();
writeFileSync(join(dist, 'index.html'), '<meta name="zolder-start" content="own" />');
const START_MS = Date.UTC(2026, 4, 1, 8);
const servers: Server[] = [];
afterAll(() => {
  for (const server of servers) {
    server.close();
    server.closeAllConnections();
  }
});

async function aHouse({ on = true, rates = { device: 1000, wrong: 1000 } } = {}) {
  const path = ownFolder();
  const folder = openHouseFolder(path);
  let nowMs = START_MS;
  const open = () => openExchange({ folder, nowMs: () => nowMs });
  const exchange = await theExchange({ folder, asked: on, open, rates });
  const app = makeApp({ dist, start: 'own', exchange: exchange.handler });
  const server = await listenOn(createServer(app), 0, { host: '127.0.0.1', variable: 'PORT' });
  servers.push(server);
  const url = `http://127.0.0.1:${portOf(server)}/exchange`;
  const ask = (way: string, { token, ...options }: RequestInit & { token?: string } = {}) =>
    fetch(`${url}${way}`, {
      ...options,
      headers: { ...options.headers, ...(token ? { authorization: `Bearer ${token}` } : {}) },
    });
  const post = (way: string, body: unknown, token = '') =>
    ask(way, {
      method: 'POST',
      token,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const put = (name: string, body: string, token: string, type = 'application/octet-stream') =>
    ask(`/pieces/${name}`, { method: 'PUT', token, headers: { 'content-type': type }, body });
  const later = (ms: number) => (nowMs += ms);
  return { path, exchange, ask, post, put, later, nowMs: () => nowMs };
}

const codeOf = (exchange: TheExchange, nowMs: number) => {
  const shown = exchange.now()!.pairing.shown(nowMs);
  if (!('code' in shown)) throw new Error('locked');
  return shown.code;
};

type House = Awaited<ReturnType<typeof aHouse>>;

async function paired({ exchange, post, nowMs }: House, name = 'Anna’s phone') {
  const code = codeOf(exchange, nowMs());
  const response = await post('/pair', { code, name, device: name });
  expect(response.status).toBe(200);
  return (await response.json()) as { token: string; id: string };
}

const aPiece = (initials = 'A') => [...piecesOf([aPerson(initials)])][0]!;

test('off unless asked for: nothing answers, and it can be switched on later', async () => {
  const house = await aHouse({ on: false });
  expect((await house.ask('/pieces?after=0&at=')).status).toBe(404);
  expect((await house.post('/pair', { code: '000000', name: 'x', device: 'y' })).status).toBe(404);
  await house.exchange.turn(true);
  expect((await house.ask('/pieces?after=0&at=')).status).toBe(401);
  // It is remembered for the next start.
  const again = await theExchange({ folder: openHouseFolder(house.path), asked: false });
  expect(again.isOn()).toBe(true);
});

test('nothing is readable without a token', async () => {
  const house = await aHouse();
  const ways = ['/pieces?after=0&at=', '/devices', `/pieces/${'a'.repeat(64)}`, '/unknown'];
  for (const way of ways) {
    const response = await house.ask(way, { token: 'x'.repeat(43) });
    expect([way, response.status]).toEqual([way, 401]);
    expect(await response.text()).toBe('{"why":"nobody"}');
  }
  expect((await house.ask('/devices')).status).toBe(401);
});

test('a paired device brings pieces and another fetches them', async () => {
  const house = await aHouse();
  const [anna, ben] = [await paired(house), await paired(house, 'Ben’s phone')];
  const piece = aPiece();
  expect((await house.put(piece.sha256, piece.body, anna.token)).status).toBe(200);
  const response = await house.ask('/pieces?after=0&at=', { token: ben.token });
  const [head, ...pieces] = (await response.text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as object);
  expect(head).toMatchObject({ cursor: { after: 1, at: piece.sha256 }, more: false, lost: 0 });
  expect(pieces).toEqual([piece]);
  const [{ revId }] = JSON.parse(piece.body) as [{ revId: string }];
  const asked = await house.post('/unknown', { revIds: [revId, aPerson('B').revId] }, ben.token);
  expect(((await asked.json()) as { unknown: string[] }).unknown).toHaveLength(1);
});

test('a code pairs once; wrong ones lock for a minute, then another code is shown', async () => {
  const house = await aHouse();
  const code = codeOf(house.exchange, house.nowMs());
  const pair = (digits: string) =>
    house.post('/pair', { code: digits, name: 'Phone', device: 'd' });
  expect((await pair(code)).status).toBe(200);
  expect((await pair(code)).status).toBe(403);
  const next = codeOf(house.exchange, house.nowMs());
  const wrong = next === '000001' ? '000002' : '000001';
  for (const status of [403, 403, 403]) expect((await pair(wrong)).status).toBe(status);
  // The code that was used a second time was the first wrong one of five.
  const locked = await pair(wrong);
  expect([locked.status, await locked.json()]).toEqual([429, { why: 'locked' }]);
  expect((await pair(next)).status).toBe(429);
  house.later(60_001);
  const after = codeOf(house.exchange, house.nowMs());
  expect((await pair(after)).status).toBe(200);
});

test('a revoked device is told so and gets nothing more', async () => {
  const house = await aHouse();
  const [anna, ben] = [await paired(house), await paired(house, 'Ben’s phone')];
  const listed = await house.ask('/devices', { token: anna.token });
  const { devices } = (await listed.json()) as { devices: { id: string; own: boolean }[] };
  expect(devices.map(({ own }) => own)).toEqual([true, false]);
  const revoked = await house.ask(`/devices/${ben.id}`, { method: 'DELETE', token: anna.token });
  expect(revoked.status).toBe(200);
  const refused = await house.ask('/pieces?after=0&at=', { token: ben.token });
  expect([refused.status, await refused.json()]).toEqual([401, { why: 'revoked' }]);
  expect(
    (await house.ask(`/devices/${ben.id}`, { method: 'DELETE', token: anna.token })).status,
  ).toBe(404);
});

test('paths that lead out of the folder, other content, and too much are refused', async () => {
  const house = await aHouse();
  const { token } = await paired(house);
  const { body, sha256 } = aPiece();
  const outside = ['..%2f..%2fdevices.json', sha256.toUpperCase(), `${sha256}.json`];
  for (const name of outside)
    expect([name, (await house.put(name, body, token)).status]).toEqual([name, 400]);
  expect((await house.put(sha256, body, token, 'application/json')).status).toBe(415);
  expect((await house.put(sha256, `${body} `, token)).status).toBe(422);
  const large = `[${' '.repeat(PIECE_MAX_BYTES)}]`;
  expect((await house.put(digestOf(large), large, token)).status).toBe(413);
  expect((await house.ask('/pieces/%', { method: 'PUT', token })).status).toBe(400);
  expect((await house.ask('/pieces?after=-1&at=', { token })).status).toBe(400);
  expect((await house.ask('/pieces?after=1&at=..', { token })).status).toBe(400);
  expect(house.exchange.now()!.book.length).toBe(0);
});

test('guessing tokens and codes ends after a few; a busy device is told to go slower', async () => {
  const house = await aHouse({ rates: { device: 5, wrong: 3 } });
  const { token } = await paired(house);
  const device = await Promise.all(
    Array.from({ length: 6 }, () => house.ask('/devices', { token })),
  );
  expect(device.map(({ status }) => status).sort()).toEqual([200, 200, 200, 200, 200, 429]);
  const guesses = Array.from({ length: 5 }, (_, at) =>
    house.ask('/devices', { token: `${at}`.repeat(43) }),
  );
  const statuses = (await Promise.all(guesses)).map(({ status }) => status);
  expect(statuses.filter((status) => status === 401).length).toBeLessThanOrEqual(3);
  expect(statuses).toContain(429);
});

test('no token stands in what the house keeps', async () => {
  const house = await aHouse();
  const { token } = await paired(house);
  const kept = readFileSync(join(house.path, 'devices.json'), 'utf8');
  expect(kept).not.toContain(token);
  expect(kept).toContain('Anna’s phone');
});
