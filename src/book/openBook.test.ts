import { addPerson } from '@/acts';
import { writeBundle } from '@/interchange/bundle';
import type { ActId, BodyOf, Change } from '@/records';
import { idSource } from '@/records';
import { memoryStorage } from '@/records/storage/memory';
import type { StoragePort } from '@/records/storage/port';
import { conflictsAnswer } from './engine/conflicts';
import type { OpenBook } from './openBook';
import { MOMENT as moment, testBrowser } from './testing/browser';

const DAY_MS = 86_400_000;
const newId = idSource();
const actId = () => newId(moment.nowMs) as string as ActId;
const person = (initials: string) => addPerson(initials).changes[0]!;
const initialsIn = (book: OpenBook) => book.state.all('person').map(({ body }) => body.initials);
const fileOf = (text: string) => new Blob([text]);

test('an act is stamped with who, where, when and what, and read back after opening anew', async () => {
  const { open } = testBrowser();
  const book = await open();
  const act = actId();
  const { recordIds } = await book.append([person('AB')], { ...moment, actId: act });
  const [record] = (await open()).state.all('person');
  expect(record?.id).toBe(recordIds[0]);
  expect(record?.head).toMatchObject({
    by: 'LV',
    device: 'phone',
    zone: 'Europe/Lisbon',
    at: '2026-05-01T00:00:00.000Z',
    act,
    v: 2,
  });
});

test('what one tab writes the other shows at once, and says which kinds changed', async () => {
  const { open } = testBrowser();
  const told: string[] = [];
  const left = await open();
  const right = await open({ onChange: (kinds) => told.push(...kinds) });
  await left.append([person('AB')], moment);
  expect(initialsIn(right)).toEqual(['AB']);
  expect(told).toEqual(['person']);
});

test('a tab that heard nothing catches up', async () => {
  const { open, mute } = testBrowser();
  const [left, right] = [await open(), await open()];
  mute();
  await left.append([person('AB')], moment);
  expect(initialsIn(right)).toEqual([]);
  await right.catchUp(moment);
  expect(initialsIn(right)).toEqual(['AB']);
});

test('a change replaces, a deletion deletes, and both keep the old revisions', async () => {
  const { open } = testBrowser();
  const book = await open();
  const { recordIds } = await book.append([person('AB')], moment);
  const recordId = recordIds[0]!;
  await book.append([{ ...person('CD'), recordId }], moment);
  expect(initialsIn(book)).toEqual(['CD']);
  await book.append([{ kind: 'person', recordId, body: null }], moment);
  expect(initialsIn(book)).toEqual([]);
  expect(book.state.revisions()).toHaveLength(3);
});

describe('an act', () => {
  test('that is sent twice is booked once, one after the other or both at once', async () => {
    const { open } = testBrowser();
    const book = await open();
    const act = { ...moment, actId: actId() };
    const [first, second] = await Promise.all([
      book.append([person('AB')], act),
      book.append([person('AB')], act),
    ]);
    const third = await book.append([person('AB')], act);
    expect([second, third]).toEqual([first, first]);
    expect(initialsIn(await open())).toEqual(['AB']);
  });

  test('that was stored without the answer coming through is known after opening anew', async () => {
    const { open } = testBrowser();
    const act = { ...moment, actId: actId() };
    await (await open()).append([person('AB')], act);
    const again = await open();
    await again.append([person('AB')], act);
    expect(initialsIn(again)).toEqual(['AB']);
  });

  test('that fails can be sent again under its id', async () => {
    const { open, port } = testBrowser();
    let full = true;
    const disk: StoragePort = {
      ...port,
      inOneGo: async (mode, work) => {
        if (full && mode === 'write') throw new Error('QuotaExceededError');
        return port.inOneGo(mode, work);
      },
    };
    const book = await open({ at: disk });
    const act = { ...moment, actId: actId() };
    await expect(book.append([person('AB')], act)).rejects.toThrow('Quota');
    expect(initialsIn(book)).toEqual([]);
    full = false;
    await book.append([person('AB')], act);
    expect(initialsIn(await open())).toEqual(['AB']);
  });

  test('is refused whole where one of its changes is bad', async () => {
    const { open, port } = testBrowser();
    const book = await open();
    const bad: Change = { kind: 'person', body: { initials: 'TOO LONG' } as BodyOf<'person'> };
    await expect(book.append([person('AB'), bad], moment)).rejects.toThrow('initials');
    expect(await port.keys()).toEqual([]);
  });

  test('is taken back: what it made is gone, what it changed says what it said before', async () => {
    const { open } = testBrowser();
    const book = await open();
    const { recordIds } = await book.append([person('AB')], moment);
    const act = actId();
    const changes = [{ ...person('CD'), recordId: recordIds[0] }, person('EF')];
    await book.append(changes, { ...moment, actId: act });
    expect(initialsIn(book)).toEqual(['CD', 'EF']);
    expect(await book.undo(act, moment)).toMatchObject({ ok: true });
    expect(initialsIn(await open())).toEqual(['AB']);
    // Pressed again, it does not bring anything back.
    expect(await book.undo(act, moment)).toMatchObject({ ok: false });
  });

  test('is not taken back over somebody’s later change', async () => {
    const { open } = testBrowser();
    const book = await open();
    const act = actId();
    const { recordIds } = await book.append([person('AB')], { ...moment, actId: act });
    await book.append([{ ...person('CD'), recordId: recordIds[0] }], moment);
    expect(await book.undo(act, moment)).toEqual({
      ok: false,
      refusal: { reason: 'changedSince' },
    });
    expect(initialsIn(book)).toEqual(['CD']);
  });
});

