import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import { piecesOf } from '@/interchange/exchange';
import { digestOf } from '@/interchange/bundle';
import { canonicalJson } from '@/records/canonicalJson';
import type { Change } from '@/records';
import { memoryStorage } from '@/records/storage/memory';
import { makeApp } from '../app';
import { openHouseFolder } from '../house/houseFolder';
import { listenOn, portOf } from '../listening';
import { aPhone, NOON_MS, saysAll, type Phone } from './testing/phone';
import { aPerson, ownFolder } from './testing/pieces';
import { theExchange } from './theExchange';

const dist = ownFolder();
writeFileSync(join(dist, 'index.html'), '<meta name="zolder-start" content="own" />');
const servers: Server[] = [];
afterAll(() => {
  for (const server of servers) {
    server.close();
    server.closeAllConnections();
  }
});

async function aHouse(path = ownFolder()) {
  const exchange = await theExchange({ folder: openHouseFolder(path), asked: true });
  const app = makeApp({ dist, start: 'own', exchange: exchange.handler });
  const server = await listenOn(createServer(app), 0, { host: '127.0.0.1', variable: 'PORT' });
  servers.push(server);
  const base = () => `http://127.0.0.1:${portOf(server)}/exchange`;
  const code = () => {
    const shown = exchange.now()!.pairing.shown(Date.now());
    return 'code' in shown ? shown.code : '';
  };
  const pair = async (name: string, more: Partial<Parameters<typeof aPhone>[0]> = {}) => {
    const phone = await aPhone({ name, base, ...more });
    expect(await phone.house.pair(code(), name)).toMatchObject({ ok: true });
    return phone;
  };
  return { path, exchange, base, code, pair, server };
}

const MOMENT = { nowMs: NOON_MS, zone: 'UTC' };
const person = (initials: string): Change<'person'> => ({
  kind: 'person',
  body: { initials, name: '' },
});
const initialsOn = ({ book }: Phone) =>
  book.state
    .all('person')
    .map(({ body }) => body.initials)
    .sort();
const meet = ({ house }: Phone) => house.meet(NOON_MS);
const WHOLE = { paired: true, waiting: 0, trouble: null, lastMetMs: NOON_MS };

test('what one phone writes is on the other when both have met; a book that was there before comes along', async () => {
  const { pair } = await aHouse();
  const anna = await pair('anna');
  await anna.book.append([person('AA')], MOMENT);
  const ben = await pair('ben');
  await ben.book.append([person('BB')], MOMENT);
  expect(await meet(anna)).toMatchObject(WHOLE);
  expect(await meet(ben)).toMatchObject(WHOLE);
  expect(initialsOn(ben)).toEqual(['AA', 'BB']);
  await meet(anna);
  expect(saysAll(anna)).toEqual(saysAll(ben));
  // Who wrote it goes along.
  const written = ben.book.state.all('person').find(({ body }) => body.initials === 'AA');
  expect(written?.head).toMatchObject({ by: 'NA', device: 'anna' });
});

test('a book begun before pairing is told whole, an import too; each once', async () => {
  const { pair, exchange, base } = await aHouse();
  const early = await aPhone({ name: 'early', base });
  await early.book.append([person('EE')], MOMENT);
  const many = Array.from({ length: 450 }, (_, at) => aPerson(`${at}`));
  const anna = await pair('anna', { port: early.port, devicePort: early.devicePort });
  expect(await meet(anna)).toMatchObject(WHOLE);
  expect(exchange.now()!.book.length).toBe(1);
  await anna.book.appendRevisions(many, MOMENT);
  expect((await anna.house.status()).waiting).toBe('all');
  expect(await meet(anna)).toMatchObject(WHOLE);
  const { length } = exchange.now()!.book;
  await meet(anna);
  expect(exchange.now()!.book.length).toBe(length);
  const ben = await pair('ben');
  await meet(ben);
  expect(initialsOn(ben)).toHaveLength(451);
});

