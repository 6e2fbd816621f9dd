import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { memoryStorage } from '@/records/storage/memory';
import { aHouse, closeHouses, initialsOn, meet, MOMENT, person, WHOLE } from './testing/house';
import { aPhone, NOON_MS } from './testing/phone';
import { aPerson } from './testing/pieces';

afterAll(closeHouses);

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
  const held = async () =>
    JSON.stringify(await anna.port.inOneGo('read', (within) => within.entries('')));
  // A word of its own: an id may hold the two letters by chance.
  expect(await held()).toMatch(/\bWW\b/);
  expect(await anna.book.erase(erasure, MOMENT)).toBe(2);
  expect(await held()).not.toMatch(/\bWW\b/);
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
  expect(await again.house.leave()).toEqual({ ok: true, value: null });
  expect(await again.house.status()).toMatchObject({ paired: false });
  expect(await devicePort.getMany(['house-token'])).toEqual([null]);
  const listed = await anna.house.devices();
  expect(listed.ok && listed.value.map(({ name }) => name)).toEqual(['anna']);
});

test('leaving while the house is away: this device lets go, and is told that the list still holds it', async () => {
  const { base, pair } = await aHouse();
  let at = base;
  const ben = await pair('ben', { base: () => at() });
  const anna = await pair('anna');
  at = () => 'http://127.0.0.1:9/exchange';
  expect(await ben.house.leave()).toEqual({ ok: false, refusal: 'away' });
  expect(await ben.house.status()).toMatchObject({ paired: false });
  expect(await ben.devicePort.getMany(['house-token'])).toEqual([null]);
  const listed = await anna.house.devices();
  const ids = listed.ok ? listed.value.map(({ name, id }) => [name, id] as const) : [];
  expect(ids.map(([name]) => name)).toEqual(['ben', 'anna']);
  expect(await anna.house.revoke(ids[0]![1])).toEqual({ ok: true, value: null });
});
