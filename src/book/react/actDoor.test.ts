import type { ActId } from '@/records';
import { ActDoor, UNDO_MS } from './actDoor';

let sent: ActId[] = [];
let undone: ActId[] = [];
let fails: Error | undefined;
let next = 0;
const door = () =>
  new ActDoor({
    send: async (_changes, actId) => {
      if (fails) throw fails;
      sent.push(actId);
      return ['record'];
    },
    undo: async (actId) => {
      if (fails) throw fails;
      undone.push(actId);
      return !actId.endsWith('changed');
    },
    newActId: () => `act${(next += 1)}` as string as ActId,
  });
const ACT = { done: { what: 'booked' }, changes: [] } as const;
const id = (name: string) => name as string as ActId;
/** Lets promises that wait for nothing go on. */
const settle = () => jest.advanceTimersByTimeAsync(0);

beforeEach(() => {
  jest.useFakeTimers();
  sent = [];
  undone = [];
  fails = undefined;
});
afterEach(() => {
  jest.useRealTimers();
});

test('what is done is said and can be taken back for ten seconds, then no longer', async () => {
  const acts = door();
  expect(await acts.run(ACT, id('one'))).toEqual(['record']);
  expect(acts.current()).toEqual({ kind: 'done', done: ACT.done, actId: 'one' });
  await jest.advanceTimersByTimeAsync(UNDO_MS - 1);
  expect(acts.current()).toBeDefined();
  await jest.advanceTimersByTimeAsync(1);
  expect(acts.current()).toBeUndefined();
  expect(UNDO_MS).toBe(10_000);
});

test('taking back reaches the book once and says so', async () => {
  const acts = door();
  await acts.run(ACT, id('one'));
  await acts.undo();
  await acts.undo();
  expect(undone).toEqual(['one']);
  expect(acts.current()).toMatchObject({ kind: 'takenBack' });
});

test('what was changed since is not taken back, and it says so', async () => {
  const acts = door();
  await acts.run(ACT, id('changed'));
  await acts.undo();
  expect(acts.current()).toEqual({ kind: 'changedSince' });
});

test('a failure is said aloud, kept until answered, and tried again under the same id', async () => {
  const acts = door();
  fails = new Error('QuotaExceededError');
  const running = acts.run(ACT, id('one'));
  await settle();
  const notice = acts.current();
  expect(notice).toMatchObject({ kind: 'failed' });
  await jest.advanceTimersByTimeAsync(60_000);
  expect(acts.current()).toBe(notice);
  fails = undefined;
  if (notice?.kind === 'failed') notice.again();
  expect(await running).toEqual(['record']);
  expect(sent).toEqual(['one']);
});

test('letting a failed act be resolves to nothing done', async () => {
  const acts = door();
  fails = new Error('no');
  const running = acts.run(ACT, id('one'));
  await settle();
  acts.leaveFailed();
  expect(await running).toBeUndefined();
  expect(acts.current()).toBeUndefined();
  expect(sent).toEqual([]);
});

test('an act that takes long says so after 300 ms, and not before', async () => {
  let finish: () => void = () => undefined;
  const slow = new ActDoor({
    send: () => new Promise((resolve) => (finish = () => resolve([]))),
    undo: async () => true,
    newActId: () => id('x'),
  });
  const told: string[] = [];
  slow.subscribe(() => told.push(slow.current()?.kind ?? 'nothing'));
  const running = slow.run({ changes: [] }, id('one'));
  await jest.advanceTimersByTimeAsync(299);
  expect(told).toEqual([]);
  await jest.advanceTimersByTimeAsync(1);
  expect(told).toEqual(['going']);
  finish();
  await running;
  expect(told).toEqual(['going', 'nothing']);
});

test('the line tells of the newest act alone: one that its own screen tells of clears it', async () => {
  const acts = door();
  await acts.run(ACT, id('one'));
  await acts.run(ACT, id('two'));
  expect(acts.current()).toMatchObject({ kind: 'done', actId: 'two' });
  await acts.run({ changes: [] }, id('told by its screen'));
  expect(acts.current()).toBeUndefined();
});