test('two who change the same thing both stay, as a conflict to be chosen', async () => {
  const { pair } = await aHouse();
  const [anna, ben] = [await pair('anna'), await pair('ben')];
  const { recordIds } = await anna.book.append([person('AA')], MOMENT);
  await meet(anna);
  await meet(ben);
  const recordId = recordIds[0]!;
  await anna.book.append([{ ...person('A1'), recordId }], MOMENT);
  await ben.book.append([{ ...person('B1'), recordId }], MOMENT);
  for (const phone of [anna, ben, anna]) await meet(phone);
  expect(anna.book.state.headIds(recordId)).toHaveLength(2);
  expect(saysAll(anna)).toEqual(saysAll(ben));
});

test('what was erased on one phone comes back from no other, and not to one that joins', async () => {
  const { pair } = await aHouse();
  const [anna, ben] = [await pair('anna'), await pair('ben')];
  await anna.book.append([person('AA')], MOMENT);
  await meet(anna);
  await meet(ben);
  const erasure = {
    at: new Date(NOON_MS).toISOString(),
    why: 'asked' as const,
    kinds: ['person' as const],
    until: new Date(NOON_MS + 1000).toISOString(),
    count: 0,
    note: '',
  };
  // Written while the house is away: what waits of it is erased with it.
  await anna.book.append([person('WW')], MOMENT);
  expect(await anna.book.erase(erasure, MOMENT)).toBe(2);
  const held = await anna.port.inOneGo('read', (within) => within.entries(''));
  expect(JSON.stringify(held)).not.toContain('WW');
  for (const phone of [anna, ben, anna]) await meet(phone);
  expect([initialsOn(anna), initialsOn(ben)]).toEqual([[], []]);
  // Not even for a moment does it stand in the storage of one that joins.
  const port = memoryStorage();
  const written: string[] = [];
  const watched: typeof port = {
    ...port,
    inOneGo: (mode, work) =>
      port.inOneGo(mode, (within) =>
        work({
          ...within,
          set: (key, value) => {
            written.push(value);
            return within.set(key, value);
          },
        }),
      ),
  };
  const joins = await pair('joins', { port: watched });
  await meet(joins);
  expect(initialsOn(joins)).toEqual([]);
  expect(written.some((text) => text.includes('erasure'))).toBe(true);
  expect(written.some((text) => text.includes('"AA"'))).toBe(false);
  expect(joins.book.state.all('erasure')).toHaveLength(1);
});

test('a revoked phone is told so, keeps its book, and may be paired anew', async () => {
  const { pair, code } = await aHouse();
  const [anna, ben] = [await pair('anna'), await pair('ben')];
  await meet(ben);
  const listed = await anna.house.devices();
  const other = listed.ok ? listed.value.find(({ own }) => !own) : undefined;
  expect(other?.name).toBe('ben');
  expect(await anna.house.revoke(other!.id)).toMatchObject({ ok: true });
  await ben.book.append([person('BB')], MOMENT);
  expect(await meet(ben)).toMatchObject({ paired: true, trouble: 'revoked', waiting: 1 });
  expect(initialsOn(ben)).toEqual(['BB']);
  expect(await ben.house.pair(code(), 'ben')).toMatchObject({ ok: true });
  // Paired once more while it is: its older token holds no longer, and it stands in the list once.
  expect(await ben.house.pair(code(), 'ben, again')).toMatchObject({ ok: true });
  const after = await anna.house.devices();
  expect(after.ok && after.value.map(({ name }) => name)).toEqual(['anna', 'ben, again']);
  expect(await meet(ben)).toMatchObject(WHOLE);
  await meet(anna);
  expect(initialsOn(anna)).toEqual(['BB']);
});

