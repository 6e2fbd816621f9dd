import {
  appendFileSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { open } from 'node:fs/promises';
import { canonicalJson } from '@/records/canonicalJson';
import { digestOf } from '@/interchange/bundle';
import { piecesOf, type Cursor, type Piece } from '@/interchange/exchange';
import { BookFolder } from './bookFolder';
import { thisDisk, type Disk } from './disk';
import { aPerson, ownFolder } from './testing/pieces';

const START: Cursor = { after: 0, at: '' };
const aPiece = (initials: string): Piece => [...piecesOf([aPerson(initials)])][0]!;
const namesIn = (folder: string) =>
  readdirSync(join(folder, 'pieces'), { recursive: true }).filter((name) =>
    String(name).includes('.'),
  );
const fileOf = (folder: string, { sha256 }: Piece) =>
  join(folder, 'pieces', sha256.slice(0, 2), `${sha256}.json`);

test('pieces are numbered as they come; the same piece twice is one', async () => {
  const folder = ownFolder();
  const book = await BookFolder.open(folder);
  const [a, b] = [aPiece('A'), aPiece('B')];
  expect(await book.bring(a, 'one')).toEqual({ state: 'kept' });
  await Promise.all([book.bring(b, 'two'), book.bring(b, 'one'), book.bring(a, 'two')]);
  const all = await book.after(START);
  expect(all.pieces).toEqual([a, b]);
  expect(all.cursor).toEqual({ after: 2, at: b.sha256 });
  expect((await book.after({ after: 1, at: a.sha256 })).pieces).toEqual([b]);
  // What a device brought itself is not told to it again.
  expect((await book.after(START, 'two')).pieces).toEqual([a]);
  expect((await book.after(START, 'two')).cursor).toEqual(all.cursor);
});

test('what was answered is on the disk: the file, its folder and the log are synced before', async () => {
  const folder = ownFolder();
  const calls: string[] = [];
  const watched: Disk = {
    ...thisDisk,
    writeWhole: (path, bytes) => {
      calls.push(`write ${path.endsWith('.json') ? 'piece' : path}`);
      return thisDisk.writeWhole(path, bytes);
    },
    append: (path, text) => {
      calls.push('log');
      return thisDisk.append(path, text);
    },
  };
  const book = await BookFolder.open(folder, watched);
  calls.length = 0;
  await book.bring(aPiece('A'), 'one');
  expect(calls).toEqual(['write piece', 'log']);
});

test('a file is synced before it has its name, and its folder after; so is each line of the log', async () => {
  const folder = ownFolder();
  const probe = await open(join(folder, 'probe'), 'w');
  const handle = Object.getPrototypeOf(probe) as { sync: () => Promise<void> };
  await probe.close();
  const sync = jest.spyOn(handle, 'sync');
  const names: string[][] = [];
  sync.mockImplementation(async () => void names.push(readdirSync(folder).sort()));
  await thisDisk.writeWhole(join(folder, 'whole'), Buffer.from('x'));
  expect(names.map((list) => list.includes('whole'))).toEqual([false, true]);
  await thisDisk.append(join(folder, 'log'), 'line');
  await thisDisk.cut(join(folder, 'log'), 2);
  expect(sync).toHaveBeenCalledTimes(4);
  sync.mockRestore();
});

test('a crash anywhere between writing and answering loses nothing and leaves no half', async () => {
  const folder = ownFolder();
  const first = await BookFolder.open(folder);
  await first.bring(aPiece('A'), 'one');
  // The piece was written and not numbered; a line of the log and a file were cut short.
  const b = aPiece('B');
  mkdirSync(join(folder, 'pieces', b.sha256.slice(0, 2)), { recursive: true });
  writeFileSync(fileOf(folder, b), b.body);
  appendFileSync(join(folder, 'arrivals.log'), `${b.sha256} 12`);
  writeFileSync(join(folder, 'pieces', b.sha256.slice(0, 2), '77-1.half'), '[{');
  const again = await BookFolder.open(folder);
  expect(again.length).toBe(2);
  expect(again.id).toBe(first.id);
  expect((await again.after(START)).pieces.map(({ sha256 }) => sha256)).toContain(b.sha256);
  expect(namesIn(folder).every((name) => String(name).endsWith('.json'))).toBe(true);
  const log = readFileSync(join(folder, 'arrivals.log'), 'utf8');
  expect(log.trim().split('\n')).toHaveLength(2);
  // The next arrival stands on a line of its own.
  await again.bring(aPiece('C'), 'one');
  expect((await BookFolder.open(folder)).length).toBe(3);
});

test('a full disk is said; nothing half is left, and with room again all is taken', async () => {
  const folder = ownFolder();
  let full: 'no' | 'piece' | 'log' = 'no';
  const noRoom = () => Promise.reject(Object.assign(new Error('full'), { code: 'ENOSPC' }));
  const disk: Disk = {
    ...thisDisk,
    writeWhole: (path, bytes) => (full === 'piece' ? noRoom() : thisDisk.writeWhole(path, bytes)),
    append: async (path, text) => {
      if (full !== 'log') return thisDisk.append(path, text);
      // As much of the line as there was room for.
      appendFileSync(path, text.slice(0, 9));
      return noRoom();
    },
  };
  const book = await BookFolder.open(folder, disk);
  const [a, b, c] = [aPiece('A'), aPiece('B'), aPiece('C')];
  await book.bring(a, 'one');
  full = 'piece';
  expect(await book.bring(b, 'one')).toEqual({ state: 'full' });
  full = 'log';
  expect(await book.bring(c, 'one')).toEqual({ state: 'full' });
  full = 'no';
  expect(await book.bring(b, 'one')).toEqual({ state: 'kept' });
  expect(await book.bring(c, 'one')).toEqual({ state: 'kept' });
  expect((await book.after(START)).pieces).toEqual([a, b, c]);
  expect((await (await BookFolder.open(folder)).after(START)).pieces).toEqual([a, b, c]);
});

test('what is not a piece of a book is refused, and nothing of it is kept', async () => {
  const folder = ownFolder();
  const book = await BookFolder.open(folder);
  const { body } = aPiece('A');
  const named = (text: string) => ({ sha256: digestOf(text), body: text });
  const refused = async (piece: Piece) => (await book.bring(piece, 'one')).state;
  expect(await refused({ sha256: 'a'.repeat(64), body })).toBe('refused');
  expect(await refused(named('{}'))).toBe('refused');
  expect(await refused(named('[{"revId":"x"}]'))).toBe('refused');
  expect(await refused(named(body.replace('"initials":"A"', '"initials":7')))).toBe('refused');
  expect(namesIn(folder)).toEqual([]);
  expect(book.length).toBe(0);
});

test('a piece of a newer version is kept as it is', async () => {
  const book = await BookFolder.open(ownFolder());
  const revision = { ...aPerson('A'), v: 99, kind: 'kindOfLater', body: { later: true } };
  const body = canonicalJson([revision]);
  expect(await book.bring({ sha256: digestOf(body), body }, 'one')).toEqual({ state: 'kept' });
  expect((await book.after(START)).pieces[0]?.body).toBe(body);
  expect(await book.unknown([revision.revId])).toEqual([]);
});

test('pieces that came into the folder by other ways are found; damaged ones are not taken', async () => {
  const folder = ownFolder();
  const book = await BookFolder.open(folder);
  const [a, b] = [aPiece('A'), aPiece('B')];
  for (const piece of [a, b])
    mkdirSync(join(folder, 'pieces', piece.sha256.slice(0, 2)), { recursive: true });
  writeFileSync(fileOf(folder, a), a.body);
  writeFileSync(fileOf(folder, b), b.body.slice(0, 20));
  expect(await book.look()).toBe(1);
  expect(await book.look()).toBe(0);
  expect((await book.after(START)).pieces).toEqual([a]);
});

test('a lost piece is told, and is whole again once somebody brings it', async () => {
  const folder = ownFolder();
  const book = await BookFolder.open(folder);
  const a = aPiece('A');
  const [{ revId }] = JSON.parse(a.body) as [{ revId: string }];
  await book.bring(a, 'one');
  rmSync(fileOf(folder, a));
  expect(await book.after(START)).toMatchObject({ lost: 1, pieces: [] });
  // Those who are past it are told as well: they may have what was lost.
  expect((await book.after({ after: 1, at: a.sha256 })).lost).toBe(1);
  const opened = await BookFolder.open(folder);
  expect(await opened.unknown([revId])).toEqual([revId]);
  await opened.bring(a, 'two');
  expect(await opened.after(START)).toMatchObject({ pieces: [a], lost: 0 });
  expect(await opened.unknown([revId])).toEqual([]);
});

test('a place of another log is noticed: everything begins anew', async () => {
  const [one, other] = [await BookFolder.open(ownFolder()), await BookFolder.open(ownFolder())];
  const [a, b] = [aPiece('A'), aPiece('B')];
  await one.bring(a, 'one');
  await other.bring(b, 'one');
  const { cursor } = await one.after(START);
  expect(await other.after(cursor)).toMatchObject({ begunAnew: true, pieces: [b] });
  expect(await one.after({ after: 9, at: a.sha256 })).toMatchObject({ begunAnew: true });
  expect(other.id).not.toBe(one.id);
});

test('many pieces come in answers of a bounded size', async () => {
  const book = await BookFolder.open(ownFolder());
  const large = [...piecesOf(Array.from({ length: 9000 }, (_, at) => aPerson(`P${at % 90}`)))];
  expect(large.every(({ body }) => Buffer.byteLength(body) <= 256 * 1024)).toBe(true);
  for (const piece of large) await book.bring(piece, 'one');
  const got: string[] = [];
  let cursor = START;
  let answers = 0;
  for (let more = true; more; answers += 1) {
    const part = await book.after(cursor);
    got.push(...part.pieces.map(({ sha256 }) => sha256));
    ({ cursor, more } = part);
  }
  expect(got).toEqual(large.map(({ sha256 }) => sha256));
  expect(answers).toBeGreaterThan(1);
  expect(answers).toBeLessThan(large.length);
});
