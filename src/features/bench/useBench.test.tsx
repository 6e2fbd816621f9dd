import { act as settle, renderHook } from '@testing-library/react';
import type { BenchAnswer } from '@/book/answers';
import type { Change } from '@/records';
import { useBench } from './useBench';

const ran: (readonly Change[])[] = [];
const booked: (readonly Change[])[] = [];
let mockFails = false;
let mockNotice: { kind: string } | undefined;
let mockTell: () => void = () => undefined;
jest.mock('@/book/react', () => ({
  useBook: () => ({
    client: { bench: async () => null },
    acts: {
      newActId: () => 'act',
      subscribe: (listener: () => void) => {
        mockTell = listener;
        return () => undefined;
      },
      current: () => mockNotice,
      run: async (act: { changes: readonly Change[] }) => {
        ran.push(act.changes);
        return mockFails ? undefined : ['d1'];
      },
    },
  }),
  useAct: () => ({
    act: async (act: { changes: readonly Change[] }) => {
      booked.push(act.changes);
      return ['s1'];
    },
  }),
}));

const answer = {
  pen: { id: 'p1', body: { code: 'P1' }, sides: [] },
  lots: [],
} as unknown as BenchAnswer;
const opened = () => renderHook(() => useBench(answer, 'ph'));

beforeEach(() => {
  ran.length = 0;
  booked.length = 0;
  mockNotice = undefined;
  mockFails = false;
});

test('two things within one frame both count, and the second knows the record of the first', async () => {
  const { result } = opened();
  await settle(async () => {
    const { change, add } = result.current;
    change({ dipSinceMs: 1, stillSinceMs: 2, typed: '7.0' });
    change({ typed: '7.02' });
    add({ type: 'giveUp' } as never);
    add({ type: 'again' } as never);
  });
  expect(result.current.draft.events).toHaveLength(2);
  expect(ran.map(([step]) => step!.recordId)).toEqual([undefined, 'd1', 'd1', 'd1']);
  expect(ran[1]![0]!.body).toMatchObject({ dipSinceMs: 1, stillSinceMs: 2, typed: '7.02' });
});

test('what happened just before the end is in the check', async () => {
  const { result } = opened();
  const plan = { cups: [] } as never;
  await settle(async () => {
    const { change, add, finish } = result.current;
    change({ plan });
    add({ type: 'last' } as never);
    expect(await finish('inTolerance')).toBe(true);
  });
  const session = booked[0]!.find(({ kind }) => kind === 'session')!;
  expect(session.body).toMatchObject({ events: [{ type: 'last' }], outcome: 'inTolerance' });
  expect(booked[0]![0]).toMatchObject({ kind: 'benchDraft', recordId: 'd1', body: null });
});

test('typing is written after a pause, once, as it stands then', async () => {
  jest.useFakeTimers();
  const { result } = opened();
  await settle(async () => {
    for (const typed of ['6', '6.', '6.9']) result.current.type(typed);
    await jest.advanceTimersByTimeAsync(1000);
  });
  jest.useRealTimers();
  expect(ran).toHaveLength(1);
  expect(ran[0]![0]!.body).toMatchObject({ typed: '6.9' });
});

const READ_MS = Date.UTC(2026, 4, 1, 8);
const read = { type: 'read', phase: 'asFound', cupId: '7', shown: 7.2, atMs: READ_MS } as const;

test('begun anew the sitting is empty; taken back it stands as it was', async () => {
  const { result } = opened();
  await settle(async () => {
    result.current.change({ plan: { cups: [] } as never });
    result.current.add(read);
    await result.current.beginAnew();
  });
  expect(result.current.draft).toMatchObject({ events: [], plan: undefined });
  expect(ran.at(-1)![0]).toMatchObject({ recordId: 'd1', body: { events: [] } });
  await settle(async () => {
    mockNotice = { kind: 'takenBack' };
    mockTell();
  });
  expect(result.current.draft.events).toEqual([read]);
});

test('what an old sitting found is booked for the time it was read, and the sitting begins anew', async () => {
  const { result } = opened();
  await settle(async () => {
    result.current.change({ plan: { cups: [] } as never });
    result.current.add(read, { type: 'adjust' });
    await result.current.keepWhatWasFound('leftOut');
  });
  const [draft, session] = ran.at(-1)!;
  expect(session).toMatchObject({
    kind: 'session',
    body: { outcome: 'leftOut', finishedAt: new Date(READ_MS).toISOString() },
  });
  expect(draft).toMatchObject({ kind: 'benchDraft', recordId: 'd1', body: { events: [] } });
});

test('cleaned and dipped again: the miss, the cleaning after it, and a fresh check in the same cups', async () => {
  const { result } = opened();
  await settle(async () => {
    result.current.change({ plan: { cups: [] } as never });
    result.current.add(read);
    await result.current.cleanedDipAgain('leftOut');
  });
  const [draft, session, cleaned] = ran.at(-1)!;
  expect(draft).toMatchObject({
    kind: 'benchDraft',
    body: { events: [], afterCleaning: true, plan: { cups: [] } },
  });
  expect(session).toMatchObject({ body: { outcome: 'leftOut', events: [read] } });
  const timeOf = (change: Change | undefined, field: string) =>
    Date.parse((change?.body as Record<string, string>)[field]!);
  // The cleaning tells nothing of what was found before it.
  expect(timeOf(cleaned, 'at')).toBeGreaterThan(timeOf(session, 'finishedAt'));
  expect(result.current.draft).toMatchObject({ events: [], afterCleaning: true });
});

test('begun anew twice in one press is one act; where it fails the sitting stays as it was', async () => {
  const { result } = opened();
  await settle(async () => {
    result.current.change({ plan: { cups: [] } as never });
    result.current.add(read);
  });
  const steps = ran.length;
  await settle(async () => {
    await Promise.all([
      result.current.keepWhatWasFound('leftOut'),
      result.current.keepWhatWasFound('leftOut'),
    ]);
  });
  expect(ran).toHaveLength(steps + 1);
  await settle(async () => {
    result.current.change({ plan: { cups: [] } as never });
    result.current.add(read);
  });
  mockFails = true;
  await settle(async () => result.current.cleanedDipAgain('leftOut'));
  expect(result.current.draft.events).toEqual([read]);
});