test('pieces of a newer version wait unread, and are read once this one knows them', async () => {
  const { pair, exchange } = await aHouse();
  const anna = await pair('anna');
  const later = canonicalJson([{ ...aPerson('ZZ'), v: 99, kind: 'kindOfLater' }]);
  await exchange.now()!.book.bring({ sha256: digestOf(later), body: later }, 'newer');
  await exchange.now()!.book.bring([...piecesOf([aPerson('OK')])][0]!, 'other');
  expect(await meet(anna)).toMatchObject({ ...WHOLE, unread: 1 });
  expect(initialsOn(anna)).toEqual(['OK']);
  // As if this version were that newer one: what it left unread is sound now.
  const [piece] = [...piecesOf([aPerson('NN')])];
  await anna.port.setMany([[`u/${piece!.sha256}`, piece!.body]]);
  expect(await meet(anna)).toMatchObject({ ...WHOLE, unread: 1 });
  expect(initialsOn(anna)).toEqual(['NN', 'OK']);
});

test('a piece that does not hold together with the book is counted and left out', async () => {
  const { pair, exchange } = await aHouse();
  const anna = await pair('anna');
  const bad = aPerson('XX');
  const circle = { ...bad, parents: [bad.revId] };
  await exchange.now()!.book.bring([...piecesOf([circle])][0]!, 'other');
  expect(await meet(anna)).toMatchObject({ ...WHOLE, damaged: 1 });
  expect(initialsOn(anna)).toEqual([]);
});

test('a folder that was emptied, or lost a piece, is filled again by the phones', async () => {
  const house = await aHouse();
  const anna = await house.pair('anna');
  await anna.book.append([person('AA')], MOMENT);
  await meet(anna);
  const pieces = join(house.path, 'books', 'house');
  // Begun anew: the computer's disk was changed, the devices were kept.
  rmSync(pieces, { recursive: true });
  await house.exchange.turn(false);
  await house.exchange.turn(true);
  expect(house.exchange.now()!.book.length).toBe(0);
  expect(await meet(anna)).toMatchObject(WHOLE);
  expect(house.exchange.now()!.book.length).toBe(1);
  const ben = await house.pair('ben');
  await meet(ben);
  expect(initialsOn(ben)).toEqual(['AA']);
  // One file is gone: the next one to come across it tells what it has.
  for (const name of readdirSync(join(pieces, 'pieces')))
    rmSync(join(pieces, 'pieces', name), { recursive: true });
  mkdirSync(join(pieces, 'pieces'), { recursive: true });
  await house.exchange.turn(false);
  await house.exchange.turn(true);
  const cora = await house.pair('cora');
  expect(await meet(cora)).toMatchObject(WHOLE);
  expect(initialsOn(cora)).toEqual([]);
  await meet(ben);
  await meet(cora);
  expect(initialsOn(cora)).toEqual(['AA']);
});

test('what a phone’s storage lost comes back from the house, its own entries too', async () => {
  const { pair, base } = await aHouse();
  const anna = await pair('anna');
  await anna.book.appendRevisions(
    Array.from({ length: 450 }, (_, at) => aPerson(`${at}`)),
    MOMENT,
  );
  expect(await meet(anna)).toMatchObject(WHOLE);
  // Once more: from here on the house has nothing new for her.
  await meet(anna);
  const packs = (await anna.port.keys()).filter((key) => key.startsWith('p/person/'));
  await anna.port.removeMany(packs.slice(0, 1));
  const { port, devicePort } = anna;
  const again = await aPhone({ name: 'anna', base, port, devicePort });
  expect(initialsOn(again).length).toBeLessThan(450);
  expect(await meet(again)).toMatchObject(WHOLE);
  expect(initialsOn(again)).toHaveLength(450);
});

test('away, off, unknown: each is said, nothing waits less, and the book goes on', async () => {
  const { pair, exchange, server } = await aHouse();
  const anna = await pair('anna');
  await meet(anna);
  await anna.book.append([person('AA')], MOMENT);
  await exchange.turn(false);
  expect(await meet(anna)).toMatchObject({ trouble: 'off', waiting: 1 });
  server.close();
  server.closeAllConnections();
  expect(await meet(anna)).toMatchObject({ trouble: 'away', waiting: 1, lastMetMs: NOON_MS });
  expect(initialsOn(anna)).toEqual(['AA']);
});

