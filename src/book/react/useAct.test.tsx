import { act as settle, renderHook } from '@testing-library/react';
import type { Act } from '@/acts';
import type { ActId, Change } from '@/records';
import { useAct } from './useAct';

let mockRan: { readonly changes: readonly Change[]; readonly actId: ActId }[] = [];
let mockFails = false;
let mockNotice: { kind: string } | undefined;
let mockDone: () => void = () => undefined;
jest.mock('./BookProvider', () => {
  let next = 0;
  const acts = {
    newActId: () => `act${(next += 1)}`,
    current: () => mockNotice,
    leaveFailed: () => (mockNotice = undefined),
    run: (act: Act, actId: ActId) => {
      mockRan.push({ changes: act.changes, actId });
      if (mockFails) mockNotice = { kind: 'failed' };
      const answer = mockFails ? undefined : ['record'];
      return new Promise((resolve) => (mockDone = () => resolve(answer)));
    },
  };
  return { useBook: () => ({ acts }) };
});

/** A dose called mixed at a moment, pressed on a version of its record. */
const mixed = (revId: string, at: string, productName = 'pH down'): Act => ({
  changes: [
    { kind: 'addition', recordId: 'dose', parents: [revId], body: { productName, rereadAt: at } },
  ] as unknown as Change[],
});

const opened = (options?: { readonly oneByOne: boolean }) =>
  renderHook(() => useAct(options)).result;
const press = (door: ReturnType<typeof opened>, what: Act) =>
  settle(async () => {
    door.current.act(what).catch(() => undefined);
  });
const done = () => settle(async () => mockDone());

beforeEach(() => {
  mockRan = [];
  mockFails = false;
  mockNotice = undefined;
  jest.useFakeTimers({ now: 0 });
});
afterEach(() => jest.useRealTimers());

test('a second tap while the first is under way is dropped', async () => {
  const door = opened();
  await press(door, mixed('rev1', '2026-05-20T08:00:00.000Z'));
  expect(door.current.busy).toBe(true);
  await press(door, mixed('rev1', '2026-05-20T08:00:00.200Z'));
  await done();
  expect(mockRan).toHaveLength(1);
  expect(door.current.busy).toBe(false);
});

test('a second tap on what the first one left is dropped too; seconds later it is meant', async () => {
  const door = opened();
  await press(door, mixed('rev1', '2026-05-20T08:00:00.000Z'));
  await done();
  await press(door, mixed('rev2', '2026-05-20T08:00:00.300Z'));
  expect(mockRan).toHaveLength(1);
  jest.setSystemTime(2600);
  await press(door, mixed('rev2', '2026-05-20T08:00:02.600Z'));
  expect(mockRan).toHaveLength(2);
});

test('what was taken back may be done once more at once', async () => {
  const door = opened();
  await press(door, mixed('rev1', '2026-05-20T08:00:00.000Z'));
  await done();
  mockNotice = { kind: 'takenBack' };
  await press(door, mixed('rev3', '2026-05-20T08:00:01.000Z'));
  expect(mockRan).toHaveLength(2);
});

test('another act may follow at once', async () => {
  const door = opened();
  await press(door, mixed('rev1', '2026-05-20T08:00:00.000Z'));
  await done();
  await press(door, mixed('rev2', '2026-05-20T08:00:00.300Z', 'pH up'));
  expect(mockRan).toHaveLength(2);
});

test('pressed again after it failed, the same act keeps its id; another one has its own', async () => {
  mockFails = true;
  const door = opened();
  await press(door, mixed('rev1', '2026-05-20T08:00:00.000Z'));
  await done();
  await press(door, mixed('rev1', '2026-05-20T08:00:09.000Z'));
  await done();
  await press(door, mixed('rev1', '2026-05-20T08:00:19.000Z', 'pH up'));
  const [first, again, other] = mockRan.map(({ actId }) => actId);
  expect(again).toBe(first);
  expect(other).not.toBe(first);
});

test('one by one: another act waits for the first instead of being dropped', async () => {
  const door = opened({ oneByOne: true });
  await press(door, mixed('rev1', '2026-05-20T08:00:00.000Z'));
  await press(door, mixed('rev1', '2026-05-20T08:00:00.200Z', 'pH up'));
  expect(mockRan).toHaveLength(1);
  await done();
  expect(mockRan).toHaveLength(2);
});