test('two phones end equal after taking in each other’s file, and a conflict is joined by a choice', async () => {
  const [left, right] = [await testBrowser().open(), await testBrowser().open()];
  const { recordIds } = await left.append([person('AB')], moment);
  const recordId = recordIds[0]!;
  const file = (book: OpenBook) => writeBundle(book.state.revisions());
  const take = async (book: OpenBook, text: string) => {
    const preview = await book.files.open(fileOf(text));
    await book.files.take(moment);
    return preview;
  };
  await take(right, file(left));
  const later = (ms: number) => ({ ...moment, nowMs: moment.nowMs + ms });
  await left.append([{ ...person('CD'), recordId }], later(1000));
  await right.append([{ ...person('EF'), recordId }], later(2000));
  const preview = await take(left, file(right));
  expect(preview).toMatchObject({ ok: true, value: { counts: { changedOnBothSides: 1 } } });
  const [conflict] = conflictsAnswer(left.state);
  expect(conflict?.differs).toEqual([{ field: 'initials', values: ['CD', 'EF'] }]);
  await left.resolve([{ recordId, revId: conflict!.heads[0]!.revId }], moment);
  expect(conflictsAnswer(left.state)).toEqual([]);
  expect(initialsIn(left)).toEqual(['CD']);
  await take(right, file(left));
  await take(left, file(right));
  expect(file(right)).toBe(file(left));
});

test('a record with 17 sides is joined by one choice', async () => {
  const book = await testBrowser().open();
  const { recordIds } = await book.append([person('AB')], moment);
  const recordId = recordIds[0]!;
  const parents = book.state.headIds(recordId);
  for (let at = 0; at < 17; at += 1)
    await book.append([{ ...person(`P${at}`), recordId, parents }], moment);
  const [conflict] = conflictsAnswer(book.state);
  expect(conflict?.heads).toHaveLength(17);
  await book.resolve([{ recordId, revId: conflict!.heads[3]!.revId }], moment);
  expect(conflictsAnswer(book.state)).toEqual([]);
  expect(initialsIn(book)).toEqual(['P3']);
});

test('a bad file changes nothing, and one whose taking in failed can be taken in again', async () => {
  const { open, port } = testBrowser();
  let full = true;
  const disk: StoragePort = {
    ...port,
    inOneGo: (mode, work) =>
      full && mode === 'write' ? Promise.reject(new Error('Quota')) : port.inOneGo(mode, work),
  };
  const book = await open({ at: disk });
  expect(await book.files.open(fileOf('{"format":"zolder-book","version":2,"pie'))).toMatchObject({
    ok: false,
  });
  expect(await book.files.take(moment)).toEqual({ added: 0 });
  const other = await testBrowser().open();
  await other.append([person('AB')], moment);
  await book.files.open(await other.files.make());
  await expect(book.files.take(moment)).rejects.toThrow('Quota');
  full = false;
  expect(await book.files.take(moment)).toEqual({ added: 1 });
  expect(initialsIn(await open())).toEqual(['AB']);
});

