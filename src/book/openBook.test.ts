import { memoryStorage } from '@/records/storage/memory';
import type { StoragePort } from '@/records/storage/port';
import type { BodyOf, Change, Kind, Revision } from '@/records';
import { writeBundle } from '@/interchange/bundle';
import { conflictsAnswer } from './engine/conflicts';
import { OpenBook, type TabChannel } from './openBook';

/** Two tabs of one browser: one storage, one channel. */
function browser() {
  const port = memoryStorage();
  const listeners: ((revisions: readonly Revision[]) => void)[] = [];
  let muted = false;
  const channel = (): TabChannel => {
    let mine: ((revisions: readonly Revision[]) => void) | undefined;
    return {
      post: (revisions) => {
        if (!muted)
          listeners.filter((listener) => listener !== mine).forEach((tell) => tell(revisions));
      },
      onMessage: (listener) => {
        mine = listener;
        listeners.push(listener);
      },
    };
  };
  let queue = Promise.resolve();
  const open = (
    onChange: (kinds: readonly Kind[]) => void = () => undefined,
    at: StoragePort = port,
  ) =>
    OpenBook.open({
      port: at,
      channel: channel(),
      runLocked: (work) => (queue = queue.then(work)),
      deviceId: 'phone',
      initials: () => 'LV',
      onChange,
    });
  return { open, port, mute: () => (muted = true) };
}

const moment = { nowMs: Date.UTC(2026, 4, 1), zone: 'Europe/Lisbon' };
const person = (initials: string): Change<'person'> => ({
  kind: 'person',
  body: { initials, name: '' },
});
const initialsIn = (book: OpenBook) => book.state.all('person').map(({ body }) => body.initials);

test('an act is stamped with who, where and when, and read back after opening anew', async () => {
  const { open } = browser();
  const book = await open();
  const { recordIds } = await book.append([person('AB')], moment);
  const [record] = (await open()).state.all('person');
  expect(record?.id).toBe(recordIds[0]);
  expect(record?.head).toMatchObject({
    by: 'LV',
    device: 'phone',
    zone: 'Europe/Lisbon',
    at: '2026-05-01T00:00:00.000Z',
  });
});

test('what one tab writes the other shows at once, and says which kinds changed', async () => {
  const { open } = browser();
  const told: string[] = [];
  const left = await open();
  const right = await open((kinds) => told.push(...kinds));
  await left.append([person('AB')], moment);
  expect(initialsIn(right)).toEqual(['AB']);
  expect(told).toEqual(['person']);
});

test('a tab that heard nothing catches up', async () => {
  const { open, mute } = browser();
  const [left, right] = [await open(), await open()];
  mute();
  await left.append([person('AB')], moment);
  expect(initialsIn(right)).toEqual([]);
  await right.catchUp();
  expect(initialsIn(right)).toEqual(['AB']);
});

test('a change replaces, an undo deletes, and both keep the old revisions', async () => {
  const { open } = browser();
  const book = await open();
  const { recordIds } = await book.append([person('AB')], moment);
  const recordId = recordIds[0]!;
  await book.append([{ ...person('CD'), recordId }], moment);
  expect(initialsIn(book)).toEqual(['CD']);
  await book.append([{ kind: 'person', recordId, body: null }], moment);
  expect(initialsIn(book)).toEqual([]);
  expect(book.state.revisions()).toHaveLength(3);
});

test('nothing is shown or told when storage refuses', async () => {
  const { open, port } = browser();
  const full: StoragePort = {
    ...port,
    setMany: async () => Promise.reject(new Error('disk full')),
  };
  const book = await open(undefined, full);
  await expect(book.append([person('AB')], moment)).rejects.toThrow('disk full');
  expect(initialsIn(book)).toEqual([]);
});

test('one bad change stops the whole act', async () => {
  const { open, port } = browser();
  const book = await open();
  const bad: Change = { kind: 'person', body: { initials: 'TOO LONG' } as BodyOf<'person'> };
  await expect(book.append([person('AB'), bad], moment)).rejects.toThrow('Not saved');
  expect(await port.keys()).toEqual([]);
});

test('two phones end equal after taking in each other’s file, and a conflict is joined by a choice', async () => {
  const [left, right] = [await browser().open(), await browser().open()];
  const { recordIds } = await left.append([person('AB')], moment);
  const recordId = recordIds[0]!;
  const file = (book: OpenBook) => writeBundle(book.state.revisions());
  const take = async (book: OpenBook, text: string) => {
    const preview = book.openFile(text);
    await book.takeFile();
    return preview;
  };
  await take(right, file(left));
  // Ids follow the clock: the right phone changes it a second later.
  const later = (ms: number) => ({ ...moment, nowMs: Date.now() + ms });
  await left.append([{ ...person('CD'), recordId }], later(1000));
  await right.append([{ ...person('EF'), recordId }], later(2000));
  const preview = await take(left, file(right));
  expect(preview).toMatchObject({ ok: true, value: { counts: { changedOnBothSides: 1 } } });
  const [conflict] = conflictsAnswer(left.state);
  expect(conflict?.differs).toEqual([{ field: 'initials', values: ['"CD"', '"EF"'] }]);
  await left.resolve([{ recordId, revId: conflict!.heads[0]!.revId }], moment);
  expect(conflictsAnswer(left.state)).toEqual([]);
  expect(initialsIn(left)).toEqual(['CD']);
  await take(right, file(left));
  await take(left, file(right));
  expect(file(right)).toBe(file(left));
});

test('a bad file changes nothing', async () => {
  const { open, port } = browser();
  const book = await open();
  expect(book.openFile('{"format":"zolder-book","version":1,"revi')).toMatchObject({
    refusal: { reason: 'cutOff' },
  });
  expect(await book.takeFile()).toEqual({ added: 0 });
  expect(await port.keys()).toEqual([]);
});

test('a long journal is packed when the book is opened', async () => {
  const { open, port } = browser();
  const book = await open();
  for (let at = 0; at < 70; at += 1) await book.append([person('AB')], moment);
  await open();
  expect((await port.keys()).filter((key) => key.startsWith('j/'))).toEqual([]);
  expect(initialsIn(await open())).toHaveLength(70);
});