test('a house that goes between fetching and telling has been told nothing', async () => {
  const { pair, exchange } = await aHouse();
  let gone = true;
  const ben = await pair('ben', {
    fetching: (url, options) =>
      gone && options.method === 'PUT' ? Promise.reject(new Error('gone')) : fetch(url, options),
  });
  await ben.book.append([person('BB')], MOMENT);
  // The first meeting compares everything: a single lost answer and all of it waits on.
  expect(await meet(ben)).toMatchObject({ trouble: 'away', waiting: 'all', lastMetMs: null });
  gone = false;
  expect(await meet(ben)).toMatchObject(WHOLE);
  gone = true;
  await ben.book.append([person('CC')], MOMENT);
  expect(await meet(ben)).toMatchObject({ trouble: 'away', waiting: 1 });
  gone = false;
  expect(await meet(ben)).toMatchObject(WHOLE);
  expect(exchange.now()!.book.length).toBe(2);
});

test('what is written while the house is being told waits for the next time', async () => {
  const { pair } = await aHouse();
  const many = Array.from({ length: 250 }, (_, at) => aPerson(`${at}`));
  let meanwhile: (() => Promise<void>) | undefined;
  const anna = await pair('anna', {
    fetching: async (url, options) => {
      const answered = await fetch(url, options);
      if (url.endsWith('/unknown')) {
        await meanwhile?.();
        meanwhile = undefined;
      }
      return answered;
    },
  });
  await anna.book.append([person('AA')], MOMENT);
  meanwhile = () => anna.book.appendRevisions(many, MOMENT);
  expect(await meet(anna)).toMatchObject({ waiting: 'all', trouble: null });
  expect(await meet(anna)).toMatchObject(WHOLE);
  const ben = await pair('ben');
  await meet(ben);
  expect(initialsOn(ben)).toHaveLength(251);
});

test('a piece that the house refuses is counted, and nothing else waits for it', async () => {
  const { pair } = await aHouse();
  let refuses = false;
  const anna = await pair('anna', {
    fetching: async (url, options) =>
      refuses && options.method === 'PUT'
        ? new Response('{"why":"refused"}', { status: 422 })
        : fetch(url, options),
  });
  await meet(anna);
  refuses = true;
  await anna.book.append([person('AA')], MOMENT);
  expect(await meet(anna)).toMatchObject({ trouble: null, waiting: 0, refused: 1 });
});

test('what cannot be kept here is fetched again; the token stands in no file of the book', async () => {
  const house = await aHouse();
  const ben = await house.pair('ben');
  const anna = await house.pair('anna');
  await anna.book.append([person('AA')], MOMENT);
  await meet(anna);
  let full = true;
  const { port } = ben;
  const disk: typeof port = {
    ...port,
    inOneGo: (mode, work) =>
      full && mode === 'write' ? Promise.reject(new Error('Quota')) : port.inOneGo(mode, work),
  };
  const { devicePort } = ben;
  const again = await aPhone({ name: 'ben', base: house.base, port: disk, devicePort });
  expect(await meet(again)).toMatchObject({ trouble: 'here' });
  full = false;
  expect(await meet(again)).toMatchObject(WHOLE);
  expect(initialsOn(again)).toEqual(['AA']);
  const [held] = await devicePort.getMany(['house-token']);
  const { token } = JSON.parse(String(held)) as { token: string };
  expect(token.length).toBeGreaterThan(30);
  expect(await (await again.book.files.make()).text()).not.toContain(token);
  await again.house.leave();
  expect(await again.house.status()).toMatchObject({ paired: false });
  expect(await devicePort.getMany(['house-token'])).toEqual([null]);
  const listed = await anna.house.devices();
  expect(listed.ok && listed.value.map(({ name }) => name)).toEqual(['anna']);
});