describe('packing is housekeeping', () => {
  test('opening packs nothing; it happens later, and then all is there', async () => {
    const { open, port } = testBrowser();
    const book = await open();
    for (let at = 0; at < 70; at += 1) await book.append([person('AB')], moment);
    const waiting = async () => (await port.keys()).filter((key) => key.startsWith('j/')).length;
    const again = await open();
    expect(await waiting()).toBe(70);
    await again.housekeep(moment.nowMs);
    expect(await waiting()).toBe(0);
    expect(initialsIn(await open())).toHaveLength(70);
  });

  test('its failure is noted and stops nothing: opening, reading, writing go on', async () => {
    const { open, port, troubles } = testBrowser();
    const first = await open();
    for (let at = 0; at < 70; at += 1) await first.append([person('AB')], moment);
    const full: StoragePort = {
      ...port,
      // Only packing takes anything away.
      inOneGo: (mode, work) =>
        port.inOneGo(mode, (within) =>
          work({ ...within, remove: () => Promise.reject(new Error('Quota')) }),
        ),
    };
    const book = await open({ at: full });
    await book.housekeep(moment.nowMs);
    expect(troubles).toEqual(['packing']);
    await book.append([person('CD')], moment);
    expect(initialsIn(await open())).toHaveLength(71);
  });
});

describe('a book that a newer Zolder wrote in', () => {
  test('is read and saved, not added to', async () => {
    const { open, held } = testBrowser();
    await (await open()).append([person('AB')], moment);
    const [key, text] = [...held][0]!;
    held.set(`${key}X`, String(text).replace(/^2:/, '9:'));
    const book = await open();
    expect(book.findings.readOnly).toBe(true);
    expect(initialsIn(book)).toEqual(['AB']);
    await expect(book.append([person('CD')], moment)).rejects.toThrow('newer');
    const file = await (await book.files.make()).text();
    expect(file).toContain('"setAside"');
    expect(file).toContain('9:');
  });
});

describe('the second copy', () => {
  test('brings back what the book lost, once, and only that', async () => {
    const { open, held } = testBrowser();
    const book = await open();
    await book.append([person('AB')], moment);
    await book.append([person('CD')], moment);
    held.delete([...held.keys()][0]!);
    const again = await open();
    expect(initialsIn(again)).toEqual(['CD']);
    expect(await again.bringBack(moment)).toBe(1);
    expect(initialsIn(again).sort()).toEqual(['AB', 'CD']);
    expect(again.findings.broughtBack).toBe(1);
    expect(await again.bringBack(moment)).toBe(0);
    expect(initialsIn(await open()).sort()).toEqual(['AB', 'CD']);
  });

  test('of a large import is its own file, and a book begun anew brings nothing back', async () => {
    const { open, copyHeld, copy } = testBrowser();
    const book = await open();
    await book.append([person('AB')], moment);
    const other = await testBrowser().open();
    await other.append(
      Array.from({ length: 250 }, () => person('CD')),
      moment,
    );
    await book.files.open(await other.files.make());
    await book.files.take(moment);
    expect(book.state.size).toBe(251);
    expect(copyHeld.size).toBe(1);
    await copy.forget();
    expect(await (await open({ at: memoryStorage() })).bringBack(moment)).toBe(0);
  });

  test('holds a month', async () => {
    const { open, copyHeld } = testBrowser();
    const book = await open();
    await book.append([person('AB')], moment);
    await book.append([person('CD')], { ...moment, nowMs: moment.nowMs + 20 * DAY_MS });
    await book.housekeep(moment.nowMs + 32 * DAY_MS);
    expect(copyHeld.size).toBe(1);
  });
});

test('a tab exports what is in storage, not only what it heard of', async () => {
  const { open, mute } = testBrowser();
  const [left, right] = [await open(), await open()];
  mute();
  await left.append([person('AB')], moment);
  expect(await (await right.files.make()).text()).toContain('"AB"');
});
