import { digestOf } from '@/interchange/bundle';
import { piecesOf } from '@/interchange/exchange';
import { canonicalJson } from '@/records/canonicalJson';
import { aHouse, closeHouses, initialsOn, meet, MOMENT, person, WHOLE } from './testing/house';
import { aPhone, NOON_MS, saysAll } from './testing/phone';
import { aPerson } from './testing/pieces';

afterAll(closeHouses);

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
